import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { addDays } from "../measure/index.ts";
import { readStep } from "../recipes/index.ts";
import { cautionsFor } from "./cautions.ts";
import { writtenUse } from "./hazards.ts";
import {
  capacityOf,
  containerSizes,
  divideOver,
  eatAndStore,
  fewestFor,
  labelledTogether,
} from "./containers.ts";
import { daysAfterThawing } from "./thaw.ts";
import { placesFor, useBy, type IngredientClock, type UseBy } from "./use-by.ts";
import { compareByExpiry, takePortion } from "./withdraw.ts";

const madeOn = "2026-09-10";
const pesto = { fridge: "pesto-raw-garlic", freezer: "pesto-frozen" };
function dated(
  keeping: { fridge: string | null; freezer: string | null },
  place: "fridge" | "freezer",
  clocks: IngredientClock[] = [],
): UseBy {
  const answer = useBy({ madeOn, place, keeping, clocks, hazards: [] }, referenceCatalogue);
  if (!answer.ok) throw new Error(answer.issue.code);
  return answer.value;
}

describe("the date on the label", () => {
  it("gives a raw pesto with garlic four days cold, as safety, with its source and one date only", () => {
    const date = dated(pesto, "fridge");
    expect(date).toMatchObject({ on: "2026-09-14", limit: "safety", practice: null });
    expect(date.source.length).toBeGreaterThan(5);
  });

  it.each([
    ["dressed-leafy-salad", /: the day it is made$/],
    ["rice-cooked", /: 1 day$/],
    ["grain-salad", /: 4 days$/],
  ])("says how long %s keeps", (subject, reason) => {
    expect(dated({ fridge: subject, freezer: null }, "fridge").reason).toMatch(reason);
  });

  it("shows practice beside a quality limit", () => {
    const date = dated(pesto, "freezer");
    expect(date).toMatchObject({ on: addDays(madeOn, 180), limit: "quality" });
    expect(date.practice).toEqual({ from: addDays(madeOn, 90), to: addDays(madeOn, 365) });
  });

  it("never gives perishable food more than seven days counting the day it was made (Food Code 3-501.17)", () => {
    const rules = referenceCatalogue.keeping.filter((r) => r.limit === "safety" && r.place === "fridge");
    expect(rules.length).toBeGreaterThan(25);
    for (const rule of rules) {
      const date = dated({ fridge: rule.subject, freezer: null }, "fridge");
      expect(date.on <= addDays(madeOn, 6)).toBe(true);
      expect(date.practice).toBeNull();
    }
  });

  it("lets an ingredient's own clock bind a salad, and shows no second date then", () => {
    const clock = { name: "chard", lastDay: "2026-09-11" };
    const slaw = { fridge: "slaw-vinegar", freezer: null };
    expect(dated(slaw, "fridge", [clock])).toMatchObject({
      on: "2026-09-11",
      limit: "safety",
      practice: null,
    });
    expect(dated(slaw, "fridge", [{ name: "chard", lastDay: "2026-10-11" }]).on).toBe("2026-09-13");
  });

  it("binds a quality date by an ingredient's own day, also on the same day: no later date beside it", () => {
    const butter = { fridge: "compound-butter", freezer: null };
    const free = dated(butter, "fridge");
    expect(free).toMatchObject({ on: addDays(madeOn, 5), limit: "quality" });
    expect(free.practice).not.toBeNull();
    const clock = { name: "parsley", lastDay: addDays(madeOn, 5) };
    expect(dated(butter, "fridge", [clock])).toMatchObject({
      ...{ on: addDays(madeOn, 5), limit: "safety", practice: null },
      reason: "parsley in it was already cut or opened: its own last day",
    });
    const later = { ...clock, lastDay: addDays(madeOn, 6) };
    expect(dated(butter, "fridge", [later])).toMatchObject({ limit: "quality" });
  });

  it("stops the ingredients' clocks in the freezer", () => {
    expect(dated(pesto, "freezer", [{ name: "chard", lastDay: "2026-09-11" }]).on).toBe(addDays(madeOn, 180));
  });

  it("can only ever be shortened by another clock", () => {
    check(
      fc.property(fc.array(fc.integer({ min: 0, max: 30 }), { maxLength: 4 }), (days) => {
        const clocks = days.map((d) => ({ name: "x", lastDay: addDays(madeOn, d) }));
        expect(dated(pesto, "fridge", clocks).on <= dated(pesto, "fridge").on).toBe(true);
      }),
    );
  });

  it("says a dressed leaf salad is for the day it is made", () => {
    expect(dated({ fridge: "dressed-leafy-salad", freezer: null }, "fridge").on).toBe(madeOn);
  });

  it.each(["room", "cupboard", "freezer"] as const)(
    "refuses a place the dish is not kept in: %s",
    (place) => {
      const answer = useBy(
        { madeOn, place, keeping: { fridge: "pesto-raw-garlic", freezer: null }, clocks: [], hazards: [] },
        referenceCatalogue,
      );
      expect(answer).toEqual({ ok: false, issue: { code: "not-kept-there", place } });
    },
  );

  it("offers only the places a formula names", () => {
    expect(placesFor(pesto)).toEqual(["fridge", "freezer"]);
    expect(placesFor({ fridge: "slaw-vinegar", freezer: null })).toEqual(["fridge"]);
  });
});

