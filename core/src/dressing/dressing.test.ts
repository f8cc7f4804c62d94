import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import solver from "javascript-lp-solver";
import { factsOf } from "../../test/kitchen.ts";
import {
  asVinegarMl,
  bandsAround,
  bandsOf,
  closestPacking,
  composeDressing,
  correctDressing,
  dressingFor,
  dressingRates,
  effectiveBand,
  equivalentsIn,
  gramsPerEquivalent,
  leftInJar,
  mixingOrder,
  rateByJar,
  readDressing,
  dressingStyles,
  type DressingPart,
  type DressingRole,
  type DressingWish,
} from "./index.ts";
import { leastAddition, type Condition } from "./least-addition.ts";

const part = (id: string, role: DressingRole, grams: number): DressingPart => ({
  facts: factsOf(id),
  role,
  grams,
});
/** Grams of so many millilitres. */
const ml = (id: string, volume: number): number => volume * (factsOf(id).composition?.gramsPerMl ?? 1);
const read = (...parts: DressingPart[]) => {
  const figures = readDressing(parts);
  if (!figures.ok) throw new Error(figures.issue.code);
  return figures.value;
};

describe("acid as equivalents", () => {
  // IUPAC conventional atomic weights.
  const [c, h, o] = [12.011, 1.008, 15.999];
  it.each([
    ["acetic", 2 * c + 4 * h + 2 * o, 1],
    ["citric", 6 * c + 8 * h + 7 * o, 3],
    ["tartaric", 4 * c + 6 * h + 6 * o, 2],
    ["malic", 4 * c + 6 * h + 5 * o, 2],
    ["lactic", 3 * c + 6 * h + 3 * o, 1],
  ] as const)("%s from its molar mass %d and its %d acid groups", (acid, molarMass, groups) => {
    expect(gramsPerEquivalent[acid]).toBeCloseTo(molarMass / groups, 1);
  });

  it("makes a litre of 5 % vinegar 0.8326 equivalents, and juice of 5 g citric in 100 ml 0.938 of it", () => {
    expect(50 / gramsPerEquivalent.acetic).toBeCloseTo(0.8326, 4);
    expect(asVinegarMl(50 / gramsPerEquivalent.acetic)).toBeCloseTo(1000, 6);
    expect(50 / gramsPerEquivalent.citric).toBeCloseTo(0.7808, 4);
    expect(asVinegarMl(5 / gramsPerEquivalent.citric) / 100).toBeCloseTo(0.938, 3);
  });

  it("counts what has no figure as not sour", () => {
    expect(equivalentsIn(100, factsOf("honey").composition)).toBe(0);
    expect(equivalentsIn(100, undefined)).toBe(0);
  });
});

