import type { Page } from "@playwright/test";
import { ask, Effort, forGood, loseAnswers, notice, enterDemo, simulateLoad, tell } from "./cook.ts";
import { expect, slowDown, test } from "./kitchen-test.ts";

test.use({ ofFile: "15-cook-along" });

test.beforeEach(async ({ page }) => {
  await enterDemo(page);
});

type Solved = { from: string; schedule: { startAt: string; starts: unknown[] } };
type CookAlong = { events: { id: string; act: { kind: string; task?: string } }[] };

/** A saved plan whose table is in so many minutes; its id. */
async function savedPlan(page: Page, minutes = 200): Promise<string> {
  const dishes = [
    { key: "dip", recipeId: "roast-squash-and-leek-dip" },
    { key: "leaves", recipeId: "sorrel-and-round-lettuce" },
  ];
  const wish = { dishes, tableAt: new Date(Date.now() + minutes * 60_000).toISOString() };
  const { from, schedule } = await tell<Solved>(page, "/api/plans/solve", wish);
  const id = crypto.randomUUID();
  await tell(page, "/api/plans", { ...wish, id, from, schedule });
  return id;
}

async function cookAlong(page: Page, id: string): Promise<void> {
  await page.goto(`/plan/${id}/cook`);
  await expect(page.getByTestId("now-card").first()).toBeVisible();
}

const eventsOf = async (page: Page, id: string): Promise<CookAlong["events"]> =>
  (await ask<CookAlong>(page, `/api/plans/${id}/cook`)).events;
const done = (page: Page) => page.getByTestId("step-done").first();
const timer = (page: Page, text: string) => page.getByTestId("timer").filter({ hasText: text });

/** Says that a step is done wherever it stands: it may be early for it. */
async function say(page: Page, text: string): Promise<void> {
  const card = page.getByTestId("now-card").filter({ hasText: text }).getByTestId("step-done");
  const next = page.getByTestId("next-step").filter({ hasText: text }).getByRole("button");
  await card.or(next).first().click();
}

test("from a saved plan to cooking in three taps at most, a step done in one", async ({ page }) => {
  const id = await savedPlan(page);
  await page.goto(`/plan/${id}`);
  await expect(page.getByTestId("plan-task").filter({ hasText: "Roast the squash" })).toContainText(
    "oven · 210 °C · 28–40 min · check every 12 min · done when brown and floury",
  );
  const start = new Effort(page);
  await start.click(page.getByTestId("cook-along"));
  await expect(page.getByTestId("now-card").first()).toContainText("Heat the oven to 210 °C");
  expect(start.spent).toBeLessThanOrEqual(3);
  const step = new Effort(page);
  await step.click(done(page));
  await expect(timer(page, "Heat the oven")).toBeVisible();
  expect(step.spent).toBe(1);
});

test("a timer starts with its step, and survives a reload; the other tablet has the same", async ({
  page,
  browser,
}) => {
  const id = await savedPlan(page);
  await cookAlong(page, id);
  await say(page, "Roast the squash");
  await expect(timer(page, "Roast the squash").getByTestId("countdown")).toHaveText(/^(39:\d\d|40:00)$/);
  await expect(timer(page, "Roast the squash")).toContainText("done when brown and floury");
  await expect(page).toHaveTitle(/^39:\d\d Roast squash and leek dip/);
  await page.reload();
  await expect(timer(page, "Roast the squash").getByTestId("countdown")).toHaveText(/^39:\d\d$/);
  const other = await browser.newPage();
  await enterDemo(other);
  await cookAlong(other, id);
  await expect(timer(other, "Roast the squash")).toBeVisible();
  await timer(other, "Roast the squash").getByTestId("timer-done").click();
  await expect(timer(page, "Roast the squash")).toBeHidden();
  // What one did the other can take back.
  await page.getByTestId("undo-step").click();
  await expect(timer(other, "Roast the squash")).toBeVisible();
});

test("what is tapped twice, with answers lost, is said once", async ({ page }) => {
  const id = await savedPlan(page);
  await cookAlong(page, id);
  await loseAnswers(page, /\/cook\/events$/, forGood);
  await say(page, "Roast the squash");
  await expect(timer(page, "Roast the squash")).toBeVisible();
  await expect.poll(async () => (await eventsOf(page, id)).length).toBe(1);
  await page.waitForTimeout(3000);
  expect(await eventsOf(page, id)).toHaveLength(1);
});

test("without a network what is tapped is shown at once and sent later, once", async ({ page, context }) => {
  const id = await savedPlan(page);
  await cookAlong(page, id);
  await context.setOffline(true);
  await say(page, "Prepare kabocha");
  await say(page, "Roast the squash");
  await expect(timer(page, "Roast the squash")).toBeVisible();
  await context.setOffline(false);
  await expect.poll(async () => (await eventsOf(page, id)).length).toBe(2);
  await expect(timer(page, "Roast the squash")).toBeVisible();
});

/** As a tablet would have said it so many minutes ago. */
const saidAgo = (page: Page, id: string, minutes: number, task: string): Promise<unknown> =>
  tell(page, `/api/plans/${id}/cook/events`, {
    ...{ id: crypto.randomUUID(), at: new Date(Date.now() - minutes * 60_000).toISOString() },
    act: { kind: "done", task },
  });

