import { describe, expect, it } from "@jest/globals";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { correctDressing, dressingStyles } from "@apron/core/dressing";
import {
  correctionOf,
  correctionSentence,
  correctorsOf,
  emptyBowl,
} from "../src/dressing/bowl-correction.ts";
import { inStyle, type DressingDraft } from "../src/dressing/dressing-draft.ts";
import { ownTargets, wishFrom } from "../src/dressing/dressing-wish.ts";
import { ratioPicture, ratioRange } from "../src/dressing/ratio-picture.ts";

const known = referenceCatalogue.ingredients;
const styleOf = (id: string) => {
  const style = dressingStyles.find((one) => one.id === id);
  if (!style) throw new Error(id);
  return style;
};
const classic = styleOf("classic-three-to-one");
const draft = (extra: Partial<DressingDraft> = {}): DressingDraft => ({
  ...{ dressingStyle: classic.id, volume: "200 ml", oils: ["olive-oil"], acids: ["wine-vinegar-red"] },
  ...{
    emulsifier: "mustard-dijon",
    emulsifierG: "6",
    sweet: null,
    salted: true,
    flavours: [],
    flavourG: "10",
  },
  ...{ ratio: "", ratioMeaning: "as-poured", saltPercent: "", sugarPercent: "" },
  ...extra,
});
const wish = (extra: Partial<DressingDraft> = {}) =>
  wishFrom(draft(extra), { style: classic, known, cup: "us-customary" });

describe("a dressing as it is typed", () => {
  it.each([
    ["200 ml", 200],
    ["200", 200],
    ["0,25", 0.25],
    ["1 cup", 236.588],
    ["2 tbsp", 29.574],
  ])("%p is %d ml", (volume, ml) => {
    const read = wish({ volume });
    expect(read.ok && read.value.volumeMl).toBeCloseTo(ml, 2);
  });

  it.each([
    [{ volume: "a jugful" }, "amount-not-understood"],
    [{ volume: "200 g" }, "amount-not-understood"],
    [{ volume: "30000" }, "amount-not-understood"],
    [{ acids: [] }, "acid-missing"],
    [{ ratio: "lots" }, "amount-not-understood"],
    [{ ratio: "-1" }, "amount-not-understood"],
    [{ ratio: "31" }, "too-large"],
    [{ saltPercent: "61" }, "too-large"],
    [{ emulsifierG: "2001" }, "too-large"],
  ])("%j is refused as %s", (extra, code) => {
    expect(wish(extra)).toMatchObject({ ok: false, issue: { code } });
  });

  it("an empty target is the style's own, by strength; a typed ratio is as poured", () => {
    expect(wish()).toMatchObject({ value: { ratio: 2.5, ratioMeaning: "by-strength" } });
    expect(wish({ ratio: "4" })).toMatchObject({ value: { ratio: 4, ratioMeaning: "as-poured" } });
    expect(wish({ ratio: "4", ratioMeaning: "by-strength" })).toMatchObject({
      value: { ratio: 4, ratioMeaning: "by-strength" },
    });
  });

  it("adds no salt where none is wanted, and no emulsifier of no weight", () => {
    expect(wish({ salted: false })).toMatchObject({ value: { saltPercent: null } });
    expect(wish({ emulsifierG: "0" })).toMatchObject({ value: { emulsifier: null } });
    expect(wish({ flavours: ["garlic"], flavourG: "4" })).toMatchObject({
      value: { flavours: [{ grams: 4 }] },
    });
  });

  it("choosing a style chooses its acid, and drops targets that were another's", () => {
    const now = inStyle(draft({ ratio: "4", saltPercent: "3" }), "lemon-oil-table");
    expect(now).toMatchObject({ acids: ["lemon-juice"], ratio: "", saltPercent: "", oils: ["olive-oil"] });
    for (const style of dressingStyles) expect(inStyle(draft(), style.id).acids).toEqual(style.usualAcids);
  });

  it("only a target above nothing counts for a bowl", () => {
    expect(ownTargets(draft({ ratio: "3,5", saltPercent: "0" }))).toEqual({
      ...{ ratio: 3.5, ratioMeaning: "as-poured", saltPercent: undefined },
    });
  });
});

