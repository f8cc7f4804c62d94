import { mostMinutes, mostPeople, mostTimesOfAKind, type MealPlanWish } from "@apron/contract";
import type { DishKind } from "@apron/core/recipes";

type Keep = MealPlanWish["keep"][number];
type Argued = Pick<MealPlanWish, "keep" | "without">;

const isOn = (one: Keep, recipeId: string, day: number | null): boolean =>
  one.recipeId === recipeId && one.day === day;

/** Kept dishes stay on their day; once more lets it go again. */
export const toggled = ({ keep }: Argued, recipeId: string, day: number | null): Pick<Argued, "keep"> => {
  const others = keep.filter((one) => !isOn(one, recipeId, day));
  return { keep: others.length < keep.length ? others : [...keep, { recipeId, day }] };
};

/** A dish on another day: it is kept there, and no more on the day it comes from. */
export const movedTo = (
  { keep }: Argued,
  recipeId: string,
  { from, to }: { readonly from: number; readonly to: number },
): Pick<Argued, "keep"> => {
  if (from === to) return { keep };
  const others = keep.filter((one) => !isOn(one, recipeId, from) && !isOn(one, recipeId, to));
  return { keep: [...others, { recipeId, day: to }] };
};

/** A dish that is not wanted in these days, and is kept no more. */
export const ruledOut = ({ keep, without }: Argued, recipeId: string): Argued => ({
  keep: keep.filter((one) => one.recipeId !== recipeId),
  without: [...without.filter((id) => id !== recipeId), recipeId],
});

/** Let in again. */
export const letIn = ({ without }: Argued, recipeId: string): Pick<Argued, "without"> => ({
  without: without.filter((id) => id !== recipeId),
});

/** No more than so many dishes of a kind in these days; null: as many as there are. */
export const timesOf = (
  { timesOfAKind }: Pick<MealPlanWish, "timesOfAKind">,
  kind: DishKind,
  most: number | null,
): Pick<MealPlanWish, "timesOfAKind"> => {
  const { [kind]: _before, ...others } = timesOfAKind;
  return { timesOfAKind: most === null ? others : { ...others, [kind]: most } };
};

const within = (value: number, most: number): number => Math.min(most, Math.max(0, value));

/** Who eats, as typed, within what can be planned for; empty is as usual. */
export const peopleWithin = (typed: number | null): number | null =>
  typed === null ? null : within(typed, mostPeople);

/** Whole minutes to cook, as typed, within what can be planned for; empty is as usual. */
export const minutesWithin = (typed: number | null): number | null =>
  typed === null ? null : within(Math.round(typed), mostMinutes);

/** How often a kind of dish may come, as typed, within what can be planned for. */
export const timesWithin = (typed: number): number => within(Math.round(typed), mostTimesOfAKind);

/** Is every dish of a day kept there? Of a day without dishes: no. */
export const isDayKept = ({ keep }: Pick<Argued, "keep">, dishes: readonly string[], day: number): boolean =>
  dishes.length > 0 && dishes.every((id) => keep.some((one) => isOn(one, id, day)));

/** A whole day is kept as it stands; once more lets it go again. */
export function dayToggled(
  { keep }: Pick<Argued, "keep">,
  dishes: readonly string[],
  day: number,
): Pick<Argued, "keep"> {
  const others = keep.filter((one) => !dishes.some((id) => isOn(one, id, day)));
  if (isDayKept({ keep }, dishes, day)) return { keep: others };
  return { keep: [...others, ...dishes.map((recipeId) => ({ recipeId, day }))] };
}

/** How much less work counts, from least waste to least work: the places of the slider. */
export const wastePlaces = [0, 0.1, 0.25, 0.5, 1] as const;

/** The place that is nearest to a wish. */
export function placeOf(lessWork: number): number {
  const away = wastePlaces.map((one) => Math.abs(one - lessWork));
  return away.indexOf(Math.min(...away));
}

export const lessWorkAt = (place: number): number => wastePlaces[place] ?? 0.25;
