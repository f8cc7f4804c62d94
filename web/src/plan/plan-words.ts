import type { PlanDraft, PlanExplained, PlanTask } from "@apron/contract";
import { needsHands, type Skill } from "@apron/core/plan";
import { showGrams, type Display } from "@apron/core/measure";
import { isMachine } from "@apron/core/recipes";
import { stepMarks } from "../recipes/kind-words.ts";
import { counted } from "../ui/plural.ts";
import { showSpan, showSpans } from "../ui/spans.ts";

/** A task of the plan with its instants, and who does it: "" where that is not said. */
export type TimedTask = PlanTask & {
  readonly start: Date;
  readonly end: Date;
  readonly isFixed: boolean;
  readonly who: string;
};

/** What a cook does, or leaves to others. */
export const skillWords: Readonly<Record<Skill, string>> = {
  knife: "cuts",
  heat: "hob, oven and grill",
  machine: "machines",
};

export type Lane = "hands" | "oven" | "hob" | "grill" | "machine" | "fridge" | "standing";

export const lanes: readonly { readonly lane: Lane; readonly label: string }[] = [
  { lane: "hands", label: "Hands" },
  { lane: "oven", label: "Oven" },
  { lane: "hob", label: "Hob" },
  { lane: "grill", label: "Grill" },
  { lane: "machine", label: "Machine" },
  { lane: "fridge", label: "Fridge" },
  { lane: "standing", label: "By itself" },
];

/** The lanes that a task keeps busy: what the hands do at the hob keeps both. */
export function lanesOf({ kind, tool }: PlanTask): Lane[] {
  const hands = needsHands(kind);
  const isBusy = kind === "work" || kind === "wash-up" || kind === "by-itself" || kind === "warm-up";
  const place: Lane | undefined =
    tool === "oven" || tool === "hob" || tool === "grill" || (tool === "fridge" && !hands)
      ? tool
      : isMachine(tool)
        ? "machine"
        : undefined;
  if (!hands) return [place && isBusy ? place : "standing"];
  return place && isBusy ? ["hands", place] : ["hands"];
}

/** Where its minutes come from, where that is not the recipe. */
export const fromWords: Readonly<Record<PlanTask["from"], string>> = {
  recipe: "",
  table: "time from the handbook",
  usual: "usual time",
  cook: "your time",
  kitchen: "",
};

/** "from your last 3 times; the recipe or handbook says 35–45 min", of a time that this kitchen has learned; "" of any other. */
export function learnedWords({ learned }: Pick<PlanTask, "learned">): string {
  if (!learned) return "";
  const said = showSpans(learned.said);
  const times = learned.cooks === 1 ? "time" : `${learned.cooks} times`;
  return `from your last ${times}; the recipe or handbook says ${said}`;
}

/** "28–40 min, planned at 40"; "12 min". */
export function minuteWords({ low, high }: PlanTask["minutes"]): string {
  const [shown, planned] = [showSpans({ low, high }), showSpan(high)];
  return shown === planned ? planned : `${shown}, planned at ${planned.replace(/^(\d+) min$/, "$1")}`;
}

/**
 * Heat, time, looks and the sign that it is done, beside a step's own words wherever those stand: "oven · 220 °C · 45–60 min ·
 * check every 30 min · done when brown". The heating up is a task of its own there. "" of a task that is not a step itself.
 */
export function stepAbout({ kind, written }: Pick<PlanTask, "kind" | "written">, display: Display): string {
  if (!written || (kind !== "work" && kind !== "put-in")) return "";
  const marks = stepMarks({ ...written, warmUpMin: null }, (grams) => showGrams(grams, display));
  return [...marks, ...(written.doneWhen === "" ? [] : [`done when ${written.doneWhen}`])].join(" · ");
}

type Remedy = PlanExplained["remedies"][number];

