import { readFileSync, readdirSync, statSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "@jest/globals";
import { ApiProblem } from "../src/client/api.ts";
import { sentenceFor, sentenceOf } from "../src/client/words.ts";

const root = new URL("../..", import.meta.url).pathname;
const sources = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return sources(path);
    return name.endsWith(".ts") && !name.endsWith(".test.ts") ? [path] : [];
  });

const fallback = sentenceFor({ code: "no such code at all" });

/** Codes that only other programs meet: the web client never causes them, or they are our own mistakes. */
const notForCooks = [
  "idempotency-key-missing",
  "json-expected",
  "malformed-json",
  "no-such-route",
  "not-allowed",
  "internal",
];

function codesIn(path: string): string[] {
  const text = readFileSync(path, "utf8");
  const patterns = [/code: "([a-z-]+)"/g, /(?:conflict|notFound|refusal)\((?:\d+, )?"([a-z-]+)"/g];
  return patterns.flatMap((pattern) => [...text.matchAll(pattern)].map((m) => m[1] ?? ""));
}

describe("every refusal has words", () => {
  const codes = [
    ...new Set([...sources(`${root}core/src`), ...sources(`${root}server/src`)].flatMap(codesIn)),
  ].filter((code) => !notForCooks.includes(code));

  it("finds the refusals of core and server", () => {
    expect(codes.length).toBeGreaterThan(40);
    expect(codes).toEqual(
      expect.arrayContaining(["usable-over-raw", "more-than-on-hand", "containers-too-small", "never-raw"]),
    );
  });

  it.each(codes)("%s", (code) => {
    const sentence = sentenceFor({
      code,
      text: "plenty",
      grams: 100,
      atMostG: 250_000,
      unit: "wheelbarrow",
      word: "wheelbarrow",
      known: ["bunch", "cup-chopped"],
      usableG: 501,
      rawG: 500,
      fraction: 0.1,
      expected: { low: 0.5, high: 0.7 },
      partsG: 300,
      restG: 200,
      askedG: 200,
      onHandG: 100,
      atMost: 50,
      capacityG: 361,
      candidates: ["parsley", "dill"],
      beforeG: 500,
      afterG: 520,
      vessel: 2,
      tareG: 300,
      grossG: 200,
      method: "roast-whole-then-scoop",
      cooking: "roast-diced",
      by: "arugula",
      atLeast: 0,
      line: 3,
      missing: ["item"],
      found: ["name"],
      unknown: ["colour"],
      rows: 9000,
      part: "small",
      saladG: 100,
      usedG: 400,
      basedOn: 1,
      now: 2,
      at: "{",
      recipes: ["a", "b", "a"],
      ingredient: "chard",
      convertBy: "strength",
      atMostMm: 400,
      dishName: "Leek dip",
      dish: "Leek dip",
      kitchen: "Hazel Row",
      name: "Hazel Row",
      recipe: "Leek dip",
      leftG: 60,
      waitS: 20,
      madeG: 220,
      tool: "oven",
    });
    expect(sentence).not.toBe(fallback);
    expect(sentence).not.toMatch(/undefined|NaN|\[object/);
    expect(sentence).toMatch(/[.!?]$/);
  });
});

describe("sentences", () => {
  it("carry the measurements", () => {
    expect(sentenceFor({ code: "usable-over-raw", usableG: 501, rawG: 500 })).toBe(
      "Usable weight can't be more than raw weight (501 g from 500 g).",
    );
  });

  it("ask what is counted", () => {
    expect(sentenceFor({ code: "measure-unclear", either: ["head", "clove"] })).toBe(
      "Which of these: head, clove? Say it with the number, or weigh it.",
    );
  });

  it("name the measures that are known as a cook would type them", () => {
    const known = ["bunch", "cup-chopped", "each-medium", "each-large", "cup-whole"];
    expect(sentenceFor({ code: "measure-unknown", word: "wheelbarrow", known })).toBe(
      "The weight of one “wheelbarrow” isn't known. Weigh it, or use: bunch, cup, piece, large piece.",
    );
    expect(sentenceFor({ code: "measure-unknown", word: "", known: ["each-large"] })).toBe(
      "The weight of one of these isn't known. Weigh it, or use: large piece.",
    );
  });

  it("speak for a problem of the server's and stay calm about anything else", () => {
    expect(sentenceOf(new ApiProblem("lot-empty", 409))).toBe("Nothing is left of this lot.");
    expect(sentenceOf(new Error("boom"))).toBe(fallback);
  });
});
