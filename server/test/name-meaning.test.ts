import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
});
afterAll(() => kitchen.close());

const means = (name: string, ingredient: string | null) =>
  wren.call("setNameMeaning", { body: { name, ingredient } });
const readAs = async (text: string) =>
  (await wren.call("readLines", { body: { lines: [text] } })).body.lines[0];

describe("a name that could mean several foods", () => {
  it("is asked about, answered once, and not asked again, in any number or case", async () => {
    expect((await readAs("2 tbsp vinegar"))?.ingredient.kind).toBe("ask");
    const answered = await means("Vinegar", "cider-vinegar");
    expect([answered.status, answered.body.kitchen.meanings]).toEqual([201, { vinegar: "cider-vinegar" }]);
    expect((await readAs("2 tbsp vinegar"))?.ingredient).toMatchObject({ kind: "one", id: "cider-vinegar" });
    expect((await readAs("1 cup Vinegars"))?.ingredient).toMatchObject({ id: "cider-vinegar" });
  });

  it("is asked again once its answer is forgotten", async () => {
    expect((await means("vinegar", null)).body.kitchen.meanings).toEqual({});
    expect((await readAs("2 tbsp vinegar"))?.ingredient.kind).toBe("ask");
  });

  it("means nothing that is not in the list, and two tablets' answers both stay", async () => {
    expect((await means("vinegar", "moon-dust")).problem.code).toBe("ingredient-unknown");
    const both = await Promise.all([means("vinegar", "cider-vinegar"), means("cheese", "feta")]);
    expect(both.map((one) => one.status)).toEqual([201, 201]);
    const { kitchen: now } = (await wren.call("currentSession", {})).body;
    expect(now.meanings).toEqual({ vinegar: "cider-vinegar", cheese: "feta" });
  });
});
