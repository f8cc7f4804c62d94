import { fillerOf, lineOf, stepOf } from "@apron/core/recipes";
import type { Page } from "@playwright/test";
import { ask, forGood, logLot, loseAnswers, notice, enterDemo, tell } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "12-forms" });

const smokyRice = `Smoky aubergine rice
Serves 4

Ingredients
2 aubergines, charred whole, flesh scooped
2 cups cooked rice
1 lemon, juiced
zest of 1 lemon
100 g samphire

Method
Char the aubergines over a flame for 15 minutes and scoop out the flesh.
Mix everything and serve.`;

async function shop(page: Page, things: readonly string[]): Promise<void> {
  await page.goto("/basket");
  await page.getByTestId("choose-several").click();
  for (const [i, thing] of things.entries()) {
    await page.locator("#intake-line").fill(thing);
    await page.keyboard.press("Enter");
    await expect(page.locator('[data-testid="delivery-rows"] > li')).toHaveCount(i + 1);
  }
  await page.getByTestId("log-intake").click();
  await expect(notice(page)).toContainText(`Logged ${things.length} item`);
}

test("a dish takes food in the form it asks for, prepares no more than that, and takes it back in one act", async ({
  page,
}) => {
  await enterDemo(page);
  const refused: string[] = [];
  page.on("response", (response) => {
    if (response.status() >= 400) refused.push(`${response.status()} ${response.url()}`);
  });
  await shop(page, ["3 aubergines", "4 lemons", "500 g cooked rice"]);

  await page.goto("/recipes/import");
  await page.locator("#recipe-paste").fill(smokyRice);
  const review = page.getByTestId("recipe-review");
  await expect(review.getByText(/316 g cooked/)).toBeVisible();
  await expect(review.getByText(/1\.17 kg as bought/)).toBeVisible();
  await page.getByTestId("save-recipe").click();
  await page.getByTestId("make").click();

  const lines = page.locator("table").first();
  await expect(lines.getByText(/still to do: char whole, then scoop/)).toBeVisible();
  await expect(lines.getByText(/still to do: squeeze/)).toBeVisible();
  await expect(lines.getByText(/still to do: zest/)).toBeVisible();
  await expect(lines.getByText(/from the basket, boiled/)).toBeVisible();
  const box = page.getByTestId("to-prepare");
  // One lemon for both, two aubergines.
  await expect(box).toContainText(/1 lemon, about 110 g \(zest, keep the juice\)/);
  await expect(box).toContainText(/2 aubergines, .*1\.17 kg/);

  await page.getByTestId("use-estimates").click();
  await expect(box).toBeHidden();
  await expect(lines.getByText(/from the basket, roasted/)).toBeVisible();
  await notice(page).getByTestId("undo").click();
  await expect(box).toContainText(/1 lemon, about 110 g \(zest, keep the juice\)/);
  await page.getByTestId("use-estimates").click();
  await expect(box).toBeHidden();

  // What is still to buy is not counted as used until the cook says so.
  await expect(page.getByTestId("to-buy")).toContainText("samphire");
  await page.getByTestId("use-bought").click();
  await expect(page.getByTestId("to-buy")).toBeHidden();
  await page.getByTestId("finish-batch").click();
  await expect(notice(page)).toContainText(/Stored .* Smoky aubergine rice in \d × serving bowl/);
  expect(refused).toEqual([]);
});

test("after a weighed trim nothing is asked of the lot that is gone", async ({ page }) => {
  await enterDemo(page);
  await shop(page, ["431 g kohlrabi"]);
  const refused: string[] = [];
  page.on("response", (response) => {
    if (response.status() >= 400) refused.push(`${response.status()} ${response.url()}`);
  });
  await page.getByRole("article").filter({ hasText: "431 g" }).first().getByTestId("trim-lot").click();
  await page.locator("#trim-usable").fill("300");
  await page.getByTestId("save-trim").click();
  await expect(notice(page)).toContainText("300 g kohlrabi ready");
  // The list has come again without it.
  await expect(page.locator("nav li").filter({ hasText: "431 g" })).toHaveCount(0);
  expect(refused).toEqual([]);
});

