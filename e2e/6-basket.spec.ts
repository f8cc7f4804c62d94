import type { Page } from "@playwright/test";
import { amountField, ask, logLot, notice, paste, signInDemo, simulateLoad } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

test.use({ ofFile: "6-basket" });

test.beforeEach(async ({ page }) => {
  await signInDemo(page);
});

type Lots = { lots: { id: string; ingredient: string; grams: number; priceMinor: number | null }[] };
const lotsFrom = async (page: Page, text: string): Promise<Lots["lots"]> =>
  (await ask<Lots>(page, `/api/lots?text=${encodeURIComponent(text)}&limit=200`)).lots;
const severalOf = (page: Page) => page.getByTestId("intake");
const lineField = (page: Page) => severalOf(page).locator("#intake-line");
/** What is bought by the piece, among what this kitchen logs most. */
const counted = /aubergine|courgette|cucumber|leek|pepper|beetroot|fennel|lemon|onion/;
async function openSeveral(page: Page): Promise<void> {
  await page.goto("/basket");
  await page.getByTestId("choose-several").click();
  await expect(lineField(page)).toBeEnabled();
}

test("a pasted market list is read, what is open is asked, and it all goes in together", async ({ page }) => {
  const before = (await lotsFrom(page, "rocket")).length;
  await openSeveral(page);
  const pasted = ["1 kg pumpkin", "2 heads lettuce", "1 bunch aragula", "8 oz olive oil", "3 moonflowers"];
  await paste(lineField(page), pasted.join("\n"));
  const rows = severalOf(page).getByTestId("delivery-rows").locator("> li");
  await expect(rows).toHaveCount(5);
  // A slip of the pen is offered, never taken.
  await expect(rows.filter({ hasText: "aragula" }).getByTestId("pick-arugula")).toBeVisible();
  await expect(severalOf(page).getByTestId("open-lines")).toContainText("4 lines");

  await severalOf(page).getByTestId("log-intake").click();
  await expect(
    severalOf(page)
      .getByText(/Which one|Choose an ingredient|ounces/)
      .first(),
  ).toBeVisible();
  expect((await lotsFrom(page, "rocket")).length).toBe(before);

  await rows.filter({ hasText: "lettuce" }).getByRole("button", { name: "round lettuce" }).click();
  await rows.filter({ hasText: "aragula" }).getByTestId("pick-arugula").click();
  const lettuce = rows.filter({ hasText: "lettuce" });
  await expect(lettuce).toContainText("taken as round lettuce");
  await expect(lettuce).not.toContainText("Which one");
  await rows.filter({ hasText: "olive oil" }).getByTestId("ounce-fluid").click();
  // The answer is read at once: the question goes, and what it comes to stands there.
  await expect(rows.filter({ hasText: "olive oil" }).getByRole("group")).toHaveCount(0);
  await expect(rows.filter({ hasText: "olive oil" })).toContainText("216 g");
  await rows.filter({ hasText: "moonflowers" }).getByTestId("remove-row").click();
  await severalOf(page).getByTestId("log-intake").click();
  await expect(notice(page)).toContainText("Logged 4 items");
  expect((await lotsFrom(page, "rocket")).length).toBe(before + 1);
  await notice(page).getByTestId("undo").click();
  await expect(notice(page)).toContainText("Undone");
  expect((await lotsFrom(page, "rocket")).length).toBe(before);

  await lineField(page).fill("8 oz olive oil");
  await lineField(page).press("Enter");
  // Asked once: the kitchen remembers that these ounces are fluid. 8 × 29.57 ml × 0.915 g/ml.
  await expect(rows.filter({ hasText: "olive oil" })).toContainText("216 g");
  await rows.filter({ hasText: "olive oil" }).getByTestId("remove-row").click();
});

