import type { Catalogue } from "../catalogue/index.ts";
import { trimmedDecimals } from "../measure/index.ts";
import type { DressingPart, DressingRole } from "../dressing/index.ts";
import { fillerOf, lineOf, stepOf, type Formula, type Line, type Role } from "./formula.ts";
import { keepingOf, defaultDensity, defaultPortionG } from "./kind-of-dish.ts";

const roleFor: Readonly<Record<DressingRole, Role>> = {
  oil: "oil",
  acid: "acid",
  emulsifier: "creamy",
  salt: "salt",
  sweet: "sweet",
  creamy: "creamy",
  flavour: "finish",
};

const order =
  "Stir the salt and the sweet into the acid until they are gone, then the mustard; the oil last, in a thin stream.";
const toRoast = "Toss what is to be roasted in the first half.";
const toFinish = "Shake the second half again and pour it over at the end.";

/** A dressing as it stands on the bench, as a formula: one batch of it, in the order it is mixed. */
export function dressingFormula(
  name: string,
  parts: readonly {
    readonly facts: { readonly id: string };
    readonly role: DressingPart["role"];
    readonly grams: number;
  }[],
  { catalogue, halved }: { readonly catalogue: Catalogue; readonly halved: boolean },
): Formula {
  const grams = parts.reduce((total, part) => total + part.grams, 0);
  const lines = parts.map((part, i) =>
    lineOf({
      id: `${roleFor[part.role]}-${i + 1}`,
      role: roleFor[part.role],
      grams: part.grams,
      fillers: [fillerOf(part.facts.id)],
    }),
  );
  const facts = parts.flatMap((part) => catalogue.ingredients.get(part.facts.id) ?? []);
  return {
    id: "",
    name,
    kind: "dressing",
    servings: Math.max(1, Math.round(grams / defaultPortionG("dressing"))),
    makes: { kind: "mass", grams: Math.round(grams) },
    minutes: 5,
    lines,
    steps: [order, ...(halved ? [toRoast, toFinish] : [])].map((text) => stepOf(text, { tool: "hands" })),
    keeping: keepingOf("dressing", facts),
    gramsPerMl: defaultDensity("dressing"),
    cautions: [],
    notes: halved ? "Half to roast, half to finish." : "",
    unread: [],
  };
}

/** A dressing poured into a salad as a part of it; halved, it is a line to roast in and a line to finish with. */
export function dressingLines(dressing: Formula, grams: number, halved: boolean): Line[] {
  const line = (id: string, share: number, preparation: string): Line =>
    lineOf(
      { id, role: "finish", grams: grams * share, fillers: [] },
      { recipe: dressing.id, preparation, group: "", amountText: `${trimmedDecimals(grams * share, 0)} g` },
    );
  return halved
    ? [line("dressing-to-roast", 0.5, "half to roast in"), line("dressing-to-finish", 0.5, "half to finish")]
    : [line("dressing", 1, "dressed by weight")];
}
