import type {
  AcceptedDish,
  CookingPlaces,
  Kitchen,
  PlanDraft,
  PlanWish,
  RequestOf,
  SavedPlan,
  TonightsChanges,
} from "@apron/contract";
import type { Skill } from "@apron/core/plan";
import { noChanges } from "@apron/core/recipes";
import { addDays, daysBetween, instantAt } from "@apron/core/measure";
import { usualTime } from "./day-to-plan.ts";

/** A dish in the plan; its key is its own, since one recipe may be in it twice. */
export type PlanDish = {
  key: string;
  recipeId: string;
  name: string;
  batches: number;
  isMade: boolean;
  /** What is done otherwise this once, of a make that is in progress. */
  changes?: TonightsChanges;
  /** In which way a step is done; of a draft that was kept before there were ways nothing. */
  ways?: { step: number; way: number }[];
  /** The day of the accepted plan that it comes from. */
  plannedFor?: string;
};

/** What is chosen and typed on the page; times are HH:MM on the kitchen's clock, "" for none. */
export type PlanForm = {
  id: string;
  dishes: PlanDish[];
  day: string;
  time: string;
  cooks: number;
  /** Who they are and what each leaves to others; as many as there are cooks, or nobody. */
  crew?: { name: string; leaves: Skill[] }[];
  homeTime: string;
  isQuiet: boolean;
  quietFrom: string;
  quietTo: string;
  /** What there is to cook with this time; null: what the kitchen has. */
  places: CookingPlaces | null;
  fixed: { task: string; at: string }[];
  times: NonNullable<RequestOf<"draftPlan">["body"]["times"]>;
};

export const emptyPlan = (id: string, day: string): PlanForm => ({
  ...{ id, day, dishes: [], time: usualTime, cooks: 1, crew: [], homeTime: "" },
  ...{ isQuiet: false, quietFrom: "22:00", quietTo: "07:00" },
  ...{ places: null, fixed: [], times: [] },
});

const timeOfDay = /^([01]?\d|2[0-3])[:.]?([0-5]\d)$/;

/** "18:30", "1830", "18.30" as HH:MM; undefined of anything else. */
export function typedTime(text: string): string | undefined {
  const [, hour, minute] = timeOfDay.exec(text.trim()) ?? [];
  return hour === undefined ? undefined : `${hour.padStart(2, "0")}:${minute}`;
}

/** A time on the plan's day as an instant; undefined where it is none. */
function instantOn(day: string, time: string, timeZone: string): string | undefined {
  const read = typedTime(time);
  return day === "" || read === undefined ? undefined : instantAt(day, read, timeZone).toISOString();
}

/** The form's cooks, as many as there are: those that nothing was said of do everything. */
export const cooksOf = ({
  cooks,
  crew = [],
}: Pick<PlanForm, "cooks" | "crew">): NonNullable<PlanForm["crew"]> =>
  Array.from({ length: cooks }, (_, i) => crew[i] ?? { name: "", leaves: [] });

/** Who is told to the server: nobody, where nothing tells the cooks apart. */
function crewOf(form: Pick<PlanForm, "cooks" | "crew">): PlanWish["crew"] {
  const crew = cooksOf(form).map(({ name, leaves }, i) => ({ name: name.trim() || `Cook ${i + 1}`, leaves }));
  const isSaid = (form.crew ?? []).some(({ name, leaves }) => name.trim() !== "" || leaves.length > 0);
  return isSaid && form.cooks > 1 ? crew : [];
}

