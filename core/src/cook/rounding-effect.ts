import type { Catalogue } from "../catalogue/index.ts";
import { readDressing, type DressingPart, type DressingRole } from "../dressing/index.ts";
import type { Role } from "../recipes/index.ts";
import type { MakePlan } from "./plan-make.ts";

/** A ratio that matters, as wanted and as the scale rounds it; `error` is signed and relative. */
export type RoundingEffect = {
  readonly metric: "oil-to-acid" | "salt-percent";
  readonly wanted: number;
  readonly rounded: number;
  readonly error: number;
};

const dressingRole = (role: Role): DressingRole =>
  role === "oil" || role === "acid" || role === "salt" || role === "sweet" || role === "creamy"
    ? role
    : "flavour";

type Weighed = { readonly wanted: DressingPart; readonly rounded: DressingPart };

const effect = (
  metric: RoundingEffect["metric"],
  wanted: number | null,
  rounded: number | null,
): RoundingEffect[] =>
  wanted !== null && rounded !== null && wanted > 0
    ? [{ metric, wanted, rounded, error: (rounded - wanted) / wanted }]
    : [];

/** What rounding every line to the scale does to oil : acid (as 5 % vinegar) and to the salt of the whole. */
export function roundingEffects(plan: MakePlan, catalogue: Catalogue): RoundingEffect[] {
  const weighed = plan.lines.flatMap(({ line, parts }): Weighed[] =>
    parts.flatMap((part) => {
      const facts = catalogue.ingredients.get(part.ingredient);
      if (!facts) return [];
      const one = { facts, role: dressingRole(line.role) };
      return [
        { wanted: { ...one, grams: part.grams }, rounded: { ...one, grams: part.measured.scale.grams } },
      ];
    }),
  );
  const exact = readDressing(weighed.map((w) => w.wanted));
  const near = readDressing(weighed.map((w) => w.rounded));
  if (!exact.ok || !near.ok) return [];
  const poured =
    weighed.some((w) => w.wanted.role === "oil") && weighed.some((w) => w.wanted.role === "acid");
  return [
    ...(poured ? effect("oil-to-acid", exact.value.oilToAcidEffective, near.value.oilToAcidEffective) : []),
    ...effect("salt-percent", exact.value.saltPercent, near.value.saltPercent),
  ];
}
