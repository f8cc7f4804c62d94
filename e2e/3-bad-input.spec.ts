import { expect, test } from "@playwright/test";
import { ask, logLot, notice, signInDemo } from "./cook.ts";

test.beforeEach(async ({ page }) => {
  await signInDemo(page);
});

const lotsOf = async (page: Parameters<typeof ask>[0], text: string): Promise<number> =>
  (await ask<{ lots: unknown[] }>(page, `/api/lots?text=${text}&limit=200`)).lots.length;

test("a wrong weight keeps what was typed and says what is wrong at the field", async ({ page }) => {
  const before = await lotsOf(page, "kale");
  await page.getByLabel("What came in", { exact: true }).fill("kale");
  await page.getByRole("option", { name: "kale" }).first().click();
  const amount = page.getByLabel("Weight or measure", { exact: true });
  for (const [typed, sentence] of [
    ["-430", "The amount must be more than nothing."],
    ["0", "The amount must be more than nothing."],
    ["plenty", "“plenty” is not an amount. Try 430, 0.43 kg or 2 bunches."],
    ["3 wheelbarrows", "No weight is known for one “wheelbarrows” of this."],
    ["2000 kg", "2000 kg is more than any kitchen takes in at once"],
    ["", "How much? Type a weight"],
  ] as const) {
    await amount.fill(typed);
    await page.getByRole("button", { name: "Log it" }).click();
    await expect(page.locator("#lot-amount-problem")).toContainText(sentence);
    await expect(amount).toHaveValue(typed);
    await expect(page.getByLabel("What came in", { exact: true })).toHaveValue("kale");
  }
  expect(await lotsOf(page, "kale")).toBe(before);
});

test("no ingredient, an unknown one and a foraged umbellifer are refused at their fields", async ({
  page,
}) => {
  await page.goto("/basket");
  await page.getByLabel("What came in", { exact: true }).fill("moonflower");
  await page.getByLabel("Weight or measure", { exact: true }).fill("200");
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.locator("#lot-ingredient-problem")).toBeVisible();
  await page.getByLabel("What came in", { exact: true }).fill("parsley");
  await page.getByRole("option", { name: "parsley" }).first().click();
  await page.getByRole("combobox", { name: "From" }).click();
  await page.getByRole("option", { name: "Foraged" }).click();
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText(/hemlock and fool's parsley/)).toBeVisible();
  await page.getByLabel("What came in", { exact: true }).fill("wild garlic");
  await page
    .getByRole("option", { name: /wild garlic|ramsons/ })
    .first()
    .click();
  await expect(page.getByText(/lily of the valley/i)).toBeVisible();
  await expect(page.getByLabel("Weight or measure", { exact: true })).toHaveValue("200");
});

test("a draft survives a reload", async ({ page }) => {
  await page.getByLabel("What came in", { exact: true }).fill("plum");
  await page.getByRole("option", { name: "plum" }).first().click();
  await page.getByLabel("Weight or measure", { exact: true }).fill("1.2 kg");
  await page.reload();
  await expect(page.getByLabel("What came in", { exact: true })).toHaveValue("plum");
  await expect(page.getByLabel("Weight or measure", { exact: true })).toHaveValue("1.2 kg");
});

test("more usable than raw is refused, an unlikely weighing is questioned and may stand", async ({
  page,
}) => {
  const lot = await logLot(page, "chard", "1000");
  await page.goto(`/trim/${lot.id}`);
  const usable = page.getByLabel("Usable", { exact: true });
  await usable.fill("1200");
  await page.getByRole("button", { name: "Record the trim" }).click();
  await expect(page.locator("#trim-usable-problem")).toHaveText(
    "1.2 kg usable out of 1 kg cannot be: more out than in.",
  );
  await usable.fill("");
  await page.getByRole("button", { name: "Record the trim" }).click();
  await expect(page.locator("#trim-usable-problem")).toContainText("How much?");
  await usable.fill("150");
  await page.getByRole("button", { name: "Record the trim" }).click();
  await expect(page.getByText(/That is a yield of 0\.15; usually it lies between/)).toBeVisible();
  await expect(usable).toHaveValue("150");
  await page.getByRole("button", { name: "It is right, record it" }).click();
  await expect(notice(page)).toContainText("150 g chard ready");
});

