import { Effort, signInDemo } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "9-dressing" });

test.beforeEach(async ({ page }) => {
  await signInDemo(page);
});

test("balance a dressing in a chosen style in at most 6", async ({ page }) => {
  const effort = new Effort(page);
  await effort.click(page.locator('nav a[href="/dressing"]'));
  const place = page.getByTestId("ratio-place");
  await expect(place).toContainText("inside this style's band");
  await effort.click(page.locator("#dressing-style"));
  await effort.click(page.getByRole("option", { name: "sharp everyday dressing" }));
  await expect(place).toContainText(/^2\.0 parts oil to 1 part acid by strength: inside/);
  const mix = page.getByTestId("dressing-mix").locator("tbody").getByRole("row");
  await expect(mix.first()).toContainText("cider vinegar");
  await expect(mix.last()).toContainText(/olive oil.*last, in a thin stream/s);
  expect(effort.spent).toBeLessThanOrEqual(6);
});

test("a weak acid takes more of it, none is asked for, and a volume that cannot be read says so", async ({
  page,
}) => {
  await page.goto("/dressing");
  const acids = page.getByTestId("chips-acids");
  await acids.getByRole("button", { name: "orange juice" }).click();
  await acids.getByRole("button", { name: "red wine vinegar" }).click();
  const mix = page.getByTestId("dressing-mix").locator("tbody").getByRole("row");
  await expect(mix.first()).toContainText(/orange juice.*1\d\d g/s);
  await acids.getByRole("button", { name: "orange juice" }).click();
  await expect(page.getByRole("alert")).toHaveText("Choose at least one acid.");
  await acids.getByRole("button", { name: "lemon juice" }).click();
  await page.locator("#dressing-volume").fill("a jugful");
  await expect(page.getByRole("alert")).toContainText("“a jugful”");
  await page.locator("#further-acids").click();
  await page.getByRole("option", { name: "malt vinegar" }).click();
  await expect(acids.getByRole("button", { name: "malt vinegar" })).toHaveAttribute("aria-pressed", "true");
  await page.locator("#dressing-volume").fill("1 cup");
  await expect(page.getByTestId("dressing-mix")).toContainText(/23\d ml/);
});

test("a bowl that came out too oily is put right with the least; salt cannot be taken out", async ({
  page,
}) => {
  await page.goto("/dressing");
  await page.getByTestId("choose-correct").click();
  const verdict = page.getByTestId("correction");
  await expect(verdict).toHaveText("Nothing to add. The balance is right.");
  await page.getByLabel("extra virgin olive oil", { exact: true }).fill("260");
  await expect(verdict).toContainText(/Add \d+ g red wine vinegar/);
  await page.getByLabel("fine sea salt", { exact: true }).fill("20");
  const allowed = page.getByTestId("chips-allowed");
  for (const name of ["red wine vinegar", "extra virgin olive oil"])
    await allowed.getByRole("button", { name }).click();
  await expect(verdict).toContainText("can't correct");
  await expect(verdict).toContainText("the salt, which can only be diluted");
});

test("a salad takes so much of it, by its kind", async ({ page }) => {
  await page.goto("/dressing");
  const section = page.getByTestId("use-dressing");
  await expect(section.getByRole("status")).toContainText("of dressing for 240 g tender leaves");
  await page.locator("#salad-kind").click();
  await page.getByRole("option", { name: "slaw" }).click();
  await expect(section.getByRole("status")).toContainText("30 min ahead");
});
