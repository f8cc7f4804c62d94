import type { Page } from "@playwright/test";
import { enterDemo } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "14-meal-plan" });

const plan = (page: Page) => page.getByTestId("meal-plan");
const dishes = (page: Page) => plan(page).getByTestId("planned-dish");
const names = (page: Page): Promise<string[]> => dishes(page).getByRole("heading").allTextContents();
const done = (page: Page) => expect(plan(page).getByText(/^Counting work and shopping/)).toBeVisible();

test.beforeEach(async ({ page }) => {
  await enterDemo(page);
  await page.goto("/match");
});

test("Match opens with a plan for three days, and says what no plan can beat", async ({ page }) => {
  await expect(page.getByTestId("plan-saved")).toHaveText(
    /^Uses .+ of the .+ that spoils in the next 3 days\./,
  );
  await done(page);
  await expect(page.getByTestId("plan-saved")).toContainText("No plan can save more");
  await expect(plan(page).getByRole("region", { name: "Today" })).toBeVisible();
  await expect(plan(page).getByRole("region", { name: "Tomorrow" })).toBeVisible();
  expect(await dishes(page).count()).toBeGreaterThan(0);
  // Made at the number of batches that was planned.
  const made = dishes(page).first();
  const batches = /^([\d.½]+|half a) batch/.exec((await made.locator("p").first().textContent()) ?? "");
  await made.getByTestId("make-planned").click();
  await expect(page).toHaveURL(/\/cook\/.+\?batches=/);
  expect(batches).not.toBeNull();
});

/** One day is solved to the end in a moment, however busy the machine: what is best does not hang on it. Three are not waited for. */
async function forOneDay(page: Page): Promise<void> {
  await page.getByTestId("choose-1").first().click();
  await expect(plan(page).getByRole("region", { name: "Tomorrow" })).toHaveCount(0);
  await expect(plan(page).getByText("there is no better plan")).toBeVisible();
}

test("a dish that is ruled out is gone, one that is kept stays on its day, and starting over takes it all back", async ({
  page,
}) => {
  await forOneDay(page);
  const before = await names(page);
  const first = before[0] ?? "";
  await dishes(page).first().getByTestId("rule-out").click();
  await expect(plan(page).getByRole("heading", { name: first })).toHaveCount(0);
  await done(page);
  const today = plan(page).getByRole("region", { name: "Today" });
  const kept = (await dishes(page).first().getByRole("heading").textContent()) ?? "";
  await dishes(page).first().getByTestId("keep-planned").click();
  await expect(dishes(page).first().getByTestId("keep-planned")).toHaveAttribute("aria-pressed", "true");
  await page.getByTestId("choose-2").click();
  await expect(plan(page).getByRole("region", { name: "Tomorrow" })).toBeVisible();
  await done(page);
  await expect(today.getByRole("heading", { name: kept })).toBeVisible();
  await plan(page).getByRole("button", { name: "Start over" }).click();
  await forOneDay(page);
  await expect.poll(() => names(page)).toEqual(before);
});

const onDay = (page: Page, name: string) => plan(page).getByRole("region", { name });

test("a dish is moved to another day by keyboard: it stays there, and what changed is marked", async ({
  page,
}) => {
  await done(page);
  const card = onDay(page, "Today").getByTestId("planned-dish").first();
  const name = (await card.getByRole("heading").textContent()) ?? "";
  await card.getByRole("combobox").focus();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Enter");
  await done(page);
  const moved = onDay(page, "Tomorrow").getByTestId("planned-dish").filter({ hasText: name });
  await expect(moved).toHaveCount(1);
  await expect(moved.getByTestId("card-change")).toContainText(/Moved from today|New/);
  await expect(page.getByTestId("argued")).toContainText(`Kept for tomorrow: ${name}`);
  await page.getByRole("button", { name: `Let ${name} go` }).click();
  await done(page);
  await expect(page.getByTestId("argued")).toHaveCount(0);
});

test("a dish is dragged to another day", async ({ page }) => {
  await done(page);
  const card = onDay(page, "Today").getByTestId("planned-dish").first();
  const name = (await card.getByRole("heading").textContent()) ?? "";
  const grip = await card.locator("[data-grip]").boundingBox();
  const target = await onDay(page, "Tomorrow").getByTestId("planned-dish").first().boundingBox();
  if (!grip || !target) throw new Error("nothing to drag");
  await page.mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2);
  await page.mouse.down();
  await page.mouse.move(target.x + target.width / 2, target.y + 20, { steps: 12 });
  await page.mouse.move(target.x + target.width / 2, target.y + 30, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByTestId("argued")).toContainText(`Kept for tomorrow: ${name}`);
  await done(page);
  await expect(onDay(page, "Tomorrow").getByTestId("planned-dish").filter({ hasText: name })).toHaveCount(1);
});

