import { signInDemo } from "./cook.ts";
import { expect, slowdown, test } from "./kitchen-test.ts";
import { views } from "./views.ts";

test.use({ ofFile: "4-widths" });

const widths = [360, 560, 820];

test.beforeEach(async ({ page }) => {
  await signInDemo(page);
});

test("no view is wider than a phone or a small tablet", async ({ page }) => {
  test.setTimeout(300_000 * slowdown);
  const all = await views(page);
  const wide: string[] = [];
  for (const [path, ready] of all) {
    await page.setViewportSize({ width: widths[0] ?? 360, height: 740 });
    await page.goto(path);
    await expect(page.locator(ready).first()).toBeAttached();
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
    const stations = page.getByTestId("stations");
    const sheet = page.getByRole("dialog");
    await expect(stations.locator('a[href="/"]')).toBeVisible();
    const more = stations.getByTestId("more");
    for (const name of ["trim", "larder", "recipes", "dressing", "handbook", "kitchen"]) {
      const inBar = stations.locator(`a[href="/${name}"]`);
      if (await inBar.isVisible()) await inBar.click();
      else {
        await more.click();
        await sheet.locator(`a[href="/${name}"]`).click();
        await expect(sheet).toBeHidden();
      }
      await expect(page.locator(`[data-page="${name}"] h1`)).toBeVisible();
    }
    const signOut = stations.getByTestId("sign-out");
    if (await signOut.isVisible()) return;
    await more.click();
    await expect(sheet.getByTestId("sign-out")).toBeVisible();
  });
