import { randomUUID } from "node:crypto";
import { keepingVersion } from "@apron/core/keeping";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { kitchenCatalogues } from "../src/context/kitchen-catalogue.ts";
import { redateKitchens } from "../src/cook/redate.ts";
import {
  aLot,
  bringRecipes,
  openTestKitchen,
  usableLot,
  type Browser,
  type TestKitchen,
} from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
  await bringRecipes(kitchen, wren);
});
afterAll(() => kitchen.close());

const redate = () => redateKitchens(kitchen.deps, kitchenCatalogues(kitchen.deps.catalogue));
const version = async (): Promise<number> => {
  const [row] = await kitchen.owner.query<{ dates_version: number }[]>("select dates_version from kitchen");
  return row?.dates_version ?? -1;
};
const byOlderRules = async (): Promise<void> => {
  await kitchen.owner.query("update kitchen set dates_version = 0");
};

describe("dates made by older rules", () => {
  let [tub, chard] = ["", ""];
  let [printed, spoilsOn] = ["", ""];
  beforeAll(async () => {
    const leaves = await usableLot(wren, "chard", 400);
    const used = [
      { lineId: "green-1", ingredient: "chard", lotId: leaves.id, grams: 150 },
      { lineId: "nut-2", ingredient: "hazelnut", lotId: null, grams: 60 },
      { lineId: "oil-4", ingredient: "rapeseed-oil", lotId: null, grams: 90 },
    ];
    const body = {
      ...{ id: randomUUID(), recipeId: "chard-and-hazelnut-pesto", version: 1, batches: 1, used },
      ...{
        weighedG: null,
        leftOvers: [],
        containers: [{ kind: "tub" as const, count: 1, place: "fridge" as const }],
      },
    };
    const [container] = (await wren.call("finishMake", { body })).body.containers;
    [tub, printed] = [container?.id ?? "", container?.useBy ?? ""];
    const lot = (await wren.call("logLot", { body: aLot("chard", "300") })).body;
    [chard, spoilsOn] = [lot.id, lot.freshness.spoilsOn];
  });
  const useBy = async (): Promise<string | undefined> =>
    (await wren.call("listLarder", {})).body.containers.find((one) => one.id === tub)?.useBy;
  const stored = async (): Promise<string> => {
    const [row] = await kitchen.owner.query<{ day: string }[]>(
      "select spoils_on::text as day from lot where id = $1",
      [chard],
    );
    return row?.day ?? "";
  };

  it("are worked out anew once, for what is stored and what is in stock", async () => {
    await kitchen.owner.query("update container set use_by = use_by + 30, reason = 'older' where id = $1", [
      tub,
    ]);
    await kitchen.owner.query("update lot set spoils_on = spoils_on + 300 where id = $1", [chard]);
    await byOlderRules();
    await redate();
    expect(await useBy()).toBe(printed);
    expect(await stored()).toBe(spoilsOn);
    expect(await version()).toBe(keepingVersion);
  });

  it("never gets later by it: a label keeps the earlier date that was printed", async () => {
    await kitchen.owner.query("update container set use_by = use_by - 1 where id = $1", [tub]);
    await byOlderRules();
    await redate();
    expect((await useBy()) ?? "").toBe(
      new Date(Date.parse(`${printed}T00:00:00Z`) - 86_400_000).toISOString().slice(0, 10),
    );
  });

  it("are left alone where they come from today's rules", async () => {
    await kitchen.owner.query("update lot set spoils_on = spoils_on + 300 where id = $1", [chard]);
    await redate();
    expect(await stored()).not.toBe(spoilsOn);
    await byOlderRules();
    await redate();
    expect(await stored()).toBe(spoilsOn);
  });

  it("a kitchen that fails is said so, keeps its dates, and is tried again", async () => {
    await byOlderRules();
    const broken = {
      ...kitchen.deps,
      database: { ...kitchen.deps.database, write: () => Promise.reject(new Error("no")) },
    };
    await redateKitchens(broken, kitchenCatalogues(kitchen.deps.catalogue));
    expect(kitchen.logged.some((entry) => entry.startsWith("dates not worked out anew"))).toBe(true);
    expect(await version()).toBe(0);
    await redate();
    expect(await version()).toBe(keepingVersion);
  });
});
