import { test as base, type Browser, type Page } from "@playwright/test";
import { startProgram } from "../scripts/start-program.mjs";

type Program = { readonly url: string; readonly stop: () => Promise<void> };

/** How many times slower than this machine the browser's processor is: `npm run e2e:slow` says 4. */
export const slowdown = Number(process.env["E2E_SLOWDOWN"] ?? "1");

/** Slows the processor down for one page, whatever it does. */
export async function slowDown(page: Page, rate: number): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate });
}

/** Every page of every context of this browser is slow, also a second tablet's. */
function slowBrowser(browser: Browser): Browser {
  const open = browser.newContext.bind(browser);
  browser.newContext = async (options) => {
    const context = await open(options);
    context.on("page", (page) => void slowDown(page, slowdown).catch(() => undefined));
    return context;
  };
  return browser;
}

/**
 * Every file of tests has a program of its own, with its own port and data: a copy of the demo kitchen, or nothing where
 * a file `startsEmpty`, as for a newcomer. Files share nothing, so they run side by side and in any order.
 */
export const test = base.extend<object, { ofFile: string; startsEmpty: boolean; program: Program }>({
  ofFile: ["", { option: true, scope: "worker" }],
  startsEmpty: [false, { option: true, scope: "worker" }],
  program: [
    // Playwright reads from the arguments what a fixture needs: another file is another worker.
    async ({ ofFile: _ofFile, startsEmpty }, use) => {
      const like = startsEmpty ? undefined : process.env["E2E_DEMO_DATA"];
      const program = await startProgram(["--empty"], { like });
      await use(program);
      await program.stop();
    },
    { scope: "worker", timeout: 120_000 },
  ],
  browser: [
    async ({ browser }, use) => {
      await use(slowdown > 1 ? slowBrowser(browser) : browser);
    },
    { scope: "worker" },
  ],
  baseURL: async ({ program }, use) => {
    await use(program.url);
  },
});
export { expect } from "@playwright/test";
