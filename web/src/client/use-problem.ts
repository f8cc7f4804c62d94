import { computed, shallowRef, type ComputedRef, type ShallowRef } from "vue";
import { ApiProblem } from "./api.ts";
import { sentenceOf } from "./words.ts";

export type FormProblem = {
  readonly problem: ShallowRef<ApiProblem | null>;
  /** The sentence for a field, or undefined when the problem is elsewhere. */
  readonly sentenceAt: (field: string) => string | undefined;
  /** The sentence when no field is at fault. */
  readonly sentence: ComputedRef<string | undefined>;
  readonly forget: () => void;
  /** Refuses an entry on this side, in the server's own terms. */
  readonly refuse: (code: string, field: string, measurements?: Readonly<Record<string, unknown>>) => void;
};

/** What was wrong with one form's entry, and at which of its `fields`. */
export function useProblem(fields: readonly string[]): FormProblem {
  const problem = shallowRef<ApiProblem | null>(null);
  const isAt = (field: string): boolean =>
    problem.value?.field === field || (problem.value?.field?.startsWith(`${field}.`) ?? false);
  return {
    problem,
    sentenceAt: (field) => (isAt(field) ? sentenceOf(problem.value) : undefined),
    sentence: computed(() => (problem.value && !fields.some(isAt) ? sentenceOf(problem.value) : undefined)),
    forget: () => {
      problem.value = null;
    },
    refuse: (code, field, measurements = {}) => {
      problem.value = new ApiProblem(code, 422, { field, measurements });
    },
  };
}
