import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { ask, loseAnswers, notice, enterDemo } from "./cook.ts";
import { expect, slowDown, test } from "./kitchen-test.ts";

test.use({ ofFile: "14-plan" });

test.beforeEach(async ({ page }) => {
  await enterDemo(page);
});

/** Opens the plan with a dish, on a day on which any hour is still to come. */
async function planOf(page: Page, recipe: string): Promise<void> {
  await page.goto(`/plan?recipe=${recipe}`);
  await expect(page.getByTestId("plan-dishes").getByRole("listitem")).toHaveCount(1);
  const inThreeDays = new Date(Date.now() + 3 * 86_400_000);
  const day = new Intl.DateTimeFormat("en-GB").format(inThreeDays);
  await page.locator("#plan-day").fill(day);
  await page.locator("#plan-day").press("Tab");
  await page.locator("#plan-time").fill("18:30");
  await expect(page.getByTestId("start-at")).toBeVisible();
  // The plan for this table, not the one for the hour that stood there first.
  await expect(page.getByTestId("save-plan")).toBeEnabled();
}

async function addDish(page: Page, name: string): Promise<void> {
  await page.locator("#plan-add").click();
  await page.getByRole("option", { name }).click();
}

const rows = (page: Page) => page.getByTestId("plan-task");

test("two dishes for half past six, saved, printed and read by another calendar", async ({ page }) => {
  await planOf(page, "roast-squash-and-leek-dip");
  await addDish(page, "Sorrel and round lettuce");
  await expect(rows(page).filter({ hasText: "Toss the leaves" })).toBeVisible();
  await expect(page.getByText("No plan can start later")).toBeVisible();
  await expect(rows(page).filter({ hasText: "Heat the oven to 210 °C" })).toBeVisible();
  await expect(rows(page).filter({ hasText: "28–40 min, planned at 40" })).toBeVisible();
  const start = (await page.getByTestId("start-at").textContent())?.trim().slice(0, 5) ?? "";
  await expect(rows(page).first()).toContainText(start);
  await page.getByTestId("save-plan").click();
  await expect(notice(page)).toContainText(`Saved: start at ${start}.`);
  await expect(page.getByTestId("start-at")).toContainText(start);
  await page.emulateMedia({ media: "print" });
  await expect(page.getByTestId("change-plan")).toBeHidden();
  await expect(rows(page).first()).toBeVisible();
  await page.emulateMedia({ media: "screen" });
  const download = page.waitForEvent("download");
  await page.getByTestId("plan-calendar").click();
  const file = readFileSync(await (await download).path(), "utf8");
  expect(file).toMatch(/^BEGIN:VCALENDAR/);
  expect(file.match(/BEGIN:VALARM/g)?.length).toBeGreaterThan(5);
  await page.goto("/plan");
  await expect(page.getByTestId("saved-plan").filter({ hasText: "Roast squash and leek dip" })).toHaveCount(
    1,
  );
});

test("what there is to cook with is kept for every plan, or said for one only", async ({ page }) => {
  await planOf(page, "roast-squash-and-leek-dip");
  await page.getByText("Kitchen and quiet hours").click();
  await page.locator("#plan-trays").fill("0");
  await expect(page.getByText("Only for this plan.")).toBeVisible();
  await expect(page.getByText(/no oven/).first()).toBeVisible();
  await page.getByRole("button", { name: "As usual" }).click();
  await expect(page.locator("#plan-trays")).toHaveValue("2");
  await expect(page.getByTestId("save-plan")).toBeEnabled();
  await page.locator("#plan-trays").fill("3");
  await page.getByTestId("keep-places").click();
  await expect(notice(page)).toContainText("Kept for every plan");
  await expect(page.getByTestId("keep-places")).toBeHidden();
  await page.goto("/kitchen");
  await expect(page.locator("#kitchen-trays")).toHaveValue("3");
  await page.locator("#kitchen-trays").fill("2");
  await page.getByTestId("save-kitchen").click();
  await expect(notice(page)).toContainText("Settings saved");
  await page.goto("/plan");
  await page.getByText("Kitchen and quiet hours").click();
  await expect(page.locator("#plan-trays")).toHaveValue("2");
  await expect(page.locator("#plan-rings")).toHaveValue("4");
});

