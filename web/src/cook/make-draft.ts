import type {
  ContainerOption,
  MakePart,
  MakePlan,
  PartApart,
  PlanMake,
  TonightsChanges,
} from "@apron/contract";
import {
  dishWeight,
  madeFigures,
  weightOfPart,
  withoutKept,
  type KeptPart,
  type MadeFigures,
} from "@apron/core/cook";
import { eatAndStore, fewestFor, portionsInGrams } from "@apron/core/larder";
import { product, type Estimate } from "@apron/core/measure";
import { noChanges } from "@apron/core/recipes";
import { newId } from "../client/new-id.ts";
import { useDraft } from "../client/use-draft.ts";
import { typedGrams } from "../ui/typed-grams.ts";

/** One amount as it is being confirmed: the plan's grams until the cook types others. */
export type PartDraft = MakePart & {
  readonly lineId: string;
  /** The part of the dish that it goes into, where that is made apart. */
  readonly part: string;
  readonly key: string;
  readonly planned: string;
  readonly text: string;
};

/** `text` is what goes into all of these, as typed; empty: their share of what is left. */
export type ContainerDraft = {
  kind: ContainerOption["kind"];
  place: "fridge" | "freezer";
  count: number;
  text: string;
  isPlain: boolean;
};

/** What is kept by itself of a part that was made apart, as typed: how much of it, and what all of it weighed. */
export type KeptDraft = {
  /** Its own batch's id: sent again it is the same batch. */
  id: string;
  kept: string;
  weighed: string;
  kind: ContainerOption["kind"];
  place: "fridge" | "freezer";
};

export type LeftOverDraft = { id: string; ingredient: string; name: string; text: string };

/**
 * What was typed of a make, apart from its plan: a plan worked out anew, because another tablet took something or
 * because it was scaled, changes what is proposed and never what was typed.
 */
export type MakeDraft = {
  /** The batch's own id: sent again it is the same batch. */
  id: string;
  /** Grams really used, by line, ingredient and lot; only what was typed. */
  used: Record<string, string>;
  weighed: string;
  /** Chosen containers; null while the proposal stands. */
  containers: ContainerDraft[] | null;
  /** Parts of which some is kept by itself, by their headings. */
  apart: Record<string, KeptDraft>;
  /** Portions eaten at once. */
  eaten: number;
  /** Lots that the cook chose, for one line or wherever they fit. */
  take: NonNullable<PlanMake["take"]>;
  /** What is done otherwise this once. */
  changes: TonightsChanges;
  note: string;
  nextTime: string;
  leftOvers: LeftOverDraft[];
};

const emptyMake = (): MakeDraft => ({
  ...{ id: newId(), used: {}, weighed: "", containers: null, apart: {}, leftOvers: [] },
  ...{ eaten: 0, take: [], changes: noChanges, note: "", nextTime: "" },
});

export const useMakeDraft = (recipeId: string) => useDraft(`make:${recipeId}`, emptyMake);

/** The lines of a plan with what was typed of each. */
export const partsOf = (plan: MakePlan, used: Readonly<Record<string, string>>): PartDraft[] =>
  plan.lines.flatMap((line) =>
    line.parts.map((part) => {
      const key = `${line.lineId} ${part.ingredient} ${part.lotId ?? ""}`;
      const planned = String(Math.round(part.grams * 10) / 10);
      // What is still to be bought is not used yet: it counts once the cook says so.
      const untouched = part.from === "buy" ? "" : planned;
      return { ...part, lineId: line.lineId, part: line.group, key, planned, text: used[key] ?? untouched };
    }),
  );

/**
 * Grams of a part: what was typed, or the plan's own to the milligram where nothing was changed, so that a
 * lot of 566.99 g shown as 567 g is used up and not overdrawn. Undefined when it cannot be read.
 */
export const gramsOf = (part: PartDraft): number | undefined =>
  part.text === part.planned ? Math.floor(part.grams * 1000) / 1000 : typedGrams(part.text);

const goingIn = (part: PartDraft): number => (part.text === "" ? part.grams : (gramsOf(part) ?? 0));

/** Parts of which some is kept, in the order in which they are sent. */
export const keptDrafts = (apart: MakeDraft["apart"]): [part: string, draft: KeptDraft][] =>
  Object.entries(apart).filter(([, { kept }]) => kept.trim() !== "");

/** The fewest of the chosen containers that hold what is kept of a part; undefined where nothing that can be read is kept. */
export function keptIn({ containers }: Pick<PartApart, "containers">, { kept, kind, place }: KeptDraft) {
  const keptG = typedGrams(kept);
  const option = containers.find((one) => one.kind === kind && one.place === place);
  return keptG && option ? { name: option.name, count: fewestFor(keptG, option.capacityG) } : undefined;
}

