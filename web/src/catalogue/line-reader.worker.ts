import type { IngredientFacts as Sent, LineReading } from "@apron/contract";
import { lineReader, readLine, type OunceMeaning } from "@apron/core/catalogue";
import type { CupSystem } from "@apron/core/measure";
import { factsOf } from "../client/sent-facts.ts";

/** What the page sends: first the catalogue, then lines to read. */
export type ReaderOrder =
  | {
      readonly kind: "catalogue";
      readonly ingredients: readonly Sent[];
      readonly cup: CupSystem;
      readonly ounces: Readonly<Record<string, OunceMeaning>>;
      readonly meanings: Readonly<Record<string, string>>;
    }
  | { readonly kind: "lines"; readonly id: number; readonly lines: readonly string[] };

export type ReaderAnswer = { readonly id: number; readonly readings: readonly LineReading[] };

let reader: ReturnType<typeof lineReader> | undefined;

self.addEventListener("message", ({ data }: MessageEvent<ReaderOrder>) => {
  if (data.kind === "catalogue") {
    const ingredients = new Map(data.ingredients.map((one) => [one.id, factsOf(one)]));
    reader = lineReader({ ingredients }, { cup: data.cup, ounces: data.ounces, meanings: data.meanings });
    return;
  }
  const known = reader;
  const readings = known ? data.lines.map((line) => readLine(line, known)) : [];
  self.postMessage({ id: data.id, readings } as ReaderAnswer);
});
