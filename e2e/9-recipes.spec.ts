import type { Page } from "@playwright/test";
import { ask, Effort, notice, signInDemo, tell } from "./cook.ts";
import { expect, slowdown, test } from "./kitchen-test.ts";

test.use({ ofFile: "9-recipes" });

test.beforeEach(async ({ page }) => {
  await signInDemo(page);
});

const slaw = `Windfall slaw
Serves 4

2 medium kohlrabi (about 500 g), peeled, in matchsticks
150 g apple, in matchsticks
3 tbsp cider vinegar
1–2 tsp honey
salt to taste
a little moondust

Method
Stir salt and honey into the vinegar.
Dress and leave to stand for 30 minutes.`;

const jsonOf = (names: readonly string[]): string =>
  JSON.stringify({
    "@graph": names.map((name) => ({
      "@type": "Recipe",
      name,
      recipeYield: "4 servings",
      recipeIngredient: ["200 g samphire, washed", "20 g olive oil", "2 g salt"],
      recipeInstructions: [{ "@type": "HowToStep", text: "Wash, wilt and dress." }],
    })),
  });

type Opened = {
  version: number;
  formula: { name: string; lines: { grams: number; fillers: { ingredient: string }[] }[]; unread: string[] };
};

test("paste a recipe to saved in at most 6", async ({ page, context }) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  await page.evaluate((text) => navigator.clipboard.writeText(text), slaw);
  const effort = new Effort(page);
  await effort.click(page.locator('nav a[href="/recipes"]'));
  await effort.click(page.getByTestId("import-recipes"));
  await expect(page.locator("#recipe-paste")).toBeFocused();
  await effort.press("Control+v");
  const review = page.getByTestId("recipe-review");
  await expect(review.locator("#review-title")).toHaveValue("Windfall slaw");
  await expect(
    review.getByRole("row", { name: /3 tbsp cider vinegar .*about 45 g cider vinegar/ }),
  ).toBeVisible();
  await effort.click(review.getByTestId("use-proposal"));
  await effort.click(review.getByTestId("save-recipe"));
  await expect(notice(page)).toContainText("Saved Windfall slaw");
  await expect(page.getByRole("heading", { name: "Windfall slaw" })).toBeVisible();
  await expect(page.getByTestId("open-questions")).toContainText("“a little moondust” was not understood");
  expect(effort.spent).toBeLessThanOrEqual(6);
  const saved = await ask<Opened>(page, "/api/recipes/windfall-slaw");
  expect(saved.formula.lines.map((line) => line.fillers[0]?.ingredient)).toEqual([
    "kohlrabi",
    "apple",
    "cider-vinegar",
    "honey",
    "salt-sea-fine",
  ]);
  expect(saved.formula.unread).toEqual(["a little moondust"]);
});

test("a line that was not understood is answered in the review", async ({ page }) => {
  await page.goto("/recipes/import");
  await page.locator("#recipe-paste").fill("Fog bowl\nIngredients\n120 g fog\n30 g walnuts\nMethod\nMix.");
  const review = page.getByTestId("recipe-review");
  // The amount that was written stays; only the food is asked.
  await review.locator('[id^="line-"]').fill("lamb's lettuce");
  await page.keyboard.press("Enter");
  await review.getByTestId("save-recipe").click();
  await expect(page.getByRole("heading", { name: "Fog bowl" })).toBeVisible();
  const saved = await ask<Opened>(page, "/api/recipes/fog-bowl");
  expect(saved.formula.lines[0]).toMatchObject({ grams: 120, fillers: [{ ingredient: "corn-salad" }] });
  expect(saved.formula.unread).toEqual([]);
});

const twoDishes =
  "Sharp leaves\nServes 2\n100 g rocket\n2 tbsp vinegar\n\n1. Dress the leaves.\n\nPlum bowl\nServes 2\n300 g plums\nsome words nobody can read\n\n1. Halve and eat.";

test("two recipes in one paste: each line is what the cook says it is; a name is asked once and remembered", async ({
  page,
}) => {
  await page.goto("/recipes/import");
  await page.locator("#recipe-paste").fill(twoDishes);
  const found = page.getByRole("list", { name: "Recipes found" });
  await expect(found.getByRole("button")).toHaveText(["Sharp leaves", "Plum bowl"]);
  const review = page.getByTestId("recipe-review");
  await review.getByTestId("pick-cider-vinegar").click();
  await expect(review.getByRole("row", { name: /^2 tbsp vinegar .*about 30 g cider vinegar/ })).toBeVisible();

  await found.getByRole("button", { name: "Plum bowl" }).click();
  await expect(review.locator("#review-title")).toHaveValue("Plum bowl");
  await review.getByTestId("leave-out").click();
  await review
    .getByRole("row", { name: /Halve and eat/ })
    .getByTestId("line-acts")
    .click();
  await page.getByRole("menuitem", { name: "Move up" }).click();
  await review.getByRole("button", { name: "Add an ingredient" }).click();
  await review.locator('[id^="text-"]').last().fill("1 tsp honey");
  await page.keyboard.press("Enter");
  await expect(review.getByRole("row", { name: /^1 tsp honey .*about 7 g honey/ })).toBeVisible();
  // Everything that was said is still there after a reload.
  await page.reload();
  await expect(page.getByText(/Found 2 recipes; 2 can be saved/)).toBeVisible();
  await page.getByTestId("save-recipes").click();
  await expect(notice(page)).toContainText("Saved 2 recipes");
  const plums = await ask<Opened & { formula: { notes: string } }>(page, "/api/recipes/plum-bowl");
  expect(plums.formula.lines.map((line) => line.fillers[0]?.ingredient)).toEqual(["plum", "honey"]);
  expect([plums.formula.notes, plums.formula.unread]).toEqual(["some words nobody can read", []]);

  await page.goto("/recipes/import");
  await page.locator("#recipe-paste").fill("Another\n2 tbsp vinegar\n1 apple\nMix it all well and serve.");
  await expect(review.getByRole("row", { name: /^2 tbsp vinegar .*about 30 g cider vinegar/ })).toBeVisible();
});