/** So much of a part is kept by itself, as far as it can be read. */
export const keptOf = (apart: MakeDraft["apart"]): KeptPart[] =>
  Object.entries(apart).flatMap(([part, { kept, weighed }]) => {
    const keptG = typedGrams(kept);
    return keptG === undefined ? [] : [{ part, keptG, weighedG: typedGrams(weighed) ?? null }];
  });

/** What goes into the dish itself as it stands: what was typed, and the plan's grams where nothing was. */
const intoDish = (parts: readonly PartDraft[], kept: readonly KeptPart[]): PartDraft[] =>
  withoutKept(allGoingIn(parts), kept);
const allGoingIn = (parts: readonly PartDraft[]): PartDraft[] =>
  parts.map((part) => ({ ...part, grams: goingIn(part) }));

/** What the dish should weigh as it stands, where `remains` is the share of it that does not boil away. */
export const makesOf = (
  remains: Estimate,
  parts: readonly PartDraft[],
  kept: readonly KeptPart[] = [],
): Estimate => product(dishWeight(intoDish(parts, kept)), remains);

/** What all of a part that is made apart should weigh as it stands. */
export const partMakes = (parts: readonly PartDraft[], part: string): Estimate =>
  weightOfPart(allGoingIn(parts), part);

/** What follows from what goes in: the portion, its salt, its cost. */
export const figuresOf = (
  plan: MakePlan,
  parts: readonly PartDraft[],
  of: { readonly massG: number; readonly kept: readonly KeptPart[] },
): MadeFigures => madeFigures(intoDish(parts, of.kept), { massG: of.massG, servings: plan.servings });

/** The containers proposed for so many grams: as many as were asked for, else the fewest that hold them. */
export function proposedContainers(plan: MakePlan, grams: number): ContainerDraft[] {
  const { storeIn } = plan;
  const option = plan.containers.find((c) => c.kind === storeIn?.kind && c.place === storeIn.place);
  if (!option) return [];
  const count = storeIn?.count ?? fewestFor(grams, option.capacityG);
  return [{ kind: option.kind, place: option.place, count, text: "", isPlain: false }];
}

/** Grams eaten at once, of so many that were made. */
export const eatenGrams = ({ eaten }: MakeDraft, plan: MakePlan, madeG: number): number =>
  portionsInGrams(eaten, { grams: madeG, servings: plan.servings });

/** Where it all goes as it stands: each container's load, or why it does not go. */
export function storedAs(
  containers: readonly ContainerDraft[],
  { plan, madeG, eatenG }: { readonly plan: MakePlan; readonly madeG: number; readonly eatenG: number },
) {
  const wishes = containers.map((one) => ({ ...one, grams: saidGrams(one) }));
  return eatAndStore(madeG, plan, { eatenG, wishes });
}

/** What was said of some containers; null where nothing was, or nothing that can be read. */
export const saidGrams = ({ text }: ContainerDraft): number | null => typedGrams(text) ?? null;

/** A food that joins the dish, with an id that no other has. */
export function joinedBy(
  changes: TonightsChanges,
  one: Omit<TonightsChanges["joined"][number], "id">,
): TonightsChanges {
  const taken = new Set(changes.joined.map(({ id }) => id));
  let at = 1;
  while (taken.has(`joined-${at}`)) at += 1;
  return { ...changes, joined: [...changes.joined, { ...one, id: `joined-${at}` }] };
}

/**
 * Weighed additions put to what the make's own lines had, by key; each goes to the first line of its ingredient. What was
 * typed over already, counted or weighed as a whole, is left as it is; `unlisted` are what no line has, in grams each.
 */
export function withAdditions(
  parts: readonly PartDraft[],
  additions: readonly { readonly ingredient: string; readonly grams: number | null }[],
): { readonly texts: Record<string, string>; readonly unlisted: ReadonlyMap<string, number> } {
  const texts: Record<string, string> = {};
  const unlisted = new Map<string, number>();
  for (const { ingredient, grams } of additions) {
    if (grams === null) continue;
    const part = parts.find((one) => one.ingredient === ingredient);
    if (!part) unlisted.set(ingredient, (unlisted.get(ingredient) ?? 0) + grams);
    if (!part || (part.text !== part.planned && part.text !== "")) continue;
    const before = typedGrams(texts[part.key] ?? "") ?? part.grams;
    texts[part.key] = String(Math.round((before + grams) * 10) / 10);
  }
  return { texts, unlisted };
}
