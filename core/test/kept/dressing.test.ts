import { expect, it } from "@jest/globals";
import {
  bandsAround,
  bandsOf,
  composeDressing,
  correctDressing,
  defaultRole,
  dressingFor,
  dressingRates,
  dressingStyles,
  leftInJar,
  mixingOrder,
  positionInBand,
  rateByJar,
  readDressing,
  wishAt,
  type DressingAsked,
  type DressingPart,
} from "../../src/dressing/index.ts";
import { expectKept } from "../kept.ts";
import { factsOf } from "../kitchen.ts";

const poured = (...ids: string[]) => ids.map((id) => ({ facts: factsOf(id), share: 1 / ids.length }));
const asked = (extra: Partial<DressingAsked> = {}): DressingAsked => ({
  ...{ volumeMl: 200, oils: poured("olive-oil"), acids: poured("wine-vinegar-red") },
  ...{ salt: factsOf("salt-sea-fine"), sweet: null, emulsifier: null, flavours: [] },
  ...extra,
});
const mustard = { facts: factsOf("mustard-dijon"), grams: 8 };
const wishes: readonly Partial<DressingAsked>[] = [
  {},
  { acids: poured("lemon-juice", "cider-vinegar"), oils: poured("walnut-oil", "olive-oil") },
  { acids: poured("rice-vinegar"), sweet: factsOf("honey") },
  { emulsifier: mustard, flavours: [{ facts: factsOf("garlic"), grams: 4 }] },
  { emulsifier: { facts: factsOf("tahini"), grams: 40 }, acids: poured("lemon-juice") },
  { ratio: 2, saltPercent: 1.2 },
  { ratio: 4, ratioMeaning: "by-strength", saltPercent: null, sugarPercent: 3, sweet: factsOf("honey") },
  { volumeMl: 20 },
  { volumeMl: 1, emulsifier: mustard },
  { acids: [] },
  { flavours: [{ facts: factsOf("miso"), grams: 30 }] },
];

it("every style, composed of many things", () => {
  const styles = dressingStyles.filter((_, i) => i % 4 === 0);
  const composed = styles.map((style) => ({
    style: style.id,
    bands: bandsOf(style),
    own: bandsAround(style, { ratio: 3, ratioMeaning: "as-poured", saltPercent: 1 }),
    made: wishes.map((wish) => {
      const made = composeDressing(wishAt(style, asked(wish)));
      if (!made.ok) return made.issue;
      const { parts, figures, saltAlreadyOver } = made.value;
      const amounts = mixingOrder(parts).map((one) => [one.facts.id, one.role, one.grams, one.ml]);
      return { amounts, figures, saltAlreadyOver };
    }),
  }));
  expect(composed.length).toBeGreaterThan(5);
  expectKept("dressing-composed", composed);
});

const part = (id: string, grams: number, per100gMinor?: number): DressingPart => {
  const facts = factsOf(id);
  return { facts, role: defaultRole(facts), grams, ...(per100gMinor === undefined ? {} : { per100gMinor }) };
};
const bowls: readonly (readonly DressingPart[])[] = [
  [part("olive-oil", 90, 120), part("cider-vinegar", 30, 40), part("salt-sea-fine", 2, 10)],
  [part("olive-oil", 150), part("lemon-juice", 20), part("honey", 10), part("mustard-dijon", 8)],
  [part("walnut-oil", 40), part("wine-vinegar-red", 60), part("salt-sea-fine", 6)],
  [part("yogurt", 150), part("lemon-juice", 15), part("olive-oil", 15), part("garlic", 3)],
  [part("mayonnaise", 60), part("cider-vinegar", 10)],
  [part("olive-oil", 100)],
  [part("tahini", 80), part("lemon-juice", 40), part("water", 40), part("salt-sea-fine", 2)],
  [],
];
const correctors = ["olive-oil", "wine-vinegar-red", "salt-sea-fine", "honey"].map((id) => {
  const { facts, role } = part(id, 1);
  return { facts, role };
});

it("bowls read and corrected", () => {
  const styles = dressingStyles.filter((_, i) => i % 9 === 0);
  expectKept(
    "dressing-corrected",
    bowls.map((bowl) => ({
      read: readDressing(bowl),
      corrected: styles.flatMap((style) => {
        const targets = bandsOf(style);
        const sweet = { ...targets, sugarToAcid: { low: 1, high: 2 } };
        return [
          correctDressing(bowl, targets, correctors),
          correctDressing(bowl, sweet, correctors),
          correctDressing(bowl, targets, correctors.slice(0, 2)),
        ];
      }),
    })),
  );
});

it("dressing by the salad's weight, and the jar weighed back", () => {
  const rates = dressingRates.map((rate) =>
    [[], [14], [10, 20, 30], Array.from({ length: 25 }, (_, i) => 8 + i)].map((own) => {
      const needed = dressingFor(240, rate, own);
      return { group: rate.group, needed, left: leftInJar(60, needed) };
    }),
  );
  const jars = [
    [240, 30],
    [240, 240],
    [240, 241],
    [100, 0],
  ].map(([salad = 0, used = 0]) => rateByJar(salad, used));
  const positions = [0.99, 1, 1.5, 2, 2.01].map((value) => positionInBand(value, { low: 1, high: 2 }));
  expectKept("dressing-rates", { rates, jars, positions });
});
