import type { Page } from "@playwright/test";
import { ask, Effort, enterDemo, logLot, notice, simulateLoad } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "16-batch" });

test.beforeEach(async ({ page }) => {
  await enterDemo(page);
});

type Batches = { batches: { id: string; undoneAt: string | null }[] };
const newest = async (page: Page, recipe: string): Promise<string> =>
  (await ask<Batches>(page, `/api/batches?recipe=${recipe}&limit=1`)).batches[0]?.id ?? "";

/** Prepares by estimate what this make needs, where it needs anything. */
async function prepared(page: Page): Promise<void> {
  await expect(page.getByTestId("makes")).toBeVisible();
  const estimate = page.getByTestId("use-estimates");
  if (await estimate.isVisible()) await estimate.click();
  await expect(page.getByTestId("to-prepare")).toBeHidden();
}

test("on the night a line is swapped, one joined, one left out; eaten and stored in one go, noted, and corrected", async ({
  page,
}) => {
  const lot = await logLot(page, "carrot-tops", "300");
  await page.goto("/cook/carrot-top-pesto");
  await prepared(page);
  const rows = page.getByRole("row");
  await test.step("what the recipe says is changed", async () => {
    await page.getByTestId("change-nut-2").click();
    await page.getByTestId("change-form").getByRole("combobox").fill("pumpkin seed");
    await page
      .getByRole("option", { name: /pumpkin seed/ })
      .first()
      .click();
    await page.getByTestId("swap-other").click();
    await expect(rows.filter({ hasText: "instead of what the recipe says" })).toContainText(/pumpkin seed/i);
    await page.getByTestId("change-allium-6").click();
    await page.getByTestId("leave-out").click();
    await expect(page.getByTestId("line-left-out")).toContainText("garlic");
    await page.getByTestId("join-line").getByRole("button").first().click();
    await page.locator("#join-what").fill("mint");
    await page.getByRole("option", { name: "mint", exact: false }).first().click();
    await page.locator("#join-grams").fill("12");
    await page.getByTestId("join-add").click();
    await expect(rows.filter({ hasText: "not in the recipe" })).toContainText(/mint/i);
  });
  await test.step("two portions are eaten, a jar and cubes are filled", async () => {
    if (await page.getByTestId("use-bought").isVisible()) await page.getByTestId("use-bought").click();
    await page.getByTestId("eat-one-more").click();
    await page.getByTestId("eat-one-more").click();
    await page.getByTestId("store-jar-fridge").click();
    await page.getByTestId("store-cube-freezer").click();
    await page.getByTestId("grams-jar-fridge").fill("90");
    await page.locator("#container-0-count").fill("1");
    await page.locator("#container-1-count").fill("8");
    await page.locator("#container-1-count").blur();
    await page.locator("#batch-next").fill("More mint");
    await page.getByTestId("finish-batch").click();
    await expect(notice(page)).toContainText("Stored");
  });
  const id = await newest(page, "carrot-top-pesto");
  await test.step("the batch tells its course, and notes stand there next time", async () => {
    await page.goto(`/batch/${id}`);
    await expect(page.getByTestId("made-of")).toContainText("mint · not in the recipe");
    await expect(page.getByTestId("stored")).toContainText("90 g");
    await expect(page.getByTestId("stored")).toContainText("8 × ice cube");
    await expect(page.getByTestId("taken")).toContainText("eaten, Wren");
  });
  await test.step("corrected: taken back, and made again with what was typed", async () => {
    await page.getByTestId("correct-batch").click();
    await expect(page.getByText("not in the recipe")).toBeVisible();
    await expect(page.locator("#batch-next")).toHaveValue("More mint");
    await expect(page.getByTestId("used-grams").first()).not.toHaveValue("");
    const { batches } = await ask<Batches>(page, "/api/batches?recipe=carrot-top-pesto&limit=1");
    expect(batches[0]?.undoneAt).not.toBeNull();
    const { grams } = await ask<{ grams: number }>(page, `/api/lots/${lot.id}`);
    expect(grams).toBeGreaterThanOrEqual(0);
  });
});