/** What is asked of the server; undefined while something that it needs is missing. */
export function wishOfForm(
  form: PlanForm,
  { timeZone, places }: Pick<Kitchen, "timeZone" | "places">,
): PlanWish | undefined {
  const tableAt = instantOn(form.day, form.time, timeZone);
  if (form.dishes.length === 0 || tableAt === undefined) return undefined;
  const [from, to] = [typedTime(form.quietFrom), typedTime(form.quietTo)];
  return {
    dishes: form.dishes.map(({ key, recipeId, batches, isMade, ways = [], changes = noChanges }) => ({
      ...{ key, recipeId, batches, isMade },
      ways,
      changes,
    })),
    tableAt,
    cooks: form.cooks,
    crew: crewOf(form),
    homeAt: instantOn(form.day, form.homeTime, timeZone) ?? null,
    quiet: form.isQuiet && from !== undefined && to !== undefined ? { from, to } : null,
    places: form.places ?? places,
    fixed: form.fixed,
    times: form.times,
  };
}

/** Is there nothing else to cook with than the kitchen has? */
export const isAsKitchen = ({ places }: Pick<PlanForm, "places">, kitchen: CookingPlaces): boolean =>
  places === null ||
  Object.entries(kitchen).every(([place, has]) => places[place as keyof CookingPlaces] === has);

/** A key for a dish that no other has: its recipe's id, cut short, and a number. */
function freshKey(recipeId: string, taken: readonly PlanDish[]): string {
  const base = recipeId.replace(/[^a-z0-9-]/g, "").slice(0, 34) || "dish";
  const keys = new Set(taken.map(({ key }) => key));
  let key = base;
  for (let count = 2; keys.has(key); count++) key = `${base}-${count}`;
  return key;
}

/** As many dishes as one plan may have. */
const mostDishes = 12;

type NewDish = Pick<PlanDish, "recipeId" | "name" | "batches" | "changes" | "plannedFor">;

/** A recipe, or a make in progress, among the dishes of a plan; nothing changes where it is full. */
export const withDish = (dishes: readonly PlanDish[], dish: NewDish): PlanDish[] =>
  dishes.length >= mostDishes
    ? [...dishes]
    : [...dishes, { ...dish, key: freshKey(dish.recipeId, dishes), isMade: false }];

/** A plan without a dish: the times that were fixed and given for it go with it. */
export const withoutDish = (form: PlanForm, key: string): PlanForm => ({
  ...form,
  dishes: form.dishes.filter((dish) => dish.key !== key),
  fixed: form.fixed.filter(({ task }) => !task.startsWith(`${key}/`)),
  times: form.times.filter(({ dish }) => dish !== key),
});

/** A kitchen's clock: on which day and at what time an instant is, and back. */
export type Clock = {
  readonly dayOf: (instant: string) => string;
  readonly timeOf: (instant: string) => string;
  readonly instantOn: (day: string, time: string) => Date;
};

/** The same plan on another day: what was fixed stays at its time of day, as far from the table's day as it was. */
export function onDay(form: PlanForm, day: string, { dayOf, timeOf, instantOn }: Clock): PlanForm {
  const days = form.day === "" || day === "" ? 0 : daysBetween(form.day, day);
  const moved = (at: string): string => instantOn(addDays(dayOf(at), days), timeOf(at)).toISOString();
  return { ...form, day, fixed: form.fixed.map(({ task, at }) => ({ task, at: moved(at) })) };
}

/** Which of the dishes that were accepted for a day are not in the plan of that day yet. */
export const notPlannedYet = <Dish extends Pick<AcceptedDish, "recipeId" | "day">>(
  { day, dishes }: Pick<PlanForm, "day" | "dishes">,
  accepted: readonly Dish[],
): Dish[] =>
  accepted.filter((one) => one.day !== day || !dishes.some(({ recipeId }) => recipeId === one.recipeId));

/**
 * The dishes that were accepted for a day, in the plan of that day. What was chosen by hand stays; what came from another
 * day of the accepted plan makes room.
 */
export function withAccepted(
  form: PlanForm,
  { day, accepted }: { readonly day: string; readonly accepted: readonly AcceptedDish[] },
  clock: Clock,
): PlanForm {
  const ofOtherDays = form.dishes.filter(({ plannedFor }) => plannedFor !== undefined && plannedFor !== day);
  const cleared = ofOtherDays.reduce((left, { key }) => withoutDish(left, key), form);
  const moved = onDay(cleared, day, clock);
  const dishes = notPlannedYet(
    moved,
    accepted.filter((one) => one.day === day),
  ).reduce(
    (all, { recipeId, name, batches }) => withDish(all, { recipeId, name, batches, plannedFor: day }),
    moved.dishes,
  );
  return { ...moved, dishes };
}

