import type { AcceptInvite, InviteSeen, Session } from "@apron/contract";
import { ref } from "vue";
import { send } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { useAct } from "../client/use-act.ts";

/** Using a code: look what it is for, then join as somebody new, with an account, or as who is signed in. */
export function useJoin(code: string) {
  const session = useSession();
  const typed = ref(code);
  const seen = ref<InviteSeen>();
  const looking = useAct(["code"]);
  const joining = useAct(["as.name", "as.password", "code"]);

  async function look(): Promise<void> {
    seen.value = await looking.act("lookAtInvite", { body: { code: typed.value } });
  }
  /** True when the code was used: now, or before, where the answer was lost on its way. */
  async function join(as: AcceptInvite["as"]): Promise<boolean> {
    const joined = await joining.act("acceptInvite", { body: { code: typed.value, as } });
    const isGone = joining.problem.value?.code === "invite-unknown";
    const opened = joined ?? (isGone ? await signIn(as) : undefined);
    if (!opened) return false;
    session.opened(opened);
    return true;
  }
  /** Who joined before, or has their new password already, gets in with it. */
  async function signIn(as: AcceptInvite["as"]): Promise<Session | undefined> {
    if (as.kind === "signed-in") return undefined;
    const name = as.kind === "new-password" ? (seen.value?.whose ?? "") : as.name;
    return send("signIn", { body: { name, password: as.password } }).catch(() => undefined);
  }
  return { typed, seen, looking, joining, look, join };
}
