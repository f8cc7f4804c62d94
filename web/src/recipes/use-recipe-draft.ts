import type { NewFormula, Recipe } from "@apron/contract";
import { fillerOf, keepingOf, lineOf, stepOf, defaultDensity } from "@apron/core/recipes";
import { useStorage } from "@vueuse/core";
import { computed, type Ref } from "vue";

/** A list that a form fills in: the same shape, open to change. */
type Open<Value> = Value extends readonly (infer Item)[]
  ? Open<Item>[]
  : Value extends object
    ? { -readonly [Key in keyof Value]: Open<Value[Key]> }
    : Value;

export type FormulaDraft = Open<NewFormula>;
export type LineDraft = FormulaDraft["lines"][number];
export type StepDraft = FormulaDraft["steps"][number];

/** `opened` is the formula as it was opened, written out: a draft nobody changed gives way to a newer version. */
type Kept = { basedOn: number; formula: FormulaDraft; opened: string };

let lineCount = 0;
/** A line nobody has filled in yet, with a mark of its own. */
export const emptyLine = (): LineDraft =>
  lineOf({
    id: `line-${Date.now().toString(36)}-${lineCount++}`,
    role: "base",
    grams: 100,
    fillers: [fillerOf("")],
  }) as LineDraft;
export const emptyStep = (): StepDraft => stepOf("") as StepDraft;

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

/** A recipe being written; it survives a reload, and remembers the version it was opened from. */
export function useRecipeDraft(id: string | undefined) {
  const kept = useStorage<Kept | null>(`apron:recipe-draft:${id ?? "new"}`, null, undefined, {
    serializer: { read: (text) => JSON.parse(text) as Kept | null, write: (value) => JSON.stringify(value) },
  });
  function open(recipe?: Recipe): void {
    const before = kept.value;
    const untouched = before !== null && JSON.stringify(before.formula) === before.opened;
    if (before && !(untouched && recipe && recipe.version !== before.basedOn)) return;
    if (!recipe) {
      kept.value = { basedOn: 0, formula: emptyFormula(), opened: "" };
      return;
    }
    const { id: _id, ...written } = recipe.formula;
    const formula = copyOf(written);
    kept.value = { basedOn: recipe.version, formula, opened: JSON.stringify(formula) };
  }
  const discard = (): void => {
    kept.value = null;
  };
  const draft = computed(() => kept.value?.formula) as Ref<FormulaDraft | undefined>;
  const basedOn = computed({
    get: () => kept.value?.basedOn ?? 0,
    set: (version) => {
      if (kept.value) kept.value.basedOn = version;
    },
  });
  return { draft, basedOn, open, discard };
}
