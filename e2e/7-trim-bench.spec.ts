import { expect, test, type Page } from "@playwright/test";
import { ask, logLot, notice, signInDemo } from "./cook.ts";

test.beforeEach(async ({ page }) => {
  await signInDemo(page);
});

const bench = (page: Page) => page.getByRole("form", { name: "Trim bench" });
const more = (page: Page) => page.getByRole("region", { name: "From the same yields" });
const choose = async (page: Page, field: string, option: string | RegExp): Promise<void> => {
  await page.getByRole("combobox", { name: field }).click();
  await page.getByRole("option", { name: option }).first().click();
};

test("several bowls: a bowl heavier empty than full is refused, their net is the usable weight", async ({
  page,
}) => {
  const lot = await logLot(page, "chard", "1000");
  await page.goto(`/trim/${lot.id}`);
  await bench(page).getByRole("button", { name: "In several bowls" }).click();
  await bench(page).getByRole("button", { name: "Another bowl" }).click();
  await bench(page).getByLabel("Bowl 1 full", { exact: true }).fill("210");
  await bench(page).getByLabel("Bowl 1 empty", { exact: true }).fill("560");
  await expect(
    bench(page).getByText("Bowl 1 weighs 560 g empty and 210 g full: that cannot be."),
  ).toBeVisible();
  await bench(page).getByRole("button", { name: "Record the trim" }).click();
  await expect(bench(page).getByLabel("Bowl 1 full", { exact: true })).toHaveValue("210");
  expect((await ask<{ grams: number }>(page, `/api/lots/${lot.id}`)).grams).toBe(1000);
  await bench(page).getByLabel("Bowl 1 full", { exact: true }).fill("560");
  await bench(page).getByLabel("Bowl 1 empty", { exact: true }).fill("210");
  await bench(page).getByLabel("Bowl 2 full", { exact: true }).fill("290");
  await expect(bench(page).getByTestId("vessels-net")).toHaveText("640 g usable in all");
  await expect(bench(page).getByTestId("live-yield")).toHaveText("now 0.64");
  await bench(page).getByRole("button", { name: "Record the trim" }).click();
  await expect(notice(page)).toContainText("640 g chard ready");
});

test("what comes off becomes lots or compost; more off than there is says so", async ({ page }) => {
  const lot = await logLot(page, "fennel-bulb", "1000");
  await page.goto(`/trim/${lot.id}`);
  await bench(page).getByLabel("Usable", { exact: true }).fill("600");
  await choose(page, "Something else came off", "flowers");
  await bench(page).getByLabel("flowers", { exact: true }).fill("900");
  await expect(bench(page).getByTestId("balance")).toContainText(
    /What came off weighs .*, but only 400 g are left/,
  );
  await bench(page).getByRole("button", { name: "Record the trim" }).click();
  await expect(bench(page).getByRole("alert")).toContainText("are left over");
  await bench(page).getByLabel("flowers", { exact: true }).fill("40");
  await expect(bench(page).getByText("keep in a damp cloth for the plate")).toBeVisible();
  await bench(page).getByRole("button", { name: "Record the trim" }).click();
  await expect(notice(page)).toContainText("600 g");
  const { entries } = await ask<{ entries: { kind: string }[] }>(page, `/api/lots/${lot.id}`);
  expect(entries.map((entry) => entry.kind)).toEqual(["received", "trimmed"]);
});

test("juices kept and drained are two yields, each learned on its own", async ({ page }) => {
  const lot = await logLot(page, "eggplant", "2000");
  await page.goto(`/trim/${lot.id}`);
  await choose(page, "How it is trimmed", /then scoop, drained/);
  await bench(page).getByLabel("Raw, if not all of it").fill("1000");
  await bench(page).getByLabel("Usable", { exact: true }).fill("480");
  await bench(page).getByRole("button", { name: "Record the trim" }).click();
  await expect(notice(page)).toContainText("480 g");
  await page.goto(`/trim/${lot.id}`);
  await choose(page, "How it is trimmed", /then scoop, drained/);
  await expect(bench(page).getByText("from your one weighing")).toBeVisible();
  await choose(page, "How it is trimmed", /then scoop, juices kept/);
  await expect(bench(page).getByText("by the handbook: weigh one, and it learns")).toBeVisible();
  await more(page).getByRole("button", { name: "Then cooked" }).click();
  await choose(page, "Then cooked how", /roast/);
  await expect(more(page).getByRole("alert")).toContainText("already has the oven's loss in it");
});

