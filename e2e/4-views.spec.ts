import { AxeBuilder } from "@axe-core/playwright";
import { expect, test, type Page } from "@playwright/test";
import { ask, signInByButton, signInDemo } from "./cook.ts";

/** Every main view, with the words that tell that it has loaded. */
async function views(page: Page): Promise<(readonly [path: string, ready: RegExp])[]> {
  const { lots } = await ask<{ lots: { id: string }[] }>(page, "/api/lots?state=raw&limit=1");
  const { containers } = await ask<{ containers: { id: string }[] }>(page, "/api/larder");
  return [
    ["/", /Best use of today's surplus/],
    ["/basket", /Find a lot|Gone off/],
    [`/basket/${lots[0]?.id}`, /Its ledger/],
    [`/trim/${lots[0]?.id}`, /What else came off|Record the trim/],
    ["/match", /used up/],
    ["/cook/chard-and-hazelnut-pesto", /Put by in/],
    ["/larder", /portions/],
    [`/label/${containers[0]?.id}`, /Why this date/],
    ["/dressing", /Pour in this order/],
    ["/handbook", /One of your own/],
    ["/handbook/chard", /What trimming leaves/],
    ["/kitchen", /It looks like this/],
    ["/recipes", /Formulas/],
    ["/recipes/lovage-green-sauce", /Filled by/],
    ["/recipes/leek-and-plum-plate?view=plate", /Last of all/],
    ["/recipes/leek-and-plum-plate?view=diners", /becomes/],
    ["/recipes/lovage-green-sauce/edit", /On version/],
    ["/recipes/lovage-green-sauce/card", /Herb sauce in oil/],
    ["/recipes/import", /How each line was read/],
  ];
}

const violationsOf = async (page: Page, rules?: readonly string[]): Promise<string[]> => {
  const axe = new AxeBuilder({ page });
  const { violations } = await (rules ? axe.withRules([...rules]) : axe).analyze();
  return violations.flatMap((v) => v.nodes.map((node) => `${v.id}: ${node.target.join(" ")}`));
};

test("no axe violations on any view, by day and by evening", async ({ page }) => {
  test.setTimeout(240_000);
  await page.goto("/sign-in");
  await expect(page.getByRole("button", { name: "Sign in as Wren" })).toBeVisible();
  expect(await violationsOf(page)).toEqual([]);
  await signInDemo(page);
  const found: string[] = [];
  const noteAll = async (light: string, path: string, rules?: readonly string[]): Promise<void> => {
    found.push(...(await violationsOf(page, rules)).map((violation) => `${light} ${path} ${violation}`));
  };
  for (const [path, ready] of await views(page)) {
    await page.goto(path);
    await expect(page.getByText(ready).first()).toBeVisible();
    await noteAll("day", path);
    // Evening changes colours only; without transitions there is nothing to wait for.
    await page.addStyleTag({ content: "* { transition: none !important }" });
    await page.evaluate(() => document.documentElement.classList.add("evening"));
    await noteAll("evening", path, ["color-contrast"]);
  }
  expect(found).toEqual([]);
});

test("no view is wider than a small phone, and the stations stay at hand", async ({ page }) => {
  test.setTimeout(120_000);
  await signInDemo(page);
  const all = await views(page);
  await page.setViewportSize({ width: 360, height: 740 });
  const wide: string[] = [];
  for (const [path, ready] of all) {
    await page.goto(path);
    await expect(page.getByText(ready).first()).toBeAttached();
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    if (over > 0) wide.push(`${path} by ${over} px`);
    await expect(page.getByRole("link", { name: /^Larder/ })).toBeVisible();
  }
  expect(wide).toEqual([]);
});

test("nothing goes wrong quietly: no console errors on any view", async ({ page }) => {
  test.setTimeout(120_000);
  await signInDemo(page);
  const errors: string[] = [];
  page.on("console", (message) => message.type() === "error" && errors.push(message.text()));
  page.on("pageerror", (error) => errors.push(error.message));
  for (const [path, ready] of await views(page)) {
    await page.goto(path);
    await expect(page.getByText(ready).first()).toBeVisible();
  }
  expect(errors).toEqual([]);
});

test("the keys work: stations by number, the list by question mark", async ({ page }) => {
  await signInDemo(page);
  await page.getByRole("heading", { name: "Today" }).click();
  await page.keyboard.press("5");
  await expect(page.getByRole("heading", { name: "Larder" })).toBeVisible();
  await page.keyboard.press("4");
  await expect(page.getByRole("heading", { name: "Match" })).toBeVisible();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toContainText("stable reading");
});

test("the first page needs at most 250 kB of compressed script", async ({ page }) => {
  const sizes: Promise<number>[] = [];
  page.on("requestfinished", (request) => {
    if (request.resourceType() === "script") sizes.push(request.sizes().then((s) => s.responseBodySize));
  });
  await signInByButton(page);
  await expect(page.getByText("Best use of today's surplus")).toBeVisible();
  const bytes = (await Promise.all(sizes)).reduce((a, b) => a + b, 0);
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThanOrEqual(250_000);
});

test("two browsers see each other's work, and one lot is spent once", async ({ page, browser }) => {
  await signInDemo(page);
  const other = await browser.newPage();
  await signInDemo(other);
  await page.goto("/larder");
  await other.goto("/larder");
  const row = (p: Page) => p.getByRole("article").first();
  const before = Number(await row(page).locator(".portions").textContent());
  await row(page)
    .getByRole("button", { name: /^Take one portion/ })
    .click();
  await row(other)
    .getByRole("button", { name: /^Take one portion/ })
    .click();
  await other.reload();
  await expect(row(other)).not.toContainText(`${before} portions`);
  await other.close();
});
