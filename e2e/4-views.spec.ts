import { AxeBuilder } from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { signInDemo } from "./cook.ts";
import { expect, slowdown, test } from "./kitchen-test.ts";
import { views } from "./views.ts";

test.use({ ofFile: "4-views" });

const violationsOf = async (page: Page, rules?: readonly string[]): Promise<string[]> => {
  // Only what is wrong is described, and there are no frames: both save axe most of its time.
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ["violations"] });
  const { violations } = await (rules ? axe.withRules([...rules]) : axe).analyze();
  return violations.flatMap((v) => v.nodes.map((node) => `${v.id}: ${node.target.join(" ")}`));
};

test("no axe violations on the pages before one is signed in", async ({ page }) => {
  await page.goto("/sign-in");
  await expect(page.getByTestId("sign-in-demo")).toBeVisible();
  expect(await violationsOf(page)).toEqual([]);
  await page.goto("/join");
  await expect(page.locator("#join-code")).toBeVisible();
  expect(await violationsOf(page)).toEqual([]);
});

/** Every view is in one of them; together they take as long as one test may. */
const thirds = [0, 1, 2];

for (const third of thirds)
  test(`no axe violations by day and by evening, no console errors on any view, part ${third + 1}`, async ({
    page,
  }) => {
    test.setTimeout(400_000 * slowdown);
    await signInDemo(page);
    const found: string[] = [];
    page.on("console", (message) => message.type() === "error" && found.push(message.text()));
    page.on("pageerror", (error) => found.push(error.message));
    const noteAll = async (light: string, path: string, rules?: readonly string[]): Promise<void> => {
      found.push(...(await violationsOf(page, rules)).map((violation) => `${light} ${path} ${violation}`));
    };
    const some = (await views(page)).filter((_, i) => i % thirds.length === third);
    for (const [path, ready] of some) {
      await page.goto(path);
      await expect(page.locator(ready).first()).toBeVisible();
      await noteAll("day", path);
      // Evening changes colours only; without transitions there is nothing to wait for.
      await page.addStyleTag({ content: "* { transition: none !important }" });
      await page.evaluate(() => document.documentElement.classList.add("evening"));
      await noteAll("evening", path, ["color-contrast"]);
    }
    expect(found).toEqual([]);
  });

test("the keys work: stations by number, the list by question mark", async ({ page }) => {
  await signInDemo(page);
  await page.locator('[data-page="today"] h1').click();
  await page.keyboard.press("6");
  await expect(page.locator('[data-page="larder"] h1')).toBeVisible();
  await page.keyboard.press("4");
  await expect(page.locator('[data-page="match"] h1')).toBeVisible();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog")).toContainText("scale");
});

test("the page to sign in on needs at most 140 kB of compressed script, and loads no station", async ({
  page,
}) => {
  const loaded: { url: string; bytes: Promise<number> }[] = [];
  page.on("requestfinished", (request) => {
    if (request.resourceType() === "script")
      loaded.push({ url: request.url(), bytes: request.sizes().then((s) => s.responseBodySize) });
  });
  await page.goto("/sign-in");
  await expect(page.getByTestId("sign-in-demo")).toBeVisible();
  const bytes = (await Promise.all(loaded.map((one) => one.bytes))).reduce((a, b) => a + b, 0);
  test.info().annotations.push({ type: "script", description: `${Math.round(bytes / 1000)} kB` });
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThanOrEqual(140_000);
  expect(loaded.filter(({ url }) => url.includes("TodayPage"))).toEqual([]);
});

test("two browsers see each other's work, and one lot is spent once", async ({ page, browser }) => {
  await signInDemo(page);
  const other = await browser.newPage();
  await signInDemo(other);
  await page.goto("/larder");
  await other.goto("/larder");
  const row = (p: Page) => p.getByRole("article").first();
  const before = Number(await row(page).locator(".portions").textContent());
  await row(page).getByTestId("take-one").click();
  await row(other).getByTestId("take-one").click();
  await other.reload();
  await expect(row(other).locator(".portions")).not.toHaveText(String(before));
  await other.close();
});
