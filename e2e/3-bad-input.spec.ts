import { amountField, ask, itemField, logLot, notice, signInDemo } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "3-bad-input" });

test.beforeEach(async ({ page }) => {
  await signInDemo(page);
});

const lotsOf = async (page: Parameters<typeof ask>[0], text: string): Promise<number> =>
  (await ask<{ lots: unknown[] }>(page, `/api/lots?text=${text}&limit=200`)).lots.length;

test("a wrong weight keeps what was typed and says what is wrong at the field", async ({ page }) => {
  const before = await lotsOf(page, "kale");
  await itemField(page).fill("kale");
  await page.getByRole("option", { name: "kale" }).first().click();
  const amount = amountField(page);
  for (const [typed, sentence] of [
    ["-430", "Enter an amount above 0."],
    ["0", "Enter an amount above 0."],
    ["plenty", "plenty"],
    ["3 wheelbarrows", "wheelbarrows"],
    ["2000 kg", "2000 kg"],
    ["", "Enter"],
  ] as const) {
    await amount.fill(typed);
    await page.getByTestId("log-lot").click();
    await expect(page.locator("#lot-amount-problem")).toContainText(sentence);
    await expect(amount).toHaveValue(typed);
    await expect(itemField(page)).toHaveValue("kale");
  }
  expect(await lotsOf(page, "kale")).toBe(before);
});

test("a bare small number is pieces or grams, asked with the likelier first", async ({ page }) => {
  const before = await lotsOf(page, "aubergine");
  await itemField(page).fill("aubergine");
  await page.getByRole("option", { name: "aubergine" }).first().click();
  await amountField(page).fill("2");
  const asked = page.getByTestId("pieces-or-grams");
  await expect(asked.getByRole("button")).toHaveText(["2 pieces", "2 g"]);
  await page.getByTestId("log-lot").click();
  await expect(page.locator("#lot-amount-problem")).toHaveText("2 pieces or 2 g?");
  expect(await lotsOf(page, "aubergine")).toBe(before);
  await asked.getByRole("button", { name: "2 pieces" }).click();
  await expect(asked).toBeHidden();
  await expect(page.locator("#lot-amount-hint")).toHaveText("about 1.15 kg (850 g–1.3 kg)");
  await page.getByTestId("log-lot").click();
  await expect(notice(page)).toContainText("Logged");
  expect(await lotsOf(page, "aubergine")).toBe(before + 1);
});

