import type { ReplyOf, RequestOf, WriteName } from "@apron/contract";
import { computed, ref, shallowRef, watch, type ComputedRef, type Ref } from "vue";
import { ApiProblem } from "./api.ts";
import { useNotices } from "./notices.ts";
import { useOutbox } from "./outbox-store.ts";
import { slotOf } from "./outbox.ts";
import { sentenceOf } from "./words.ts";

export type Submission = {
  readonly pending: Ref<boolean>;
  readonly problem: Ref<ApiProblem | null>;
  /** The sentence for a field, or undefined when the problem is elsewhere. */
  readonly sentenceAt: (field: string) => string | undefined;
  /** The sentence when no field is at fault. */
  readonly sentence: ComputedRef<string | undefined>;
  /**
   * Sends a write through the outbox. Gives the reply, or undefined when it was refused (the problem says why) or is
   * still waiting for an answer (the outbox has it).
   */
  readonly submit: <Name extends WriteName>(
    name: Name,
    request: RequestOf<Name>,
    label?: string,
  ) => Promise<ReplyOf<Name> | undefined>;
  readonly forget: () => void;
  /** Refuses an entry on this side, in the server's own terms. */
  readonly refuse: (code: string, field: string, measurements?: Readonly<Record<string, unknown>>) => void;
};

type About = {
  /** The entry turned out to be recorded while the form still shows it: empty the form, with a new id. */
  readonly recorded?: () => void;
  /** The entry was recorded as it was sent first; what was changed since would be another one: give it a new id. */
  readonly renew?: () => void;
};

/** One form's entries on their way out: what is pending, what was wrong with which field. */
export function useSubmit(fields: readonly string[] = [], about: About = {}): Submission {
  const outbox = useOutbox();
  let waitingSlot = "";
  const notices = useNotices();
  const pending = ref(false);
  const problem = shallowRef<ApiProblem | null>(null);

  async function submit<Name extends WriteName>(
    name: Name,
    request: RequestOf<Name>,
    label?: string,
  ): Promise<ReplyOf<Name> | undefined> {
    if (pending.value) return undefined;
    pending.value = true;
    problem.value = null;
    try {
      const outcome = await outbox.submit(name, request, label);
      switch (outcome.kind) {
        case "answered":
          return outcome.reply;
        case "refused":
          problem.value = outcome.problem;
          if (outcome.problem.code === "already-there") about.recorded?.();
          return undefined;
        case "waiting":
          waitingSlot = slotOf(name, request);
          problem.value = new ApiProblem("offline", 0);
          return undefined;
        case "recorded-before":
          problem.value = new ApiProblem("recorded-before", 409);
          if (outcome.write.label) notices.say({ text: `Already recorded: ${outcome.write.label}.` });
          about.renew?.();
          return undefined;
      }
    } finally {
      pending.value = false;
    }
  }
  // The answer came after all: the form need not show the entry any more.
  watch(
    () => outbox.lateSlots,
    (slots) => {
      if (waitingSlot === "" || !slots.includes(waitingSlot)) return;
      waitingSlot = "";
      problem.value = null;
      about.recorded?.();
    },
  );
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
