import { randomUUID } from "node:crypto";
import type { Page } from "@playwright/test";
import type { AcceptedPlan, ShoppingList } from "@apron/contract";
import { ask, Effort, notice, signInDemo, tell } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "21-accepted-plan" });

const accepted = (page: Page): Promise<AcceptedPlan> => ask(page, "/api/meal-plan");
const standing = (page: Page) => page.getByTestId("accepted-plan");
const worked = (page: Page) => expect(page.getByText(/^Counting work and shopping/)).toBeVisible();

test.beforeEach(async ({ page }) => {
  await signInDemo(page);
  await tell(page, "/api/meal-plan/drop", {});
  await page.goto("/match");
  await worked(page);
});

test("accepted and with its shopping list in two, then bought, ticked and in the basket for its dishes", async ({
  page,
}) => {
  const effort = new Effort(page);
  await effort.click(page.getByTestId("accept-plan"));
  await expect(standing(page).getByTestId("accepted-dish").first()).toBeVisible();
  await effort.click(standing(page).getByTestId("to-shopping"));
  await expect(page.getByRole("heading", { name: "Shopping list" })).toBeVisible();
  expect(effort.spent).toBeLessThanOrEqual(2);

  await page.getByTestId("shopping-text").fill("2 lemons");
  await page.getByTestId("shopping-add").click();
  const lemons = page.getByTestId("shopping-item").filter({ hasText: "2 lemons" });
  await expect(lemons).toBeVisible();
  const list = await ask<ShoppingList>(page, "/api/shopping");
  const needed = list.items.find((item) => !item.byHand);
  if (!needed) throw new Error("the plan needs nothing bought");
  const row = page.getByTestId("shopping-item").filter({ hasText: needed.name }).first();
  await row.getByRole("checkbox").check();
  await lemons.getByRole("checkbox").check();
  await expect(page.getByTestId("bring-home")).toBeVisible();
  // What cannot be read is said beside its item, and nothing is lost.
  await row.getByRole("textbox").fill("a heap");
  await page.getByTestId("bring-home").click();
  await expect(row.getByRole("alert")).toBeVisible();
  await row.getByRole("textbox").fill("1.2 kg");
  await page.getByTestId("bring-home").click();
  await expect(notice(page)).toContainText("2 lots logged");
  await expect(lemons).toHaveCount(0);
  await page.goto("/basket");
  const lot = page.locator("article.lot").filter({ hasText: "1.2 kg" }).filter({ hasText: needed.name });
  await expect(lot.first()).toContainText(needed.dishes[0] ?? "");
  const after = await accepted(page);
  const stillToBuy = after.dishes.flatMap((dish) => dish.toBuy.map((one) => one.ingredient));
  expect(stillToBuy).not.toContain(needed.ingredient);
});

test("Today shows the day's share; a dish that is dropped frees its lots", async ({ page }) => {
  await page.getByTestId("accept-plan").click();
  await expect(standing(page)).toBeVisible();
  const before = await accepted(page);
  const [first] = before.dishes;
  await standing(page).getByTestId("drop-dish").first().click();
  await expect(notice(page)).toContainText(`${first?.name} dropped`);
  await expect.poll(async () => (await accepted(page)).dishes.length).toBe(before.dishes.length - 1);
  const today = (await accepted(page)).dishes.filter((dish) => dish.day === first?.day);
  await page.locator('nav a[href="/"]').click();
  if (today.length > 0) await expect(standing(page)).toContainText(today[0]?.name ?? "");
  await expect(page.getByRole("heading", { name: "Today", level: 1 })).toBeVisible();
});

