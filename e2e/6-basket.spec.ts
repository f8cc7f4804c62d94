import { expect, test, type Page } from "@playwright/test";
import { ask, logLot, notice, paste, simulateLoad, signInDemo } from "./cook.ts";

test.beforeEach(async ({ page }) => {
  await signInDemo(page);
});

type Lots = { lots: { id: string; ingredient: string; grams: number; priceMinor: number | null }[] };
const lotsFrom = async (page: Page, text: string): Promise<Lots["lots"]> =>
  (await ask<Lots>(page, `/api/lots?text=${encodeURIComponent(text)}&limit=200`)).lots;
const severalOf = (page: Page) => page.getByRole("form", { name: "Log several things at once" });
const lineField = (page: Page) => severalOf(page).getByLabel("A line, or a whole pasted list");
async function openSeveral(page: Page): Promise<void> {
  await page.goto("/basket");
  await page.getByRole("button", { name: "Several" }).click();
  await expect(lineField(page)).toBeEnabled();
}

test("a pasted market list is read, what is open is asked, and it all goes in together", async ({ page }) => {
  const before = (await lotsFrom(page, "rocket")).length;
  await openSeveral(page);
  const pasted = ["1 kg pumpkin", "2 heads lettuce", "1 bunch aragula", "8 oz olive oil", "3 moonflowers"];
  await paste(lineField(page), pasted.join("\n"));
  const rows = severalOf(page).getByRole("list", { name: "In the box" }).getByRole("listitem");
  await expect(rows).toHaveCount(5);
  await expect(rows.filter({ hasText: "aragula" })).toContainText("read as rocket");
  await expect(severalOf(page).getByText("3 lines still ask something.")).toBeVisible();

  await severalOf(page).getByRole("button", { name: "Log all 5" }).click();
  await expect(
    severalOf(page)
      .getByText(/Which of these\?|nobody knows|Choose an ingredient/)
      .first(),
  ).toBeVisible();
  expect((await lotsFrom(page, "rocket")).length).toBe(before);

  await rows.filter({ hasText: "lettuce" }).getByRole("button", { name: "round lettuce" }).click();
  await rows.filter({ hasText: "olive oil" }).getByRole("button", { name: "Fluid ounces" }).click();
  await severalOf(page).getByRole("button", { name: "Leave out 3 moonflowers" }).click();
  await severalOf(page).getByRole("button", { name: "Log all 4" }).click();
  await expect(notice(page)).toContainText("4 things logged");
  expect((await lotsFrom(page, "rocket")).length).toBe(before + 1);
  await notice(page).getByRole("button", { name: "Undo" }).click();
  await expect(notice(page)).toContainText("Put back");
  expect((await lotsFrom(page, "rocket")).length).toBe(before);

  await lineField(page).fill("8 oz olive oil");
  await lineField(page).press("Enter");
  // Asked once: the kitchen remembers that these ounces are fluid. 8 × 29.57 ml × 0.915 g/ml.
  await expect(rows.filter({ hasText: "olive oil" })).toContainText("216 g");
  await severalOf(page).getByRole("button", { name: "Leave out 8 oz olive oil" }).click();
});

test("the price of a box is shared over its lines by weight", async ({ page }) => {
  await openSeveral(page);
  await paste(lineField(page), "750 g leeks\n250 g kale");
  await severalOf(page).getByText("From where, and what it cost").click();
  await severalOf(page).getByLabel("Which box or stall").fill("share e2e");
  await severalOf(page).getByLabel("Price of it all").fill("eight");
  await severalOf(page).getByRole("button", { name: "Log all 2" }).click();
  await expect(page.locator("#intake-price-problem")).toContainText("Write the price as");
  await severalOf(page).getByLabel("Price of it all").fill("8.00");
  await severalOf(page).getByRole("button", { name: "Log all 2" }).click();
  await expect(notice(page)).toContainText("2 things logged, 1 kg in all.");
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
  await expect(severalOf(page).getByRole("button", { name: "Log all 2000" })).toBeVisible();
  await expect(severalOf(page).getByRole("list", { name: "In the box" }).getByRole("listitem")).toHaveCount(
    25,
  );
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
  await severalOf(page).getByRole("button", { name: "Leave out 2 bunches chard" }).click();
});

