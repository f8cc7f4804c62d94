import type { Price } from "@apron/core/basket";
import { numberWriter } from "@apron/core/measure";
import { readersLocale } from "./dates.ts";

/** Minor units as the kitchen's currency writes them: 240 → "£2.40". */
export const showMoney = (minor: number, currency: string): string =>
  numberWriter(readersLocale(), { style: "currency", currency }).format(minor / 100);

/** "2.40" or "2,4" → 240; undefined for anything that is not an amount of money. */
export function readMoney(text: string): number | undefined {
  const match = /^\s*[£$€]?\s*(\d{1,6})(?:[.,](\d{1,2}))?\s*$/.exec(text);
  if (!match) return undefined;
  return Number(match[1]) * 100 + Number((match[2] ?? "").padEnd(2, "0"));
}

const perWords: Readonly<Record<Price["per"], string>> = {
  all: "",
  kg: " a kg",
  "100g": " per 100 g",
  each: " each",
};

/** "£2.50", "£1.20 a kg". */
export const showPrice = ({ minor, per }: Price, currency: string): string =>
  `${showMoney(minor, currency)}${perWords[per]}`;
