import type { Page } from "@playwright/test";
import { ask, Effort, notice, enterDemo } from "./cook.ts";
import { expect, slowdown, test } from "./kitchen-test.ts";

test.use({ ofFile: "13-words-in" });

test.beforeEach(async ({ page }) => {
  await enterDemo(page);
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
  await page.goto("/");
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
  await expect(page.getByTestId("open-questions")).toContainText("“a little moondust” is not counted yet");
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
  test.setTimeout(300_000 * slowdown);
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
  await expect(notice(page)).toContainText("Saved 500 recipes", { timeout: 60_000 * slowdown });
  const kept = (): Promise<{ total: number }> => ask(page, "/api/recipes?text=samphire%20of%20day&limit=1");
  expect((await kept()).total).toBe(500);
  await page.goto("/recipes/import");
  await page.getByTestId("recipe-file").setInputFiles(file);
  await page.getByTestId("save-recipes").click();
  await expect(notice(page)).toContainText("500 were already here", { timeout: 60_000 * slowdown });
  expect((await kept()).total).toBe(500);
});

test("several files at once: what can be read is, and the one that cannot is named", async ({ page }) => {
  await page.goto("/recipes/import");
  const file = (name: string, text: string) => ({ name, mimeType: "text/plain", buffer: Buffer.from(text) });
  await page
    .getByTestId("recipe-file")
    .setInputFiles([
      file("leaves.txt", "Quay leaves\nServes 2\n100 g rocket\n20 g walnuts\n\n1. Toss and eat."),
      file("shopping.txt", "call the plumber"),
      file("library.jsonld", jsonOf(["Quay samphire"])),
    ]);
  const found = page.getByRole("list", { name: "Recipes found" });
  await expect(found.getByRole("button")).toHaveText(["Quay leaves", "Quay samphire"]);
  await expect(page.getByRole("alert")).toHaveText(/^shopping\.txt: No recipe was found/);
  await page.getByTestId("save-recipes").click();
  await expect(notice(page)).toContainText("Saved 2 recipes");
});

const clean = `Harbour salad
Serves 4

400 g new potatoes, scrubbed
200 g green beans, trimmed
150 g cherry tomatoes, halved
1 red onion, thinly sliced
60 g black olives
2 tbsp capers
4 eggs
1 tin tuna, drained
3 tbsp olive oil
1 tbsp red wine vinegar
1 tsp Dijon mustard
4 g salt

1. Boil the potatoes for 15 minutes, add the beans for the last 4 minutes, drain and cool.
2. Whisk the oil, vinegar and mustard.
3. Toss everything with the dressing and serve.`;

const pasteInto = async (page: Page, text: string, effort: Effort): Promise<void> => {
  await page.evaluate((words) => navigator.clipboard.writeText(words), text);
  await effort.press("Control+v");
};

test("a clean recipe of twelve lines is pasted and saved in 3", async ({ page, context }) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  await page.goto("/recipes/import");
  await expect(page.locator("#recipe-paste")).toBeFocused();
  const effort = new Effort(page);
  await pasteInto(page, clean, effort);
  const review = page.getByTestId("recipe-review");
  await expect(review.locator("#review-title")).toHaveValue("Harbour salad");
  await effort.click(review.getByTestId("save-recipe"));
  await expect(notice(page)).toContainText("Saved Harbour salad");
  expect(effort.spent).toBeLessThanOrEqual(3);
  const saved = await ask<Opened>(page, "/api/recipes/harbour-salad");
  expect([saved.formula.lines.length, saved.formula.unread]).toEqual([12, []]);
});