test("a file goes in row by row: the wrong ones are named with line and reason", async ({ page }) => {
  await page.goto("/basket");
  await page.getByRole("button", { name: "File", exact: true }).click();
  const file = page.getByLabel("A CSV file of lots");
  const give = (text: string | Buffer) =>
    file.setInputFiles({ name: "lots.csv", mimeType: "text/csv", buffer: Buffer.from(text) });

  await give("thing,howmuch\nchard,300\n");
  await expect(page.getByText(/needs the columns item, amount/)).toBeVisible();
  await give(Buffer.from([...Buffer.from("item,amount\nch"), 0xe4, ...Buffer.from("rd,300\n")]));
  await expect(page.getByText(/not UTF-8/)).toBeVisible();
  await give(`item,amount\n${"chard,300\n".repeat(10_000)}`);
  await expect(page.getByText(/10000 rows are too many at once/)).toBeVisible();

  await give(
    'item,amount,grade\r\n"kale",310,prime\r\nmoonflower,200,\r\nchard,plenty,\r\nplum,1 kg,rotten\r\n',
  );
  const faults = page.getByRole("list", { name: "Rows that cannot go in" }).getByRole("listitem");
  await expect(faults).toHaveCount(3);
  await expect(faults.nth(0)).toContainText("Line 3, item “moonflower”");
  await expect(faults.nth(1)).toContainText("Line 4, amount “plenty”");
  await expect(faults.nth(2)).toContainText("Line 5, grade");
  const before = (await lotsFrom(page, "kale")).length;
  await page.getByRole("button", { name: "Take in 1 row" }).click();
  await expect(notice(page)).toContainText("1 rows of lots.csv logged, 3 left out.");
  expect((await lotsFrom(page, "kale")).length).toBe(before + 1);
  await notice(page).getByRole("button", { name: "Undo" }).click();
  await expect(notice(page)).toContainText("Put back");
  expect((await lotsFrom(page, "kale")).length).toBe(before);

  const out = await page.request.get("/api/lots.csv");
  expect(out.headers()["content-type"]).toContain("text/csv");
  expect(await out.text()).toContain("\r\n");
});

