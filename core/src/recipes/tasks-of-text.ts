import { moments, sentenceByPlace } from "./clauses.ts";
import { timesIn, withoutKeeping } from "./step-time.ts";
import { toolIn } from "./step-tool.ts";

/** "The tomatoes come out after 20 minutes": a moment in what is going on, and not how long it goes on. */
const isMoment = (text: string): boolean =>
  timesIn(text).length > 0 && timesIn(text.replace(moments, "")).length === 0 && toolIn(text) === null;

const sentences = (text: string): string[] =>
  text.split(/(?<=[.!?;])\s+(?=\p{Lu}|\d)/u).filter((one) => one.trim() !== "");

/** Is this sentence a task of its own, that a clock or a machine is needed for? */
const isTask = (text: string): boolean => {
  const said = withoutKeeping(text);
  const isTimed = timesIn(said).length > 0 && !/^if\b/i.test(said);
  return isTimed || ["oven", "fridge", "freezer", "grill"].includes(toolIn(said) ?? "");
};

/**
 * A paragraph that holds several timed tasks, as one text for each: what is said before a task goes with it, what is said
 * after the last one too. A paragraph with one task or none stays whole.
 */
export function tasksOf(text: string): string[] {
  const parts = sentences(text)
    .flatMap(sentenceByPlace)
    .reduce<string[]>((before, part) => {
      const last = before.at(-1);
      const isOfLast = last !== undefined && isTask(last) && isMoment(part);
      return isOfLast ? [...before.slice(0, -1), `${last} ${part}`] : [...before, part];
    }, []);
  if (parts.filter(isTask).length < 2) return [text];
  const tasks: string[] = [];
  let waiting = "";
  for (const part of parts) {
    const all = waiting === "" ? part : `${waiting} ${part}`;
    if (isTask(part)) {
      tasks.push(all);
      waiting = "";
    } else waiting = all;
  }
  const last = tasks.length - 1;
  if (waiting !== "") tasks[last] = `${tasks[last] ?? ""} ${waiting}`;
  return tasks;
}
