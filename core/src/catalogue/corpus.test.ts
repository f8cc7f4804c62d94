import { describe, expect, it } from "@jest/globals";
import {
  corpusLines,
  isUnseen,
  judge,
  mendedLines,
  ratesOf,
  type Rates,
  type Verdict,
} from "../../test/corpus.ts";
import { lineReader, readLine } from "./read-line.ts";
import { referenceCatalogue } from "./reference.ts";

const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
const verdicts = corpusLines.map((line) => judge(line, readLine(line.text, reader)));
const developed = verdicts.filter(({ line }) => !isUnseen(line.text));
const unseen = verdicts.filter(({ line }) => isUnseen(line.text));

const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;
const told = ({ lines, named, measured, silentlyWrong, needless }: Rates): string =>
  `${lines} lines: named right ${percent(named)}, grams in range ${percent(measured)}, silently wrong ${percent(silentlyWrong)}, needless questions ${percent(needless)}`;

/** Only lines of the half for developing are ever named. */
const faultsOf = (some: readonly Verdict[]): string[] =>
  some
    .filter(
      (one) => one.named === false || one.measured === false || one.silentlyWrong || one.needlessQuestion,
    )
    .map(({ line }) => `${line.from}: ${line.text}`);

describe("lines as people write them", () => {
  it("are many, in many hands, and split in two by a hash", () => {
    expect(corpusLines.length).toBeGreaterThanOrEqual(1200);
    expect(new Set(corpusLines.map((line) => line.text)).size).toBe(corpusLines.length);
    expect(Math.abs(unseen.length / corpusLines.length - 0.5)).toBeLessThan(0.05);
  });

  it("are read right, every one of the half for developing", () => {
    process.stdout.write(`corpus, half for developing: ${told(ratesOf(developed))}\n`);
    expect(faultsOf(developed)).toEqual([]);
  });

  it("are read right where they were once mended, every one", () => {
    expect(mendedLines.length).toBeGreaterThan(200);
    expect(faultsOf(mendedLines.map((line) => judge(line, readLine(line.text, reader))))).toEqual([]);
  });

  it("are read right in the half that nobody looks at", () => {
    const rates = ratesOf(unseen);
    process.stdout.write(`corpus, unseen half: ${told(rates)}\n`);
    expect(rates.named).toBeGreaterThanOrEqual(0.97);
    expect(rates.measured).toBeGreaterThanOrEqual(0.96);
    expect(rates.needless).toBeLessThanOrEqual(0.04);
    expect(rates.silentlyWrong).toBeLessThanOrEqual(0.01);
  });
});
