import { expect } from "@jest/globals";
import { readFileSync, writeFileSync } from "node:fs";

/** Seven digits: as far as a figure means anything, and the same on every machine. */
const digits = 7;

const plain = (_key: string, value: unknown): unknown => {
  if (typeof value === "number")
    return Number.isFinite(value) ? Number(value.toPrecision(digits)) : String(value);
  if (value instanceof Map) return Object.fromEntries(value);
  return value instanceof Set ? [...value] : value;
};

/**
 * Compares what core says of many inputs at once with what was kept of an earlier run (`kept/<name>.json`). It proves
 * nothing by itself: the figures are checked against sources elsewhere. It shows every figure that a change moves, so
 * that each is looked at; `APRON_KEEP=1 npm run jest -- --selectProjects core` keeps the new ones.
 */
export function expectKept(name: string, value: unknown): void {
  const path = new URL(`./kept/${name}.json`, import.meta.url);
  const kept = JSON.parse(JSON.stringify(value, plain)) as unknown;
  const text = Array.isArray(kept)
    ? `[\n${kept.map((one) => JSON.stringify(one)).join(",\n")}\n]\n`
    : `${JSON.stringify(kept, null, 1)}\n`;
  const isKeeping = process.env["APRON_KEEP"] === "1";
  if (isKeeping && process.env["CI"]) throw new Error("APRON_KEEP compares a file with itself: never on CI");
  if (isKeeping) writeFileSync(path, text);
  expect(JSON.parse(text)).toEqual(JSON.parse(readFileSync(path, "utf8")));
}
