import type { MakePlan } from "./plan-make.ts";

/** The line that what is on hand fills least, and how many batches it would allow. */
export type Limiting = {
  readonly lineId: string;
  readonly ingredient: string;
  readonly batches: number;
  readonly shortG: number;
};

/** What runs out first when nothing is bought; null when everything is on hand. Optional lines limit nothing. */
export function limitingLine(plan: MakePlan): Limiting | null {
  const short = plan.lines
    .filter(({ line }) => !line.optional)
    .flatMap(({ line, wantedG, parts }) => {
      const bought = parts.filter((p) => p.from === "buy");
      const shortG = bought.reduce((total, p) => total + p.grams, 0);
      const all = parts.reduce((total, p) => total + p.grams, 0);
      const [first] = bought;
      return first && wantedG > 0 && all > 0
        ? [
            {
              lineId: line.id,
              ingredient: first.ingredient,
              batches: plan.batches * (1 - shortG / all),
              shortG,
            },
          ]
        : [];
    });
  return short.sort((a, b) => a.batches - b.batches)[0] ?? null;
}
