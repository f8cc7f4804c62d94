import { expect } from "expect";

/**
 * Runs core's test files in one plain process and ends with 1 at the first failure: what `npm run mutants` asks thousands
 * of times, where a test runner's own start would take longer than the tests. They import this in place of
 * @jest/globals; only what core's tests use of it is here.
 */
let tests = [];
let before = [];

export { expect };
export const describe = (_name, body) => body();
export const beforeAll = (body) => void before.push(body);
export const it = (name, body) => void tests.push({ name, body });
it.each = (table) => (name, body) => {
  for (const row of table) it(name, () => body(...(Array.isArray(row) ? row : [row])));
};

/** True when every test of a file passes; the first that does not is named on the error stream. */
export async function runFile(file) {
  [tests, before] = [[], []];
  await import(file);
  for (const body of before) await body();
  for (const { name, body } of tests) {
    try {
      await body();
    } catch (error) {
      process.stderr.write(`${file}: ${name}\n${error?.message ?? error}\n`);
      return false;
    }
  }
  return true;
}