test("what was planned stands beside what came of it", async ({ page }) => {
  await page.getByTestId("accept-plan").click();
  await expect(standing(page)).toBeVisible();
  const { dishes } = await accepted(page);
  await standing(page).getByTestId("drop-dish").first().click();
  await expect(notice(page)).toContainText("dropped");
  await page.getByTestId("to-past").click();
  const latest = page.getByTestId("past-plan").first();
  await expect(latest).toContainText(`0 of ${dishes.length} dish`);
  await expect(latest.getByRole("listitem").filter({ hasText: "Dropped" })).toHaveCount(1);
  await expect(latest.getByRole("listitem").filter({ hasText: "To be cooked" })).toHaveCount(
    dishes.length - 1,
  );
});

test("from the accepted plan to cooking in three, with that day's dishes in their batches", async ({
  page,
}) => {
  await page.getByTestId("accept-plan").click();
  await expect(standing(page)).toBeVisible();
  const { dishes } = await accepted(page);
  // The last day: late in the evening today's dishes no longer fit into today.
  const last = dishes.at(-1);
  const ofThatDay = dishes.filter(({ day }) => day === last?.day);
  const [first] = ofThatDay;
  if (!first) throw new Error("nothing was accepted");
  const effort = new Effort(page);
  await effort.click(standing(page).getByTestId("plan-accepted").last());
  const chosen = page.getByTestId("plan-dishes").locator("li");
  await expect(chosen).toHaveCount(ofThatDay.length);
  await expect(chosen.first()).toContainText(first.name);
  await expect(page.locator("#plan-day")).toHaveValue(/\d/);
  await page.locator("#plan-time").fill("23:50");
  await expect(page.getByTestId("save-plan")).toBeEnabled();
  await effort.click(page.getByTestId("save-plan"));
  await effort.click(page.getByTestId("cook-along"));
  await expect(page.getByTestId("now-card").first()).toBeVisible();
  expect(effort.spent).toBeLessThanOrEqual(3);
});

test("a day of the accepted plan is offered where the cooking is planned, and only once", async ({
  page,
}) => {
  await page.getByTestId("accept-plan").click();
  await expect(standing(page)).toBeVisible();
  const { dishes } = await accepted(page);
  const days = new Set(dishes.map(({ day }) => day));
  await page.goto("/plan");
  const offered = page.getByTestId("accepted-day");
  await expect(offered).toHaveCount(days.size);
  await offered.first().click();
  await expect(offered).toHaveCount(days.size - 1);
  const ofFirst = dishes.filter(({ day }) => day === dishes[0]?.day);
  await expect(page.getByTestId("plan-dishes").locator("li")).toHaveCount(ofFirst.length);
});

test("an answer that is lost accepts once", async ({ page }) => {
  let lost = 0;
  await page.route("**/api/meal-plan", async (route) => {
    if (route.request().method() !== "POST" || lost > 0) return route.fallback();
    lost += 1;
    await route.fetch();
    await route.abort();
  });
  await page.getByTestId("accept-plan").click();
  await expect(standing(page)).toBeVisible();
  await expect.poll(() => lost).toBe(1);
  const past = await ask<readonly { dishes: readonly { state: string }[] }[]>(page, "/api/meal-plan/past");
  const planned = past.flatMap((plan) => plan.dishes).filter((dish) => dish.state === "planned");
  expect(planned.length).toBe((await accepted(page)).dishes.length);
  expect(past.filter((plan) => plan.dishes.some((dish) => dish.state === "planned")).length).toBe(1);
});

test("what another tablet used meanwhile is said, and the plan is worked out again", async ({ page }) => {
  const { lots } = await ask<{ lots: { id: string }[] }>(page, "/api/lots?limit=200");
  let isUsed = false;
  await page.route("**/api/meal-plan", async (route) => {
    if (route.request().method() !== "POST" || isUsed) return route.fallback();
    isUsed = true;
    for (const { id } of lots)
      await page.request.post(`/api/lots/${id}/gone-off`, {
        data: {},
        headers: { "Idempotency-Key": randomUUID() },
      });
    await route.continue();
  });
  await page.getByTestId("accept-plan").click();
  await expect(page.getByText("Something in this plan was used, moved or planned meanwhile.")).toBeVisible();
  expect((await accepted(page)).dishes).toEqual([]);
});
