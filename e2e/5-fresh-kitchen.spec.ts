import { amountField, chooseItem, itemField, notice } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "5-fresh-kitchen", startsEmpty: true });

/** One kitchen is set up in this file, so its tests follow each other. */
test.describe.configure({ mode: "serial" });

test("the first page asks for a kitchen, or shows the demo beside it", async ({ page }) => {
  await page.goto("/");
  await expect(page.getByTestId("set-up")).toBeVisible();
  await page.getByTestId("sign-in-demo").click();
  await expect(page.locator('[data-page="today"] h1')).toBeVisible();
  await expect(page.getByText("Best use of today's surplus")).toBeVisible();
});

test("one page sets up people, units, dates, scale; a wrong entry is named and nothing is lost", async ({
  page,
}) => {
  await page.goto("/sign-in");
  await page.getByTestId("set-up").click();
  await page.locator("#kitchen").fill("Back step");
  await page.locator("#name").fill("Marlow");
  await page.locator("#password").fill("short");
  await page.locator("#eater-0").fill("Marlow");
  await page.getByTestId("create-kitchen").click();
  await expect(page.locator("#password-problem")).toBeInViewport();
  await expect(page.locator("#name")).toHaveValue("Marlow");
  await page.reload();
  await page.getByTestId("set-up").click();
  await expect(page.locator("#kitchen")).toHaveValue("Back step");
  await expect(page.locator("#eater-0")).toHaveValue("Marlow");
  await page.getByTestId("add-eater").click();
  await page.locator("#eater-2").fill("Guest");
  await page.locator("#eater-diet-2").click();
  await page.getByRole("option", { name: "Vegan", exact: true }).click();
  await page.locator("#kitchen-zone").click();
  await page.getByRole("searchbox").fill("Auckland");
  await page.getByRole("option", { name: "Pacific/Auckland" }).click();
  await page.locator("#password").fill("long enough");
  await page.getByTestId("create-kitchen").click();
  await expect(page.locator('[data-page="today"] h1')).toBeVisible();
  const settings = (await (await page.request.get("/api/kitchen")).json()) as Record<string, unknown>;
  expect(settings).toMatchObject({ name: "Back step", timeZone: "Pacific/Auckland", scale: "none" });
  expect((settings["eaters"] as { name: string; diet: string }[]).map((one) => one.diet)).toEqual([
    "any",
    "any",
    "vegan",
  ]);
});

test("an empty kitchen says on each page what it is for, takes the demo's recipes, and works", async ({
  page,
}) => {
  await page.goto("/sign-in");
  await page.locator("#name").fill("Marlow");
  await page.locator("#password").fill("long enough");
  await page.getByTestId("sign-in").click();
  await expect(page.locator('[data-page="today"] h1')).toBeVisible();
  await expect(page.getByText("Start here")).toBeVisible();
  await expect(page.getByTestId("scale-dock")).toBeHidden();
  for (const [path, words] of [
    ["/trim", "Nothing to trim"],
    ["/match", "No dish to suggest yet"],
    ["/larder", "Nothing stored yet"],
    ["/recipes", "No recipes yet"],
  ] as const) {
    await page.goto(path);
    await expect(page.getByText(words).first()).toBeVisible();
  }
  await page.getByTestId("demo-recipes").click();
  await expect(page.getByRole("link", { name: "Chard and hazelnut pesto" })).toBeVisible();
  await page.goto("/");
  await itemField(page).fill("chard");
  await page.getByRole("option", { name: "chard" }).first().click();
  await amountField(page).fill("430");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("link", { name: /chard/i }).first()).toBeVisible();
});

test("what is always on the shelf, and settings changed on two tablets, both stay", async ({
  page,
  context,
}) => {
  await page.goto("/sign-in");
  await page.locator("#name").fill("Marlow");
  await page.locator("#password").fill("long enough");
  await page.getByTestId("sign-in").click();
  await expect(page.locator('[data-page="today"] h1')).toBeVisible();
  const other = await context.newPage();
  await page.goto("/kitchen");
  await other.goto("/kitchen");
  await page.locator("#kitchen-name").fill("Front step");
  await other.locator("#add-staple").fill("tahini");
  // At the foot of the page a list may close when the page is scrolled to it: the keyboard needs no scrolling.
  await other.locator("#add-staple").press("Enter");
  await expect(other.getByTestId("staple-tahini")).toBeVisible();
  await page.getByTestId("save-kitchen").click();
  await expect(notice(page)).toContainText("Settings saved");
  await other.getByTestId("save-kitchen").click();
  await expect(notice(other)).toContainText("Settings saved");
  const settings = (await (await page.request.get("/api/kitchen")).json()) as {
    name: string;
    staples: string[];
  };
  expect(settings.name).toBe("Front step");
  expect(settings.staples).toContain("tahini");
  await other.close();
  await page.goto("/");
  await chooseItem(page, "kale");
  await expect(amountField(page)).toBeVisible();
});