test("no ingredient, an unknown one and a foraged umbellifer are refused at their fields", async ({
  page,
}) => {
  await page.goto("/basket");
  await itemField(page).fill("moonflower");
  await amountField(page).fill("200");
  await page.getByTestId("log-lot").click();
  await expect(page.locator("#lot-ingredient-problem")).toBeVisible();
  await itemField(page).fill("parsley");
  await page.getByRole("option", { name: "parsley" }).first().click();
  await page.locator('[id$="-source"]').click();
  await page.getByRole("option", { name: "Foraged" }).click();
  await page.getByTestId("log-lot").click();
  await expect(page.getByText(/hemlock and fool's parsley/)).toBeVisible();
  await itemField(page).fill("wild garlic");
  await page
    .getByRole("option", { name: /wild garlic|ramsons/ })
    .first()
    .click();
  await expect(page.getByText(/lily of the valley/i)).toBeVisible();
  await expect(amountField(page)).toHaveValue("200");
});

test("a draft survives a reload", async ({ page }) => {
  await itemField(page).fill("plum");
  await page.getByRole("option", { name: "plum" }).first().click();
  await amountField(page).fill("1.2 kg");
  await page.reload();
  await expect(itemField(page)).toHaveValue("plum");
  await expect(amountField(page)).toHaveValue("1.2 kg");
});

test("more usable than raw is refused, an unlikely weighing is questioned and may stand", async ({
  page,
}) => {
  const lot = await logLot(page, "chard", "1000");
  await page.goto(`/trim/${lot.id}`);
  const usable = page.locator("#trim-usable");
  await usable.fill("1200");
  await page.getByTestId("save-trim").click();
  await expect(page.locator("#trim-usable-problem")).toHaveText(
    /Usable weight can't be more than raw weight/,
  );
  await usable.fill("");
  await page.getByTestId("save-trim").click();
  await expect(page.locator("#trim-usable-problem")).toContainText("Enter");
  await usable.fill("150");
  await page.getByTestId("save-trim").click();
  await expect(page.getByRole("alert").filter({ hasText: "0.15" })).toBeVisible();
  await expect(usable).toHaveValue("150");
  await page.getByTestId("confirm-trim").click();
  await expect(notice(page)).toContainText("150 g chard ready");
});

test("more used than on hand is refused at its line, and nothing is drawn", async ({ page }) => {
  await logLot(page, "carrot-tops", "300");
  await page.goto("/cook/carrot-top-pesto");
  const estimate = page.getByTestId("use-estimates");
  await expect(page.getByRole("heading", { name: /Carrot-top pesto/ })).toBeVisible();
  if (await estimate.isVisible()) {
    await estimate.click();
    await expect(estimate).toBeHidden();
  }
  const first = page.getByTestId("used-grams").first();
  await first.fill("90000");
  await page.getByTestId("finish-batch").click();
  await expect(
    page
      .getByRole("alert")
      .filter({ hasText: /in stock/ })
      .first(),
  ).toBeVisible();
  await expect(first).toHaveValue("90000");
});

test("two jars that cannot hold it are refused with the figures", async ({ page }) => {
  await page.goto("/cook/lovage-green-sauce?batches=4");
  await expect(page.getByRole("heading", { name: "Lovage green sauce" })).toBeVisible();
  const estimate = page.getByTestId("use-estimates");
  if (await estimate.isVisible()) {
    await estimate.click();
    await expect(estimate).toBeHidden();
  }
  await page.getByTestId("store-jar-fridge").click();
  await page.locator("#container-0-count").fill("1");
  await page.locator("#container-0-count").blur();
  await page.getByTestId("finish-batch").click();
  await expect(page.getByText(/hold/).first()).toBeVisible();
});

test("an expired session asks again and keeps what was typed", async ({ page, context }) => {
  await page.goto("/basket");
  await itemField(page).fill("tomatillo");
  await page.getByRole("option", { name: "tomatillo" }).first().click();
  await amountField(page).fill("640");
  await context.clearCookies();
  await page.getByTestId("log-lot").click();
  const dialog = page.getByRole("dialog");
  await expect(dialog).toBeVisible();
  await dialog.getByTestId("sign-in-demo").click();
  await expect(dialog).toBeHidden();
  // What was on its way when the session ran out is sent by itself, once.
  await expect(notice(page)).toContainText(/640( g)? tomatillo/);
  await expect(amountField(page)).toHaveValue("");
  const { lots } = await ask<{ lots: { grams: number }[] }>(page, "/api/lots?text=tomatillo&limit=200");
  expect(lots.filter((lot) => lot.grams === 640)).toHaveLength(1);
});

test("a double click logs once", async ({ page }) => {
  const before = await lotsOf(page, "beetroot");
  await itemField(page).fill("beetroot");
  await page.getByRole("option", { name: "beetroot" }).first().click();
  await amountField(page).fill("555");
  await page.getByTestId("log-lot").dblclick();
  await expect(notice(page)).toContainText("555 g beetroot");
  expect(await lotsOf(page, "beetroot")).toBe(before + 1);
});

test("without the network the entry stays, and goes out when it is back", async ({ page, context }) => {
  await itemField(page).fill("sorrel");
  await page.getByRole("option", { name: "sorrel" }).first().click();
  await amountField(page).fill("85");
  await context.setOffline(true);
  await page.getByTestId("log-lot").click();
  await expect(page.getByText(/No connection|can't be reached|not been sent/)).toBeVisible();
  await expect(amountField(page)).toHaveValue("85");
  await context.setOffline(false);
  // It goes out by itself; the form is emptied then, and one lot is there.
  await expect(notice(page)).toContainText(/85( g)? sorrel/);
  await expect(amountField(page)).toHaveValue("");
  const { lots } = await ask<{ lots: { grams: number }[] }>(page, "/api/lots?text=sorrel&limit=200");
  expect(lots.filter((lot) => lot.grams === 85)).toHaveLength(1);
});

test("a wrong password says so and keeps the name", async ({ page }) => {
  await page.getByTestId("sign-out").click();
  await page.locator("#name").fill("Wren");
  await page.locator("#password").fill("guess");
  await page.getByTestId("sign-in").click();
  await expect(page.locator("#password-problem")).toHaveText("Wrong name or password.");
  await expect(page.locator("#name")).toHaveValue("Wren");
  await page.locator("#password").fill("late-summer");
  await page.getByTestId("sign-in").click();
  await expect(page.locator('[data-page="today"] h1')).toBeVisible();
});
