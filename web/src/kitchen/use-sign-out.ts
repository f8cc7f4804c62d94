import { useConfirm } from "primevue/useconfirm";
import { useRouter } from "vue-router";
import { send } from "../client/api.ts";
import { useOutbox } from "../client/outbox-store.ts";
import { counted } from "../ui/plural.ts";

/** Signs out; asks first while entries of this cook are still on this device only. */
export function useSignOut(): () => void {
  const router = useRouter();
  const confirm = useConfirm();
  const outbox = useOutbox();
  async function leave(): Promise<void> {
    await send("signOut", {});
    // A fresh page: nothing of one cook's kitchen stays in memory for the next.
    window.location.assign(router.resolve("/sign-in").href);
  }
  return () => {
    if (outbox.waiting.length === 0) return void leave();
    confirm.require({
      header: "Sign out?",
      message: `${counted(outbox.waiting.length, "entry", "entries")} not sent yet. They stay on this device and are sent the next time you sign in here.`,
      acceptProps: { label: "Sign out" },
      rejectProps: { label: "Cancel", severity: "secondary" },
      accept: () => void leave(),
    });
  };
}
