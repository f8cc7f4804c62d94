import type { Page } from "@playwright/test";
import { notice, signInDemo } from "./cook.ts";
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
  await signInDemo(page);
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
  await expect(box).toContainText(/110 g lemon \(zest\)/);
  await expect(box).toContainText(/1\.17 kg aubergine/);

  await page.getByTestId("use-estimates").click();
  await expect(box).toBeHidden();
  await expect(lines.getByText(/from the basket, roasted/)).toBeVisible();
  await notice(page).getByTestId("undo").click();
  await expect(box).toContainText(/110 g lemon \(zest\)/);
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
  await signInDemo(page);
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
