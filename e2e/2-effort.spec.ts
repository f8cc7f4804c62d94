import { amountField, ask, Effort, logLot, notice, signInDemo, simulateLoad, tell } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "2-effort" });

/** Clicks and keys, each counted as one; piling produce on the scale is the cook's own hands. */
test.beforeEach(async ({ page }) => {
  await signInDemo(page);
});

test("log a weighed lot in at most 6", async ({ page }) => {
  await simulateLoad(page, 430);
  const effort = new Effort(page);
  await effort.type("run");
  await expect(page.getByRole("option").first()).toHaveText(/runner bean/);
  await effort.press("Enter");
  await expect(amountField(page)).toBeFocused();
  await effort.press("w");
  await effort.press("Enter");
  await expect(notice(page)).toContainText("430 g runner bean");
  expect(effort.spent).toBeLessThanOrEqual(6);
});

test("log a weighed lot from the chips in at most 6", async ({ page }) => {
  await simulateLoad(page, 790);
  const effort = new Effort(page);
  await effort.click(page.getByTestId("usual-items").getByRole("button").first());
  await effort.press("w");
  await effort.press("Enter");
  await expect(notice(page)).toContainText("790 g");
  expect(effort.spent).toBeLessThanOrEqual(6);
});

test("log a box share of five things in at most 20", async ({ page }) => {
  const effort = new Effort(page);
  await effort.click(page.locator('nav a[href="/basket"]'));
  await effort.click(page.getByTestId("choose-several"));
  const form = page.getByTestId("intake");
  const chips = form.getByTestId("usual-items").getByRole("button");
  for (const [i, grams] of [340, 910, 275, 1120, 60].entries()) {
    await simulateLoad(page, grams);
    await effort.click(chips.nth(i));
    await effort.press("w");
    const fields = form.getByTestId("delivery-rows").getByRole("textbox");
    await expect(fields.nth(i)).toHaveValue(`${grams} g`);
  }
  await effort.press("Enter");
  await expect(notice(page)).toContainText("Logged 5 items");
  expect(effort.spent).toBeLessThanOrEqual(20);
});

test("record a trim in at most 5", async ({ page }) => {
  const { lots } = await ask<{ lots: { id: string; grams: number }[] }>(page, "/api/lots?state=raw&limit=1");
  const { methods } = await ask<{ methods: { usable: { value: number } }[] }>(
    page,
    `/api/lots/${lots[0]?.id}/trim-options`,
  );
  await simulateLoad(page, Math.round(methods[0]?.usable.value ?? 0));
  const effort = new Effort(page);
  await effort.click(page.locator('nav a[href="/trim"]'));
  await expect(page.locator("#trim-usable")).toBeFocused();
  await effort.press("w");
  await effort.press("Enter");
  await expect(notice(page)).toContainText("ready. Use by");
  expect(effort.spent).toBeLessThanOrEqual(5);
});

test("see the best use of today's surplus in at most 2", async ({ page }) => {
  await expect(page.getByText("Best use of today's surplus")).toBeVisible();
  const effort = new Effort(page);
  await effort.click(page.locator('nav a[href="/match"]'));
  await expect(page.getByRole("article").first()).toContainText("saved from spoiling");
  expect(effort.spent).toBeLessThanOrEqual(2);
});

test("scale a recipe to all of a lot in at most 3", async ({ page }) => {
  const effort = new Effort(page);
  await effort.click(page.getByTestId("make-best"));
  const group = page.getByTestId("how-much");
  const lot = group.getByRole("button").first();
  await effort.click(lot);
  await expect(lot).toHaveAttribute("aria-pressed", "true");
  await expect(group.getByText(/g a batch: [\d.]+ batch/)).toBeVisible();
  expect(effort.spent).toBeLessThanOrEqual(3);
});

test("log a finished batch into three jars in at most 8", async ({ page }) => {
  await logLot(page, "carrot-tops", "300");
  await page.goto("/cook/carrot-top-pesto");
  await expect(page.getByRole("heading", { name: "Carrot-top pesto with sunflower seeds" })).toBeVisible();
  const effort = new Effort(page);
  const estimate = page.getByTestId("use-estimates");
  if (await estimate.isVisible()) {
    await effort.click(estimate);
    await expect(estimate).toBeHidden();
  }
  await effort.click(page.getByTestId("store-jar-fridge"));
  while ((await page.locator("#container-0-count").inputValue()) !== "3")
    await effort.click(page.getByTestId("one-more"));
  await effort.click(page.getByTestId("finish-batch"));
  await expect(notice(page)).toContainText("in 3 × 200 ml jar");
  expect(effort.spent).toBeLessThanOrEqual(8);
});

test("take one portion from the larder in at most 3", async ({ page }) => {
  const effort = new Effort(page);
  await effort.click(page.locator('nav a[href="/larder"]'));
  await effort.click(page.getByTestId("take-one").first());
  await expect(notice(page)).toContainText("taken");
  expect(effort.spent).toBeLessThanOrEqual(3);
});

test("the next estimate is better after weighing", async ({ page }) => {
  const lot = await logLot(page, "fennel-bulb", "800");
  const before = await ask<{
    methods: { method: string; next: { low: number; high: number }; ownWeighings: number }[];
  }>(page, `/api/lots/${lot.id}/trim-options`);
  const usual = before.methods[0];
  await tell(page, "/api/trims", {
    id: crypto.randomUUID(),
    lotId: lot.id,
    method: usual?.method,
    rawG: 800,
    usableG: 560,
  });
  const again = await logLot(page, "fennel-bulb", "800");
  await page.goto(`/trim/${again.id}`);
  await expect(page.getByRole("img", { name: /from 1 weighing/ })).toBeVisible();
});