test("a bare number beside a chosen item asks pieces or grams; the rest goes in without it", async ({
  page,
}) => {
  await openSeveral(page);
  const chip = severalOf(page).getByTestId("usual-items").getByRole("button", { name: counted }).first();
  const name = (await chip.textContent())?.trim() ?? "";
  const before = (await lotsFrom(page, name)).length;
  await chip.click();
  await paste(lineField(page), "300 g sorrel\n2 kg plums");
  const rows = severalOf(page).getByTestId("delivery-rows").locator("> li");
  await expect(rows).toHaveCount(3);
  await rows.first().getByRole("textbox").fill("2");
  const asked = rows.first().getByTestId("pieces-or-grams");
  await expect(asked.getByRole("button")).toHaveText(["2 pieces", "2 g"]);
  await severalOf(page).getByTestId("log-intake").click();
  await expect(severalOf(page).getByTestId("open-lines")).toContainText("1 line needs an answer");
  expect((await lotsFrom(page, name)).length).toBe(before);

  await severalOf(page).getByTestId("log-clear").click();
  await expect(notice(page)).toContainText("Logged 2 items");
  await expect(rows).toHaveCount(1);
  await asked.getByRole("button", { name: "2 pieces" }).click();
  await expect(asked).toBeHidden();
  await severalOf(page).getByTestId("log-intake").click();
  await expect(notice(page)).toContainText("Logged 1 item");
  const lots = await lotsFrom(page, name);
  expect(lots).toHaveLength(before + 1);
  expect(Math.max(...lots.map(({ grams }) => grams))).toBeGreaterThan(100);
});

test("a row is written again in place, and what is clear is logged while the rest waits", async ({
  page,
}) => {
  await openSeveral(page);
  await paste(lineField(page), "300 g sorrel\n400 g glimmerweed\n2 kg moonplums");
  const rows = severalOf(page).getByTestId("delivery-rows").locator("> li");
  await expect(rows).toHaveCount(3);
  await rows.filter({ hasText: "moonplums" }).getByTestId("edit-row").click();
  await expect(page.locator("input:focus")).toHaveValue("2 kg moonplums");
  await page.keyboard.press("ControlOrMeta+a");
  await page.keyboard.type("2 kg plums");
  await page.keyboard.press("Enter");
  await expect(rows.filter({ hasText: "2 kg plums" })).toBeVisible();
  await severalOf(page).getByTestId("log-clear").click();
  await expect(notice(page)).toContainText("Logged 2 items");
  await expect(rows).toHaveCount(1);
  await expect(rows).toContainText("400 g glimmerweed");
  await page.reload();
  await page.getByTestId("choose-several").click();
  await expect(rows).toContainText("400 g glimmerweed");
  await rows.getByTestId("remove-row").click();
});

test("the price of a box is shared over its lines by weight", async ({ page }) => {
  await openSeveral(page);
  await paste(lineField(page), "750 g leeks\n250 g kale");
  await severalOf(page).getByTestId("delivery-details").getByRole("button").first().click();
  await severalOf(page).locator("#intake-note").fill("share e2e");
  await severalOf(page).locator("#intake-price").fill("eight");
  await severalOf(page).getByTestId("log-intake").click();
  await expect(page.locator("#intake-price-problem")).toContainText("Enter a price");
  await severalOf(page).locator("#intake-price").fill("8.00");
  await severalOf(page).getByTestId("log-intake").click();
  await expect(notice(page)).toContainText("Logged 2 items, 1 kg in total.");
  const leek = (await lotsFrom(page, "leek")).find((lot) => lot.grams === 750);
  expect(leek?.priceMinor).toBe(600);
});