test("a recipe with three odd lines is answered and saved in 9", async ({ page, context }) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  await page.goto("/recipes/import");
  await expect(page.locator("#recipe-paste")).toBeFocused();
  const effort = new Effort(page);
  const odd = clean
    .replace("Harbour", "Slipway")
    .replace("200 g green beans, trimmed", "1 lettuce")
    .replace("1 tsp Dijon mustard", "1 tsp mustard")
    .replace("2 tbsp capers", "some moondust");
  await pasteInto(page, odd, effort);
  const review = page.getByTestId("recipe-review");
  await effort.click(review.getByTestId("pick-lettuce-romaine"));
  await effort.click(review.getByTestId("pick-mustard-dijon"));
  await effort.click(review.getByRole("button", { name: "Leave out “some moondust”" }));
  await effort.click(review.getByTestId("save-recipe"));
  await expect(notice(page)).toContainText("Saved Slipway salad");
  expect(effort.spent).toBeLessThanOrEqual(9);
  const saved = await ask<Opened>(page, "/api/recipes/slipway-salad");
  expect([saved.formula.lines.length, saved.formula.unread]).toEqual([11, []]);
});

test("a shop of twenty items is pasted and logged in 6, and 1 for each real question", async ({
  page,
  context,
}) => {
  await page.goto("/");
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  const effort = new Effort(page);
  await effort.click(page.locator('nav a[href="/basket"]'));
  await effort.click(page.getByTestId("choose-several"));
  const several = page.getByTestId("intake");
  await effort.click(several.locator("#intake-line"));
  const shop = [
    ...["2 bunches chard", "6 eggs", "500 g feta", "1 kg onions", "3 aubergines", "4 leeks", "250 g butter"],
    ...[
      "1 head garlic",
      "2 cucumbers",
      "300 g rocket",
      "2 cos lettuces",
      "6 lemons",
      "1.5 kg potatoes",
      "1 celeriac",
    ],
    ...[
      "200 g walnuts",
      "2 tins chickpeas",
      "1 bunch dill",
      "400 g cherry tomatoes",
      "2 kg plums",
      "8 oz honey",
    ],
  ];
  await pasteInto(page, shop.join("\n"), effort);
  const rows = several.getByTestId("delivery-rows").locator("> li");
  await expect(rows).toHaveCount(20);
  const questions = 1;
  await expect(several.getByTestId("open-lines")).toContainText("1 line needs an answer");
  await effort.click(rows.filter({ hasText: "honey" }).getByTestId("ounce-mass"));
  await effort.click(several.getByTestId("log-intake"));
  await expect(notice(page)).toContainText("Logged 20 items");
  expect(effort.spent).toBeLessThanOrEqual(6 + questions);
});

const aPicture =
  "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==";
const pictured = (ingredients: string, image?: string) => ({
  "@type": "Recipe",
  name: "Pictured plums",
  recipeYield: "2 servings",
  ...(image !== undefined && { image: [`data:image/png;base64,${image}`] }),
  recipeIngredient: [ingredients],
  recipeInstructions: "Halve and eat.",
});

test("a picture that comes with a recipe is kept with it", async ({ page }) => {
  await page.goto("/recipes/import");
  await page.locator("#recipe-paste").fill(JSON.stringify(pictured("200 g plums", aPicture)));
  await page.getByTestId("recipe-review").getByTestId("save-recipe").click();
  await expect(page.getByRole("heading", { name: "Pictured plums" })).toBeVisible();
  await expect(page.getByTestId("photo-shown")).toBeVisible();
});

test("of two recipes of one name each keeps its own picture, and one that can't be drawn is named", async ({
  page,
}) => {
  await page.goto("/recipes/import");
  const broken = Buffer.from("not a picture").toString("base64");
  const all = [pictured("300 g plums", broken), pictured("400 g plums"), pictured("500 g plums", aPicture)];
  await page.locator("#recipe-paste").fill(JSON.stringify(all));
  await page.getByTestId("save-recipes").click();
  await expect(notice(page)).toContainText("Saved 3 recipes. The picture of Pictured plums can't be shown.");
  const { recipes } = await ask<{ recipes: { id: string }[] }>(page, "/api/recipes?text=pictured&limit=20");
  const found = await Promise.all(
    recipes.map(async ({ id }) => {
      const { formula, photo } = await ask<{
        formula: { lines: { grams: number | null }[] };
        photo: string | null;
      }>(page, `/api/recipes/${id}`);
      return [formula.lines[0]?.grams, photo !== null] as const;
    }),
  );
  expect(found.sort()).toEqual(
    expect.arrayContaining([
      [300, false],
      [400, false],
      [500, true],
    ]),
  );
});