test.describe("a lot", () => {
  const act = (page: Page, name: string) =>
    page
      .getByRole("group", { name: "What happens to it" })
      .getByRole("button", { name, exact: true })
      .click();

  test("is split by size in one step, each part with the way that suits it, and put back", async ({
    page,
  }) => {
    const lot = await logLot(page, "zucchini", "1000");
    await page.goto(`/basket/${lot.id}`);
    await act(page, "Split");
    await page.getByLabel("Small", { exact: true }).fill("900");
    await page.getByLabel("Large", { exact: true }).fill("300");
    await page.getByRole("button", { name: "Split it" }).click();
    await expect(page.getByRole("alert")).toHaveText("The parts weigh 1.2 kg; 1 kg is on hand.");
    await expect(page.getByLabel("Small", { exact: true })).toHaveValue("900");
    await page.getByLabel("Small", { exact: true }).fill("400");
    await page.getByRole("button", { name: "Split it" }).click();
    await expect(page.getByRole("link", { name: "400 g small" })).toBeVisible();
    await notice(page).getByRole("button", { name: "Undo" }).click();
    await expect(page.getByRole("table").getByText("undone: split-off")).toBeVisible();
    expect((await ask<{ grams: number }>(page, `/api/lots/${lot.id}`)).grams).toBe(1000);

    await page.getByLabel("Small", { exact: true }).fill("400");
    await page.getByRole("button", { name: "Split it" }).click();
    await page.getByRole("link", { name: "400 g small" }).click();
    await page.getByRole("button", { name: "Trim it" }).click();
    await expect(page.getByRole("combobox", { name: "How it is trimmed" })).toContainText("suits it");
  });

  test("is given, moved, frozen whole and corrected, and its ledger takes each back", async ({ page }) => {
    const lot = await logLot(page, "leek", "900");
    await page.goto(`/basket/${lot.id}`);
    await page.getByRole("button", { name: "Given away" }).click();
    await page.getByLabel("How much", { exact: true }).fill("200");
    await page.getByLabel("To whom").fill("next plot");
    await page.getByRole("button", { name: "Record it" }).click();
    await expect(notice(page)).toContainText("200 g leek given away.");
    const row = page.getByRole("row").filter({ hasText: "given away · next plot" });
    await expect(row).toContainText("−200 g");
    await row.getByRole("button", { name: /^Undo/ }).click();
    await expect(row.getByRole("button", { name: /^Undo/ })).toBeHidden();
    await expect(page.getByRole("row").filter({ hasText: "undone: given" })).toContainText("+200 g");

    await act(page, "Move");
    await page.getByRole("button", { name: "Cool cupboard" }).click();
    await expect(page.getByText(/in the cool cupboard/).first()).toBeVisible();
    await act(page, "Freeze");
    await page.getByLabel("How much to freeze", { exact: true }).fill("300");
    await page.getByRole("button", { name: "Freeze it" }).click();
    await expect(page.getByRole("row").filter({ hasText: "frozen whole" })).toContainText("−300 g");
    await act(page, "Correct");
    await page.getByLabel("Less by", { exact: true }).fill("50");
    await page.getByRole("button", { name: "Correct it" }).click();
    await expect(page.locator("#correct-reason-problem")).toBeVisible();
    await page.getByLabel("Why").fill("counted again");
    await page.getByRole("button", { name: "Correct it" }).click();
    await expect(notice(page)).toContainText("leek corrected: 550 g on hand");
  });

  test("takes a fresh damp cloth and a cut remainder's own clock", async ({ page }) => {
    const lot = await logLot(page, "parsley", "200");
    await page.goto(`/basket/${lot.id}`);
    await page.getByRole("button", { name: "Fresh damp cloth" }).click();
    await expect(page.getByText("Damp cloth made fresh once.")).toBeVisible();
    await act(page, "Cut");
    await page.getByLabel("How much is cut or opened", { exact: true }).fill("80");
    await page.getByRole("button", { name: "Put it on its own clock" }).click();
    await page.getByRole("link", { name: "80 g parsley" }).click();
    await expect(page.getByText(/cut or opened ·/)).toBeVisible();
  });

  test("is weighed back off the scale, and never heavier after than before", async ({ page }) => {
    const lot = await logLot(page, "olive-oil", "500");
    await page.goto(`/basket/${lot.id}`);
    await act(page, "Weigh back");
    await simulateLoad(page, 620);
    await page.getByLabel("Before", { exact: true }).press("w");
    await page.getByLabel("After", { exact: true }).fill("700");
    await page.getByRole("button", { name: "Record what was poured" }).click();
    await expect(page.locator("#pour-after-problem")).toContainText("nothing was poured. Swap them?");
    await simulateLoad(page, 545);
    await page.getByLabel("After", { exact: true }).press("w");
    await expect(page.locator("#pour-after-hint")).toHaveText("75 g poured");
    await page.getByRole("button", { name: "Record what was poured" }).click();
    await expect(notice(page)).toContainText("75 g");
    expect((await ask<{ grams: number }>(page, `/api/lots/${lot.id}`)).grams).toBe(425);
  });

  test("carries its pack's label in a few keys, and says it", async ({ page }) => {
    const lot = await logLot(page, "feta", "200");
    await page.goto(`/basket/${lot.id}`);
    await act(page, "Label");
    await page.getByLabel("Salt").fill("lots");
    await page.getByRole("button", { name: "Note the label" }).click();
    await expect(page.locator("#pack-salt-problem")).toBeVisible();
    await page.getByLabel("Salt").fill("2,6");
    await page.getByLabel("Allergens").fill("milk");
    await page.getByRole("button", { name: "Note the label" }).click();
    await expect(page.getByText("The label says: salt 2.6 g in 100 g; contains milk.")).toBeVisible();
  });
});

