import { PiniaColada } from "@pinia/colada";
import { createPinia } from "pinia";
import { createApp, nextTick, type App, type Plugin } from "vue";
import type { Session } from "@apron/contract";
import { useSession } from "../src/client/session.ts";

/** A browser with nothing but what is asked for: composables run in it as they do in a component. */
export type Bench<Value> = { readonly app: App; readonly value: Value; readonly close: () => void };

export const wren: Session = {
  member: { id: "member-wren", name: "Wren" },
  kitchen: {
    ...{ id: "kitchen-1", name: "Back step", units: "metric", locale: "en-GB", dialect: "uk" },
    ...{ cup: "us-customary", currency: "GBP", timeZone: "UTC", scale: "none", ounces: {} },
  },
} as unknown as Session;

/** Runs `setup` as a component's, signed in as `session`; `plugins` are what it needs of the app besides. */
export function atTheBench<Value>(
  setup: () => Value,
  session: Session | null = wren,
  plugins: readonly Plugin[] = [],
): Bench<Value> {
  let value: Value | undefined;
  const app = createApp({
    setup() {
      if (session) useSession().opened(session);
      value = setup();
      return () => null;
    },
  });
  app.use(createPinia());
  app.use(PiniaColada, {});
  for (const plugin of plugins) app.use(plugin);
  app.mount(document.createElement("div"));
  return {
    app,
    value: value as Value,
    close: () => {
      app.unmount();
    },
  };
}

type Answer = { readonly status: number; readonly body: unknown } | "lost";
type Asked = {
  readonly method: string;
  readonly path: string;
  readonly key: string | null;
  readonly body: unknown;
};

/** The kitchen's server, scripted: `answers` by path; what is asked is kept. */
export function aServer(answers: Readonly<Record<string, Answer | ((asked: Asked) => Answer)>>) {
  const asked: Asked[] = [];
  globalThis.fetch = ((url: string, init: RequestInit) => {
    const path = url.split("?")[0] ?? "";
    const headers = init.headers as Record<string, string>;
    const one: Asked = {
      method: init.method ?? "GET",
      path,
      key: headers["Idempotency-Key"] ?? headers["idempotency-key"] ?? null,
      body: typeof init.body === "string" ? (JSON.parse(init.body) as unknown) : undefined,
    };
    asked.push(one);
    const found = answers[path];
    const answer = typeof found === "function" ? found(one) : (found ?? { status: 200, body: {} });
    if (answer === "lost") return Promise.reject(new TypeError("network"));
    return Promise.resolve({
      ok: answer.status < 400,
      status: answer.status,
      json: () => Promise.resolve(answer.body),
    } as Response);
  }) as typeof fetch;
  return asked;
}

/** Lets promises and watchers that are due run. */
export async function settle(ms = 0): Promise<void> {
  await new Promise((done) => setTimeout(done, ms));
  await nextTick();
}