test("all of it eaten at once needs no container and at most one more act", async ({ page }) => {
  await logLot(page, "lettuce-butterhead", "400");
  await page.goto("/cook/sorrel-and-round-lettuce");
  await prepared(page);
  const effort = new Effort(page);
  await effort.click(page.getByTestId("eat-all"));
  await expect(page.getByTestId("container-row")).toHaveCount(0);
  await effort.click(page.getByTestId("finish-batch"));
  await expect(page.getByTestId("taken")).toContainText("eaten");
  expect(effort.spent).toBeLessThanOrEqual(2);
  await expect(page.getByTestId("stored")).toHaveCount(0);
});

test("oil is poured on the scale: it counts down to the next mark, and what went in is used", async ({
  page,
}) => {
  await page.goto("/cook/chard-and-hazelnut-pesto");
  await simulateLoad(page, 500);
  const row = page.getByRole("row").filter({ hasText: "start with" }).first();
  await row.getByTestId("weigh-back").click();
  await page.getByTestId("pour-start").click();
  const left = page.getByTestId("pour-left");
  await expect(left).toBeVisible();
  await simulateLoad(page, 530);
  await expect(left).not.toHaveText("0 g");
  const before = await left.textContent();
  await simulateLoad(page, 550);
  await expect(left).not.toHaveText(before ?? "");
  await page.getByTestId("pour-stop").click();
  await expect(row.getByTestId("used-grams")).toHaveValue("50");
});

test("a batch is undone from its page, and says so", async ({ page }) => {
  await logLot(page, "carrot-tops", "300");
  await page.goto("/cook/carrot-top-pesto");
  await prepared(page);
  await page.getByTestId("finish-batch").click();
  await expect(notice(page)).toContainText("Stored");
  await page.goto(`/batch/${await newest(page, "carrot-top-pesto")}`);
  await page.locator("#batch-note").fill("Made twice by mistake");
  await page.getByTestId("save-notes").click();
  await expect(page.getByTestId("save-notes")).toBeHidden();
  await page.getByTestId("undo-batch").click();
  await expect(page.getByTestId("undone")).toContainText("back in the basket");
  await page.reload();
  await expect(page.locator("#batch-note")).toHaveValue("Made twice by mistake");
  await expect(page.getByTestId("undo-batch")).toHaveCount(0);
});

test("what is left of a dressing is kept by itself: its own jar, label and date, and it goes back with its dish", async ({
  page,
}) => {
  await logLot(page, "leek", "900");
  await page.goto("/cook/leek-and-plum-plate");
  await prepared(page);
  if (await page.getByTestId("use-bought").isVisible()) await page.getByTestId("use-bought").click();
  const before = (await page.getByTestId("makes").textContent()) ?? "";
  await page.getByTestId("keep-part-0").getByRole("button", { name: "dressing" }).click();
  const kept = page.locator("#kept-0");
  await test.step("more than there is of it is refused at its field, and what was typed stays", async () => {
    await kept.fill("500");
    await page.getByTestId("finish-batch").click();
    await expect(page.locator("#kept-0-problem")).toContainText("no more of it can be kept");
    await expect(kept).toHaveValue("500");
  });
  await test.step("twenty grams: the dish weighs less, and the jar is named with its date", async () => {
    await kept.fill("20");
    await expect(page.getByTestId("makes")).not.toHaveText(before);
    await expect(page.getByTestId("kept-into")).toContainText("1 × 200 ml jar, fridge");
    await page.reload();
    await expect(kept).toHaveValue("20");
    await page.getByTestId("finish-batch").click();
    await expect(notice(page)).toContainText("Kept by itself: 20 g");
  });
  await expect(page.getByRole("article").filter({ hasText: "– dressing" })).toBeVisible();
  const id = await newest(page, "leek-and-plum-plate");
  await page.goto(`/batch/${id}`);
  await expect(page.getByTestId("kept-apart")).toContainText("20 g");
  await page.getByTestId("kept-apart").getByRole("link").click();
  await expect(page.getByRole("link", { name: /^Part of/ })).toBeVisible();
  await expect(page.getByTestId("made-of")).not.toContainText("leek");
  await test.step("corrected: both are taken back, and what was kept stands there again", async () => {
    await page.goto(`/batch/${id}`);
    await page.getByTestId("correct-batch").click();
    await expect(kept).toHaveValue("20 g");
  });
});
