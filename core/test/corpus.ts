import { readdirSync, readFileSync } from "node:fs";
import { basename, join } from "node:path";
import type { AmountForm, LineReading } from "../src/catalogue/index.ts";

/**
 * Lines as people write them, each with what it must be read as. The corpus is split by a hash of the text: one half is
 * for developing, the other is only ever run.
 */
export type CorpusLine = {
  readonly text: string;
  readonly from: string;
  /** Any one of these readings is right. */
  readonly expected: readonly ExpectedReading[];
};

/** `asks`: a question must be put, about `ingredient` where one is named. Grams null: the line gives no amount. */
type ExpectedReading = {
  readonly asks: boolean;
  readonly ingredient: string;
  readonly grams: { readonly low: number; readonly high: number } | null;
  readonly form: AmountForm | null;
};

const forms: Readonly<Record<string, AmountForm>> = { b: "as-bought", c: "cooked" };
/** A figure without a range is meant to the hundredth: people round ounces freely. */
const exactShare = 0.01;

function expectedOf(text: string): ExpectedReading {
  const [ingredient = "", amount = "-", form = ""] = text.trim().split(/\s+/);
  const [low = Number.NaN, high] = amount.split("-").map(Number);
  const asks = ingredient.startsWith("?");
  return {
    asks,
    ingredient: ingredient.replace(/^\?/, ""),
    grams:
      asks || amount === "-"
        ? null
        : { low: high === undefined ? low * (1 - exactShare) : low, high: high ?? low * (1 + exactShare) },
    form: forms[form] ?? null,
  };
}

/** "potato 450-800 b", "a/b 3" (either ingredient), "a 3/?" (or a question). */
function readingsOf(text: string): ExpectedReading[] {
  const parts = text.split("/");
  const amount = /\s(.*)$/.exec(parts.at(-1) ?? "")?.[1] ?? "";
  return parts.map((part) => expectedOf(/\s|^\?/.test(part.trim()) ? part : `${part} ${amount}`));
}

const folder = join(import.meta.dirname, "corpus");

const linesIn = (path: string): CorpusLine[] =>
  readFileSync(path, "utf8")
    .split("\n")
    .filter((line) => line.includes(" -> "))
    .map((line) => {
      const at = line.lastIndexOf(" -> ");
      return { text: line.slice(0, at), from: basename(path), expected: readingsOf(line.slice(at + 4)) };
    });

export const corpusLines: readonly CorpusLine[] = readdirSync(folder)
  .filter((file) => file.endsWith(".txt"))
  .sort()
  .flatMap((file) => linesIn(join(folder, file)));

/** Written while the reader was mended, and looked at: they belong to neither half. */
export const mendedLines: readonly CorpusLine[] = linesIn(join(import.meta.dirname, "mended-lines.txt"));

/** FNV-1a: the same half on every machine, whatever is added beside it. */
export function isUnseen(text: string): boolean {
  let hash = 0x811c9dc5;
  for (const char of text) hash = Math.imul(hash ^ (char.codePointAt(0) ?? 0), 0x01000193) >>> 0;
  return ((hash >>> 8) & 1) === 1;
}

export type Verdict = {
  readonly line: CorpusLine;
  readonly named: boolean | null;
  readonly measured: boolean | null;
  readonly silentlyWrong: boolean;
  readonly needlessQuestion: boolean;
};

const isAsked = (reading: LineReading): boolean => reading.questions.length > 0;

function names(reading: LineReading, { ingredient, asks }: ExpectedReading): boolean {
  if (ingredient === "") return true;
  if (reading.ingredient.kind === "one") return reading.ingredient.id === ingredient;
  return asks && reading.ingredient.kind === "ask" && reading.ingredient.candidates.includes(ingredient);
}

function measures(reading: LineReading, { grams, form }: ExpectedReading): boolean {
  if (grams === null) return reading.grams === null;
  if (!reading.grams) return false;
  // What is shown is a range: it must meet what is expected, and its middle be no further off than twice or half.
  const { value, low, high } = reading.grams;
  const isNear = value <= grams.high * 2 && value >= grams.low / 2;
  const formFits = form === null || reading.form === form || (form === "as-bought" && reading.isTrimmedPiece);
  return low <= grams.high && high >= grams.low && isNear && formFits;
}

const isRight = (reading: LineReading, expected: ExpectedReading): boolean =>
  isAsked(reading) === expected.asks &&
  names(reading, expected) &&
  (expected.asks || measures(reading, expected));

/** How one reading stands to what was expected of it. */
export function judge(line: CorpusLine, reading: LineReading): Verdict {
  const right = line.expected.some((one) => isRight(reading, one));
  const [first] = line.expected;
  const mayAsk = line.expected.some((one) => one.asks);
  const mustAsk = line.expected.every((one) => one.asks);
  const asked = isAsked(reading);
  const isNamed = line.expected.some((one) => one.ingredient !== "" && names(reading, one));
  return {
    line,
    named: first?.ingredient === "" ? null : isNamed || (asked && mayAsk),
    measured: mustAsk || first?.grams === null ? null : right || (asked && mayAsk),
    silentlyWrong: !right && !asked,
    needlessQuestion: asked && !mayAsk,
  };
}

export type Rates = {
  readonly lines: number;
  readonly named: number;
  readonly measured: number;
  readonly silentlyWrong: number;
  readonly needless: number;
};

const share = (some: number, of: number): number => (of === 0 ? 1 : some / of);

export function ratesOf(verdicts: readonly Verdict[]): Rates {
  const told = (key: "named" | "measured"): number => {
    const asked = verdicts.filter((one) => one[key] !== null);
    return share(asked.filter((one) => one[key]).length, asked.length);
  };
  const answerable = verdicts.filter(({ line }) => !line.expected.some((one) => one.asks));
  return {
    lines: verdicts.length,
    named: told("named"),
    measured: told("measured"),
    silentlyWrong: share(verdicts.filter((one) => one.silentlyWrong).length, verdicts.length),
    needless: share(answerable.filter((one) => one.needlessQuestion).length, answerable.length),
  };
}