test("a food that is not in the list is added where it is asked for", async ({ page }) => {
  await page.goto("/recipes/import");
  await page
    .locator("#recipe-paste")
    .fill("Odd bowl\n100 g glimmerroot\n1 apple\nMix it all well and serve.");
  const review = page.getByTestId("recipe-review");
  await review.getByTestId("add-own").click();
  const form = page.getByTestId("own-ingredient");
  await expect(form.locator("#own-name")).toHaveValue("glimmerroot");
  await form.getByTestId("add-ingredient").click();
  await expect(review.getByRole("row", { name: /^100 g glimmerroot .*100 g glimmerroot/ })).toBeVisible();
});

test("a line that names several foods becomes a line for each, asked one by one", async ({ page }) => {
  await page.goto("/recipes/import");
  await page
    .locator("#recipe-paste")
    .fill("Hoja verde\n\nIngredientes\n200 g de lechuga\naceite de oliva, sal\n\nMezclar y servir.");
  const review = page.getByTestId("recipe-review");
  await expect(review.getByRole("row", { name: /^aceite de oliva, sal/ })).toContainText(/oil.*salt/s);
  await review.getByTestId("apart").click();
  await expect(review.getByRole("row", { name: /^aceite de oliva How much\?/ })).toBeVisible();
  await expect(review.getByRole("row", { name: /^sal How much\?/ })).toBeVisible();
});

test("broken and hostile files say what is wrong, run nothing and lose nothing", async ({ page }) => {
  let alerted = false;
  page.on("dialog", (dialog) => {
    alerted = true;
    void dialog.dismiss();
  });
  await page.goto("/recipes/import");
  const box = page.locator("#recipe-paste");
  for (const [text, words] of [
    ['{"@type": "Recipe", "name": ', "This isn't valid JSON"],
    ["[".repeat(5000) + "]".repeat(5000), "nested too deeply"],
    ['{"@type":"Article"}', "No recipe was found"],
  ] as const) {
    await box.fill(text);
    await expect(page.getByRole("alert")).toContainText(words);
    await expect(box).toHaveValue(text);
  }
  await box.fill(
    JSON.stringify({
      "@type": "Recipe",
      name: "Plain <img src=x onerror=alert(1)>plums",
      recipeIngredient: ["200 g plums <script>alert(1)</script>"],
      recipeInstructions: "<b onclick=alert(1)>Halve.</b>",
    }),
  );
  await expect(page.getByTestId("recipe-review").locator("#review-title")).toHaveValue("Plain plums");
  await page.getByTestId("save-recipe").click();
  await expect(page.getByRole("heading", { name: "Plain plums" })).toBeVisible();
  expect(alerted).toBe(false);
});

test("a file of five hundred recipes comes in with its progress shown; a second time nothing doubles", async ({
  page,
}) => {
  test.setTimeout(120_000 * slowdown);
  const names = Array.from({ length: 500 }, (_, i) => `Samphire of day ${i + 1}`);
  const file = {
    name: "library.jsonld",
    mimeType: "application/ld+json",
    buffer: Buffer.from(jsonOf(names)),
  };
  await page.goto("/recipes/import");
  await page.getByTestId("recipe-file").setInputFiles(file);
  await expect(page.getByText(/Found 500 recipes; 500 can be saved/)).toBeVisible();
  await page.getByTestId("save-recipes").click();
  await expect(page.getByText(/Saving \d+ of 500/)).toBeVisible();
  await expect(notice(page)).toContainText("Saved 500 recipes", { timeout: 60_000 });
  const kept = (): Promise<{ total: number }> => ask(page, "/api/recipes?text=samphire%20of%20day&limit=1");
  expect((await kept()).total).toBe(500);
  await page.goto("/recipes/import");
  await page.getByTestId("recipe-file").setInputFiles(file);
  await page.getByTestId("save-recipes").click();
  await expect(notice(page)).toContainText("500 were already here", { timeout: 60_000 });
  expect((await kept()).total).toBe(500);
});

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
  await signInDemo(second);
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
  const layers = page.getByTestId("layers").getByRole("listitem");
  await expect(layers.first()).toContainText("Last");
  await expect(layers.last()).toContainText("leek 400 g");
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
