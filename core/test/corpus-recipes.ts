import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import type { SourceKind } from "../src/exchange/index.ts";
import { isUnseen } from "./corpus.ts";

/** One line of a recipe of the corpus: what it must be taken for, and of an ingredient line which food and how much. */
type ExpectedSource = {
  readonly kind: SourceKind;
  readonly text: string;
  /** "" asks: nobody can say which food it is. Undefined of a line that is no ingredient. */
  readonly ingredient: string | undefined;
  readonly grams: number | undefined;
};

export type CorpusRecipe = {
  readonly name: string;
  readonly file: string;
  readonly lines: readonly ExpectedSource[];
  readonly text: string;
};

const kinds: Readonly<Record<string, SourceKind>> = {
  ...{
    T: "title",
    C: "category",
    Y: "yield",
    W: "time",
    H: "heading",
    I: "ingredient",
    S: "step",
    N: "note",
  },
};

function lineOf(written: string): ExpectedSource {
  const kind = kinds[written.charAt(0)];
  if (!kind) throw new Error(`no kind of line: ${written}`);
  const [text = "", said] = written.slice(2).split(" = ");
  const [ingredient, grams] = said?.split(" ") ?? [];
  return {
    kind,
    text,
    ingredient: ingredient === "?" ? "" : ingredient,
    grams: grams === undefined ? undefined : Number(grams),
  };
}

/** As it is pasted: with a blank line between its parts, or without any. */
function pasted(lines: readonly ExpectedSource[], isAiry: boolean): string {
  const parts = lines.map(({ kind, text }, i) => {
    const before = lines[i - 1];
    const isApart = before !== undefined && before.kind !== kind && (isAiry || kind === "heading");
    return `${isApart && isAiry ? "\n" : ""}${text}`;
  });
  return parts.join("\n");
}

const folder = join(import.meta.dirname, "corpus-recipes");

export const corpusRecipes: readonly CorpusRecipe[] = readdirSync(folder)
  .sort()
  .flatMap((file) =>
    readFileSync(join(folder, file), "utf8")
      .split(/^=== /m)
      .filter((block) => block.trim() !== "")
      .map((block) => {
        const [name = "", ...written] = block.trim().split("\n");
        const lines = written.map(lineOf);
        return { name, file, lines, text: pasted(lines, isUnseen(`airy ${name}`)) };
      }),
  );
