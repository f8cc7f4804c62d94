import {
  fillerOf,
  lineOf,
  readStep,
  type Filler,
  type Formula,
  type Line,
  type Role,
  type Step,
} from "@apron/core/recipes";

type Extra = Partial<Omit<Line, "id" | "role" | "grams" | "fillers" | "preparation">>;

/** "chard kale:0.5" → chard for all of it, kale for up to half; "orange-juice~" goes by its strength. */
const fillersOf = (text: string): Filler[] =>
  text.split(" ").map((word) => {
    const [name = "", share = "1"] = word.split(":");
    const byStrength = name.endsWith("~");
    return fillerOf(name.replace("~", ""), {
      maxShare: Number(share),
      convertBy: byStrength ? "strength" : "mass",
    });
  });

export type Written = readonly [
  role: Role,
  grams: number,
  fillers: string,
  preparation: string,
  extra?: Extra,
];

export const linesOf = (written: readonly Written[]): Line[] =>
  written.map(([role, grams, fillers, preparation, extra], i) =>
    lineOf(
      {
        id: `${role}-${i + 1}`,
        role,
        grams,
        fillers: extra?.recipe ? [] : fillersOf(fillers),
      },
      { preparation, ...extra },
    ),
  );

/** A step in words alone says what its words say; anything beside them is added. */
export const stepsOf = (...steps: readonly (string | readonly [string, Partial<Step>])[]): Step[] =>
  steps.map((step) => (typeof step === "string" ? readStep(step) : { ...readStep(step[0]), ...step[1] }));

export const cooked = (cook: string): Extra => ({ eatenRaw: false, cook });
export const heated: Extra = { eatenRaw: false };
export const strongHerbsAtMost = (maxStrongHerbShare: number): Extra => ({ maxStrongHerbShare });

/** Oil goes in gradually: two thirds first, then by spoonfuls, a fifth more at most. */
export const inThinStream: Extra = { gradualAddition: { start: 2 / 3, step: 0.1, most: 1.2 } };

/** A small processor: under this the blades do not catch, over it the leaves stay whole. */
export const processor = { tool: "processor", load: { leastG: 120, mostG: 450 } } as const;

export const oil = "rapeseed-oil olive-oil sunflower-oil";

/** What most of the demo's dishes have in common. */
export const aDish = (
  dish: Omit<Formula, "makes" | "cautions" | "notes" | "unread"> &
    Partial<Pick<Formula, "makes" | "cautions" | "notes">>,
): Formula => ({ makes: null, cautions: [], notes: "", unread: [], ...dish });
