import type { Eater, RequestOf, Session } from "@apron/contract";
import { ref } from "vue";
import { useStorage } from "@vueuse/core";
import { ApiProblem, send } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import { fromBrowser } from "./choices.ts";

type SetUp = Required<RequestOf<"setUp">["body"]>;
/** Everything but the password, which is never kept. */
type Draft = Omit<SetUp, "password" | "eaters"> & { eaters: Eater[] };

const person = (name: string): Eater => ({ name, diet: "any", avoidAllergens: [], avoidIngredients: [] });

const empty = (): Draft => ({
  kitchen: "",
  name: "",
  cup: "us-customary",
  ...fromBrowser(),
  eaters: [person("Person 1"), person("Person 2")],
  freezerPortions: 24,
  scale: "none",
});

/** Where the answer to an earlier try was lost, the kitchen is there: the same name and password open it. */
async function openKitchen(body: SetUp): Promise<Session> {
  try {
    return await send("setUp", { body });
  } catch (error) {
    const isThere = error instanceof ApiProblem && ["already-set-up", "name-taken"].includes(error.code);
    if (!isThere) throw error;
    const { name, password } = body;
    return send("signIn", { body: { name, password } }).catch(() => {
      throw error;
    });
  }
}

/** The first account and kitchen: one page, kept over a reload, sent once. */
export function useSetUp(opened: () => void) {
  const session = useSession();
  const draft = useStorage<Draft>("apron:set-up", empty(), undefined, { mergeDefaults: true });
  const password = ref("");
  const pending = ref(false);
  const problem = ref<ApiProblem>();
  const sentenceAt = (field: string): string | undefined =>
    problem.value?.field === field || problem.value?.field?.startsWith(`${field}.`)
      ? sentenceOf(problem.value)
      : undefined;

  async function setUp(): Promise<void> {
    pending.value = true;
    problem.value = undefined;
    try {
      const body = { ...draft.value, password: password.value };
      session.opened(await openKitchen(body));
      localStorage.removeItem("apron:set-up");
      opened();
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      problem.value = error;
    } finally {
      pending.value = false;
    }
  }
  return { draft, password, pending, problem, sentenceAt, setUp };
}
