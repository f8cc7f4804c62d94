import type { EndpointName, ReplyOf, RequestOf } from "@apron/contract";
import { ref, type Ref } from "vue";
import { ApiProblem, send } from "./api.ts";
import { useRefresh } from "./queries.ts";
import { useProblem, type FormProblem } from "./use-problem.ts";

export type Act = FormProblem & {
  readonly pending: Ref<boolean>;
  /** Gives the reply, or undefined when it was refused or no answer came: the problem says which. */
  readonly act: <Name extends EndpointName>(
    name: Name,
    request: RequestOf<Name>,
  ) => Promise<ReplyOf<Name> | undefined>;
};

/** What changes people and sessions is done now or not at all: it is not kept on this device to be sent later. */
export function useAct(fields: readonly string[] = []): Act {
  const refresh = useRefresh();
  const pending = ref(false);
  const form = useProblem(fields);
  const act: Act["act"] = async (name, request) => {
    if (pending.value) return undefined;
    pending.value = true;
    form.forget();
    try {
      return await send(name, request);
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      form.problem.value = error.status === 0 ? new ApiProblem("no-answer", 0) : error;
      return undefined;
    } finally {
      pending.value = false;
      void refresh();
    }
  };
  return { ...form, pending, act };
}
