import { useEventListener } from "@vueuse/core";
import { defineStore } from "pinia";
import { computed, shallowRef, watch } from "vue";
import { send } from "./api.ts";
import { newId } from "./new-id.ts";
import { useNotices } from "./notices.ts";
import { createOutbox, type OutboxState, type PendingWrite } from "./outbox.ts";
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

/** Waits that end early when the network or the session comes back. */
function wakingPauses() {
  const wake = new EventTarget();
  return {
    wake: () => wake.dispatchEvent(new Event("wake")),
    pause: (ms: number): Promise<void> =>
      new Promise((done) => {
        const timer = setTimeout(done, ms);
        const early = (): void => {
          clearTimeout(timer);
          done();
        };
        wake.addEventListener("wake", early, { once: true });
      }),
  };
}

const save = (state: OutboxState): void => {
  localStorage.setItem(storageKey, JSON.stringify(state));
};

/** The outbox of this browser: kept in its storage, woken when the network or the session comes back. */
export const useOutbox = defineStore("outbox", () => {
  const session = useSession();
  const notices = useNotices();
  const refresh = useRefresh();
  const state = shallowRef<OutboxState>(load());
  /** The last write whose answer came after its form had stopped waiting for it. */
  const late = shallowRef<PendingWrite | null>(null);
  const own = computed(() => session.session?.member.id);
  const { wake, pause } = wakingPauses();

  const outbox = createOutbox({
    ...{ load, save, pause, newKey: newId, owner: () => own.value },
    send: (write) => send(write.name, write.request, write.key),
    onLate: (write) => {
      late.value = write;
      notices.say({ text: write.label ? `Sent: ${write.label}.` : "Sent." });
      void refresh();
    },
    onChange: (next) => (state.value = next),
  });
  const resume = (): void => {
    wake();
    void outbox.flush().then(outbox.retryLater);
  };
  useEventListener(window, "online", resume);
  useEventListener(window, "storage", (event: StorageEvent) => {
    if (event.key === storageKey) state.value = load();
  });
  watch(own, (member) => member !== undefined && resume(), { immediate: true });

  const submit: typeof outbox.submit = async (name, request, label) => {
    const outcome = await outbox.submit(name, request, label);
    if (outcome.kind !== "waiting") void refresh();
    return outcome;
  };
  const waiting = computed(() => state.value.waiting.filter((one) => one.owner === own.value));
  const refused = computed(() => state.value.refused.filter((one) => one.owner === own.value));
  return { waiting, refused, late, submit, discard: outbox.discard, resume };
});