describe("reading a dressing", () => {
  const vinegar = ml("wine-vinegar-red", 20);
  const oil = ml("olive-oil", 60);

  it("tells oil to acid as poured from oil to effective acid", () => {
    const figures = read(part("olive-oil", "oil", oil), part("wine-vinegar-red", "acid", vinegar));
    expect(figures.oilToAcidPoured).toBeCloseTo(3, 6);
    // 20 ml of 6 g in 100 g, 1.012 g/ml: 24.3 ml of 5 %.
    expect(figures.acidAsVinegarMl).toBeCloseTo(24.29, 2);
    expect(figures.oilToAcidEffective).toBeCloseTo(60 / 24.29, 2);
    expect(figures.ml).toBeCloseTo(80, 6);
  });

  it("calls it thick past π/√18 only where something emulsifies: a shaken three to one is 0.75 and fine", () => {
    expect(closestPacking).toBeCloseTo(0.7405, 4);
    const shaken = read(part("olive-oil", "oil", oil), part("wine-vinegar-red", "acid", vinegar));
    expect([shaken.oilVolumeFraction.toFixed(2), shaken.thick]).toEqual(["0.75", false]);
    const held = [part("mustard-dijon", "emulsifier", 2), part("wine-vinegar-red", "acid", vinegar)];
    expect(read(part("olive-oil", "oil", ml("olive-oil", 70)), ...held).thick).toBe(true);
    expect(read(part("olive-oil", "oil", ml("olive-oil", 40)), ...held).thick).toBe(false);
  });

  it("weighs salt, sugar and mustard where they are, and costs what is priced", () => {
    const figures = read(
      { ...part("olive-oil", "oil", 60), per100gMinor: 120 },
      { ...part("lemon-juice", "acid", 30), per100gMinor: 40 },
      { ...part("salt-sea-fine", "salt", 1), per100gMinor: 10 },
      { ...part("honey", "sweet", 5), per100gMinor: 100 },
      { ...part("mustard-dijon", "emulsifier", 4), per100gMinor: 60 },
    );
    expect(figures.saltPercent).toBeCloseTo(
      0.978 + 0.04 * 5.715 + 60 * 0.00005 + 30 * 0.00003 + 5 * 0.0001,
      2,
    );
    expect(figures.sugarPercent).toBeCloseTo(0.3 * 2.52 + 0.05 * 82.12 + 0.04 * 1.5, 1);
    expect(figures.costMinor).toBe(Math.round(72 + 12 + 0.1 + 5 + 2.4));
    expect(figures.mustardPer100ml).toBeCloseTo(400 / figures.ml, 6);
    expect(read(part("olive-oil", "oil", 60), part("lemon-juice", "acid", 30)).costMinor).toBeNull();
  });

  it("figures of a whole dressing, worked out by hand", () => {
    const olive = factsOf("olive-oil").composition?.gramsPerMl ?? 0;
    const vinegar = factsOf("cider-vinegar").composition;
    const honey = factsOf("honey").composition;
    const figures = read(
      part("olive-oil", "oil", 90),
      part("cider-vinegar", "acid", 30),
      part("salt-sea-fine", "salt", 2),
      part("honey", "sweet", 6),
    );
    const acidMl = 30 / (vinegar?.gramsPerMl ?? 0);
    const acidG = (30 * (vinegar?.titratableAcidG ?? 0)) / 100;
    const sugarG = (6 * (honey?.sugarsG ?? 0)) / 100 + (30 * (vinegar?.sugarsG ?? 0)) / 100;
    expect(figures.grams).toBe(128);
    expect(figures.oilToAcidPoured).toBeCloseTo(90 / olive / acidMl, 6);
    // 5 % vinegar has 0.05 g of acetic acid in a millilitre; the vinegar's own acid is acetic.
    expect(figures.oilToAcidEffective).toBeCloseTo(90 / olive / (acidG / 0.05), 2);
    const saltG = [
      ["olive-oil", 90],
      ["salt-sea-fine", 2],
      ["cider-vinegar", 30],
      ["honey", 6],
    ] as const;
    const carried = saltG.map(([id, grams]) => (grams * (factsOf(id).composition?.saltG ?? 0)) / 100);
    expect(figures.saltPercent).toBeCloseTo((100 * carried.reduce((a, b) => a + b)) / 128, 6);
    expect(figures.sugarPercent).toBeCloseTo((100 * sugarG) / 128, 6);
    expect(figures.sugarToAcid).toBeCloseTo(sugarG / acidG, 2);
    expect(figures).toMatchObject({ thick: false, costMinor: null, unknown: [], mustardPer100ml: 0 });
    const noAcid = read(part("olive-oil", "oil", 90));
    expect([noAcid.oilToAcidPoured, noAcid.oilToAcidEffective, noAcid.sugarToAcid]).toEqual([
      null,
      null,
      null,
    ]);
  });

  it("refuses nothing and less than nothing, and names what is unknown", () => {
    expect(readDressing([])).toMatchObject({ ok: false, issue: { code: "dressing-empty" } });
    expect(readDressing([part("olive-oil", "oil", 0)])).toMatchObject({
      ok: false,
      issue: { code: "amount-not-positive", part: "olive-oil" },
    });
    expect(read(part("olive-oil", "oil", 10), part("water", "acid", 10))).toMatchObject({
      oilToAcidEffective: null,
      unknown: ["water"],
    });
  });
});

