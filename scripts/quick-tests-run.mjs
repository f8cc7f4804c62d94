import { runFile } from "./quick-tests.mjs";

/** Runs the files named, in their order; ends with 1 at the first that fails, and says how long each took. */
for (const file of process.argv.slice(2)) {
  const begun = performance.now();
  if (!(await runFile(file))) process.exit(1);
  process.stdout.write(`\n#took ${Math.round(performance.now() - begun)} ${file}\n`);
}
process.exit(0);
