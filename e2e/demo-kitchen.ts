import { rmSync } from "node:fs";
import { request } from "@playwright/test";
import { startProgram } from "../scripts/start-program.mjs";

/**
 * Before all files: the demo kitchen is filled once, by the program itself, and its data folder is kept. Every file of
 * tests begins with a copy of it, which is a few seconds quicker than filling one each.
 */
export default async function fillDemoKitchen(): Promise<() => void> {
  const program = await startProgram(["--empty"], { keep: true });
  const cook = await request.newContext({ baseURL: program.url });
  const signedIn = await cook.post("/api/session/demo", { data: {} });
  await cook.dispose();
  await program.stop();
  if (!signedIn.ok()) throw new Error(`the demo kitchen could not be filled: ${signedIn.status()}`);
  process.env["E2E_DEMO_DATA"] = program.data;
  return () => {
    rmSync(program.data, { recursive: true, force: true });
  };
}