/** A dish of one line, saved by the API: `preparation` says what of the food it asks for. */
const saveDish = (page: Page, name: string, line: Record<string, unknown>): Promise<{ id: string }> =>
  tell(page, "/api/recipes", {
    formula: {
      ...{ name, kind: "cooked-salad", servings: 2, makes: null, minutes: 20, gramsPerMl: 0.6 },
      ...{ cautions: [], notes: "", unread: [], keeping: { fridge: "roasted-vegetables", freezer: null } },
      steps: [stepOf("Mix.")],
      lines: [lineOf({ id: "l", role: "body", grams: 100, fillers: [fillerOf("celeriac")] }, line)],
    },
  });

test("preparing whose answer is lost, and tapped again, is done once", async ({ page }) => {
  await enterDemo(page);
  const lot = await logLot(page, "daikon", "2, 1.6 kg");
  const { id } = await saveDish(page, "Daikon alone", {
    ...{ grams: 300, trim: "peel", fillers: [fillerOf("daikon")] },
  });
  await page.goto(`/cook/${id}`);
  await expect(page.getByTestId("to-prepare")).toContainText("1 mooli, yours weighs 800 g (peel)");
  // Where it cannot be finished yet, the way on stands beside the button.
  await expect(page.getByTestId("finish-batch")).toBeDisabled();
  await expect(page.getByTestId("estimate-then-finish")).toBeVisible();
  await loseAnswers(page, /\/api\/trims\/preparations/, forGood);
  const prepare = page.getByTestId("use-estimates");
  await prepare.click();
  // It was done though no answer came; the cook taps again for as long as the page still offers it.
  await expect(async () => {
    if (await prepare.isVisible()) await prepare.click({ timeout: 1000 });
    await expect(page.getByTestId("to-prepare")).toBeHidden({ timeout: 2000 });
  }).toPass({ timeout: 100_000 });
  await page.waitForTimeout(4000);
  expect(await ask<object>(page, `/api/lots/${lot.id}`)).toMatchObject({
    ...{ grams: 800, pieces: { left: 1, eachG: 800 } },
  });
});

test("what another tablet took first is not prepared, and the page shows what is left", async ({ page }) => {
  await enterDemo(page);
  const lot = await logLot(page, "rutabaga", "900 g");
  const { id } = await saveDish(page, "Swede alone", {
    ...{ grams: 500, trim: "peel", eatenRaw: false, fillers: [fillerOf("rutabaga")] },
  });
  await page.goto(`/cook/${id}`);
  const box = page.getByTestId("to-prepare");
  await expect(box).toContainText("swede");
  // The other tablet gives it away while this one does not hear of it.
  await page.route(/\/api\/(?:make-plans|lots|changes)/, (route) => route.abort());
  await tell(page, `/api/lots/${lot.id}/removals`, { fate: "given", grams: 850 });
  await page.getByTestId("use-estimates").click();
  await expect(page.getByText(/only .* is in stock|taken|Check what/)).toBeVisible();
  expect(await ask<object>(page, `/api/lots/${lot.id}`)).toMatchObject({ grams: 50 });
});

test("stems are kept for the dish that asks for them, and another lot can be chosen instead", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 800 });
  await enterDemo(page);
  await logLot(page, "collards", "600 g");
  const { id } = await saveDish(page, "Stems alone", {
    ...{ grams: 100, preparation: "stems only, sliced", eatenRaw: false, fillers: [fillerOf("collards")] },
  });
  await page.goto(`/cook/${id}`);
  await expect(page.getByText(/still to do: .*keep the stems/)).toBeVisible();
  await expect(page.getByTestId("portions")).toContainText("2 portions of about");
  await page.getByTestId("use-estimates").click();
  await expect(page.getByTestId("to-prepare")).toBeHidden();
  await expect(page.getByText(/stems/).first()).toBeVisible();
  const portions = await page.getByTestId("portions").textContent();
  await page.getByTestId("used-grams").first().fill("50");
  await expect(page.getByTestId("portions")).not.toHaveText(portions ?? "");
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
