import type { AcceptInvite, InviteSeen } from "@apron/contract";
import { ref } from "vue";
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
  /** True when the code was used. */
  async function join(as: AcceptInvite["as"]): Promise<boolean> {
    const opened = await joining.act("acceptInvite", { body: { code: typed.value, as } });
    if (opened) session.opened(opened);
    return opened !== undefined;
  }
  return { typed, seen, looking, joining, look, join };
}
