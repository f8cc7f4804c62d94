import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { composeDressing } from "./compose-dressing.ts";
import { correctDressing } from "./correct-dressing.ts";
import { leastAddition } from "./least-addition.ts";
import { readDressing, type DressingPart } from "./read-dressing.ts";

const part = (id: string, role: DressingPart["role"], grams: number): DressingPart => ({
  facts: factsOf(id),
  role,
  grams,
});

describe("least additions", () => {
  it("of equations that say the same twice no corner is lost", () => {
    const same = { a: [1, 1], b: -10, weight: 1 };
    const { amounts, missed } = leastAddition(2, [same, same]);
    expect(amounts.reduce((total, x) => total + x, 0)).toBeCloseTo(10, 9);
    expect(missed).toEqual([0, 0]);
  });

  it("prefers the first of two that do alike, and misses by as little as it must", () => {
    expect(leastAddition(2, [{ a: [2, 2], b: -4, weight: 1 }]).amounts).toEqual([2, 0]);
    expect(leastAddition(1, [{ a: [-1], b: -3, weight: 1 }])).toEqual({ amounts: [0], missed: [3] });
    expect(leastAddition(0, [{ a: [], b: 1, weight: 1 }])).toEqual({ amounts: [], missed: [0] });
  });
});

describe("what is not known", () => {
  it("a corrector without figures brings nothing but its weight", () => {
    const bare = { facts: { ...factsOf("yogurt"), composition: undefined }, role: "creamy" as const };
    const bowl = [
      part("olive-oil", "oil", 90),
      part("wine-vinegar-red", "acid", 30),
      part("salt-sea-fine", "salt", 3),
    ];
    const targets = { oilToAcidPoured: null, oilToAcidEffective: null, sugarToAcid: null };
    const done = correctDressing(bowl, { ...targets, saltPercent: { low: 1, high: 2 } }, [bare]);
    // 123 g hold 3 g of salt (2.4 %): to 2 % it takes 27 g of what carries none.
    const [added] = done.ok ? done.value.additions : [];
    expect(added?.grams).toBeGreaterThan(20);
    expect(added?.grams).toBeLessThan(30);
  });

  it("of oils without a share each pours the same", () => {
    const composed = composeDressing({
      ...{ volumeMl: 100, ratio: 3, ratioMeaning: "as-poured", saltPercent: null, sugarPercent: null },
      ...{ salt: factsOf("salt-sea-fine"), sweet: null, emulsifier: null, flavours: [] },
      oils: [
        { facts: factsOf("olive-oil"), share: 0 },
        { facts: factsOf("walnut-oil"), share: 0 },
      ],
      acids: [{ facts: factsOf("wine-vinegar-red"), share: 1 }],
    });
    if (!composed.ok) throw new Error(composed.issue.code);
    const grams = (id: string) => composed.value.parts.find((one) => one.facts.id === id)?.grams ?? 0;
    expect(grams("olive-oil")).toBeCloseTo(grams("walnut-oil"), 0);
  });
});

describe("corrections at their edges", () => {
  const targets = { oilToAcidPoured: null, oilToAcidEffective: null, sugarToAcid: null };
  const salt = { facts: factsOf("salt-sea-fine"), role: "salt" as const };
  const bowl = (grams: number) => [
    part("olive-oil", "oil", 90),
    part("wine-vinegar-red", "acid", 30),
    part("salt-sea-fine", "salt", grams),
  ];

  it("adds nothing to what lies in its band, ends included", () => {
    const figures = readDressing(bowl(1.5));
    const exact = figures.ok ? figures.value.saltPercent : 0;
    const done = correctDressing(bowl(1.5), { ...targets, saltPercent: { low: exact, high: exact + 1 } }, [
      salt,
    ]);
    expect(done).toMatchObject({ ok: true, value: { additions: [], cannot: [] } });
  });

  it("says what cannot be: salt is never taken out", () => {
    const done = correctDressing(bowl(9), { ...targets, saltPercent: { low: 0.5, high: 1 } }, [salt]);
    expect(done).toMatchObject({ ok: true, value: { additions: [], cannot: ["saltPercent"] } });
  });

  it("adds in steps of the scale, nothing under half a tenth of a gram", () => {
    const done = correctDressing(bowl(1.0), { ...targets, saltPercent: { low: 1.2, high: 1.4 } }, [salt]);
    const [added] = done.ok ? done.value.additions : [];
    expect(added?.grams).toBeCloseTo(0.5, 1);
    expect(done.ok && done.value.cannot).toEqual([]);
  });
});
