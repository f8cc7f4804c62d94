import type { NewFormula, Recipe } from "@apron/contract";
import { defaultDensity, fillerOf, keepingOf, lineOf, stepOf } from "@apron/core/recipes";
import { computed, type Ref } from "vue";
import { newId } from "../client/new-id.ts";
import { useDraft } from "../client/use-draft.ts";

/** A list that a form fills in: the same shape, open to change. */
type Open<Value> = Value extends readonly (infer Item)[]
  ? Open<Item>[]
  : Value extends object
    ? { -readonly [Key in keyof Value]: Open<Value[Key]> }
    : Value;

export type FormulaDraft = Open<NewFormula>;
export type LineDraft = FormulaDraft["lines"][number];
export type StepDraft = FormulaDraft["steps"][number];

type Kept = {
  basedOn: number;
  formula: FormulaDraft | null;
  /** The formula as it was opened, written out: a draft nobody changed gives way to a newer version. */
  opened: string;
  /** What was typed and cannot be read yet, by field: it stays as it was typed, and nothing is saved before. */
  unreadable: Record<string, string>;
};
const nothing = (): Kept => ({ basedOn: 0, formula: null, opened: "", unreadable: {} });

/** A line nobody has filled in yet, with an id of its own. */
export const emptyLine = (): LineDraft =>
  lineOf({ id: `line-${newId()}`, role: "base", grams: 100, fillers: [fillerOf("")] }) as LineDraft;
export const emptyStep = (): StepDraft => stepOf("") as StepDraft;

/** Steps and their other ways without those that nobody has written. */
export const writtenSteps = (steps: readonly StepDraft[]): StepDraft[] =>
  steps
    .filter(({ text }) => text.trim() !== "")
    .map(({ otherWays = [], ...step }) => {
      const ways = otherWays.filter(({ text }) => text.trim() !== "");
      return ways.length === 0 ? step : { ...step, otherWays: ways };
    });

const emptyFormula = (): FormulaDraft => ({
  name: "",
  kind: "leaf-salad",
  servings: 4,
  makes: null,
  minutes: 0,
  lines: [emptyLine()],
  steps: [emptyStep()],
  keeping: { ...keepingOf("leaf-salad", []) },
  gramsPerMl: defaultDensity("leaf-salad"),
  cautions: [],
  notes: "",
  unread: [],
});

/** A plain copy that a form may change; the recipe it came from stays as it is. */
const copyOf = (formula: NewFormula): FormulaDraft => JSON.parse(JSON.stringify(formula)) as FormulaDraft;

/** The first line that names no ingredient, or has an empty choice; -1 when there is none. */
export const lineWithoutIngredient = (formula: Pick<FormulaDraft, "lines">): number =>
  formula.lines.findIndex(
    (line) =>
      line.recipe === null &&
      (line.fillers.length === 0 || line.fillers.some((one) => one.ingredient === "")),
  );

/** A recipe being written; it survives a reload, and remembers the version it was opened from. */
export function useRecipeDraft(id: string | undefined) {
  const { draft: kept, clear: discard } = useDraft<Kept>(`recipe:${id ?? "new"}`, nothing);
  function open(recipe?: Recipe): void {
    const before = kept.value;
    const untouched = JSON.stringify(before.formula) === before.opened;
    if (before.formula && !(untouched && recipe && recipe.version !== before.basedOn)) return;
    if (!recipe) {
      kept.value = { ...nothing(), formula: emptyFormula() };
      return;
    }
    const { id: _id, ...written } = recipe.formula;
    const formula = copyOf(written);
    kept.value = { ...nothing(), basedOn: recipe.version, formula, opened: JSON.stringify(formula) };
  }
  const draft = computed(() => kept.value.formula) as Ref<FormulaDraft | null>;
  const basedOn = computed({
    get: () => kept.value.basedOn,
    set: (version) => {
      kept.value.basedOn = version;
    },
  });
  const unreadable = computed(() => kept.value.unreadable);
  /** Keeps what cannot be read as it was typed; undefined once it can. */
  function setUnreadable(field: string, text: string | undefined): void {
    const { [field]: _before, ...others } = kept.value.unreadable;
    kept.value.unreadable = text === undefined ? others : { ...others, [field]: text };
  }
  return { draft, basedOn, unreadable, setUnreadable, open, discard };
}
