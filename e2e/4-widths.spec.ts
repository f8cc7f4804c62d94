import { signInDemo } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";
import { views } from "./views.ts";

test.use({ ofFile: "4-widths" });

const widths = [360, 560, 820];

test.beforeEach(async ({ page }) => {
  await signInDemo(page);
});

test("no view is wider than a phone or a small tablet", async ({ page }) => {
  test.setTimeout(180_000);
  const all = await views(page);
  const wide: string[] = [];
  for (const [path, ready] of all) {
    await page.setViewportSize({ width: widths[0] ?? 360, height: 740 });
    await page.goto(path);
    await expect(page.getByText(ready).first()).toBeAttached();
    for (const width of widths) {
      await page.setViewportSize({ width, height: 740 });
      const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      if (over > 0) wide.push(`${path} at ${width} by ${over} px`);
    }
  }
  expect(wide).toEqual([]);
});

for (const width of widths)
  test(`every station and signing out can be reached at ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height: 740 });
    await page.goto("/");
    const stations = page.getByRole("navigation", { name: "Stations" });
    const sheet = page.getByRole("dialog");
    await expect(stations.getByRole("link", { name: /^Today/ })).toBeVisible();
    const more = stations.getByRole("button", { name: "More" });
    for (const name of ["Trim", "Larder", "Recipes", "Dressing", "Handbook", "Kitchen settings"]) {
      const inBar = stations.getByRole("link", { name: new RegExp(`^${name}`) });
      if (await inBar.isVisible()) await inBar.click();
      else {
        await more.click();
        await sheet.getByRole("link", { name: new RegExp(`^${name}`) }).click();
        await expect(sheet).toBeHidden();
      }
      await expect(page.getByRole("heading", { level: 1, name })).toBeVisible();
    }
    const signOut = stations.getByRole("button", { name: "Sign out" });
    if (await signOut.isVisible()) return;
    await more.click();
    await expect(sheet.getByRole("button", { name: "Sign out" })).toBeVisible();
  });
