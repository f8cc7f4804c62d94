import { paths } from "@apron/contract/paths";
import { useDocumentVisibility } from "@vueuse/core";
import { defineStore } from "pinia";
import { watch } from "vue";
import { call } from "./api.ts";

const tryAgainMs = 2500;

/** What comes over the stream. */
type LiveEvent = "reading" | "kitchen";

type Listener = {
  readonly event: LiveEvent;
  readonly heard: (data: unknown) => void;
  /** Nothing comes any more, until it does again. */
  readonly lost?: () => void;
};

/** Opens the stream and hands on what comes; `broke` is told once nothing does any more. */
function openStream(listeners: ReadonlySet<Listener>, broke: () => void): EventSource {
  const opened = new EventSource(paths.streamLive[1]);
  const hear = (event: LiveEvent) => (message: MessageEvent<string>) => {
    const data = JSON.parse(message.data) as unknown;
    for (const one of listeners) if (one.event === event) one.heard(data);
  };
  opened.addEventListener("reading", hear("reading"));
  opened.addEventListener("kitchen", hear("kitchen"));
  opened.addEventListener("error", () => {
    for (const one of listeners) one.lost?.();
    broke();
  });
  return opened;
}

/**
 * All that is live, over one stream a tab: opened while somebody listens and the page is seen, opened again when it
 * breaks. A page that nobody sees gives its place to those that are seen.
 */
export const useLive = defineStore("live", () => {
  const listeners = new Set<Listener>();
  let source: EventSource | undefined;
  let again: ReturnType<typeof setTimeout> | undefined;

  function close(): void {
    clearTimeout(again);
    source?.close();
    source = undefined;
  }
  function open(): void {
    close();
    source = openStream(listeners, () => {
      close();
      // A stream says nothing of why it broke: asking once tells a lost session from a lost network.
      void call("readScale", {}).catch(() => undefined);
      if (listeners.size > 0) again = setTimeout(open, tryAgainMs);
    });
  }
  const visibility = useDocumentVisibility();
  watch(visibility, (seen) => {
    if (listeners.size > 0 && seen === "visible") open();
    else close();
  });
  /** Listens until what it gives is called. */
  function listen(listener: Listener): () => void {
    listeners.add(listener);
    if (!source) open();
    return () => {
      listeners.delete(listener);
      if (listeners.size === 0) close();
    };
  }
  return { listen };
});