test("more used than on hand is refused at its line, and nothing is drawn", async ({ page }) => {
  await logLot(page, "carrot-tops", "300");
  await page.goto("/cook/carrot-top-pesto");
  const estimate = page.getByRole("button", { name: "Trimmed: use the estimate" });
  await expect(page.getByRole("heading", { name: /Carrot-top pesto/ })).toBeVisible();
  if (await estimate.isVisible()) {
    await estimate.click();
    await expect(estimate).toBeHidden();
  }
  const first = page.getByRole("textbox", { name: /really used, grams/ }).first();
  await first.fill("90000");
  await page.getByRole("button", { name: "Made: put it by" }).click();
  await expect(
    page
      .getByRole("alert")
      .filter({ hasText: /asked, .* on hand/ })
      .first(),
  ).toBeVisible();
  await expect(first).toHaveValue("90000");
});

test("two jars that cannot hold it are refused with the figures", async ({ page }) => {
  await page.goto("/cook/lovage-green-sauce?batches=4");
  await expect(page.getByRole("heading", { name: "Lovage green sauce" })).toBeVisible();
  const estimate = page.getByRole("button", { name: "Trimmed: use the estimate" });
  if (await estimate.isVisible()) {
    await estimate.click();
    await expect(estimate).toBeHidden();
  }
  await page.getByRole("button", { name: /200 ml jar ?fridge/ }).click();
  await page.getByLabel("How many").fill("1");
  await page.getByLabel("How many").blur();
  await page.getByRole("button", { name: "Made: put it by" }).click();
  await expect(page.getByText(/These hold \d+ g; the batch weighs/)).toBeVisible();
});

test("an expired session asks again and keeps what was typed", async ({ page, context }) => {
  await page.goto("/basket");
  await page.getByLabel("What came in", { exact: true }).fill("tomatillo");
  await page.getByRole("option", { name: "tomatillo" }).first().click();
  await page.getByLabel("Weight or measure", { exact: true }).fill("640");
  await context.clearCookies();
  await page.getByRole("button", { name: "Log it" }).click();
  const dialog = page.getByRole("dialog", { name: "You were signed out" });
  await expect(dialog).toBeVisible();
  await dialog.getByRole("button", { name: "Sign in as Wren" }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByLabel("Weight or measure", { exact: true })).toHaveValue("640");
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(notice(page)).toContainText("640 g tomatillo logged");
});

test("a double click logs once", async ({ page }) => {
  const before = await lotsOf(page, "beetroot");
  await page.getByLabel("What came in", { exact: true }).fill("beetroot");
  await page.getByRole("option", { name: "beetroot" }).first().click();
  await page.getByLabel("Weight or measure", { exact: true }).fill("555");
  await page.getByRole("button", { name: "Log it" }).dblclick();
  await expect(notice(page)).toContainText("555 g beetroot logged");
  expect(await lotsOf(page, "beetroot")).toBe(before + 1);
});

test("without the network the entry stays, and goes out when it is back", async ({ page, context }) => {
  await page.getByLabel("What came in", { exact: true }).fill("sorrel");
  await page.getByRole("option", { name: "sorrel" }).first().click();
  await page.getByLabel("Weight or measure", { exact: true }).fill("85");
  await context.setOffline(true);
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText(/The kitchen cannot be reached/)).toBeVisible();
  await expect(page.getByLabel("Weight or measure", { exact: true })).toHaveValue("85");
  await context.setOffline(false);
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(notice(page)).toContainText("85 g sorrel logged");
});

test("a wrong password says so and keeps the name", async ({ page }) => {
  await page.getByRole("button", { name: "Sign out" }).click();
  await page.getByLabel("Name").fill("Wren");
  await page.getByLabel("Password").fill("guess");
  await page.getByRole("button", { name: "Sign in", exact: true }).click();
  await expect(page.locator("#password-problem")).toHaveText("That name and password do not go together.");
  await expect(page.getByLabel("Name")).toHaveValue("Wren");
  await page.getByLabel("Password").fill("late-summer");
  await page.getByRole("button", { name: "Sign in", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
});
