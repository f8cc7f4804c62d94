import type { Page } from "@playwright/test";
import { ask, notice, enterDemo, tell } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "9-recipes" });

test.beforeEach(async ({ page }) => {
  await enterDemo(page);
});

type Opened = {
  version: number;
  formula: { name: string; lines: { grams: number; fillers: { ingredient: string }[] }[]; unread: string[] };
};

test("find by any name, kind, diet and allergen", async ({ page }) => {
  await page.goto("/recipes");
  const cards = page.getByRole("main").getByRole("listitem");
  await page.getByTestId("search-recipes").fill("tomatillo");
  await expect(cards).toHaveCount(1);
  await expect(cards.first()).toContainText("Farro with tomatillos");
  await page.getByTestId("search-recipes").fill("");
  await page.locator("#recipe-kind").click();
  await page.getByRole("option", { name: "Pesto" }).click();
  await expect(cards.first()).toContainText("Pesto");
  await page.locator("#recipe-without").click();
  await page.getByRole("option", { name: "No nuts" }).click();
  await expect(page.getByRole("heading", { name: "Carrot-top pesto" })).toBeVisible();
  await expect(page.getByRole("heading", { name: "Chard and hazelnut" })).toBeHidden();
  await page.locator("#recipe-diet").click();
  await page.getByRole("option", { name: "Vegan" }).click();
  await expect(page.getByText("No recipes match these filters.")).toBeVisible();
});

async function openEditor(page: Page, id: string): Promise<void> {
  await page.goto(`/recipes/${id}/edit`);
  await expect(page.locator("#recipe-name")).not.toHaveValue("");
}

test("two people edit one recipe: the second is told, and nothing is overwritten", async ({
  page,
  browser,
}) => {
  const second = await browser.newPage();
  await enterDemo(second);
  for (const one of [page, second]) await openEditor(one, "rubbed-kale-and-apple");
  await page.getByTestId("line-1").locator('[id$="-amount"]').fill("200");
  await second.getByTestId("line-2").locator('[id$="-amount"]').fill("90");
  await page.getByTestId("save-recipe").click();
  await expect(notice(page)).toContainText("version 2");
  await second.getByTestId("save-recipe").click();
  await expect(second.getByRole("alert")).toContainText(
    "Wren saved version 2 while you were editing version 1",
  );
  await second.reload();
  await expect(second.getByTestId("line-2").locator('[id$="-amount"]')).toHaveValue("90");
  await second.getByTestId("save-recipe").click();
  await second.getByTestId("save-over").click();
  await expect(notice(second)).toContainText("version 3");
  await second.getByTestId("tab-recipe-versions").click();
  const changed = second.getByTestId("compare-versions");
  await expect(changed).toContainText("200 g kale");
  await second.getByTestId("make-default-2").click();
  await expect(notice(second)).toContainText("Version 2 is now the default");
  expect((await ask<Opened>(second, "/api/recipes/rubbed-kale-and-apple")).formula.lines[0]?.grams).toBe(200);
  await second.close();
});

test("a slot that cannot be filled is refused at its line, and what was typed stays", async ({ page }) => {
  await page.goto("/recipes/new");
  await page.locator("#recipe-name").fill("Half a bowl");
  const line = page.getByTestId("line-1");
  await line.locator('[id$="-what"]').fill("lovage");
  await page.keyboard.press("Enter");
  await line.locator('[id$="-amount"]').fill("2 bunches");
  await line.getByTestId("line-options").getByRole("button").first().click();
  await line.locator('[id$="-strong"]').fill("25");
  await page.locator('[id$="-text"]').first().fill("Chop.");
  await page.getByTestId("save-recipe").click();
  await expect(line.getByRole("alert")).toContainText("at most 25 %");
  await expect(page.locator("#recipe-name")).toHaveValue("Half a bowl");
  await line.locator('[id$="-strong"]').fill("100");
  await page.getByTestId("save-recipe").click();
  await expect(page.getByRole("heading", { name: "Half a bowl" })).toBeVisible();
  await expect(page.getByRole("main")).toContainText("“2 bunches”");
});