describe("after thawing", () => {
  it("never leaves more days than there were when it was frozen", () => {
    expect(daysAfterThawing(madeOn, addDays(madeOn, 4), referenceCatalogue)).toBe(3);
    expect(daysAfterThawing(madeOn, addDays(madeOn, 1), referenceCatalogue)).toBe(1);
    expect(daysAfterThawing(madeOn, addDays(madeOn, -2), referenceCatalogue)).toBe(0);
  });
});

describe("containers", () => {
  const dish = { gramsPerMl: 0.95 };
  const jar = containerSizes.find((size) => size.kind === "jar");

  it("leave headspace: more when frozen", () => {
    expect(jar && capacityOf(jar, dish, "fridge")).toBeCloseTo(180.5, 6);
    expect(jar && capacityOf(jar, dish, "freezer")).toBeCloseTo(171, 6);
  });

  it("are as few as hold it", () => {
    expect([fewestFor(180, 180.5), fewestFor(181, 180.5), fewestFor(540, 180)]).toEqual([1, 2, 3]);
    expect([fewestFor(90_000, 180), fewestFor(90_001, 180), fewestFor(0, 180)]).toEqual([500, 500, 1]);
  });

  it("share a batch equally, never a tiny last one", () => {
    const loads = divideOver(400, dish, [{ kind: "jar", count: 3, place: "fridge" }]);
    expect(loads).toMatchObject({
      ok: true,
      value: [{ count: 3, eachG: 400 / 3 }],
    });
  });

  it("take in proportion to their size, and everything goes in", () => {
    check(
      fc.property(fc.integer({ min: 50, max: 900 }), (grams) => {
        const loads = divideOver(grams, dish, [
          { kind: "jar", count: 4, place: "fridge" },
          { kind: "cube", count: 30, place: "freezer" },
        ]);
        if (!loads.ok) throw new Error("should hold it");
        expect(loads.value.reduce((g, l) => g + l.eachG * l.count, 0)).toBeCloseTo(grams, 6);
      }),
    );
  });

  it("take what was said of them, and the others the rest", () => {
    const jar = { kind: "jar", place: "fridge" } as const;
    const cubes = { kind: "cube", count: 12, place: "freezer" } as const;
    const [half, bag] = [
      { ...jar, count: 1, grams: 100 },
      { ...cubes, grams: null },
    ];
    const shared = divideOver(300, dish, [half, bag]);
    expect(shared.ok && shared.value.map((one) => Math.round(one.eachG * 12))).toEqual([1200, 200]);
    // Said of all: a spoonful more or less is shared, so that nothing of it is nowhere.
    const both = divideOver(301, dish, [half, { ...cubes, grams: 200 }]);
    expect(both.ok && both.value.reduce((g, l) => g + l.eachG * l.count, 0)).toBeCloseTo(301, 9);
  });

  it("refuse more than there is, a rest without a place, and one that is said to hold too much", () => {
    const jar = { kind: "jar", count: 1, place: "fridge" } as const;
    const issueOf = (grams: number, ...said: (number | null)[]) => {
      const divided = divideOver(
        grams,
        dish,
        said.map((one) => ({ ...jar, grams: one })),
      );
      return divided.ok ? undefined : divided.issue;
    };
    expect(issueOf(100, 150)).toEqual({ code: "more-than-made", askedG: 150, grams: 100 });
    expect(issueOf(100, 100, null)).toMatchObject({ code: "more-than-made" });
    expect(issueOf(150, 100)).toEqual({ code: "some-left-over", leftG: 50 });
    expect(issueOf(300, 250, null)).toMatchObject({ code: "containers-too-small", grams: 250 });
    expect(issueOf(400, 100, null)).toMatchObject({ code: "containers-too-small", grams: 300 });
    expect(issueOf(100.5, 100)).toBeUndefined();
  });

  it("are needed for what is not eaten at once, and for nothing else", () => {
    const jar = { kind: "jar", count: 1, place: "fridge" } as const;
    const eaten = (eatenG: number, jars = 0) =>
      eatAndStore(300, dish, { eatenG, wishes: Array.from({ length: jars }, () => jar) });
    expect(eaten(299)).toEqual({ ok: true, value: { eatenG: 300, loads: [] } });
    expect(eaten(180, 1)).toMatchObject({ ok: true, value: { eatenG: 180, loads: [{ eachG: 120 }] } });
    expect(eaten(0)).toMatchObject({ issue: { code: "nowhere-to-go" } });
    expect(eaten(200)).toMatchObject({ issue: { code: "some-left-over", leftG: 100 } });
    expect(eaten(400)).toMatchObject({ issue: { code: "more-than-made", askedG: 400, grams: 300 } });
    expect(eaten(310, 1)).toMatchObject({ issue: { code: "more-than-made" } });
    expect(eaten(0, 1)).toMatchObject({ issue: { code: "containers-too-small" } });
  });

  it("refuse what they cannot hold, with the figures", () => {
    const refused = divideOver(900, dish, [{ kind: "jar", count: 2, place: "fridge" }]);
    expect(refused).toMatchObject({
      ok: false,
      issue: { code: "containers-too-small", capacityG: 361, grams: 900 },
    });
  });
});