test("for a table after midnight the cooking begins the evening before, and goes on in its order", async ({
  page,
}) => {
  await planOf(page, "roast-squash-and-leek-dip");
  await page.locator("#plan-time").fill("00:30");
  const eve = new Date(Date.now() + 2 * 86_400_000);
  const weekday = new Intl.DateTimeFormat("en-GB", { weekday: "short" }).format(eve);
  await expect(page.getByTestId("start-at")).toContainText(/^\s*2[0-3]:/);
  await expect(page.getByTestId("start-at")).toContainText(weekday);
  await expect(page.getByTestId("save-plan")).toBeEnabled();
  const times = (await rows(page).allTextContents()).map((text) => /\d\d:\d\d/.exec(text)?.[0] ?? "");
  const sinceNoon = times.map((time) => ((Number(time.slice(0, 2)) + 12) % 24) * 60 + Number(time.slice(3)));
  expect(sinceNoon.length).toBeGreaterThan(5);
  expect(sinceNoon).toEqual([...sinceNoon].sort((a, b) => a - b));
  expect(times.some((time) => time.startsWith("00:"))).toBe(true);
  await page.getByTestId("save-plan").click();
  await expect(page.getByTestId("start-at")).toContainText(weekday);
});

test("too early is said in minutes, and the change that is offered makes it possible", async ({ page }) => {
  await planOf(page, "roast-squash-and-leek-dip");
  await page.locator("#plan-home").fill("18:00");
  const impossible = page.getByTestId("plan-impossible");
  await expect(impossible).toContainText(/18:30 is .* too early/);
  await impossible.getByTestId("remedy").filter({ hasText: "On the table at" }).click();
  await expect(page.getByTestId("start-at")).toBeVisible();
  await expect(impossible).toBeHidden();
});

test("a step is fixed by typing a time, by its bar and the keys, and the plan goes round it", async ({
  page,
}) => {
  await planOf(page, "roast-squash-and-leek-dip");
  const machine = rows(page).filter({ hasText: "Let it cool, then run" });
  await machine.getByRole("button", { name: /^\d\d:\d\d$/ }).click();
  await page.getByLabel("New time for: Let it cool").fill("15:00");
  await page.keyboard.press("Enter");
  await expect(machine).toContainText("you fixed this time");
  await expect(machine).toContainText("15:00");
  const bar = page.locator(".bar.work.fixed").first();
  await bar.press("ArrowRight");
  await expect(machine).toContainText("15:05");
  await machine.getByRole("button", { name: "Don't fix it" }).click();
  await expect(machine).not.toContainText("you fixed this time");
});

test("a bar that is dragged moves its step", async ({ page }) => {
  await planOf(page, "roast-squash-and-leek-dip");
  const machine = rows(page).filter({ hasText: "Let it cool, then run" });
  const time = machine.getByRole("button", { name: /^\d\d:\d\d$/ });
  const before = (await time.textContent()) ?? "";
  const bar = page.locator(".bar.work").first();
  const box = await bar.boundingBox();
  if (!box) throw new Error("no bar");
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x - 60, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByText("you fixed this time")).toBeVisible();
  await expect(time).not.toHaveText(before);
});

test("minutes are typed over in place, and the plan starts earlier", async ({ page }) => {
  await planOf(page, "roast-squash-and-leek-dip");
  const before = await page.getByTestId("start-at").textContent();
  const roast = rows(page).filter({ hasText: "28–40 min" });
  await roast.getByRole("button", { name: "28–40 min, planned at 40" }).click();
  await page.getByLabel("Minutes for: Cooks by itself").fill("70");
  await page.keyboard.press("Enter");
  await expect(rows(page).filter({ hasText: "70 min · your time" })).toBeVisible();
  await expect(page.getByTestId("start-at")).not.toHaveText(before ?? "");
});

