/**
 * How long the page is busy at a stretch, while dishes are planned and cooked: the browser's own "long tasks" (50 ms and more),
 * beside a fixed piece of work in the same page, so that one machine can be compared with another.
 */
import { prepareChromium, preparePostgres } from "./prepare.mjs";
import { startProgram } from "./start-program.mjs";

/** The places in the list of recipes that are planned one after another: five dishes, about thirty tasks. */
const dishes = [0, 3, 7, 11, 15];
/** Until all that follows an act has been drawn. */
const settled = 2000;

/** Keeps the long tasks of a page; runs in the page. */
function watchTasks() {
  globalThis.longTasks = [];
  const keep = (list) => globalThis.longTasks.push(...list.getEntries().map(({ duration }) => duration));
  new PerformanceObserver(keep).observe({ type: "longtask", buffered: true });
}

/** The fixed piece of work: milliseconds of writing 80,000 small objects as JSON; runs in the page. */
function unitOfWork() {
  const start = performance.now();
  for (let round = 0; round < 40; round += 1)
    JSON.stringify(
      Object.fromEntries(Array.from({ length: 2000 }, (_, i) => [`k${i}`, { i, text: `${i}` }])),
    );
  return performance.now() - start;
}

/** The longest task that an act leads to, ms; 0 where none is as long as 50 ms. */
async function longestOf(page, act) {
  await page.evaluate(() => (globalThis.longTasks = []));
  await act();
  await page.waitForTimeout(settled);
  return page.evaluate(() => Math.max(0, ...globalThis.longTasks));
}

async function choose(page, index) {
  await page.locator("#plan-add").click();
  await page.getByRole("option").nth(index).click();
}

/** What a cook does from an empty plan to the first steps, in order. */
function* actsOn(page) {
  for (const [i, dish] of dishes.entries()) yield [`choose dish ${i + 1}`, () => choose(page, dish)];
  yield ["open the plan anew", () => page.reload()];
  yield [
    "an hour later",
    async () => {
      await page.getByLabel("On the table at").fill("19:45");
    },
  ];
  yield ["keep it", () => page.getByTestId("save-plan").click()];
  yield ["cook along", () => page.getByText("Cook along").first().click()];
  for (const turn of ["first", "second", "third"])
    yield [
      `start or end a step, ${turn}`,
      () =>
        page
          .getByRole("button", { name: /^(Start|Done)/ })
          .first()
          .click(),
    ];
}

async function measure(page) {
  await page.addInitScript(watchTasks);
  await page.goto("/sign-in");
  await page.getByTestId("sign-in-demo").click();
  await page.getByTestId("make-best").waitFor();
  await page.goto("/plan");
  await page.waitForTimeout(settled);
  const units = [];
  for (let i = 0; i < 5; i += 1) units.push(await page.evaluate(unitOfWork));
  const unit = units.sort((a, b) => a - b)[2];
  console.log(`a fixed piece of work: ${unit.toFixed(0)} ms`);
  const all = [];
  for (const [name, act] of actsOn(page)) {
    const longest = await longestOf(page, act);
    all.push(longest);
    console.log(
      `${name.padEnd(30)} ${longest.toFixed(0).padStart(5)} ms  ${(longest / unit).toFixed(2)} of it`,
    );
  }
  console.log(`longest of all: ${Math.max(...all).toFixed(0)} ms (goal: 100)`);
}

/** `npm run bench -- page`; gives the exit code. */
export async function benchPage() {
  preparePostgres();
  const executablePath = prepareChromium();
  const { chromium } = await import("@playwright/test");
  const program = await startProgram([]);
  const browser = await chromium.launch({ executablePath, args: ["--no-sandbox", "--disable-gpu"] });
  try {
    await measure(await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: program.url }));
    return 0;
  } finally {
    await browser.close();
    await program.stop();
  }
}