test("what may stand in for a line, and what another size does to the time", async ({ page }) => {
  await page.goto("/recipes/roast-squash-and-leek-dip");
  await page.locator("tr", { hasText: "kabocha" }).getByTestId("substitutes").click();
  await expect(page.getByRole("listitem").filter({ hasText: "butternut" }).first()).toContainText(
    /gram|weight/,
  );
  await page.getByTestId("size-times").getByRole("button").first().click();
  await page.locator("#size-mm").fill("40");
  await expect(page.getByRole("listitem").filter({ hasText: "check after" })).toContainText(
    "check after 52 min, done by 83 min",
  );
  await page.locator("#size-mm").fill("4000");
  await expect(page.getByText(/up to 400 mm/)).toBeVisible();
});

test("for other diners the amounts change with the names, and the version can be kept", async ({ page }) => {
  await page.goto("/recipes/carrot-top-pesto");
  await page.getByTestId("tab-recipe-diners").click();
  const other = page.getByTestId("adapted");
  await expect(other).toContainText(/35 g pecorino.*becomes\s+14 g nutritional yeast/s);
  await expect(other).toContainText("as salty as before");
  await other.getByTestId("save-adapted").click();
  await expect(
    page.getByRole("heading", { name: "Carrot-top pesto with sunflower seeds, vegan" }),
  ).toBeVisible();
});

test("the plate: layers, the dressing by weight, what is left for the salt, voices, bowl", async ({
  page,
}) => {
  await page.goto("/recipes/leek-and-plum-plate");
  await page.getByTestId("tab-recipe-plate").click();
  const layers = page.getByTestId("layers").getByRole("option");
  await expect(layers.first()).toContainText("nasturtium flowers");
  await expect(layers.first()).toContainText("goes on last");
  await expect(layers.last()).toContainText("leek");
  await test.step("the order of the plate is kept with the recipe, and goes back to the steps", async () => {
    await layers.first().click();
    await page
      .getByTestId("layers")
      .getByRole("button", { name: /move down/i })
      .first()
      .click();
    await page.getByTestId("save-layers").click();
    await expect(page.getByTestId("layers-by-steps")).toBeVisible();
    await page.reload();
    await expect(layers.nth(1)).toContainText("nasturtium flowers");
    await page.getByTestId("layers-by-steps").click();
    await expect(page.getByTestId("layers-by-steps")).toBeHidden();
    await expect(layers.first()).toContainText("nasturtium flowers");
  });
  await page.locator("#plate-count").fill("8");
  await page.locator("#plate-count").blur();
  await expect(layers.last()).toContainText("50 g on each plate");
  await expect(page.getByTestId("dressing-by-weight")).toContainText("of the rest");
  await expect(page.getByTestId("salt-budget")).toContainText("salt still to add");
  await page.getByTestId("tab-recipe-cost").click();
  await expect(page.getByRole("cell", { name: "price board" }).first()).toBeVisible();
});

test("three jars, machine loads and what runs out first are planned while making", async ({ page }) => {
  await page.goto("/cook/carrot-top-pesto");
  await page.getByTestId("fill-count").fill("3");
  await page.keyboard.press("Tab");
  await expect(page.getByText(/3 × 200 ml jar with headspace, 5\d\d g ÷/)).toBeVisible();
  await expect(page.getByText(/start with \d+ g, add \d+ g at a time, up to \d+ g/)).toBeVisible();
  await page.getByTestId("how-much").getByRole("combobox").click();
  await page.getByRole("option", { name: "machine loads" }).click();
  await expect(page.getByText("3 equal loads of 450 g.").first()).toBeVisible();
  // A large make rounds to nothing; a single portion does not.
  await expect(page.getByText(/oil to acid is/)).toBeHidden();
  await page.locator("#servings").fill("1");
  await page.keyboard.press("Tab");
  await expect(page.getByText(/oil to acid is [\d.]+ instead of [\d.]+ to 1/)).toBeVisible();
});

test("out as JSON-LD and Markdown, back in as the same; on a card for the wall", async ({ page }) => {
  await page.goto("/recipes/lovage-green-sauce");
  const download = page.waitForEvent("download");
  await page.locator('a[href$=".jsonld"]').click();
  const stream = await (await download).createReadStream();
  let text = "";
  for await (const piece of stream) text += String(piece);
  expect(JSON.parse(text)).toMatchObject({ "@type": "Recipe", name: "Lovage green sauce" });
  await page.goto("/recipes/import");
  await page.locator("#recipe-paste").fill(text);
  const review = page.getByTestId("recipe-review");
  await expect(review.getByRole("row", { name: /^80 g parsley/ })).toContainText("80 g parsley");
  await page.goto("/recipes/lovage-green-sauce/card");
  await expect(page.getByTestId("recipe-card")).toContainText("110 g");
});