/** The letters that dishes have in a plan, in the order in which they were chosen. */
export const letterAt = (index: number): string => String.fromCharCode(65 + Math.max(0, index));

/** The next plan: the cooks stay as they were; its dishes and times go, and what there was to cook with only then. */
export const nextPlan = (form: PlanForm, id: string): PlanForm => ({
  ...form,
  ...{ id, dishes: [], fixed: [], times: [], homeTime: "", places: null },
});

/** Minutes that the cook gave to a step, in place of those given before. */
export const withTimes = (form: PlanForm, given: PlanForm["times"][number]): PlanForm["times"] => [
  ...form.times.filter(({ dish, step }) => dish !== given.dish || step !== given.step),
  given,
];

/** A time that the cook fixed for a task, in place of the one before; null sets it free. */
export const withFixed = (form: PlanForm, task: string, at: string | null): PlanForm["fixed"] => [
  ...form.fixed.filter((one) => one.task !== task),
  ...(at === null ? [] : [{ task, at }]),
];

const msPerDay = 86_400_000;

/**
 * A time that was fixed in the plan that is shown, on the day that is asked for by now: until the plan of another day is worked
 * out, the one of the day before is shown, and what is typed there is meant for the new one.
 */
export function onDayAsked(
  at: Date,
  { shown, asked }: { readonly shown: PlanWish | undefined; readonly asked: PlanWish | undefined },
): Date {
  if (!shown || !asked) return at;
  const days = Math.round((Date.parse(asked.tableAt) - Date.parse(shown.tableAt)) / msPerDay);
  return new Date(at.getTime() + days * msPerDay);
}

/** A step done in another way; the minutes that were given to it were of the way before. */
export function takeWay(
  form: PlanForm,
  { dish, step, way }: { dish: string; step: number; way: number },
): void {
  const planned = form.dishes.find(({ key }) => key === dish);
  if (!planned) return;
  planned.ways = [...(planned.ways ?? []).filter((one) => one.step !== step), { step, way }];
  form.times = form.times.filter((one) => one.dish !== dish || one.step !== step);
  form.fixed = form.fixed.filter(({ task }) => !task.startsWith(`${dish}/${step}/`));
}

/** What was asked, with the ways that the plan had to take: a kept plan is made again in the same. */
export const withWaysTaken = (wish: PlanWish, taken: PlanDraft["ways"]): PlanWish => ({
  ...wish,
  dishes: wish.dishes.map((dish) => ({
    ...dish,
    ways: [
      ...dish.ways,
      ...taken.filter((one) => one.dish === dish.key).map(({ step, way }) => ({ step, way })),
    ],
  })),
});

/** A kept plan to be changed: its form as it was filled in. */
export function formOfPlan(plan: SavedPlan, { dayOf, timeOf }: Omit<Clock, "instantOn">): PlanForm {
  const { wish, tasks } = plan;
  const nameOf = (key: string): string => tasks.find(({ dish }) => dish === key)?.dishName ?? key;
  const { from, to } = wish.quiet ?? { from: "22:00", to: "07:00" };
  return {
    ...{ id: plan.id, day: dayOf(wish.tableAt), time: timeOf(wish.tableAt), cooks: wish.cooks },
    crew: wish.crew.map(({ name, leaves }) => ({ name, leaves: [...leaves] })),
    dishes: wish.dishes.map((dish) => ({ ...dish, name: nameOf(dish.key) })),
    homeTime: wish.homeAt === null ? "" : timeOf(wish.homeAt),
    ...{ isQuiet: wish.quiet !== null, quietFrom: from, quietTo: to },
    places: wish.places,
    ...{ fixed: [...wish.fixed], times: [...wish.times] },
  };
}
