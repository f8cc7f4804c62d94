import type { ReplyOf, RequestOf, WriteName } from "@apron/contract";
import { useEventListener } from "@vueuse/core";
import { defineStore } from "pinia";
import { computed, shallowRef, watch } from "vue";
import { send } from "./api.ts";
import { newId } from "./new-id.ts";
import { useNotices } from "./notices.ts";
import { createOutbox, type Outcome, type OutboxState } from "./outbox.ts";
import { useRefresh } from "./queries.ts";
import { useSession } from "./session.ts";

const storageKey = "apron:outbox";
const nothing: OutboxState = { waiting: [], refused: [] };

function load(): OutboxState {
  try {
    return { ...nothing, ...(JSON.parse(localStorage.getItem(storageKey) ?? "{}") as OutboxState) };
  } catch {
    return nothing;
  }
}

/** The outbox of this browser: kept in its storage, woken when the network or the session comes back. */
export const useOutbox = defineStore("outbox", () => {
  const session = useSession();
  const notices = useNotices();
  const refresh = useRefresh();
  const state = shallowRef<OutboxState>(load());
  const wake = new EventTarget();
  /** Slots of writes whose answer came after their form had stopped waiting for it. */
  const lateSlots = shallowRef<readonly string[]>([]);

  const outbox = createOutbox({
    send: (write) => send(write.name, write.request, write.key),
    newKey: newId,
    owner: () => session.session?.member.id,
    load,
    save: (next) => {
      localStorage.setItem(storageKey, JSON.stringify(next));
    },
    pause: (ms) =>
      new Promise((done) => {
        const timer = setTimeout(done, ms);
        const early = (): void => {
          clearTimeout(timer);
          done();
        };
        wake.addEventListener("wake", early, { once: true });
      }),
    onLate: (write) => {
      lateSlots.value = [...lateSlots.value, write.slot];
      notices.say({ text: write.label ? `Sent: ${write.label}.` : "Sent." });
      void refresh();
    },
    onChange: (next) => (state.value = next),
  });
  const resume = (): void => {
    wake.dispatchEvent(new Event("wake"));
    void outbox.flush().then(outbox.retryLater);
  };
  useEventListener(window, "online", resume);
  useEventListener(window, "storage", (event: StorageEvent) => {
    if (event.key === storageKey) state.value = load();
  });
  watch(
    () => session.session?.member.id,
    (member) => member !== undefined && resume(),
    { immediate: true },
  );

  const own = computed(() => session.session?.member.id);
  const waiting = computed(() => state.value.waiting.filter((one) => one.owner === own.value));
  const refused = computed(() => state.value.refused.filter((one) => one.owner === own.value));

  async function submit<Name extends WriteName>(
    name: Name,
    request: RequestOf<Name>,
    label?: string,
  ): Promise<Outcome<ReplyOf<Name>>> {
    const outcome = await outbox.submit(name, request, label);
    if (outcome.kind !== "waiting") void refresh();
    return outcome;
  }
  return { waiting, refused, lateSlots, submit, discard: outbox.discard, resume };
});
