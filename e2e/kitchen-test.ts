import { test as base } from "@playwright/test";
import { startProgram } from "../scripts/start-program.mjs";

type Program = { readonly url: string; readonly stop: () => Promise<void> };

/**
 * Every file of tests has a program of its own, with its own port and data, started as a newcomer would: the demo
 * kitchen is filled when it is first visited. Files share nothing, so they run side by side and in any order.
 */
export const test = base.extend<object, { ofFile: string; program: Program }>({
  ofFile: ["", { option: true, scope: "worker" }],
  program: [
    // Playwright reads from the arguments what a fixture needs: another file is another worker.
    async ({ ofFile: _ofFile }, use) => {
      const program = await startProgram(["--empty"]);
      await use(program);
      await program.stop();
    },
    { scope: "worker", timeout: 120_000 },
  ],
  baseURL: async ({ program }, use) => {
    await use(program.url);
  },
});
export { expect } from "@playwright/test";
