import { wordTable } from "./word-table.ts";

/** How a kitchen reads "cup": US customary, the 240 ml of US food labels, or the metric 250 ml. */
export type CupSystem = "us-customary" | "us-label" | "metric";

type UnitKind = "mass" | "volume";

/** `factor` is grams (mass) or millilitres (volume) in one of the unit. */
export type Unit = {
  readonly id: string;
  readonly kind: UnitKind;
  readonly factor: number;
  readonly names: readonly string[];
  readonly source: string;
};

/** The heaviest single entry the kitchen believes: a quarter of a tonne. Common practice, no source. */
export const heaviestEntryG = 250_000;

/** The ledger keeps milligrams; less is nothing. */
export const lightestEntryG = 0.001;

/** Grams of an avoirdupois ounce, by definition. NIST SP 811. */
export const gramsPerOunce = 28.349523125;

const nist = "NIST SP 811 / SP 1038";
const definition = "SI definition";

type Written = readonly [id: string, factor: number, names: string, source: string];

const ofKind =
  (kind: UnitKind) =>
  ([id, factor, names, source]: Written): Unit => ({ id, kind, factor, names: names.split(" "), source });

const massUnits: readonly Written[] = [
  ["mg", 0.001, "mg", definition],
  ["g", 1, "g gr gm gms gram grams gramme grammes", definition],
  ["kg", 1000, "kg kgs kilo kilos kilogram kilograms", definition],
  ["tonne", 1_000_000, "tonne tonnes", definition],
  ["oz", gramsPerOunce, "oz ozs ounce ounces", nist],
  ["lb", 453.59237, "lb lbs pound pounds", nist],
  ["stone", 6350.29318, "stone stones", nist],
];

const fixedVolumes: readonly Written[] = [
  ["ml", 1, "ml mls millilitre millilitres milliliter milliliters cc", definition],
  ["cl", 10, "cl centilitre centilitres", definition],
  ["dl", 100, "dl decilitre decilitres deciliter deciliters", definition],
  ["l", 1000, "l litre litres liter liters", definition],
];

const labelSource = "21 CFR 101.9(b)(5)(viii)";

/** Teaspoon, tablespoon and cup in millilitres, each from its own definition. */
const spoonsAndCups: Readonly<Record<CupSystem, readonly [number, number, number, string]>> = {
  "us-customary": [4.92892159375, 14.78676478125, 236.5882365, nist],
  "us-label": [5, 15, 240, labelSource],
  metric: [5, 15, 250, "metric cup, common practice"],
};

/** Fluid ounce, pint, quart and gallon: US customary, or imperial in a kitchen that uses the metric cup. */
type OunceToGallon = readonly [flOz: number, pint: number, quart: number, gallon: number, source: string];
const customary: OunceToGallon = [29.5735295625, 473.176473, 946.352946, 3785.411784, nist];
const ounceToGallon: Readonly<Record<CupSystem, OunceToGallon>> = {
  "us-customary": customary,
  "us-label": customary,
  metric: [
    ...([28.4130625, 568.26125, 1136.5225, 4546.09] as const),
    "imperial, NIST SP 811 Appendix B (exact by definition of the gallon)",
  ],
};

const allUnits = (cup: CupSystem): readonly Unit[] => {
  const [tsp, tbsp, cupMl, source] = spoonsAndCups[cup];
  const [flOz, pint, quart, gallon, measuresSource] = ounceToGallon[cup];
  const ownVolumes: readonly Written[] = [
    ["fl oz", flOz, "floz", measuresSource],
    ["pint", pint, "pint pints pt pts", measuresSource],
    ["quart", quart, "quart quarts qt qts", measuresSource],
    ["gallon", gallon, "gallon gallons gal", measuresSource],
    ["tsp", tsp, "tsp tsps teaspoon teaspoons t", source],
    ["tbsp", tbsp, "tbsp tbsps tbs tblsp tablespoon tablespoons T", source],
    ["cup", cupMl, "cup cups c", source],
    ["dessertspoon", 10, "dessertspoon dessertspoons dsp", "British spoons, common practice"],
    ["teacup", 160, "teacup teacups", "common practice"],
    ["mug", 300, "mug mugs mugful mugfuls", "common practice"],
  ];
  return [...massUnits.map(ofKind("mass")), ...[...fixedVolumes, ...ownVolumes].map(ofKind("volume"))];
};

const unitsByCup: Readonly<Record<CupSystem, readonly Unit[]>> = {
  "us-customary": allUnits("us-customary"),
  "us-label": allUnits("us-label"),
  metric: allUnits("metric"),
};

/** Millilitres of the US customary spoons and cup, which household-weight tables are written in. */
export const customaryMl: Readonly<Record<string, number>> = wordTable({
  tsp: spoonsAndCups["us-customary"][0],
  tbsp: spoonsAndCups["us-customary"][1],
  cup: spoonsAndCups["us-customary"][2],
});

/** Every unit a weight or volume may be typed in, with the kitchen's own spoons and cup. */
export const unitsFor = (cup: CupSystem): readonly Unit[] => unitsByCup[cup];

/** Finds a unit by any of its written names. "T" and "t" are the only names whose case matters. */
export function findUnit(name: string, units: readonly Unit[]): Unit | undefined {
  const written = name.replace(/\.$/, "");
  if (written === "T") return units.find((u) => u.id === "tbsp");
  const lower = written.toLowerCase().replace(/^fl\.? ?oz$|^fluid ounces?$/, "floz");
  return units.find((u) => u.names.includes(lower));
}