test("a wrong weighing is withdrawn with a reason: the grams go back and nothing is learned", async ({
  page,
}) => {
  const lot = await logLot(page, "leek", "800");
  await page.goto(`/trim/${lot.id}`);
  await bench(page).getByLabel("Usable", { exact: true }).fill("430");
  await bench(page).getByRole("button", { name: "Record the trim" }).click();
  await expect(notice(page)).toContainText("430 g");
  await page.goto(`/basket/${lot.id}`);
  await page.getByRole("button", { name: "Withdraw this weighing" }).click();
  await page.getByRole("button", { name: "Withdraw it" }).click();
  await expect(
    page
      .getByText("This is needed.")
      .or(page.getByText("That is too little."))
      .or(page.getByText("At least 1.")),
  ).toBeVisible();
  await page.getByLabel("What was wrong").fill("bowl not tared");
  await page.getByRole("button", { name: "Withdraw it" }).click();
  await expect(notice(page)).toContainText("800 g leek is raw again");
  await expect(page.getByText("withdrawn", { exact: true })).toBeVisible();
});

test("planned both ways, in whole bunches, and compared by the usable gram", async ({ page }) => {
  const lot = await logLot(page, "chard", "900");
  await page.goto(`/trim/${lot.id}`);
  await more(page).getByLabel("Usable, once trimmed").fill("500");
  const answer = more(page).getByRole("status");
  await expect(answer).toContainText(/Pick or buy [\s\S]* is on the safe side/);
  await expect(answer).toContainText(/\d bunch(es)?, or\s+\d bunches to be safe/);
  await more(page).getByRole("button", { name: "I have raw" }).click();
  await more(page).getByLabel("Raw", { exact: true }).fill("1 kg");
  await expect(answer).toContainText(/1 kg raw leaves\s+about/);
  await more(page).getByRole("button", { name: "Compare prices" }).click();
  await more(page).getByRole("button", { name: "Compare", exact: true }).click();
  await expect(more(page).locator("#cost-0-problem")).toHaveText("A price is written like 2.40.");
  await more(page).getByLabel("Price", { exact: true }).first().fill("1.20");
  await more(page).getByLabel("Price", { exact: true }).nth(1).fill("9.00");
  await more(page).getByRole("button", { name: "Compare", exact: true }).click();
  await expect(more(page).getByText(/^(market|shop) (is the cheaper|looks cheaper)/)).toBeVisible();
});

test("cooking after the trim loses water, and says how much saltier it makes each gram", async ({ page }) => {
  const lot = await logLot(page, "winter-squash-kabocha", "2000");
  await page.goto(`/trim/${lot.id}`);
  await more(page).getByRole("button", { name: "Then cooked" }).click();
  await choose(page, "Then cooked how", /roast diced/);
  await expect(more(page).getByText(/water on the plate/)).toBeVisible();
  await expect(more(page).getByText(/times as salty and sour/)).toBeVisible();
  await more(page).getByText("Weigh a tray before and after").click();
  await more(page).getByLabel("Food going in", { exact: true }).fill("1000");
  await more(page).getByLabel("All that came off", { exact: true }).fill("30");
  await more(page).getByLabel("Oil and salt on it", { exact: true }).fill("40");
  await more(page).getByRole("button", { name: "Work it out" }).click();
  await expect(more(page).getByText(/cannot weigh more than all that came off/)).toBeVisible();
  await more(page).getByLabel("All that came off", { exact: true }).fill("840");
  await more(page).getByRole("button", { name: "Work it out" }).click();
  await expect(more(page).getByText(/The food itself came to 0\.80 of its weight/)).toBeVisible();
});

test("one lot trimmed from two browsers at once is trimmed once", async ({ page, browser }) => {
  const lot = await logLot(page, "kale", "700");
  const other = await browser.newPage();
  await signInDemo(other);
  for (const one of [page, other]) {
    await one.goto(`/trim/${lot.id}`);
    await bench(one).getByLabel("Usable", { exact: true }).fill("460");
  }
  await Promise.all(
    [page, other].map((one) => bench(one).getByRole("button", { name: "Record the trim" }).click()),
  );
  const refused = (one: Page) =>
    one.getByText(/on hand\.|Nothing is left of this lot|Somebody was quicker|no longer there/);
  await expect(notice(page).getByText("ready, use by").or(refused(page)).first()).toBeVisible();
  await expect(notice(other).getByText("ready, use by").or(refused(other)).first()).toBeVisible();
  const { lots } = await ask<{ lots: { grams: number; state: string; ingredient: string; since: string }[] }>(
    page,
    "/api/lots?text=kale&state=usable&limit=200",
  );
  expect(lots.filter((one) => one.grams === 460)).toHaveLength(1);
  expect((await ask<{ grams: number }>(page, `/api/lots/${lot.id}`)).grams).toBe(0);
  await other.close();
});
