import { amountField, itemField, notice, enterDemo, tell } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "8-handbook" });

test.beforeEach(async ({ page }) => {
  await enterDemo(page);
});

test("an own figure stands in front of the handbook's, is used at once, and goes back", async ({ page }) => {
  await page.goto("/handbook");
  await page.getByTestId("find-ingredient").fill("silverbeet");
  await page.getByRole("link", { name: "chard", exact: true }).click();
  const weights = page.getByTestId("figures-measure");
  const bunch = weights.locator("tbody").getByRole("row").filter({ hasText: "bunch" });
  await expect(bunch).toContainText("350 (250–450)");
  await bunch.getByTestId("own-figure").click();
  await weights.locator('[id$="-value"]').fill("420");
  await weights.locator('[id$="-low"]').fill("500");
  await weights.locator('[id$="-high"]').fill("460");
  await weights.getByTestId("save-figure").click();
  await expect(weights.getByRole("alert")).toHaveText(/order/);
  await expect(weights.locator('[id$="-low"]')).toHaveValue("500");
  await weights.locator('[id$="-low"]').fill("380");
  await weights.locator('[id$="-note"]').fill("weighed ten");
  await weights.getByTestId("save-figure").click();
  await expect(bunch).toContainText("420 (380–460)");
  await expect(bunch).toContainText("your own figure: weighed ten");
  await expect(bunch).toContainText("handbook: 350 (250–450)");

  await page.goto("/basket");
  await page.getByTestId("choose-one").click();
  await itemField(page).fill("chard");
  await page.getByRole("option", { name: "chard" }).first().click();
  await amountField(page).fill("2 bunches");
  await expect(page.locator("#lot-amount-hint")).toHaveText("about 840 g (760–920 g)");

  await page.goto("/handbook/chard");
  await bunch.getByTestId("own-figure").click();
  await weights.getByTestId("use-handbook-figure").click();
  await expect(bunch).not.toContainText("your own figure");
});

test("an ingredient of the kitchen's own is added once, and known by its names", async ({ page }) => {
  await page.goto("/handbook");
  const form = page.getByTestId("own-ingredient");
  await form.locator("#own-name").fill("rocket");
  await form.getByTestId("add-ingredient").click();
  await expect(page.locator("#own-name-problem")).toContainText(/taken|rocket|arugula/);
  await form.locator("#own-name").fill("oca");
  await form.locator("#own-other").fill("New Zealand yam");
  await form.getByTestId("choose-yes").click();
  await form.getByTestId("add-ingredient").click();
  await expect(page.getByRole("heading", { name: "oca" })).toBeVisible();
  const weights = page.getByTestId("figures-measure");
  await weights.getByTestId("add-own-figure").click();
  await weights.locator('[id$="-key"]').fill("tuber");
  await weights.locator('[id$="-value"]').fill("thirty");
  await weights.getByTestId("save-figure").click();
  await expect(weights.getByRole("alert")).toBeVisible();
  await weights.locator('[id$="-value"]').fill("30");
  await weights.getByTestId("save-figure").click();
  await expect(weights.getByRole("row").filter({ hasText: "tuber" })).toBeVisible();
  await page.goto("/basket");
  await itemField(page).fill("new zealand y");
  await page.getByRole("option", { name: "oca" }).click();
  await amountField(page).fill("6 tubers");
  await expect(page.locator("#lot-amount-hint")).toContainText("180 g");
});

test("how long a food cooked here stands beside the handbook's time", async ({ page }) => {
  await page.goto("/handbook/fennel-bulb");
  const times = page.getByTestId("cook-times").getByRole("row").filter({ hasText: "boil" });
  await expect(times).toHaveCount(1);
  await expect(times).toContainText("28–30 min, 2 times");
  await expect(times).toContainText("depends on the recipe");
  await page.goto("/handbook/kale");
  await expect(page.getByTestId("figures-cooking")).toBeVisible();
  await expect(page.getByTestId("cook-times")).toBeHidden();
});

test("the kitchen counts and writes in its own units, names and locale", async ({ page }) => {
  const asBefore = {
    ...{ units: "metric", dialect: "uk", cup: "us-customary", currency: "GBP", locale: "en-GB" },
  };
  await page.goto("/kitchen");
  await page.getByTestId("choose-both").click();
  await page.getByTestId("choose-us").last().click();
  await page.locator("#kitchen-currency").click();
  await page.getByRole("searchbox").fill("EUR");
  await page.getByRole("option", { name: /^EUR/ }).click();
  await page.locator("#kitchen-locale").click();
  await page.getByRole("option", { name: /German/ }).click();
  await page.getByTestId("save-kitchen").click();
  await expect(notice(page)).toContainText("Settings saved");
  try {
    await expect(page.getByTestId("kitchen-example")).toContainText("1,24 kg");
    await expect(page.getByTestId("kitchen-example")).toContainText("2 lb");
    await expect(page.getByTestId("kitchen-example")).toContainText("2,40");
    await page.goto("/basket");
    await expect(page.getByRole("link", { name: "zucchini" }).first()).toBeVisible();
    await expect(page.getByText(/\d,\d+\skg\s\(\d+\slb/).first()).toBeVisible();
  } finally {
    await tell(page, "/api/kitchen", asBefore);
  }
});
