import {
  amountField,
  ask,
  itemField,
  logLot,
  notice,
  signInByButton,
  enterDemo,
  simulateLoad,
} from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "1-main-job" });

/** The whole path once, as a cook walks it: weighed in, trimmed, matched, made, stored, taken out. */
test("a weighed glut becomes a labelled batch", async ({ page }) => {
  await signInByButton(page);

  await test.step("Basket: chard by its US name, off the scale", async () => {
    await page.locator('nav a[href="/basket"]').click();
    await simulateLoad(page, 1310);
    await itemField(page).fill("swiss ch");
    await page.getByRole("option", { name: "chard" }).first().click();
    await page.keyboard.press("w");
    await expect(amountField(page)).toHaveValue("1310 g");
    await page.locator('[id$="-source"]').click();
    await page.getByRole("option", { name: "Gift" }).click();
    await page.locator('[id$="-note"]').fill("far bed");
    await page.getByTestId("log-lot").click();
    await expect(notice(page)).toContainText("1.31 kg chard");
    await expect(page.getByRole("article").filter({ hasText: "far bed" })).toContainText("1.31 kg");
  });

  await test.step("Basket: a loose measure shows its grams with their range before it is logged", async () => {
    await itemField(page).fill("lovage");
    await page.getByRole("option", { name: "lovage" }).first().click();
    await amountField(page).fill("2 bunches");
    await expect(page.locator("#lot-amount-problem, #lot-amount-hint").first()).toBeVisible();
    await itemField(page).fill("chard");
    await page.getByRole("option", { name: "chard" }).first().click();
    await expect(page.locator("#lot-amount-hint")).toHaveText("about 700 g (500–900 g)");
    await page.getByTestId("workings").getByRole("button").click();
    await expect(page.getByText(/2 × bunch of 350 g/)).toBeVisible();
    await amountField(page).fill("");
  });

  await test.step("Trim: weigh what is usable; everything closes to the gram", async () => {
    await page.getByRole("article").filter({ hasText: "far bed" }).getByTestId("trim-lot").click();
    const bench = page.getByTestId("trim-bench");
    await expect(bench.getByText("1.31 kg raw")).toBeVisible();
    await expect(bench.getByText(/expected usable/)).toBeVisible();
    await simulateLoad(page, 838);
    await bench.locator("#trim-usable").press("w");
    await bench.getByLabel(/^stems/).fill("400");
    await expect(bench.getByTestId("balance")).toHaveText(
      /1\.31 kg = 838 g usable \+ 400 g stems \+ \d+ g ends \+ \d+ g lost/,
    );
    await bench.getByTestId("save-trim").click();
    await expect(notice(page)).toContainText("838 g chard ready");
    await expect(notice(page)).toContainText(/estimate/);
  });

  await test.step("Match: the dishes that save most stand first", async () => {
    await page.locator('nav a[href="/match"]').click();
    const pesto = page.getByRole("article").filter({ hasText: "Chard and hazelnut pesto" });
    await expect(pesto).toContainText("saved from spoiling");
    await expect(pesto.getByText(/Limited by|More can't be used|more than it saves/)).toBeVisible();
    await pesto.getByTestId("make").click();
  });

  await test.step("Make: scaled to all of the chard, measured, stored in jars with a dated reason", async () => {
    await expect(page.getByRole("heading", { name: "Chard and hazelnut pesto" })).toBeVisible();
    await page.locator("#servings").fill("10");
    await page.locator("#servings").press("Enter");
    await expect(page.getByText("10 servings ÷ 10 a batch: 1 batch")).toBeVisible();
    const estimate = page.getByTestId("use-estimates");
    if (await estimate.isVisible()) {
      await estimate.click();
      await expect(estimate).toBeHidden();
    }
    await expect(page.getByText(/\((\+|−)\d+\s%\)/).first()).toBeVisible();
    await page.getByTestId("store-jar-fridge").click();
    await expect(page.getByText(/This is a safety limit/)).toBeVisible();
    await expect(page.getByText(/there is no tested home-canning process/)).toBeVisible();
    await page.getByTestId("finish-batch").click();
    await expect(notice(page)).toContainText(/Stored .* Chard and hazelnut pesto in 3 × 200 ml jar/);
  });

  await test.step("Larder: it stands by its date; a portion is taken and put back", async () => {
    // The fridge comes before the freezer, so the new jars stand before those of days ago.
    const row = page.getByRole("article").filter({ hasText: "3 × 200 ml jar" }).first();
    await expect(row).toContainText(/10\s*portions/);
    await row.getByTestId("take-one").click();
    await expect(row).toContainText(/9\s*portions/);
    await notice(page).getByTestId("undo").click();
    await expect(row).toContainText(/10\s*portions/);
  });

  await test.step("Label: the cautious date, the allergens, a code to find it again", async () => {
    await page
      .getByRole("article")
      .filter({ hasText: "3 × 200 ml jar" })
      .first()
      .getByTestId("label-link")
      .click();
    const label = page.getByTestId("label-sheet");
    await expect(label).toContainText("Use by");
    await expect(label).toContainText(/Contains: .*nuts/);
    await expect(label.locator("img")).toHaveAttribute("src", /^data:image\/png/);
    await expect(page.getByText(/licensed process authority decide/)).toBeVisible();
  });

  await test.step("the lots were drawn down by what was used", async () => {
    const { lots } = await ask<{ lots: { source: { note: string }; state: string; grams: number }[] }>(
      page,
      "/api/lots?text=chard&limit=200",
    );
    const chard = lots.filter((l) => l.source.note === "far bed" && l.state === "usable");
    expect(chard.reduce((g, l) => g + l.grams, 0)).toBeLessThan(838);
  });
});

test("what was opened and not used up goes back as a dated lot", async ({ page }) => {
  await enterDemo(page);
  await page.goto("/cook/plum-and-mustard-dressing");
  const estimate = page.getByTestId("use-estimates");
  await expect(page.getByRole("heading", { name: "Plum and mustard dressing" })).toBeVisible();
  if (await estimate.isVisible()) await estimate.click();
  await page.locator("#left-over-pick").click();
  await page.getByRole("option", { name: "Dijon mustard" }).click();
  await page.getByLabel("Dijon mustard", { exact: true }).fill("120");
  await page.getByTestId("finish-batch").click();
  await expect(page.locator('[data-page="larder"] h1')).toBeVisible();
  await page.goto("/basket");
  await page.getByTestId("find-lot").fill("dijon");
  await expect(page.getByRole("article").filter({ hasText: "Dijon mustard" })).toContainText("opened");
});

test("all of a lot in odd grams is used up to the last", async ({ page }) => {
  await enterDemo(page);
  const lot = await logLot(page, "yogurt-greek", "1 lb 4 oz");
  expect(lot.grams).toBe(566.99);
  await page.goto("/cook/roast-squash-and-leek-dip");
  await page
    .getByTestId("how-much")
    .getByRole("button", { name: /yogurt 567 g/ })
    .click();
  await expect(page.getByText(/567 g ÷ 120 g a batch: 4\.72 batches/)).toBeVisible();
  const estimate = page.getByTestId("use-estimates");
  if (await estimate.isVisible()) {
    await estimate.click();
    await expect(estimate).toBeHidden();
  }
  await page.getByTestId("finish-batch").click();
  await expect(page.locator('[data-page="larder"] h1')).toBeVisible();
  expect((await ask<{ grams: number }>(page, `/api/lots/${lot.id}`)).grams).toBe(0);
});
