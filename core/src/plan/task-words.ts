import { allergenName } from "../catalogue/index.ts";
import { isHot, type StepTool } from "../recipes/index.ts";
import { cookedLines } from "./tables/cooked-lines.ts";
import type { TaskKind } from "./cooking-task.ts";

/** What a task has to say: its step's own words, and the lines that are got ready in it with their amounts. */
export type SpokenTask = {
  readonly kind: TaskKind;
  readonly tool: StepTool | null;
  readonly celsius: number | null;
  readonly text: string;
  readonly method: string | null;
  readonly lines: readonly string[];
  /** What a machine is washed for with care. */
  readonly allergens?: readonly string[] | undefined;
  /** It stands before the work of its step. */
  readonly begins?: boolean | undefined;
  /** Its pot stays on the fire for the next step. */
  readonly staysOn?: boolean | undefined;
  /** "load 2 of 3, 240 g", where it is one of several; "" else. */
  readonly load?: string | undefined;
};

const heating = ({ tool, celsius }: SpokenTask): string => {
  if (tool === "oven") return celsius === null ? "Heat the oven" : `Heat the oven to ${celsius} °C`;
  return tool === "grill" ? "Heat the grill" : "Bring the water to the boil";
};

const takingOut = ({ tool, staysOn }: SpokenTask): string => {
  if (staysOn) return "Look: the next step goes on in this pot";
  if (tool === "fridge") return "Take out of the fridge";
  if (tool === "hob") return "Take off the hob";
  return tool === "grill" ? "Take off the grill" : "Take out of the oven";
};

const words: Readonly<Record<TaskKind, (task: SpokenTask) => string>> = {
  prepare: ({ lines }) => `Prepare ${lines.join(", ")}`,
  work: ({ text, load }) => (load ? `${text} (${load})` : text),
  "put-in": ({ text, method, lines }) =>
    method === null
      ? text
      : `${cookedLines.find((how) => how.method.test(method))?.verb ?? "Cook"} ${lines.join(", ")}`,
  "by-itself": ({ tool, begins, text }) => {
    if (begins) return text;
    if (isHot(tool)) return "Cooks by itself";
    return tool === "fridge" || tool === "freezer" ? `Stands in the ${tool}` : "Stands by itself";
  },
  look: ({ tool }) => (tool === "hob" ? "Look and stir" : "Look and turn"),
  "take-out": takingOut,
  "warm-up": heating,
  "wash-up": ({ tool, allergens = [] }) => {
    const machine = tool ?? "machine";
    if (allergens.length === 0) return `Wash the ${machine}`;
    return `Take the ${machine} apart, wash and dry it: ${allergens.map(allergenName).join(", ")}`;
  },
  taste: () => "Taste cold and correct the salt",
};

/** What a task says to the cook, in a line: on the screen, on paper and in a calendar. */
export const taskWords = (task: SpokenTask): string => words[task.kind](task);