test("two thousand pasted lines are read in a worker while the page goes on answering", async ({ page }) => {
  await openSeveral(page);
  expect(
    page
      .workers()
      .map((worker) => worker.url())
      .filter((url) => url.includes("line-reader")),
  ).toHaveLength(1);
  // The page's own clock ticks on every frame; the longest silence is what a cook would feel.
  await page.evaluate(() => {
    const seen = { worst: 0, last: performance.now() };
    Object.assign(window, { seen });
    const tick = (): void => {
      const now = performance.now();
      seen.worst = Math.max(seen.worst, now - seen.last);
      seen.last = now;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  const names = [
    "chard",
    "plums",
    "rocket",
    "spring onions",
    "courgettes",
    "flat-leaf parsley",
    "feta",
    "lemons",
  ];
  const lines = Array.from({ length: 2000 }, (_, i) => `${100 + i} g ${names[i % names.length] ?? "kale"}`);
  await paste(lineField(page), lines.join("\n"));
  await expect(severalOf(page).getByTestId("log-intake")).toContainText("2000");
  await expect(severalOf(page).getByTestId("delivery-rows").getByRole("listitem")).toHaveCount(25);
  const { worst } = await page.evaluate(() => (window as unknown as { seen: { worst: number } }).seen);
  test.info().annotations.push({ type: "longest silence", description: `${Math.round(worst)} ms` });
  await lineField(page).fill("still here");
  await expect(lineField(page)).toHaveValue("still here");
});

test("a box being typed survives a reload", async ({ page }) => {
  await openSeveral(page);
  await lineField(page).fill("2 bunches chard");
  await lineField(page).press("Enter");
  await expect(severalOf(page).getByText("about 700 g")).toBeVisible();
  await page.reload();
  await expect(severalOf(page).getByText("2 bunches chard")).toBeVisible();
  await severalOf(page).getByTestId("remove-row").click();
});

test("a file goes in row by row: the wrong ones are named with line and reason", async ({ page }) => {
  await page.goto("/basket");
  await page.getByTestId("lots-file-link").click();
  const file = page.getByTestId("lots-file");
  const give = (text: string | Buffer) =>
    file.setInputFiles({ name: "lots.csv", mimeType: "text/csv", buffer: Buffer.from(text) });

  await give("thing,howmuch\nchard,300\n");
  await expect(page.getByText(/needs the columns item, amount/)).toBeVisible();
  await give(Buffer.from([...Buffer.from("item,amount\nch"), 0xe4, ...Buffer.from("rd,300\n")]));
  await expect(page.getByText(/aren't UTF-8/)).toBeVisible();
  await give(`item,amount\n${"chard,300\n".repeat(10_000)}`);
  await expect(page.getByText(/10000 rows are too many/)).toBeVisible();

  await give(
    'item,amount,grade\r\n"kale",310,prime\r\nmoonflower,200,\r\nchard,plenty,\r\nplum,1 kg,rotten\r\n',
  );
  const faults = page.getByRole("table").locator("tbody").getByRole("row");
  await expect(faults).toHaveCount(3);
  await expect(faults.nth(0)).toContainText(/3.*item.*moonflower/);
  await expect(faults.nth(1)).toContainText(/4.*amount.*plenty/);
  await expect(faults.nth(2)).toContainText(/5.*grade/);
  const before = (await lotsFrom(page, "kale")).length;
  await expect(page.getByTestId("import-lots")).toHaveText("Import 1 row");
  await page.getByTestId("import-lots").click();
  await expect(notice(page)).toContainText("Imported 1 row of lots.csv, left out 3.");
  expect((await lotsFrom(page, "kale")).length).toBe(before + 1);
  await notice(page).getByTestId("undo").click();
  await expect(notice(page)).toContainText("Undone");
  expect((await lotsFrom(page, "kale")).length).toBe(before);

  const out = await page.request.get("/api/lots.csv");
  expect(out.headers()["content-type"]).toContain("text/csv");
  expect(await out.text()).toContain("\r\n");
});

test.describe("a lot", () => {
  const act = (page: Page, name: string) =>
    page.getByTestId("lot-acts").getByTestId(`choose-${name}`).click();

  test("is split by size in one step, each part with the way that suits it, and put back", async ({
    page,
  }) => {
    const lot = await logLot(page, "zucchini", "1000");
    await page.goto(`/basket/${lot.id}`);
    await act(page, "split");
    await page.locator("#split-small").fill("900");
    await page.locator("#split-large").fill("300");
    await page.locator("form").getByTestId("send").click();
    await expect(page.getByRole("alert")).toHaveText("The parts weigh 1.2 kg; only 1 kg is in stock.");
    await expect(page.locator("#split-small")).toHaveValue("900");
    await page.locator("#split-small").fill("400");
    await page.locator("form").getByTestId("send").click();
    await expect(page.getByRole("link", { name: "400 g small" })).toBeVisible();
    await notice(page).getByTestId("undo").click();
    await expect(page.getByRole("table").getByText(/undone.*split/i)).toBeVisible();
    // A part that was undone is not offered any more: it would lead to an empty lot.
    await expect(page.getByRole("link", { name: "400 g small" })).toBeHidden();
    expect((await ask<{ grams: number }>(page, `/api/lots/${lot.id}`)).grams).toBe(1000);

    await page.locator("#split-small").fill("400");
    await page.locator("form").getByTestId("send").click();
    await page.getByRole("link", { name: "400 g small" }).click();
    await page.getByTestId("trim-lot").click();
    await expect(page.locator("#trim-method")).toContainText(/\w/);
  });

  test("is given, moved, frozen whole and corrected, and its ledger takes each back", async ({ page }) => {
    const lot = await logLot(page, "leek", "900");
    await page.goto(`/basket/${lot.id}`);
    await page.getByTestId("choose-given").click();
    await page.locator("#take-grams, #take-amount").fill("200");
    await page.locator("#take-reason").fill("next plot");
    await page.getByTestId("send").click();
    await expect(notice(page)).toContainText("200 g leek given away.");
    const row = page.getByRole("row").filter({ hasText: "given away · next plot" });
    await expect(row).toContainText("−200 g");
    await row.getByTestId("undo-entry").click();
    await expect(row.getByTestId("undo-entry")).toBeHidden();
    await expect(page.getByRole("row").filter({ hasText: /undone.*given/i })).toContainText("+200 g");

    await act(page, "move");
    await page.getByTestId("to-cupboard").click();
    await expect(page.getByText(/cool cupboard/i).first()).toBeVisible();
    await act(page, "freeze");
    await page.locator("#part-frozen").fill("300");
    await page.locator("form").getByTestId("send").click();
    await expect(page.getByRole("row").filter({ hasText: "frozen whole" })).toContainText("−300 g");
    await act(page, "correct");
    await page.locator("#correct-amount").fill("50");
    await page.locator("form").getByTestId("send").click();
    await expect(page.locator("#correct-reason-problem")).toBeVisible();
    await page.locator("#correct-reason").fill("counted again");
    await page.locator("form").getByTestId("send").click();
    await expect(notice(page)).toContainText("550 g");
  });

  test("takes a fresh damp cloth and a cut remainder's own clock", async ({ page }) => {
    const lot = await logLot(page, "parsley", "200");
    await page.goto(`/basket/${lot.id}`);
    await page.getByTestId("refresh-cloth").click();
    await expect(page.getByText("Damp cloth refreshed 1 time.")).toBeVisible();
    await act(page, "cut");
    await page.locator("#part-cut").fill("80");
    await page.getByTestId("send").click();
    await page.getByRole("link", { name: "80 g parsley" }).click();
    await expect(page.getByText(/cut or opened/).first()).toBeVisible();
  });

  test("is weighed back off the scale, and never heavier after than before", async ({ page }) => {
    const lot = await logLot(page, "olive-oil", "500");
    await page.goto(`/basket/${lot.id}`);
    await act(page, "pour");
    await simulateLoad(page, 620);
    await page.locator("#pour-before").press("w");
    await page.locator("#pour-after").fill("700");
    await page.getByTestId("send").click();
    await expect(page.locator("#pour-after-problem")).toContainText("Swap them?");
    await simulateLoad(page, 545);
    await page.locator("#pour-after").press("w");
    await expect(page.locator("#pour-after-hint")).toContainText("75 g");
    await page.getByTestId("send").click();
    await expect(notice(page)).toContainText("75 g");
    expect((await ask<{ grams: number }>(page, `/api/lots/${lot.id}`)).grams).toBe(425);
  });

  test("carries its pack's label in a few keys, and says it", async ({ page }) => {
    const lot = await logLot(page, "feta", "200");
    await page.goto(`/basket/${lot.id}`);
    await act(page, "label");
    await page.locator('[id$="-salt"]').fill("lots");
    await page.getByTestId("send").click();
    await expect(page.locator("#pack-salt-problem")).toBeVisible();
    await page.locator('[id$="-salt"]').fill("2,6");
    await page.locator('[id$="-allergens"]').fill("milk");
    await page.getByTestId("send").click();
    await expect(page.getByText(/The label says: .*2\.6.*milk/)).toBeVisible();
  });
});

test("a bed is named, picked from, promised and left to bolt", async ({ page }) => {
  const bedName = `back wall ${Date.now()}`;
  await page.goto("/basket");
  await page.getByTestId("tab-beds").click();
  await expect(page.getByRole("article").filter({ hasText: "Bean row" })).toContainText(/again|today/);
  await expect(page.getByRole("article").filter({ hasText: "South fence" })).toContainText("your forecast");
  const name = page.getByTestId("add-bed");
  await name.locator("#bed-name").fill(bedName);
  await name.getByTestId("send").click();
  await expect(page.locator("#bed-crop-problem")).toBeVisible();
  await name.locator("#bed-crop").fill("rhubarb");
  await page.getByRole("option", { name: "rhubarb" }).first().click();
  await name.getByTestId("send").click();
  const bed = page.getByRole("article").filter({ hasText: bedName });
  await expect(bed).toContainText("it needs three harvests");
  await bed.getByTestId("set-forecast").click();
  await bed.getByTestId("forecast-days").fill("4");
  await bed.getByTestId("forecast-amount").fill("700 g");
  await bed.getByTestId("save-forecast").click();
  await expect(bed).toContainText("again in 4 days");
  await bed.getByTestId("choose-bolting").click();
  await expect(bed).toContainText("harvest what is left now");
});

test("the scale never writes a weight it does not have", async ({ page }) => {
  await page.goto("/basket");
  const dock = page.getByTestId("scale-dock");
  const amount = amountField(page);
  await page.request.post("/api/devices/scale/load", { data: { grams: 12_000 } });
  await expect(dock.getByTestId("scale-reading")).toHaveText("too heavy");
  await expect(dock.getByTestId("use-weight")).toBeDisabled();
  await amount.focus();
  await amount.press("w");
  await expect(amount).toHaveValue("");
  await simulateLoad(page, 300);
  await dock.getByTestId("simulate-scale").click();
  await dock.getByTestId("plug-scale").click();
  await expect(dock.getByText(/unplugged/i)).toBeVisible();
  await amount.press("w");
  await expect(amount).toHaveValue("");
  await dock.getByTestId("plug-scale").click();
  await dock.getByTestId("scale-unit").click();
  await expect(dock.getByTestId("scale-reading")).toHaveText(/10\.(55|6) oz/);
  await dock.getByTestId("scale-unit").click();
  await expect(dock.getByText("steady")).toBeVisible();
  await amount.press("w");
  await expect(amount).toHaveValue("300 g");
  await amount.fill("");
});

test("what is poured into a dish is weighed back there, too", async ({ page }) => {
  await logLot(page, "olive-oil", "500");
  await page.goto("/cook/chard-and-hazelnut-pesto");
  const oil = page.locator("tr", { hasText: "olive oil" });
  await oil.getByTestId("weigh-back").click();
  const pour = page.getByTestId("weigh-back-form");
  await pour.locator('[id$="-before"]').fill("640");
  await pour.locator('[id$="-after"]').fill("700");
  await expect(pour.getByRole("alert")).toContainText("Swap them?");
  await pour.locator('[id$="-after"]').fill("548");
  await expect(oil.getByTestId("used-grams")).toHaveValue("92");
});