describe("what one label is for", () => {
  const cube = { kind: "cube", place: "freezer", useBy: "2027-03-01", isPlain: false, startG: 18 } as const;
  const jar = { ...cube, kind: "jar", startG: 150 } as const;

  it("is a bag of the cubes of one batch with one date, and any other container by itself", () => {
    const batch = [cube, cube, { ...cube, startG: 14 }, jar, { ...cube, isPlain: true }];
    expect(labelledTogether(cube, batch)).toEqual({ count: 3, grams: 50 });
    expect(labelledTogether({ ...cube, isPlain: true }, batch)).toEqual({ count: 1, grams: 18 });
    expect(labelledTogether(jar, [...batch, jar])).toEqual({ count: 1, grams: 150 });
    // Thawed ones have another date, or stand elsewhere.
    const thawed = { ...cube, useBy: "2026-09-12" };
    expect(labelledTogether(cube, [cube, thawed, { ...cube, place: "fridge" }])).toEqual({
      count: 1,
      grams: 18,
    });
  });
});

describe("taking out", () => {
  it("takes first what expires first, then the older, then the one begun", () => {
    const stored = [
      { useBy: "2026-09-14", madeOn: "2026-09-10", remainingG: 180 },
      { useBy: "2026-09-13", madeOn: "2026-09-10", remainingG: 180 },
      { useBy: "2026-09-14", madeOn: "2026-09-09", remainingG: 180 },
      { useBy: "2026-09-14", madeOn: "2026-09-10", remainingG: 60 },
    ];
    expect([...stored].sort(compareByExpiry).map((s) => stored.indexOf(s))).toEqual([1, 2, 3, 0]);
  });

  it.each([
    [180, 40, 40],
    [59, 40, 59],
    [60, 40, 40],
    [40, 40, 40],
    [12, 40, 12],
  ])("of %d g with portions of %d g takes %d g", (remainingG, portionG, taken) => {
    const answer = takePortion({ remainingG, portionG, useBy: "2026-09-14", limit: "safety" }, madeOn);
    expect(answer).toEqual({ ok: true, value: taken });
  });

  it("gives nothing out of an empty container nor past a safety date; quality may be judged", () => {
    const stored = { remainingG: 100, portionG: 40, useBy: "2026-09-14" };
    expect(takePortion({ ...stored, remainingG: 0, limit: "safety" }, madeOn)).toMatchObject({
      ok: false,
      issue: { code: "container-empty" },
    });
    expect(takePortion({ ...stored, limit: "safety" }, "2026-09-15")).toMatchObject({
      ok: false,
      issue: { code: "past-use-by" },
    });
    expect(takePortion({ ...stored, limit: "quality" }, "2026-09-15")).toMatchObject({ ok: true });
  });
});