test("what is kept and cannot be is said, and more time brings the plan back", async ({ page }) => {
  await forOneDay(page);
  const count = await dishes(page).count();
  expect(count).toBeGreaterThan(1);
  for (let i = 0; i < count; i++) {
    await dishes(page).nth(i).getByTestId("keep-planned").click();
    await done(page);
  }
  await page.getByTestId("choose-30").click();
  await expect(page.getByTestId("plan-impossible")).toContainText("Let one go, or allow more minutes");
  // Which they are stands there, each to be let go by itself.
  await expect(page.getByTestId("argued").getByRole("listitem")).toHaveCount(count);
  await page.getByTestId("choose-90").click();
  await done(page);
});

test("where the solver does not come, the quick plan and the dishes one at a time still hold", async ({
  page,
}) => {
  await page.route(/\.wasm$/, (route) => route.abort());
  await page.reload();
  await expect(page.getByText("The search for a better plan stopped.")).toBeVisible();
  await expect(dishes(page).first()).toBeVisible();
  await expect(page.getByTestId("make").first()).toBeVisible();
});

test("a plan is asked why a dish is not in it and what buying would change, and a day has guests and less time", async ({
  page,
}) => {
  await forOneDay(page);
  const planned = await names(page);
  await page.getByTestId("ask-plan").getByRole("button", { name: "Ask about this plan" }).click();
  await page.locator("#why-dish").click();
  const asked = page.getByRole("option").first();
  const dish = (await asked.textContent())?.trim() ?? "";
  expect(planned).not.toContain(dish);
  await asked.click();
  await page.getByTestId("why-not").click();
  await expect(page.getByTestId("plan-answer")).toContainText(dish);
  await page.locator("#what-food").click();
  await page.keyboard.type("spinach");
  await page.getByRole("option").first().click();
  await page.getByTestId("what-if").click();
  await expect(page.getByTestId("plan-answer")).toContainText("With 200 g");
  // Nobody at home: nothing is cooked that day.
  await page.getByTestId("day-fields-0").getByRole("button", { name: "Guests and time" }).click();
  await page.locator("#minutes-0").fill("0");
  await expect(plan(page).getByText("Nothing to cook.")).toBeVisible();
  await done(page);
});

test("a whole day is kept as it stands, and let go again", async ({ page }) => {
  await forOneDay(page);
  const cards = await dishes(page).count();
  expect(cards).toBeGreaterThan(0);
  await page.getByRole("button", { name: "Keep the day: Today" }).click();
  await expect(page.getByTestId("argued").getByRole("listitem")).toHaveCount(cards);
  await done(page);
  await expect(dishes(page)).toHaveCount(cards);
  await page.getByRole("button", { name: "Let the day go: Today" }).click();
  await expect(page.getByTestId("argued")).toHaveCount(0);
  await done(page);
});

test("from least waste to least work, by the keyboard: it is planned again once, with what was wished", async ({
  page,
}) => {
  await forOneDay(page);
  const wished: number[] = [];
  page.on("request", (request) => {
    const body = request.postData() ?? "";
    if (request.url().includes("/api/matches/days") && body.includes("lessWork"))
      wished.push((JSON.parse(body) as { lessWork: number }).lessWork);
  });
  const slider = page.getByRole("slider", { name: "From least waste to least work" });
  await slider.focus();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await expect(slider).toHaveAttribute("aria-valuenow", "4");
  await expect.poll(() => wished).toEqual([1]);
  await done(page);
});

test("no more than so many of a kind, and that taken back", async ({ page }) => {
  await done(page);
  await page.getByTestId("ask-plan").getByRole("button", { name: "Ask about this plan" }).click();
  await page.locator("#most-kind").click();
  await page.getByRole("option", { name: "Pesto" }).click();
  await page.locator("#most-times").fill("0");
  await page.getByTestId("at-most").click();
  await expect(page.getByTestId("argued")).toContainText("Pesto: none");
  await done(page);
  await expect(plan(page).getByRole("heading", { name: /pesto/i })).toHaveCount(0);
  await page.getByRole("button", { name: "Take back: Pesto: none" }).click();
  await done(page);
  await expect(plan(page).getByRole("heading", { name: /pesto/i }).first()).toBeVisible();
});

test("what a plan leaves to spoil is given away from it, and the way back is there", async ({ page }) => {
  await forOneDay(page);
  await page.getByTestId("choose-2").click();
  await done(page);
  await page.getByTestId("day-fields-0").getByRole("button", { name: "Guests and time" }).click();
  await page.locator("#minutes-0").fill("0");
  await page.getByTestId("day-fields-1").getByRole("button", { name: "Guests and time" }).click();
  await page.locator("#minutes-1").fill("0");
  const left = page.getByTestId("plan-left");
  // Both days' time is in the plan that is shown, not only the first one's.
  await expect(plan(page).getByText("Nothing to cook.")).toHaveCount(2);
  await done(page);
  const row = left
    .getByRole("listitem")
    .filter({ has: page.getByTestId("left-give") })
    .first();
  const lot = (await row.getByRole("link").getAttribute("href")) ?? "";
  await row.getByTestId("left-give").click();
  await expect(page.getByTestId("notice")).toContainText("given away");
  await expect(left.locator(`a[href="${lot}"]`)).toHaveCount(0);
});
