import { expect, test } from "@playwright/test";

/** A second server, started without demo data beside the first. */
test.use({ baseURL: process.env["E2E_EMPTY_URL"] ?? "http://127.0.0.1:4311" });

test("an empty database asks for a first account and kitchen, then works", async ({ page }) => {
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "Set up this kitchen" })).toBeVisible();
  await expect(page.getByRole("button", { name: /Sign in as/ })).toBeHidden();
  await page.getByLabel("Name of the kitchen").fill("Back step");
  await page.getByLabel("Your name").fill("Ottilie");
  await page.getByLabel("Password").fill("short");
  await page.getByRole("button", { name: "Open the kitchen" }).click();
  await expect(page.locator("#password-problem")).toHaveText("At least 8.");
  await expect(page.getByLabel("Your name")).toHaveValue("Ottilie");
  await page.getByLabel("Password").fill("long enough");
  await page.getByRole("button", { name: "Open the kitchen" }).click();
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
  await expect(page.getByText("Nothing on hand yet.")).toBeVisible();
  for (const [path, words] of [
    ["/trim", "Nothing waits to be trimmed."],
    ["/match", "No recipe uses up what is on hand"],
    ["/larder", "Nothing stands here."],
    ["/recipes", "This kitchen has no recipes yet."],
  ] as const) {
    await page.goto(path);
    await expect(page.getByText(words)).toBeVisible();
  }
  await page.goto("/");
  await page.getByLabel("What came in", { exact: true }).fill("chard");
  await page.getByRole("option", { name: "chard" }).first().click();
  await page.getByLabel("Weight or measure", { exact: true }).fill("430");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("link", { name: /chard.*430 g/i })).toBeVisible();
});