/** What a change that makes the plan possible is called on its button. */
export function remedyWords(
  remedy: Remedy,
  {
    clock,
    dishName,
    taskName,
  }: {
    readonly clock: (instant: string) => string;
    readonly dishName: (key: string) => string;
    readonly taskName: (task: string) => string;
  },
): string {
  switch (remedy.kind) {
    case "later":
      return `On the table at ${clock(remedy.tableAt)}`;
    case "earlier-home":
      return `Home by ${clock(remedy.homeAt)}`;
    case "another-cook":
      return "One more cook";
    case "without":
      return `Without ${dishName(remedy.dish)}`;
    case "other-way":
      return `${dishName(remedy.dish)}: “${remedy.text}” – start by ${clock(remedy.startAt)}`;
    case "set-free":
      return `Don't fix the time of “${taskName(remedy.task)}”`;
  }
}

/** Why it does not go, in a sentence: the least that clashes. */
export function clashWords(
  clash: PlanExplained["clash"],
  { dishName, cooks }: { readonly dishName: (key: string) => string; readonly cooks: number },
): string {
  const dishes = clash.flatMap((one) => (one.kind === "dish" ? [dishName(one.dish)] : []));
  const parts = [
    ...dishes,
    ...(clash.some((one) => one.kind === "away") ? ["the hours when nobody is in the kitchen"] : []),
    ...(clash.some((one) => one.kind === "fixed") ? ["the times you fixed"] : []),
    ...(clash.some((one) => one.kind === "hands") ? [counted(cooks, "pair of hands", "pairs of hands")] : []),
  ];
  if (parts.length === 0) return "";
  return parts.length === 1 && dishes[0] !== undefined
    ? `${dishes[0]} can't be ready by then.`
    : `These do not go together before then: ${parts.join(", ")}.`;
}

/** "18:30 is 20 minutes too early." of a table that would have to be as late as this. */
export function tooEarlyWords(later: string, form: { readonly time: string; readonly at: string }): string {
  const minutes = Math.ceil((Date.parse(later) - Date.parse(form.at)) / 60_000);
  return `${form.time} is ${spanWords(minutes)} too early.`;
}

/** "40 minutes", "2 h 10 min". */
const spanWords = (minutes: number): string => {
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  if (hours === 0) return counted(rest, "minute");
  return rest === 0 ? counted(hours, "hour") : `${hours} h ${rest} min`;
};

/** "As written it doesn't fit, so Dip is planned this way: “Char over a flame.”"; "" where all is as it was asked. */
export function takenWords({ ways, tasks }: Pick<PlanDraft, "ways" | "tasks">): string {
  const said = ways.flatMap(({ dish, step }) => {
    const task = tasks.find((one) => one.dish === dish && one.step === step);
    return task ? [`${task.dishName}: “${task.text}”`] : [];
  });
  return said.length === 0
    ? ""
    : `As written it doesn't fit, so this is planned another way. ${said.join(" ")}`;
}

/** Other ways of the step that a task is the work of, with their numbers; none of what else belongs to the step. */
export function otherWaysOf({ kind, way = 0, ways = [] }: PlanTask): { way: number; text: string }[] {
  if (!byHandOf.includes(kind)) return [];
  return ways.map((text, i) => ({ way: i, text })).filter((one) => one.way !== way);
}

const byHandOf: readonly PlanTask["kind"][] = ["work", "put-in"];

/** May its minutes be typed over? Those of a step's own work, and of what then stands or cooks by itself. */
export const canGiveMinutes = ({ kind, step }: PlanTask): boolean =>
  step !== null && (kind === "by-itself" || byHandOf.includes(kind));

/** Minutes given to one task of a step, with what the step's other tasks have; undefined of a task that has no step. */
export function givenMinutes(
  task: PlanTask,
  minutes: number,
  tasks: readonly PlanTask[],
):
  | { dish: string; step: number; workMin: number; byItself: { low: number; high: number } | null }
  | undefined {
  const { dish, step } = task;
  if (step === null) return undefined;
  const ofStep = tasks.filter((one) => one.dish === dish && one.step === step);
  // Work in several loads is given for each of them.
  const byHand = ofStep.filter(({ kind }) => byHandOf.includes(kind));
  const hand = byHand.reduce((sum, one) => sum + one.minutes.high, 0);
  const alone = ofStep.find(({ kind }) => kind === "by-itself")?.minutes ?? null;
  const given = { low: minutes, high: minutes };
  return task.kind === "by-itself"
    ? { dish, step, workMin: Math.round(hand), byItself: given }
    : { dish, step, workMin: minutes * byHand.length, byItself: alone && { ...alone } };
}
