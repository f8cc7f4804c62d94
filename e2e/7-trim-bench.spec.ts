import type { Page } from "@playwright/test";
import { ask, logLot, notice, enterDemo } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "7-trim-bench" });

test.beforeEach(async ({ page }) => {
  await enterDemo(page);
});

const bench = (page: Page) => page.getByTestId("trim-bench");
const more = (page: Page) => page.getByTestId("trim-more");
const choose = async (page: Page, field: string, option: string | RegExp): Promise<void> => {
  await page.locator(`#${field}`).click();
  await page.getByRole("option", { name: option }).first().click();
};

test("several bowls: a bowl heavier empty than full is refused, their net is the usable weight", async ({
  page,
}) => {
  const lot = await logLot(page, "chard", "1000");
  await page.goto(`/trim/${lot.id}`);
  await bench(page).getByTestId("add-bowl").click();
  await bench(page).getByTestId("add-bowl").click();
  await bench(page).locator("#gross-0").fill("210");
  await bench(page).locator("#tare-0").fill("560");
  await expect(bench(page).getByText(/Bowl 1 can't be heavier empty/)).toBeVisible();
  await bench(page).getByTestId("save-trim").click();
  await expect(bench(page).locator("#gross-0")).toHaveValue("210");
  expect((await ask<{ grams: number }>(page, `/api/lots/${lot.id}`)).grams).toBe(1000);
  await bench(page).locator("#gross-0").fill("560");
  await bench(page).locator("#tare-0").fill("210");
  await bench(page).locator("#gross-1").fill("290");
  await expect(bench(page).getByTestId("vessels-net")).toHaveText(/640 g/);
  await expect(bench(page).getByTestId("live-yield")).toContainText("0.64");
  await bench(page).getByTestId("save-trim").click();
  await expect(notice(page)).toContainText("640 g chard ready");
});

test("what comes off becomes lots or compost; more off than there is says so", async ({ page }) => {
  const lot = await logLot(page, "fennel-bulb", "1000");
  await page.goto(`/trim/${lot.id}`);
  await bench(page).locator("#trim-usable").fill("600");
  await bench(page).locator("#further-part").click();
  await page.getByRole("option", { name: "flowers" }).first().click();
  await bench(page).getByLabel("flowers", { exact: true }).fill("900");
  await expect(bench(page).getByTestId("balance")).toContainText(/only 400 g is left over/);
  await bench(page).getByTestId("save-trim").click();
  await expect(bench(page).getByRole("alert")).toContainText("left over");
  await bench(page).getByLabel("flowers", { exact: true }).fill("40");
  await expect(bench(page).getByText("keep in a damp cloth for the plate")).toBeVisible();
  await bench(page).getByTestId("save-trim").click();
  await expect(notice(page)).toContainText("600 g");
  const { entries } = await ask<{ entries: { kind: string }[] }>(page, `/api/lots/${lot.id}`);
  expect(entries.map((entry) => entry.kind)).toEqual(["received", "trimmed"]);
});

test("juices kept and drained are two yields, each learned on its own", async ({ page }) => {
  const lot = await logLot(page, "eggplant", "2000");
  await page.goto(`/trim/${lot.id}`);
  await choose(page, "trim-method", /then scoop, drained/);
  await bench(page).locator("#trim-raw").fill("1000");
  await bench(page).locator("#trim-usable").fill("480");
  await bench(page).getByTestId("save-trim").click();
  await expect(notice(page)).toContainText("480 g");
  await page.goto(`/trim/${lot.id}`);
  await choose(page, "trim-method", /then scoop, drained/);
  await expect(bench(page).getByText(/from 1 weighing/)).toBeVisible();
  await choose(page, "trim-method", /then scoop, juices kept/);
  await expect(
    bench(page)
      .getByText(/handbook/)
      .first(),
  ).toBeVisible();
  await more(page).getByTestId("tab-cooked").click();
  await choose(page, "then-cooked", /roast/);
  await expect(more(page).getByRole("alert")).toContainText("already includes the loss in the oven");
});

test("a wrong weighing is withdrawn with a reason: the grams go back and nothing is learned", async ({
  page,
}) => {
  const lot = await logLot(page, "leek", "800");
  await page.goto(`/trim/${lot.id}`);
  await bench(page).locator("#trim-usable").fill("430");
  await bench(page).getByTestId("save-trim").click();
  await expect(notice(page)).toContainText("430 g");
  await page.goto(`/basket/${lot.id}`);
  await page.getByTestId("withdraw-trim").click();
  await page.getByTestId("send").click();
  await expect(page.getByRole("alert")).toBeVisible();
  await page.locator('input[id^="why-"]').fill("bowl not tared");
  await page.getByTestId("send").click();
  await expect(notice(page)).toContainText("800 g");
  await expect(page.getByText("withdrawn", { exact: true })).toBeVisible();
});

test("planned both ways, in whole bunches, and compared by the usable gram", async ({ page }) => {
  const lot = await logLot(page, "chard", "900");
  await page.goto(`/trim/${lot.id}`);
  await more(page).locator("#wanted").fill("500");
  const answer = more(page).getByRole("status");
  await expect(answer).toContainText(/\d/);
  await expect(answer).toContainText(/\d bunch/);
  await more(page).getByTestId("choose-raw").click();
  await more(page).locator("#wanted").fill("1 kg");
  await expect(answer).toContainText(/about/);
  await more(page).getByTestId("tab-prices").click();
  await more(page).getByTestId("compare-prices").click();
  await expect(more(page).locator("#cost-0-problem")).toHaveText("Enter a price like 2.40.");
  await more(page).locator("#cost-0").fill("1.20");
  await more(page).locator("#cost-1").fill("9.00");
  await more(page).getByTestId("compare-prices").click();
  await expect(
    more(page)
      .getByText(/cheaper/)
      .first(),
  ).toBeVisible();
});

test("cooking after the trim loses water, and says how much saltier it makes each gram", async ({ page }) => {
  const lot = await logLot(page, "winter-squash-kabocha", "2000");
  await page.goto(`/trim/${lot.id}`);
  await more(page).getByTestId("tab-cooked").click();
  await choose(page, "then-cooked", /roast diced/);
  await expect(more(page).getByText(/% water afterwards/)).toBeVisible();
  await expect(more(page).getByText(/times/).first()).toBeVisible();
  await more(page).getByTestId("weigh-tray").getByRole("button").first().click();
  await more(page).locator("#tray-before").fill("1000");
  await more(page).locator("#tray-after").fill("30");
  await more(page).locator("#tray-extras").fill("40");
  await more(page).getByTestId("tray-result").click();
  await expect(more(page).getByText(/can't weigh more than everything/)).toBeVisible();
  await more(page).locator("#tray-after").fill("840");
  await more(page).getByTestId("tray-result").click();
  await expect(more(page).getByText(/0\.80/).first()).toBeVisible();
});

test("one lot trimmed from two browsers at once is trimmed once", async ({ page, browser }) => {
  const lot = await logLot(page, "kale", "700");
  const other = await browser.newPage();
  await enterDemo(other);
  for (const one of [page, other]) {
    await one.goto(`/trim/${lot.id}`);
    await bench(one).locator("#trim-usable").fill("460");
  }
  await Promise.all([page, other].map((one) => bench(one).getByTestId("save-trim").click()));
  const refused = (one: Page) =>
    one.getByText(/in stock\.|Nothing is left of this lot|Someone just used|already trimmed/);
  await expect(notice(page).getByText("ready. Use by").or(refused(page)).first()).toBeVisible();
  await expect(notice(other).getByText("ready. Use by").or(refused(other)).first()).toBeVisible();
  const { lots } = await ask<{ lots: { grams: number; state: string; ingredient: string; since: string }[] }>(
    page,
    "/api/lots?text=kale&state=usable&limit=200",
  );
  expect(lots.filter((one) => one.grams === 460)).toHaveLength(1);
  expect((await ask<{ grams: number }>(page, `/api/lots/${lot.id}`)).grams).toBe(0);
  await other.close();
});
