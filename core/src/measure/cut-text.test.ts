import { expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { cutText } from "./cut-text.ts";

const family = "👩‍👩‍👧‍👦";

it.each([
  ["kale", 10, "kale"],
  ["kale", 2, "ka"],
  ["ka🌱le", 3, "ka"],
  ["ka🌱le", 4, "ka🌱"],
  ["cafe\u0301s", 4, "caf"],
  ["cafe\u0301s", 5, "cafe\u0301"],
  [`a${family}b`, 5, "a"],
  [`e${"\u0301".repeat(50)}`, 10, `e${"\u0301".repeat(9)}`],
  [family, 4, "👩\u200d"],
])("%j cut to %i is %j", (text, most, cut) => {
  expect(cutText(text, most)).toBe(cut);
});

it("is never longer, never holds half a character, and is where the text begins", () => {
  check(
    fc.property(fc.string({ unit: "grapheme" }), fc.integer({ min: 1, max: 40 }), (text, most) => {
      const cut = cutText(text, most);
      expect(cut.length).toBeLessThanOrEqual(most);
      expect(text.startsWith(cut)).toBe(true);
      expect(cut).not.toMatch(/[\ud800-\udfff]/u);
    }),
  );
});