test("a bed is named, picked from, promised and left to bolt", async ({ page }) => {
  const bedName = `back wall ${Date.now()}`;
  await page.goto("/basket");
  await page.getByRole("button", { name: "Beds" }).click();
  await expect(page.getByRole("article").filter({ hasText: "Bean row" })).toContainText(/again|today/);
  await expect(page.getByRole("article").filter({ hasText: "South fence" })).toContainText("as you said");
  const name = page.getByRole("form", { name: "Name a bed" });
  await name.getByLabel("A bed").fill(bedName);
  await name.getByRole("button", { name: "Add it" }).click();
  await expect(page.locator("#bed-crop-problem")).toBeVisible();
  await name.getByLabel("and its crop").fill("rhubarb");
  await page.getByRole("option", { name: "rhubarb" }).first().click();
  await name.getByRole("button", { name: "Add it" }).click();
  const bed = page.getByRole("article").filter({ hasText: bedName });
  await expect(bed).toContainText("three pickings make one");
  await bed.getByRole("button", { name: /Say what/ }).click();
  await bed.getByLabel("Days from now").fill("4");
  await bed.getByLabel("How much").fill("700 g");
  await bed.getByRole("button", { name: "Say so" }).click();
  await expect(bed).toContainText("again in 4 days");
  await bed.getByRole("button", { name: "bolting" }).click();
  await expect(bed).toContainText("pick what is left now");
});

test("the scale never writes a weight it does not have", async ({ page }) => {
  await page.goto("/basket");
  const dock = page.getByRole("region", { name: "Kitchen scale" });
  const amount = page.getByLabel("Weight or measure", { exact: true });
  await page.request.post("/api/devices/scale/pile", { data: { grams: 12_000 } });
  await expect(dock.getByTestId("scale-reading")).toHaveText("too heavy");
  await expect(dock.getByRole("button", { name: "Send" })).toBeDisabled();
  await amount.focus();
  await amount.press("w");
  await expect(amount).toHaveValue("");
  await simulateLoad(page, 300);
  await dock.getByRole("button", { name: "Panel" }).click();
  await dock.getByRole("button", { name: "unplug" }).click();
  await expect(dock.getByText("unplugged: type weights instead")).toBeVisible();
  await amount.press("w");
  await expect(amount).toHaveValue("");
  await dock.getByRole("button", { name: "plug in" }).click();
  await dock.getByRole("button", { name: "to ounces" }).click();
  await expect(dock.getByTestId("scale-reading")).toHaveText(/10\.(55|6) oz/);
  await dock.getByRole("button", { name: "to grams" }).click();
  await expect(dock.getByText("steady")).toBeVisible();
  await amount.press("w");
  await expect(amount).toHaveValue("300 g");
  await amount.fill("");
});

test("what is poured into a dish is weighed back there, too", async ({ page }) => {
  await page.goto("/cook/chard-and-hazelnut-pesto");
  const button = page.getByRole("button", { name: /^Weigh back the .*oil$/ });
  const oil = (await button.getAttribute("aria-label"))?.replace("Weigh back the ", "") ?? "";
  await button.click();
  const pour = page.getByRole("group", { name: `Weigh back the ${oil}` });
  await pour.getByLabel("Before", { exact: true }).fill("640");
  await pour.getByLabel("After", { exact: true }).fill("700");
  await expect(pour.getByRole("alert")).toContainText("nothing was poured. Swap them?");
  await pour.getByLabel("After", { exact: true }).fill("548");
  await expect(page.getByLabel(`${oil} really used, grams`)).toHaveValue("92");
});