describe("a bowl that is mixed already", () => {
  const facts = (id: string) => {
    const found = known.get(id);
    if (!found) throw new Error(id);
    return found;
  };
  const lines = [
    { id: "olive-oil", role: "oil", facts: facts("olive-oil"), grams: 135 },
    { id: "wine-vinegar-red", role: "acid", facts: facts("wine-vinegar-red"), grams: 47 },
    { id: "salt-sea-fine", role: "salt", facts: facts("salt-sea-fine"), grams: 2.5 },
    { id: "mustard-dijon", role: "emulsifier", facts: facts("mustard-dijon"), grams: 6 },
  ] as const;
  const corrected = (extra: Partial<ReturnType<typeof emptyBowl>> = {}) =>
    correctionOf({ ...emptyBowl(), ...extra }, { lines, known, style: classic, targets: {} });

  it("may be corrected with its oil, acid and salt until the cook says with what", () => {
    expect(correctorsOf(emptyBowl(), lines)).toEqual(["olive-oil", "wine-vinegar-red", "salt-sea-fine"]);
    expect(correctorsOf({ ...emptyBowl(), correctors: ["water"] }, lines)).toEqual(["water"]);
  });

  it("says one thing: nothing, what to add, or what cannot be corrected and how near it comes", () => {
    const sentence = (extra?: Partial<ReturnType<typeof emptyBowl>>): string => {
      const found = corrected(extra);
      if (!found.ok) throw new Error(found.issue.code);
      return correctionSentence(found.value, (id) => id);
    };
    expect(sentence()).toBe("Nothing to add. The balance is right.");
    expect(sentence({ grams: { "olive-oil": "260" } })).toMatch(
      /^Add [\d.]+ g wine-vinegar-red( and .*)?\.$/,
    );
    const tooSalty = sentence({ grams: { "salt-sea-fine": "20" }, correctors: ["salt-sea-fine"] });
    expect(tooSalty).toMatch(/^These ingredients can't correct the salt, which can only be diluted\./);
  });

  it("leaves out what cannot be read, and sweetness that is not asked for", () => {
    const emptied = corrected({
      grams: { "olive-oil": "", "wine-vinegar-red": "", "salt-sea-fine": "", "mustard-dijon": "" },
    });
    expect(emptied).toMatchObject({ ok: false, issue: { code: "dressing-empty" } });
    const backwards = corrected({ sweetFrom: 5, sweetTo: 1 });
    expect(backwards).toMatchObject({ ok: true, value: { cannot: [] } });
    const sweet = corrected({ sweetFrom: 2, sweetTo: 3, correctors: ["olive-oil"] });
    expect(sweet.ok && sweet.value.cannot).toContain("sugarToAcid");
  });

  it("never corrects to nothing at all", () => {
    const none = { oilToAcidPoured: null, oilToAcidEffective: null, sugarToAcid: null, saltPercent: null };
    expect(correctDressing(lines, none, [])).toMatchObject({
      ok: false,
      issue: { code: "nothing-to-aim-at" },
    });
  });
});

describe("the picture of a ratio", () => {
  const colours = { band: "b", styles: "s", now: "n" };

  it("shows the style's band and every style, and widens for what is poured", () => {
    expect(ratioRange(classic, 2.5)).toEqual([0, 6]);
    expect(ratioRange(classic, 11.2)).toEqual([0, 12]);
    expect(ratioRange(classic, 900)).toEqual([0, 20]);
    const picture = ratioPicture(classic, 2.5, colours);
    expect(picture.bands).toMatchObject([{ lane: 2, colour: "b", name: classic.name }]);
    expect(picture.dots[0]?.points.length).toBeLessThanOrEqual(dressingStyles.length);
    expect(picture.marker).toMatchObject({ x: 2.5 });
    expect(picture.write(2)).toBe("2 : 1");
    expect(ratioPicture(classic, null, colours).marker).toBeUndefined();
  });
});