test("look now, then over; not yet gives more time, and the table moves", async ({ page }) => {
  const id = await savedPlan(page, 170);
  await cookAlong(page, id);
  await saidAgo(page, id, 30, "dip/0/put-in");
  const roast = timer(page, "Roast the squash");
  await expect(roast).toContainText("Look now.");
  await expect(roast.getByTestId("countdown")).toHaveText(/^(9|10):\d\d$/);
  await expect(page.getByTestId("now-card").filter({ hasText: "Look and turn" }).first()).toBeVisible();
  const late = await savedPlan(page, 170);
  await cookAlong(page, late);
  await expect(page.getByTestId("table-at")).toBeVisible();
  await saidAgo(page, late, 42, "dip/0/put-in");
  await expect(roast).toContainText("Over.");
  await expect(roast.getByTestId("countdown")).toHaveText(/^−[23]:\d\d$/);
  await roast.getByTestId("not-yet").click();
  await expect(roast).not.toContainText("Over.");
  for (let more = 0; more < 9; more++) await tell(page, `/api/plans/${late}/cook/events`, notYet());
  await expect(page.getByTestId("late")).toContainText(/min late/);
});

const notYet = () => ({
  ...{ id: crypto.randomUUID(), at: new Date().toISOString() },
  act: { kind: "not-yet", task: "dip/0/by-itself", minutes: 10 },
});

test("a step is skipped, and paused cooking goes on with its timers", async ({ page }) => {
  const id = await savedPlan(page);
  await cookAlong(page, id);
  await say(page, "Roast the squash");
  await page.getByTestId("step-skip").first().click();
  await expect.poll(async () => (await eventsOf(page, id)).map(({ act }) => act.kind)).toContain("skipped");
  await page.getByTestId("pause-cooking").click();
  await expect(page.getByText("Paused. Timers go on.")).toBeVisible();
  await expect(timer(page, "Roast the squash")).toBeVisible();
  await page.getByTestId("pause-cooking").click();
  await expect(page.getByText("Paused. Timers go on.")).toBeHidden();
});

test("what is done can be done once more, and that taken back", async ({ page }) => {
  const id = await savedPlan(page);
  await cookAlong(page, id);
  await say(page, "Roast the squash");
  const roast = timer(page, "Roast the squash");
  await expect(roast).toBeVisible();
  await page.getByTestId("done-steps").getByRole("button", { name: /^Done/ }).click();
  await page.getByRole("button", { name: /^Once more: Roast the squash/ }).click();
  await expect(roast).toBeHidden();
  await expect(page.getByTestId("done-steps")).not.toContainText("Roast the squash");
  await page.getByTestId("undo-step").click();
  await expect(roast).toBeVisible();
});

test("by keyboard: space is done, U takes it back", async ({ page }) => {
  const id = await savedPlan(page);
  await cookAlong(page, id);
  await page.getByRole("heading", { name: "Cook along" }).click();
  await page.keyboard.press("Space");
  await expect(timer(page, "Heat the oven")).toBeVisible();
  await page.keyboard.press("u");
  await expect(timer(page, "Heat the oven")).toBeHidden();
});

test("a plan that was deleted meanwhile says so", async ({ page }) => {
  const id = await savedPlan(page);
  await cookAlong(page, id);
  await tell(page, `/api/plans/${id}/drop`, {});
  await done(page).click();
  await expect(page.getByText("This plan wasn't found. It may have been deleted.").first()).toBeVisible();
});

test("what waited without a network and is refused in the end is not shown as done", async ({
  page,
  context,
}) => {
  const id = await savedPlan(page);
  await cookAlong(page, id);
  await context.setOffline(true);
  await done(page).click();
  await expect(timer(page, "Heat the oven")).toBeVisible();
  await tell(page, `/api/plans/${id}/drop`, {});
  await context.setOffline(false);
  await expect(page.getByText("This plan wasn't found. It may have been deleted.").first()).toBeVisible();
  await expect(timer(page, "Heat the oven")).toBeHidden();
});

test("on a slow phone the button is there without scrolling, and answers", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await slowDown(page, 4);
  const id = await savedPlan(page);
  await cookAlong(page, id);
  const box = await done(page).boundingBox();
  const bar = await page.getByRole("navigation").last().boundingBox();
  expect((box?.y ?? 999) + (box?.height ?? 0)).toBeLessThanOrEqual(bar?.y ?? 740);
  await done(page).click();
  await expect(timer(page, "Heat the oven")).toBeVisible();
  await expect(notice(page)).toBeHidden();
});

test("what is added to taste is two taps with the scale, and is counted when the dish is stored", async ({
  page,
}) => {
  const id = await savedPlan(page);
  await cookAlong(page, id);
  await simulateLoad(page, 4);
  const taste = page.getByTestId("add-to-taste");
  const effort = new Effort(page);
  await effort.click(taste.getByTestId("pick-salt-sea-fine"));
  await expect(page.locator("#taste-amount")).toHaveValue("4 g");
  await effort.click(page.getByTestId("add-taste"));
  await expect(page.getByTestId("additions")).toContainText("4 g");
  expect(effort.spent).toBeLessThanOrEqual(2);
  await expect.poll(async () => (await eventsOf(page, id)).map(({ act }) => act.kind)).toEqual(["added"]);
  await page.goto(`/cook/roast-squash-and-leek-dip?batches=1&plan=${id}&dish=dip`);
  await expect(page.getByTestId("added-on-the-way")).toContainText("4 g");
  await page.getByTestId("count-additions").click();
  await expect(page.getByTestId("added-on-the-way")).toContainText("Counted below.");
});
