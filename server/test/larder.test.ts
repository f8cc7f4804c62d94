import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import type { Container } from "@apron/contract";
import { bringRecipes, openTestKitchen, usableLot, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
  await bringRecipes(kitchen, wren);
});
afterAll(() => kitchen.close());

/** Puts by 300 g of chard pesto of ten portions, in one tub or as asked. */
async function putBy(
  containers: { kind: "jar" | "tub" | "cube"; count: number; place: "fridge" | "freezer" }[],
): Promise<Container[]> {
  const lot = await usableLot(wren, "chard", 400);
  const body = {
    id: randomUUID(),
    recipeId: "chard-and-hazelnut-pesto",
    version: 1,
    batches: 1,
    used: [
      { lineId: "green-1", ingredient: "chard", lotId: lot.id, grams: 150 },
      { lineId: "nut-2", ingredient: "hazelnut", lotId: null, grams: 60 },
      { lineId: "oil-4", ingredient: "rapeseed-oil", lotId: null, grams: 90 },
    ],
    weighedG: null,
    containers,
    leftOvers: [],
  };
  return (await wren.call("finishMake", { body })).body.containers;
}
const tub = async (): Promise<Container> => {
  const [container] = await putBy([{ kind: "tub", count: 1, place: "fridge" }]);
  if (!container) throw new Error("no container");
  return container;
};
const take = (
  id: string,
  body: { grams?: number; fate?: "eaten" | "given" | "discarded" } = {},
  key?: string,
) => wren.call("withdraw", { params: { id }, body }, key);

describe("the larder", () => {
  it("stands in the order of expiry, the freezer behind the fridge", async () => {
    await putBy([
      { kind: "jar", count: 1, place: "fridge" },
      { kind: "cube", count: 10, place: "freezer" },
    ]);
    const { containers } = (await wren.call("listLarder", {})).body;
    const dates = containers.map((c) => c.useBy);
    expect(dates).toEqual([...dates].sort());
    expect(containers.at(-1)?.place).toBe("freezer");
  });

  it("gives out a portion and says what is left", async () => {
    const container = await tub();
    const { status, body } = await take(container.id);
    expect(status).toBe(201);
    expect([body.grams, body.container.remainingG, body.container.portionsLeft]).toEqual([30, 270, 9]);
  });

  it("gives out grams, gives away, and throws all of it away", async () => {
    const container = await tub();
    expect((await take(container.id, { grams: 75, fate: "given" })).body.container.remainingG).toBe(225);
    expect((await take(container.id, { fate: "discarded" })).body).toMatchObject({
      grams: 225,
      container: { remainingG: 0 },
    });
    expect((await take(container.id)).problem.code).toBe("container-empty");
  });

  it.each([
    [{ grams: 301 }, 422, "more-than-on-hand"],
    [{ grams: 0 }, 422, "too-small"],
    [{ grams: -10 }, 422, "too-small"],
    [{ fate: "hidden" }, 422, "not-a-choice"],
  ])("refuses %j and loses nothing", async (body, status, code) => {
    const container = await tub();
    const refused = await take(container.id, body as never);
    expect([refused.status, refused.problem.code]).toEqual([status, code]);
    const { containers } = (await wren.call("listLarder", {})).body;
    expect(containers.find((c) => c.id === container.id)?.remainingG).toBe(300);
  });

  it("never overdraws, however many take at once", async () => {
    const container = await tub();
    const answers = await Promise.all(Array.from({ length: 24 }, () => take(container.id)));
    expect(answers.filter((a) => a.status === 201)).toHaveLength(10);
    expect(answers.filter((a) => a.problem.code === "container-empty")).toHaveLength(14);
    expect(answers.every((a) => a.status < 500)).toBe(true);
  });

  it("takes once for a double tap", async () => {
    const container = await tub();
    const key = randomUUID();
    const twice = await Promise.all([take(container.id, {}, key), take(container.id, {}, key)]);
    expect(twice[0].body.withdrawalId).toBe(twice[1].body.withdrawalId);
    const { containers } = (await wren.call("listLarder", {})).body;
    expect(containers.find((c) => c.id === container.id)?.remainingG).toBe(270);
  });

  it("puts a withdrawal back once, and only once", async () => {
    const container = await tub();
    const taken = (await take(container.id)).body;
    const undo = () => wren.call("undoWithdrawal", { params: { id: taken.withdrawalId } });
    const both = await Promise.all([undo(), undo()]);
    expect(both.map((b) => b.status).sort()).toEqual([201, 409]);
    const back = both.find((b) => b.status === 201);
    expect(back?.body.container.remainingG).toBe(300);
    expect(
      (await wren.call("undoWithdrawal", { params: { id: back?.body.withdrawalId ?? "" } })).problem.code,
    ).toBe("withdrawal-unknown");
  });

  it("gives nothing to eat past a safety date, but lets it be thrown away", async () => {
    const container = await tub();
    kitchen.setNow("2026-09-30T09:00:00");
    const listed = (await wren.call("listLarder", {})).body.containers.find((c) => c.id === container.id);
    expect(listed).toMatchObject({ mayBeEaten: false, band: "over" });
    const refused = await take(container.id);
    expect([refused.status, refused.problem.code]).toEqual([409, "past-use-by"]);
    expect((await take(container.id, { fate: "discarded" })).status).toBe(201);
    kitchen.setNow("2026-09-10T09:00:00");
  });
});

describe("the label", () => {
  it("says what is in it by falling weight, its cautions and its use-by date", async () => {
    const container = await tub();
    const label = (await wren.call("getLabel", { params: { id: container.id } })).body;
    expect(label.ingredients).toEqual(["chard", "rapeseed oil", "hazelnuts"]);
    expect(label.allergens).toEqual(["nuts"]);
    expect(label.container).toMatchObject({ useBy: "2026-09-13", limit: "safety", practice: null });
    expect(label.mustNever).toMatch(/room temperature/);
    expect(label.cautions.map((c) => c.trigger)).toContain("herbs-in-oil");
  });

  it("knows no container that is not there", async () => {
    expect((await wren.call("getLabel", { params: { id: randomUUID() } })).problem.code).toBe(
      "container-unknown",
    );
    expect((await take(randomUUID())).problem.code).toBe("container-unknown");
  });
});