describe("dressingStyles", () => {
  it("keep their own ratio inside their band, and say their acid's strength", () => {
    for (const dressingStyle of dressingStyles) {
      const band = effectiveBand(dressingStyle);
      expect(band.low).toBeLessThanOrEqual(band.value);
      expect(band.value).toBeLessThanOrEqual(band.high);
      expect(dressingStyle.source).not.toBe("");
    }
    const classic = dressingStyles.find((s) => s.id === "classic-three-to-one");
    expect(classic && effectiveBand(classic).value).toBeCloseTo(2.5, 6);
  });
});

const wish = (extra: Partial<DressingWish> = {}): DressingWish => ({
  volumeMl: 200,
  ratio: 2.5,
  ratioMeaning: "by-strength",
  oils: [{ facts: factsOf("olive-oil"), share: 1 }],
  acids: [{ facts: factsOf("sherry-vinegar"), share: 1 }],
  saltPercent: 1.4,
  salt: factsOf("salt-sea-fine"),
  sugarPercent: null,
  sweet: null,
  emulsifier: { facts: factsOf("mustard-dijon"), grams: 8 },
  flavours: [],
  ...extra,
});

describe("composing a dressing", () => {
  it("meets the volume, the effective ratio, the salt and the sugar at once, with whatever acids are at hand", () => {
    check(
      fc.property(
        fc.double({ min: 30, max: 2000, noNaN: true }),
        fc.double({ min: 0.5, max: 5, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (volumeMl, ratio, saltPercent, sugarPercent, lemon) => {
          const made = composeDressing(
            wish({
              ...{ volumeMl, ratio, saltPercent, sugarPercent, sweet: factsOf("honey") },
              emulsifier: { facts: factsOf("mustard-dijon"), grams: volumeMl * 0.02 },
              flavours: [{ facts: factsOf("shallot"), grams: volumeMl * 0.05 }],
              acids: [
                { facts: factsOf("lemon-juice"), share: lemon },
                { facts: factsOf("sherry-vinegar"), share: 1 - lemon },
              ],
            }),
          );
          if (!made.ok) throw new Error(made.issue.code);
          const { figures } = made.value;
          expect(figures.ml).toBeCloseTo(volumeMl, 3);
          // The juice's own traces of fat are the only oil the equations leave out.
          expect(Math.abs((figures.oilToAcidEffective ?? 0) / ratio - 1)).toBeLessThan(0.02);
          if (!made.value.saltAlreadyOver) expect(figures.saltPercent).toBeCloseTo(saltPercent, 3);
          expect(figures.sugarPercent).toBeGreaterThanOrEqual(sugarPercent - 1e-3);
        },
      ),
    );
  });

  it("pours a ratio that is meant as poured, whatever the acid's strength", () => {
    check(
      fc.property(
        fc.double({ min: 0.5, max: 8, noNaN: true }),
        fc.constantFrom("sherry-vinegar", "rice-vinegar", "lemon-juice", "verjuice"),
        (ratio, acid) => {
          const made = composeDressing(
            wish({ ratio, ratioMeaning: "as-poured", acids: [{ facts: factsOf(acid), share: 1 }] }),
          );
          expect(made.ok && made.value.figures.oilToAcidPoured).toBeCloseTo(ratio, 3);
        },
      ),
    );
  });

  it("every style names acids of known strength to start from", () => {
    for (const style of dressingStyles) {
      expect(style.usualAcids.length).toBeGreaterThan(0);
      for (const id of style.usualAcids)
        expect([style.id, equivalentsIn(1, factsOf(id).composition) > 0]).toEqual([style.id, true]);
    }
  });

  it("corrects a bowl to a ratio as poured, with the acid it has", () => {
    const bowl = [
      part("olive-oil", "oil", ml("olive-oil", 30)),
      part("lemon-juice", "acid", ml("lemon-juice", 30)),
    ];
    const targets = {
      oilToAcidPoured: { low: 2.7, high: 3.3 },
      oilToAcidEffective: null,
      sugarToAcid: null,
      saltPercent: null,
    };
    const corrected = correctDressing(bowl, targets, [{ facts: factsOf("olive-oil"), role: "oil" }]);
    if (!corrected.ok) throw new Error(corrected.issue.code);
    const ratio = corrected.value.after.oilToAcidPoured ?? 0;
    expect([corrected.value.cannot, ratio >= 2.7 && ratio <= 3.3]).toEqual([[], true]);
  });

  it("takes less of a strong acid than of a weak one", () => {
    const acidOf = (id: string): number => {
      const made = composeDressing(wish({ acids: [{ facts: factsOf(id), share: 1 }] }));
      return made.ok ? (made.value.parts.find((p) => p.role === "acid")?.ml ?? 0) : Number.NaN;
    };
    expect(acidOf("sherry-vinegar")).toBeLessThan(acidOf("rice-vinegar"));
    expect(acidOf("rice-vinegar")).toBeLessThan(acidOf("orange-juice"));
  });

  it("refuses an acid of unknown strength and a volume that is full already", () => {
    expect(composeDressing(wish({ acids: [{ facts: factsOf("water"), share: 1 }] }))).toMatchObject({
      ok: false,
      issue: { code: "acid-strength-unknown", acids: ["water"] },
    });
    expect(composeDressing(wish({ volumeMl: 5 }))).toMatchObject({
      ok: false,
      issue: { code: "volume-too-small" },
    });
  });

  it("adds no salt where what is carried is over already", () => {
    const made = composeDressing(
      wish({ saltPercent: 0.1, emulsifier: { facts: factsOf("mustard-dijon"), grams: 60 } }),
    );
    expect(made.ok && made.value.saltAlreadyOver).toBe(true);
    expect(made.ok && made.value.parts.some((p) => p.role === "salt")).toBe(false);
  });

  it("goes into the bowl salt into acid, oil last", () => {
    const made = composeDressing(wish());
    expect(made.ok && mixingOrder(made.value.parts).map((p) => p.role)).toEqual([
      "acid",
      "salt",
      "emulsifier",
      "oil",
    ]);
  });
});

describe("the least addition", () => {
  const problems = fc.record({
    a: fc.array(fc.array(fc.integer({ min: -5, max: 5 }), { minLength: 3, maxLength: 3 }), {
      minLength: 2,
      maxLength: 4,
    }),
    b: fc.array(fc.integer({ min: -20, max: 20 }), { minLength: 4, maxLength: 4 }),
  });

  it("equals an independent linear-programme solver on random problems", () => {
    let feasible = 0;
    check(
      fc.property(problems, ({ a, b }) => {
        const conditions: Condition[] = a.map((row, i) => ({ a: row, b: b[i] ?? 0, weight: 1e4 }));
        const model = {
          optimize: "cost",
          opType: "min" as const,
          constraints: Object.fromEntries(conditions.map((c, i) => [`c${i}`, { min: -c.b }])),
          variables: Object.fromEntries(
            [0, 1, 2].map((j) => [
              `x${j}`,
              { cost: 1, ...Object.fromEntries(conditions.map((c, i) => [`c${i}`, c.a[j] ?? 0])) },
            ]),
          ),
        };
        const theirs = solver.Solve(model) as { feasible: boolean; result: number };
        const ours = leastAddition(3, conditions);
        const met = ours.missed.every((m) => m < 1e-6);
        expect(met).toBe(theirs.feasible);
        if (!theirs.feasible) return;
        feasible++;
        expect(ours.amounts.reduce((sum, x) => sum + x, 0)).toBeCloseTo(theirs.result, 5);
      }),
      { numRuns: 300 },
    );
    expect(feasible).toBeGreaterThan(60);
  });
});

describe("correcting a bowl", () => {
  const bowl = [
    part("olive-oil", "oil", 150),
    part("wine-vinegar-red", "acid", 25),
    part("salt-sea-fine", "salt", 1),
  ];
  const targets = {
    oilToAcidPoured: null,
    oilToAcidEffective: { low: 2, high: 3 },
    saltPercent: { low: 1.2, high: 1.8 },
    sugarToAcid: null,
  };
  const correctors = [
    { facts: factsOf("wine-vinegar-red"), role: "acid" as const },
    { facts: factsOf("salt-sea-fine"), role: "salt" as const },
    { facts: factsOf("olive-oil"), role: "oil" as const },
  ];

  it("brings every band in with the least that does, after rounding to the scale", () => {
    const done = correctDressing(bowl, targets, correctors);
    if (!done.ok) throw new Error(done.issue.code);
    expect(done.value.cannot).toEqual([]);
    expect(done.value.additions.map((a) => a.id)).toEqual(["wine-vinegar-red", "salt-sea-fine"]);
    expect(done.value.after.oilToAcidEffective).toBeGreaterThan(2);
    expect(done.value.after.oilToAcidEffective).toBeLessThan(3);
    expect(done.value.after.saltPercent).toBeGreaterThan(1.2);
    expect(done.value.after.saltPercent).toBeLessThan(1.8);
  });

  it("finds no smaller addition on a grid", () => {
    const done = correctDressing(bowl, targets, correctors);
    const total = done.ok ? done.value.additions.reduce((sum, a) => sum + a.grams, 0) : Number.NaN;
    // The bands drawn in by a tenth, as the correction aims.
    const meets = (parts: readonly DressingPart[]): boolean => {
      const figures = read(...parts);
      const ratio = figures.oilToAcidEffective ?? 0;
      return ratio >= 2.1 && ratio <= 2.9 && figures.saltPercent >= 1.26 && figures.saltPercent <= 1.74;
    };
    for (let acid = 0; acid < total; acid++)
      for (let salt = 0; acid + salt < total - 1; salt += 0.25) {
        const tried = [
          ...bowl,
          part("wine-vinegar-red", "acid", acid || 1e-6),
          part("salt-sea-fine", "salt", salt || 1e-6),
        ];
        expect(meets(tried)).toBe(false);
      }
  });

  it("leaves a good bowl alone", () => {
    const good = [
      part("olive-oil", "oil", 110),
      part("wine-vinegar-red", "acid", 40),
      part("salt-sea-fine", "salt", 2.2),
    ];
    expect(correctDressing(good, targets, correctors)).toMatchObject({
      ok: true,
      value: { additions: [], cannot: [] },
    });
  });

  it("cannot take salt out: says which band, and dilutes where it may", () => {
    const salty = [
      part("olive-oil", "oil", 100),
      part("wine-vinegar-red", "acid", 40),
      part("salt-sea-fine", "salt", 9),
    ];
    const onlySalt = correctDressing(salty, targets, correctors.slice(1, 2));
    expect(onlySalt.ok && onlySalt.value.cannot).toEqual(["saltPercent"]);
    const diluted = correctDressing(salty, targets, correctors);
    expect(diluted.ok && diluted.value.cannot).toEqual([]);
    expect(diluted.ok && diluted.value.after.saltPercent).toBeLessThanOrEqual(1.8);
    expect(diluted.ok && diluted.value.additions.map((a) => a.id)).toEqual(["wine-vinegar-red", "olive-oil"]);
  });

  it("needs something to aim at", () => {
    const nothing = { oilToAcidPoured: null, oilToAcidEffective: null, saltPercent: null, sugarToAcid: null };
    expect(correctDressing(bowl, nothing, correctors)).toMatchObject({
      ok: false,
      issue: { code: "nothing-to-aim-at" },
    });
  });
});

describe("dressing for a salad", () => {
  const leaves = dressingRates.find((rate) => rate.group === "tender-leaves");

  it("starts from the table and learns from the jars weighed back", () => {
    if (!leaves) throw new Error("no rate for tender leaves");
    const book = dressingFor(240, leaves);
    expect(book).toMatchObject({ value: 36, low: 24 });
    const learned = dressingFor(240, leaves, [20, 21, 20, 19, 20, 20]);
    expect(learned.value).toBeGreaterThan(book.value);
    expect(learned.value).toBeLessThan(240 * 0.21);
    expect(learned.high - learned.low).toBeLessThan(book.high - book.low);
  });
});

describe("targets of the cook's own", () => {
  it("replace the style's, a tenth to either side; a ratio means as poured unless it is said to be by strength", () => {
    const dressingStyle = dressingStyles.find((one) => one.id === "classic-three-to-one");
    if (!dressingStyle) throw new Error("no such style");
    expect(bandsAround(dressingStyle, {})).toEqual(bandsOf(dressingStyle));
    const own = bandsAround(dressingStyle, { ratio: 4, saltPercent: 2 });
    expect(own).toMatchObject({ oilToAcidPoured: { low: 3.6, high: 4.4 }, oilToAcidEffective: null });
    expect(bandsAround(dressingStyle, { ratio: 4, ratioMeaning: "by-strength" })).toMatchObject({
      oilToAcidPoured: null,
      oilToAcidEffective: { low: 3.6, high: 4.4 },
    });
    expect(own.saltPercent).toEqual({ low: 1.8, high: 2.2 });
  });

  it("a jar: what is left, and a rate that cannot be", () => {
    expect(leftInJar(188, { value: 36, low: 24, high: 53 })).toEqual({ value: 152, low: 135, high: 164 });
    expect(leftInJar(30, { value: 36, low: 24, high: 53 })).toEqual({ value: 0, low: 0, high: 6 });
    expect(rateByJar(500, 40)).toEqual({ ok: true, value: 8 });
    expect(rateByJar(100, 101)).toMatchObject({ ok: false, issue: { code: "more-dressing-than-salad" } });
  });
});

describe("a correction is as small as the scale allows, and honest", () => {
  const correctors = [
    { facts: factsOf("olive-oil"), role: "oil" as const },
    { facts: factsOf("wine-vinegar-red"), role: "acid" as const },
    { facts: factsOf("salt-sea-fine"), role: "salt" as const },
  ];
  const band = { low: 2.8, high: 3.4 };
  const targets = {
    oilToAcidPoured: band,
    oilToAcidEffective: null,
    sugarToAcid: null,
    saltPercent: { low: 0.8, high: 1.6 },
  };

  it("never calls impossible what its own bowl, as weighed, satisfies; and never the other way round", () => {
    check(
      fc.property(
        fc.integer({ min: 20, max: 400 }),
        fc.integer({ min: 10, max: 200 }),
        fc.integer({ min: 1, max: 20 }),
        fc.subarray([0, 1, 2], { minLength: 1 }),
        (oil, acid, salt, which) => {
          const bowl = [
            part("olive-oil", "oil", oil),
            part("wine-vinegar-red", "acid", acid),
            part("salt-sea-fine", "salt", salt),
          ];
          const done = correctDressing(
            bowl,
            targets,
            which.flatMap((i) => correctors[i] ?? []),
          );
          if (!done.ok) throw new Error(done.issue.code);
          const { after, cannot } = done.value;
          const inside = (figure: number | null, { low, high }: { low: number; high: number }): boolean =>
            figure !== null && figure >= low - 1e-9 && figure <= high + 1e-9;
          expect(cannot.includes("oilToAcidPoured")).toBe(!inside(after.oilToAcidPoured, band));
          expect(cannot.includes("saltPercent")).toBe(!inside(after.saltPercent, targets.saltPercent));
        },
      ),
    );
  });

  it("aims at the edge of the band and no further than rounding needs", () => {
    const bowl = [part("olive-oil", "oil", 300), part("wine-vinegar-red", "acid", 60)];
    const aim = { ...targets, saltPercent: null };
    const done = correctDressing(bowl, aim, correctors.slice(1, 2));
    if (!done.ok) throw new Error(done.issue.code);
    expect(done.value.cannot).toEqual([]);
    expect(done.value.after.oilToAcidPoured).toBeGreaterThan(3.3);
    expect(done.value.after.oilToAcidPoured).toBeLessThanOrEqual(3.4);
  });

  it("says which parts it knows too little of", () => {
    const bare = { ...factsOf("yogurt"), id: "own-cream", composition: undefined };
    const done = readDressing([part("olive-oil", "oil", 60), { facts: bare, role: "creamy", grams: 40 }]);
    expect(done.ok && done.value.unknown).toEqual(["own-cream"]);
  });
});