test("a step is done another way, by hand or because there is no oven, and saved so", async ({ page }) => {
  await planOf(page, "roast-squash-and-leek-dip");
  const roast = rows(page).filter({ hasText: "Roast the squash" });
  await roast.getByTestId("other-way").click();
  await expect(rows(page).filter({ hasText: /Grill the squash in slabs/ })).toBeVisible();
  await expect(rows(page).filter({ hasText: "Heat the oven" })).toHaveCount(0);
  await rows(page)
    .filter({ hasText: /Grill the squash/ })
    .getByTestId("other-way")
    .click();
  await expect(rows(page).filter({ hasText: "Heat the oven" })).toBeVisible();

  await page.reload();
  await page.goto("/plan");
  await expect(rows(page).filter({ hasText: "Heat the oven" })).toBeVisible();
});

test("a make in progress goes to the plan with what is done otherwise tonight", async ({ page }) => {
  await page.goto("/cook/sorrel-and-round-lettuce");
  await page.locator('[data-testid^="change-"]').first().click();
  await page.getByTestId("leave-out").click();
  await page.getByTestId("plan-this").click();
  const dish = page.getByTestId("plan-dishes").getByRole("listitem");
  await expect(dish).toHaveCount(1);
  await expect(dish).toContainText("as changed for tonight");
});

test("what is chosen survives a reload; a wrong time says so and loses nothing", async ({ page }) => {
  await planOf(page, "kohlrabi-and-fennel-slaw");
  await page.locator("#plan-time").fill("25:00");
  await expect(page.getByText("Enter a time, like 18:30.")).toBeVisible();
  await page.reload();
  await expect(page.locator("#plan-time")).toHaveValue("25:00");
  await expect(page.getByTestId("plan-dishes")).toContainText("Kohlrabi and fennel slaw");
  await page.locator("#plan-time").fill("19:00");
  await expect(page.getByTestId("start-at")).toBeVisible();
});

test("saved with its answer lost and tapped again it is one plan", async ({ page }) => {
  await planOf(page, "kohlrabi-and-fennel-slaw");
  const before = (await ask<unknown[]>(page, "/api/plans")).length;
  await loseAnswers(page, /\/api\/plans$/, 1);
  await page.getByTestId("save-plan").click();
  await expect(notice(page)).toContainText("Saved: start at");
  expect((await ask<unknown[]>(page, "/api/plans")).length).toBe(before + 1);
});

test("a plan is found by the other tablet, and changed there", async ({ page, browser }) => {
  await planOf(page, "kohlrabi-and-fennel-slaw");
  await page.getByTestId("save-plan").click();
  await expect(page.getByTestId("change-plan")).toBeVisible();
  const other = await browser.newPage();
  await enterDemo(other);
  await other.goto(page.url());
  await other.getByTestId("change-plan").click();
  await expect(other.locator("#plan-time")).toHaveValue("18:30");
  await other.locator("#plan-time").fill("20:00");
  await expect(other.getByTestId("start-at")).toContainText(/19:/);
  await other.getByTestId("save-plan").click();
  await expect(other.getByTestId("change-plan")).toBeVisible();
  await page.reload();
  await expect(page.getByText("at 20:00")).toBeVisible();
});

test("on a slow machine the plan still comes, and the page goes on answering", async ({ page }) => {
  await slowDown(page, 4);
  await planOf(page, "roast-squash-and-leek-dip");
  for (const name of ["Farro with tomatillos", "Braised fennel"]) await addDish(page, name);
  await expect(rows(page).filter({ hasText: "simmer the fennel" })).toBeVisible();
});
