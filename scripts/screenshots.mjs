import { mkdirSync } from "node:fs";
import { join } from "node:path";
import { prepareBuild, prepareChromium, preparePackages, preparePostgres } from "./prepare.mjs";
import { root, say } from "./run.mjs";
import { startProgram } from "./start-program.mjs";

const folder = join(root, "docs", "screenshots");

/** One current picture of each main view, from fresh demo data, at 1280×800. */
async function main() {
  preparePackages();
  preparePostgres();
  const executablePath = prepareChromium();
  prepareBuild();
  mkdirSync(folder, { recursive: true });
  const { chromium } = await import("@playwright/test");
  const program = await startProgram([]);
  const browser = await chromium.launch({
    executablePath,
    args: [
      "--no-sandbox",
      // Letters stand where the font says, not on whole pixels.
      "--font-render-hinting=none",
      "--disable-gpu",
      "--disable-quic",
      "--no-first-run",
      "--disable-background-networking",
      "--disable-component-update",
      "--disable-sync",
    ],
  });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: program.url });
    await takeAll(page);
  } finally {
    await browser.close();
    await program.stop();
  }
}

async function takeAll(page) {
  const take = async (name, path) => {
    if (path) await page.goto(path);
    // The scale's stream never ends, so the network is never idle: time to load and settle instead.
    await page.waitForTimeout(1800);
    await page.screenshot({ path: join(folder, `${name}.png`) });
    say(`${name}.png`);
  };
  await page.goto("/sign-in");
  await page.getByTestId("sign-in-demo").click();
  await page.getByTestId("make-best").waitFor();
  await page.request.post("/api/devices/scale/load", { data: { grams: 790 } });
  await page.waitForTimeout(2500);
  await take("today");
  await take("basket", "/basket");
  await page.getByTestId("choose-several").click();
  for (const line of ["2 bunches chard", "1 kg pumkin", "2 heads lettuce", "6 spring onions"]) {
    await page.locator("#intake-line").fill(line);
    await page.keyboard.press("Enter");
  }
  await page.getByTestId("choose-one").click();
  const { lots } = await (await page.request.get("/api/lots?state=raw&text=chard&limit=1")).json();
  await page.goto(`/trim/${lots[0].id}`);
  await page.locator("#trim-usable").fill("790 g");
  await take("trim");
  const courgettes = await (await page.request.get("/api/lots?text=courgette&limit=5")).json();
  await page.goto(`/basket/${courgettes.lots.find((lot) => lot.condition === null).id}`);
  await page.getByTestId("choose-split").click();
  await take("lot");
  await take("dressing", "/dressing");
  await take("handbook", "/handbook/chard");
  await take("kitchen", "/kitchen");
  await page.goto("/match");
  await page.getByText(/^Counting work and shopping/).waitFor({ timeout: 60_000 });
  await take("match");
  await page.getByTestId("accept-plan").click();
  await page.getByTestId("to-shopping").waitFor();
  await take("shopping", "/match/shopping");
  await page.request.post("/api/meal-plan/drop", {
    data: {},
    headers: { "Idempotency-Key": crypto.randomUUID() },
  });
  await page.goto("/plan?recipe=roast-squash-and-leek-dip");
  for (const name of ["Sorrel", "Farro"]) {
    await page.locator("#plan-add").click();
    await page.getByRole("option").filter({ hasText: name }).click();
  }
  // The table stands well after now, at whatever hour the pictures are taken.
  const later = new Date(Date.now() + 3 * 3_600_000);
  await page.locator("#plan-day").fill(new Intl.DateTimeFormat("en-GB").format(later));
  await page.locator("#plan-day").press("Tab");
  await page.locator("#plan-time").fill(later.toTimeString().slice(0, 5));
  await page.getByTestId("start-at").waitFor();
  await take("plan");
  await page.getByTestId("save-plan").click();
  await page.getByTestId("cook-along").click();
  for (let step = 0; step < 4; step++) {
    await page.getByTestId("step-done").first().click();
    await page.waitForTimeout(800);
  }
  await page.waitForTimeout(12_000);
  await take("cook-along");
  await take("cook", "/cook/chard-and-hazelnut-pesto?batches=2");
  await take("larder", "/larder");
  const { containers } = await (await page.request.get("/api/larder")).json();
  await page.goto(`/batch/${containers[0].batchId}`);
  await page.getByTestId("made-of").waitFor();
  await take("batch");
  await take("label", `/label/${containers.find((c) => c.place === "freezer").id}`);
  await take("recipe", "/recipes/leek-and-plum-plate");
  await take("plate", "/recipes/leek-and-plum-plate/plate");
  await page.goto("/recipes/import");
  await page
    .locator("#recipe-paste")
    .fill(
      "Windfall slaw\nServes 4\n\n2 medium kohlrabi (about 500 g), peeled\n150 g apple, in matchsticks\n3 tbsp cider vinegar\nsalt to taste\n\nMethod\nStir the salt into the vinegar.\nDress and leave to stand for 30 minutes.",
    );
  await take("import");
  await page.setViewportSize({ width: 390, height: 844 });
  await take("phone", "/");
}

await main();