describe("cautions", () => {
  const of = (ids: readonly string[], extra = {}, dish = {}): string[] => {
    const lines = ids.map((id, i) => aLine(`l${i}`, 100, id, extra));
    const formula = aFormula(lines, dish);
    return cautionsFor(formula, writtenUse(formula), referenceCatalogue).map((c) => c.trigger);
  };

  it.each([
    [["hazelnut"], "nut-allergy"],
    [["runner-bean"], "raw-runner-beans"],
    [["sorrel"], "oxalate"],
    [["nasturtium-flower"], "raw-flowers"],
    [["honey"], "honey-infants"],
    [["tahini"], "sesame"],
    [["mustard-dijon"], "mustard-celery"],
    [["parmesan"], "animal-rennet"],
    [["farro"], "rice-and-grain"],
    [["summer-squash-yellow"], "bitter-squash"],
  ])("%j brings up %s", (ids, trigger) => {
    expect(of(ids)).toContain(trigger);
  });

  it("warns of cooling wherever something is cooked, and says what the formula itself names", () => {
    expect(of(["beet"], { cook: "roast-diced", eatenRaw: false })).toContain("cooling-cooked-food");
    expect(of(["garlic", "olive-oil"], {}, { cautions: ["can-pesto"] })).toContain("can-pesto");
    expect(of(["apple"])).toEqual([]);
  });

  it("says how to salt what ferments: raw vegetables that stand outside the fridge for a day or more", () => {
    const standing = (text: string) => ({ steps: [readStep(text)] });
    const forDays = standing(
      "Pack into a jar and leave at room temperature for 2 days, then into the fridge.",
    );
    expect(of(["cabbage-napa"], {}, forDays)).toContain("fermenting-salt");
    expect(of(["carrot"], {}, forDays)).toContain("fermenting-salt");
    expect(of(["cabbage-napa"], {}, standing("Leave to stand for 2 hours."))).not.toContain(
      "fermenting-salt",
    );
    expect(of(["cabbage-napa"], {}, standing("Leave in the fridge for 2 days."))).not.toContain(
      "fermenting-salt",
    );
    expect(of(["lentil-dry"], {}, forDays)).not.toContain("fermenting-salt");
  });

  it("says a thing only where it can be true", () => {
    const named = { cautions: ["garlic-in-oil", "herbs-in-oil", "blender-hot-food"] };
    expect(of(["basil", "olive-oil"], {}, named)).toEqual(["herbs-in-oil", "vitamin-k-warfarin"]);
    expect(of(["garlic", "olive-oil"], {}, named)).toEqual(["garlic-in-oil"]);
    expect(of(["garlic"], {}, named)).toEqual([]);
    expect(of(["egg"], { cook: "boil", eatenRaw: false })).not.toContain("raw-egg");
    expect(of(["egg"])).toContain("raw-egg");
    expect(of(["bread-white"])).not.toContain("rice-and-grain");
    expect(of(["alfalfa-sprouts"], { cook: "boil", eatenRaw: false })).not.toContain("sprouts");
  });

  it("carries its condition in its own words", () => {
    for (const trigger of ["bitter-squash", "green-potato", "pine-mouth", "nut-allergy", "honey-infants"])
      expect(referenceCatalogue.cautions.get(trigger)?.text).toMatch(/^If /);
  });

  it("puts the gravest first and never names one twice", () => {
    const lines = ["honey", "chard", "hazelnut"].map((id) => aLine(id, 50, id));
    const formula = aFormula(lines, { cautions: ["nut-allergy"] });
    const found = cautionsFor(formula, writtenUse(formula), referenceCatalogue);
    const ranks = found.map((c) => ["stop", "warn", "info"].indexOf(c.severity));
    expect(ranks).toEqual([...ranks].sort());
    expect(new Set(found.map((c) => c.trigger)).size).toBe(found.length);
  });
});
