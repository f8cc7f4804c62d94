import type { ReplyOf, RequestOf, WriteName } from "@apron/contract";
import { ref, watch, type Ref } from "vue";
import { ApiProblem } from "./api.ts";
import { useNotices } from "./notices.ts";
import { useOutbox } from "./outbox-store.ts";
import { slotOf, type Outcome } from "./outbox.ts";
import { useProblem, type FormProblem } from "./use-problem.ts";

export type Submission = FormProblem & {
  readonly pending: Ref<boolean>;
  /**
   * Sends a write through the outbox. Gives the reply, or undefined when it was refused (the problem says why) or is
   * still waiting for an answer (the outbox has it).
   */
  readonly submit: <Name extends WriteName>(
    name: Name,
    request: RequestOf<Name>,
    label?: string,
  ) => Promise<ReplyOf<Name> | undefined>;
};

type About = {
  /** The entry turned out to be recorded while the form still shows it: empty the form, with a new id. */
  readonly recorded?: () => void;
  /**
   * The entry was recorded as it was sent first, with this reply; what was changed since would be another one: give it
   * a new id.
   */
  readonly renew?: (reply: unknown) => void;
};

/** One form's entries on their way out: what is pending, what was wrong with which field. */
export function useSubmit(fields: readonly string[] = [], about: About = {}): Submission {
  const outbox = useOutbox();
  const notices = useNotices();
  const pending = ref(false);
  const form = useProblem(fields);
  let waitingSlot = "";

  function take<Reply>(outcome: Outcome<Reply>, slot: string): Reply | undefined {
    if (outcome.kind === "answered") return outcome.reply;
    form.problem.value = problemOf(outcome);
    if (outcome.kind === "waiting") waitingSlot = slot;
    if (outcome.kind === "refused" && outcome.problem.code === "already-there") about.recorded?.();
    if (outcome.kind === "recorded-before") {
      if (outcome.write.label) notices.say({ text: `Already recorded: ${outcome.write.label}.` });
      about.renew?.(outcome.reply);
    }
    return undefined;
  }
  const submit: Submission["submit"] = async (name, request, label) => {
    if (pending.value) return undefined;
    pending.value = true;
    form.forget();
    try {
      return take(await outbox.submit(name, request, label), slotOf(name, request));
    } finally {
      pending.value = false;
    }
  };
  // The answer came after all: the form need not show the entry any more.
  watch(
    () => outbox.late,
    (late) => {
      if (waitingSlot === "" || late?.slot !== waitingSlot) return;
      waitingSlot = "";
      form.forget();
      about.recorded?.();
    },
  );
  return { ...form, pending, submit };
}

function problemOf(outcome: Exclude<Outcome<unknown>, { kind: "answered" }>): ApiProblem {
  if (outcome.kind === "refused") return outcome.problem;
  return outcome.kind === "waiting" ? new ApiProblem("offline", 0) : new ApiProblem("recorded-before", 409);
}
