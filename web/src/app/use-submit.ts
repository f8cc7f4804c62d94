import { computed, ref, shallowRef, type ComputedRef, type Ref } from "vue";
import { ApiProblem } from "./api.ts";
import { useRefresh } from "./queries.ts";
import { sentenceOf } from "./words.ts";

export type Submission<Reply> = {
  readonly pending: Ref<boolean>;
  readonly problem: Ref<ApiProblem | null>;
  /** The sentence for a field, or undefined when the problem is elsewhere. */
  readonly sentenceAt: (field: string) => string | undefined;
  /** The sentence when no field is at fault. */
  readonly sentence: ComputedRef<string | undefined>;
  readonly submit: (send: (key: string) => Promise<Reply>) => Promise<Reply | undefined>;
  readonly forget: () => void;
  /** Refuses an entry on this side, in the server's own terms. */
  readonly refuse: (code: string, field: string, measurements?: Readonly<Record<string, unknown>>) => void;
};

/**
 * One entry on its way to the server. Keeps the entry's UUID until it is accepted, so that a double tap or a
 * retry after a lost answer changes nothing twice; refreshes every list afterwards.
 */
export function useSubmit<Reply>(fields: readonly string[] = []): Submission<Reply> {
  const refresh = useRefresh();
  const pending = ref(false);
  const problem = shallowRef<ApiProblem | null>(null);
  let key = crypto.randomUUID();

  async function submit(send: (key: string) => Promise<Reply>): Promise<Reply | undefined> {
    if (pending.value) return undefined;
    pending.value = true;
    problem.value = null;
    try {
      const reply = await send(key);
      key = crypto.randomUUID();
      void refresh();
      return reply;
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      // A refused entry is corrected and sent again as a new one; one whose answer was lost keeps its key.
      if (error.code !== "offline") key = crypto.randomUUID();
      problem.value = error;
      return undefined;
    } finally {
      pending.value = false;
    }
  }
  const isAt = (field: string): boolean =>
    problem.value?.field === field || (problem.value?.field?.startsWith(`${field}.`) ?? false);
  const sentenceAt = (field: string): string | undefined =>
    isAt(field) ? sentenceOf(problem.value) : undefined;
  const sentence = computed(() =>
    problem.value && !fields.some(isAt) ? sentenceOf(problem.value) : undefined,
  );
  const forget = (): void => {
    problem.value = null;
  };
  const refuse = (
    code: string,
    field: string,
    measurements: Readonly<Record<string, unknown>> = {},
  ): void => {
    problem.value = new ApiProblem(code, 422, { field, measurements });
  };
  return { pending, problem, sentenceAt, sentence, submit, forget, refuse };
}