test("a dressing is kept as a recipe and poured into a salad; the jar weighed back is remembered", async ({
  page,
}) => {
  await page.goto("/dressing");
  await expect(page.getByTestId("dressing-left")).toContainText(/left over; use by/);
  await page.getByTestId("weigh-jar").getByRole("button").first().click();
  await page.locator("#jar-before").fill("420");
  await page.locator("#jar-after").fill("430");
  await page.getByTestId("weigh-jar").getByTestId("send").click();
  await expect(page.getByRole("alert")).toContainText("Swap them?");
  await page.locator("#jar-after").fill("375");
  await page.getByTestId("weigh-jar").getByTestId("send").click();
  await expect(notice(page)).toContainText("Used 45 g. The estimate now rests on 1 own weighing");
  await page.getByTestId("choose-save").click();
  await page.locator("#dressing-name").fill("Everyday red");
  await page.locator("#dressing-into").click();
  await page.getByRole("option", { name: "Runner beans with walnuts" }).click();
  await page.getByText("use half for roasting").click();
  await page.getByTestId("use-dressing").getByTestId("send").click();
  await expect(notice(page)).toContainText("Saved Everyday red and added it to Runner beans");
  await expect(page.getByRole("link", { name: "Everyday red" }).first()).toBeVisible();
  const salad = await ask<{ formula: { lines: { recipe: string | null; grams: number }[] } }>(
    page,
    "/api/recipes/runner-beans-with-walnuts",
  );
  expect(
    salad.formula.lines.filter((line) => line.recipe === "everyday-red").map((line) => line.grams),
  ).toEqual([30, 30]);
});

test("targets of the cook's own, and flavour, move the ratio at once", async ({ page }) => {
  await page.goto("/dressing");
  await page.getByTestId("own-targets").getByRole("button").first().click();
  await page.locator("#dressing-ratio").fill("4");
  // Four to one as poured, of a 6 % vinegar, is 3.3 to one by strength.
  await expect(page.getByText("4 : 1", { exact: true }).first()).toBeVisible();
  await page.getByTestId("choose-by-strength").click();
  await expect(page.getByTestId("ratio-place")).toContainText(/^4\.0 parts oil to 1 part acid by strength/);
  await page.getByTestId("chips-flavours").getByRole("button", { name: "garlic" }).click();
  await expect(page.getByTestId("dressing-mix")).toContainText("garlic");
  await expect(page.getByTestId("dressing-left")).toContainText("use by");
});

test("a recipe is archived, found among those, and restored by undoing", async ({ page }) => {
  await page.goto("/recipes/quick-pickled-kohlrabi/versions");
  await page.getByTestId("archive-recipe").click();
  await expect(notice(page)).toContainText("Archived Quick-pickled kohlrabi");
  await page.locator('nav a[href="/recipes"]').click();
  const heading = page.getByRole("heading", { name: "Quick-pickled kohlrabi" });
  await page.getByTestId("search-recipes").fill("quick-pickled");
  await expect(heading).toBeHidden();
  await page.getByTestId("show-archived").click();
  await expect(heading).toBeVisible();
  await page.getByTestId("undo").click();
  await expect(heading).toBeHidden();
});

test("what was really used becomes the default version", async ({ page }) => {
  const { versions } = await ask<{ versions: unknown[] }>(
    page,
    "/api/recipes/kohlrabi-and-fennel-slaw/versions",
  );
  expect(versions.length).toBe(1);
  const id = crypto.randomUUID();
  await tell(page, "/api/batches", {
    id,
    recipeId: "kohlrabi-and-fennel-slaw",
    version: 1,
    batches: 1,
    used: [
      { lineId: "body-1", ingredient: "kohlrabi", lotId: null, grams: 300 },
      { lineId: "acid-5", ingredient: "cider-vinegar", lotId: null, grams: 44 },
    ],
    weighedG: null,
    containers: [{ kind: "bowl", count: 1, place: "fridge" }],
  });
  await page.goto("/recipes/kohlrabi-and-fennel-slaw");
  await page.getByTestId("tab-recipe-versions").click();
  await page.getByTestId("save-used").first().click();
  await expect(notice(page)).toContainText("Version 2 has the amounts really used");
  await expect(page.getByTestId("compare-versions")).toContainText("44 g cider vinegar");
});
