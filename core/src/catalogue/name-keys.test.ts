import { describe, expect, it } from "@jest/globals";
import { nameKeys, singularWord, wordsOf } from "./name-keys.ts";

describe("one of a word", () => {
  it.each([
    ["tomatoes", "tomato"],
    ["berries", "berry"],
    ["leaves", "leaf"],
    ["radishes", "radish"],
    ["peas", "pea"],
    ["gas", "gas"],
    ["cress", "cress"],
    ["citrus", "citrus"],
    ["chillies", "chilli"],
  ])("of %s is %s", (word, one) => {
    expect(singularWord(word)).toBe(one);
  });
});

describe("the words of a name", () => {
  it("are without accents, marks, case and plurals", () => {
    expect(wordsOf("Goat's curd, Époisses")).toEqual(["goat", "curd", "epoiss"]);
  });
});

describe("the keys of a food", () => {
  const keys = (us: string, other: readonly string[] = []) =>
    nameKeys({ id: "x-y", us, uk: us, other }).map(({ key, rank }) => `${rank} ${key}`);

  it("a slash stands between two names that share what follows", () => {
    expect(keys("snap / snow pea")).toEqual(expect.arrayContaining(["0 snap pea", "0 snow pea"]));
  });

  it("a whole name before the slash takes nothing of what follows", () => {
    expect(keys("white leaf / green cabbage")).toContain("0 white leaf");
    expect(keys("white leaf / green cabbage").join()).not.toContain("white leaf cabbage");
  });

  it("a comma turns round, and what stands before it is a hint", () => {
    expect(keys("paprika, ground")).toEqual(expect.arrayContaining(["0 ground paprika", "3 paprika"]));
  });

  it("a name that needs explaining ranks behind one that does not", () => {
    expect(keys("swede", ["neep", "turnip (parts of UK)"])).toEqual(
      expect.arrayContaining(["1 neep", "2 turnip"]),
    );
  });
});
