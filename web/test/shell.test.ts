import { afterEach, beforeEach, describe, expect, it } from "@jest/globals";
import type { ScaleReading } from "@apron/contract";
import ConfirmationService from "primevue/confirmationservice";
import { nextTick } from "vue";
import { createMemoryHistory, createRouter } from "vue-router";
import { useOutbox } from "../src/client/outbox-store.ts";
import { useScale } from "../src/client/scale.ts";
import { shortcuts, useShortcuts } from "../src/shell/shortcuts.ts";
import { stations } from "../src/shell/stations.ts";
import { useLight } from "../src/shell/use-light.ts";
import { useSignOut } from "../src/kitchen/use-sign-out.ts";
import { aServer, atTheBench, settle, type Bench } from "./bench.ts";

const open: Bench<unknown>[] = [];
const someRouter = () =>
  createRouter({
    history: createMemoryHistory(),
    routes: [{ path: "/:page(.*)*", component: { render: () => null } }],
  });
const at = <Value>(setup: () => Value, router = someRouter()): Value => {
  const bench = atTheBench(setup, undefined, [router, { install: (app) => app.use(ConfirmationService) }]);
  open.push(bench);
  return bench.value;
};

/** The stream of the scale, opened by the page and written to by the test. */
class Stream extends EventTarget {
  static readonly opened: Stream[] = [];
  isClosed = false;
  constructor(readonly url: string) {
    super();
    Stream.opened.push(this);
  }
  close(): void {
    this.isClosed = true;
  }
  says(reading: Partial<ScaleReading>): void {
    const whole = { grams: 430, stable: true, overload: false, plugged: true, ...reading };
    this.dispatchEvent(new MessageEvent("reading", { data: JSON.stringify(whole) }));
  }
}

beforeEach(() => {
  localStorage.clear();
  aServer({});
  Stream.opened.splice(0);
  globalThis.EventSource = Stream as unknown as typeof EventSource;
  window.matchMedia = () => Object.assign(new EventTarget(), { matches: false }) as unknown as MediaQueryList;
});
afterEach(() => {
  for (const bench of open.splice(0)) bench.close();
});

describe("the scale", () => {
  const reading = () => {
    const scale = at(() => useScale());
    scale.start();
    const [stream] = Stream.opened;
    if (!stream) throw new Error("the scale opens its stream");
    return { scale, stream };
  };

  it.each([
    [{}, 430],
    [{ stable: false }, undefined],
    [{ overload: true }, undefined],
    [{ grams: 0 }, undefined],
    [{ grams: -3 }, undefined],
    [{ plugged: false }, undefined],
  ])("reading %p gives the weight %p", (says, grams) => {
    const { scale, stream } = reading();
    stream.says(says);
    expect(scale.steady()).toBe(grams);
  });

  it("a broken stream gives no weight, not even the last one", () => {
    const { scale, stream } = reading();
    stream.says({});
    stream.dispatchEvent(new Event("error"));
    expect([scale.connected, scale.steady(), stream.isClosed]).toEqual([false, undefined, true]);
  });

  it("writes into the focused field, else the first of the page, and into none that has gone", () => {
    const { scale, stream } = reading();
    stream.says({});
    const taken: string[] = [];
    expect(scale.send()).toBe(false);
    const first = { take: (grams: number) => taken.push(`first ${grams}`) };
    const second = { take: (grams: number) => taken.push(`second ${grams}`) };
    const forget = scale.register(first);
    const forgetSecond = scale.register(second);
    expect(scale.send()).toBe(true);
    scale.focused = second;
    scale.send();
    forgetSecond();
    scale.send();
    forget();
    expect([scale.send(), taken]).toEqual([false, ["first 430", "second 430", "first 430"]]);
  });

  it("stopped, it reads no more", () => {
    const { scale, stream } = reading();
    scale.stop();
    expect(stream.isClosed).toBe(true);
  });

  it("its keys answer with the reading; unanswered, the scale is away", async () => {
    const { scale } = reading();
    const answered = { grams: 0, stable: true, overload: false, plugged: true };
    aServer({ "/api/devices/scale/keys": { status: 200, body: answered } });
    await scale.press("tare");
    expect([scale.reading?.grams, scale.connected]).toEqual([0, true]);
    aServer({ "/api/devices/scale/keys": "lost" });
    await scale.press("tare");
    expect(scale.connected).toBe(false);
  });

  it("an answer overtaken by a later key, or by the scale itself, says nothing", async () => {
    const { scale, stream } = reading();
    const now = { grams: 0, stable: true, overload: false, plugged: true };
    const late: ((answer: Response) => void)[] = [];
    const whenAsked = () => new Promise<Response>((done) => late.push(done));
    const answering = (body: Partial<ScaleReading>) =>
      ({ ok: true, status: 200, json: () => Promise.resolve(body) }) as Response;
    globalThis.fetch = whenAsked as typeof fetch;

    const unplugged = scale.press("unplug");
    const plugged = scale.press("plug");
    late[1]?.(answering(now));
    await plugged;
    late[0]?.(answering({ ...now, plugged: false }));
    await unplugged;
    expect([scale.connected, scale.reading?.plugged]).toEqual([true, true]);

    const piled = scale.pile(430);
    stream.says({});
    late[2]?.(answering({ ...now, grams: 12, stable: false }));
    await piled;
    expect(scale.steady()).toBe(430);

    const dropped = scale.press("tare");
    stream.says({});
    late[3]?.({ ok: false, status: 500, json: () => Promise.resolve({}) } as Response);
    await dropped;
    expect(scale.connected).toBe(true);
  });
});

describe("shortcuts", () => {
  const pressed = (key: string, about: KeyboardEventInit = {}, target: EventTarget = window) =>
    target.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, ...about }));

  it("have one key each, and lead where a station is", () => {
    const keys = shortcuts.map((one) => one.keys);
    expect(new Set(keys).size).toBe(keys.length);
    const places = new Map(stations.map((one) => [one.to, one.label]));
    for (const { to, does } of shortcuts) if (to) expect(places.get(to)).toBe(does);
  });

  it("go to a station, and show their list and hide it again", async () => {
    const router = someRouter();
    const { listOpen } = at(() => useShortcuts(), router);
    pressed("5");
    await settle();
    expect(router.currentRoute.value.path).toBe("/plan");
    pressed("?");
    expect(listOpen.value).toBe(true);
    pressed("?");
    expect(listOpen.value).toBe(false);
  });

  it("are quiet while something is typed, and with Ctrl, Alt or the Mac's command key", async () => {
    const router = someRouter();
    at(() => useShortcuts(), router);
    const field = document.body.appendChild(document.createElement("input"));
    pressed("5", {}, field);
    pressed("5", { ctrlKey: true });
    pressed("5", { altKey: true });
    pressed("5", { metaKey: true });
    await settle();
    expect(router.currentRoute.value.path).toBe("/");
    field.remove();
  });

  it("W sends the weight of the scale", () => {
    const scale = at(() => {
      useShortcuts();
      return useScale();
    });
    scale.start();
    Stream.opened[0]?.says({});
    const taken: number[] = [];
    scale.register({ take: (grams) => taken.push(grams) });
    pressed("w");
    pressed("W");
    expect(taken).toEqual([430, 430]);
  });
});

it("five stations stand at the foot of a phone at most, the rest under More", () => {
  expect(stations.filter((one) => one.first).length).toBeLessThanOrEqual(5);
  expect(new Set(stations.map((one) => one.to)).size).toBe(stations.length);
});

it("day and evening are remembered once they are chosen", async () => {
  const light = at(() => useLight());
  expect([light.evening.value, document.documentElement.classList.contains("evening")]).toEqual([
    false,
    false,
  ]);
  light.toggle();
  await nextTick();
  expect(document.documentElement.classList.contains("evening")).toBe(true);
  await settle();
  expect(localStorage.getItem("apron:light")).toBe("evening");
  light.toggle();
  await nextTick();
  expect(document.documentElement.classList.contains("evening")).toBe(false);
});

it("signing out asks first while an entry is on this device only", async () => {
  const asked = aServer({ "/api/containers/jar-1/withdrawals": "lost" });
  const { signOut, outbox } = at(() => ({ signOut: useSignOut(), outbox: useOutbox() }));
  void outbox.submit("withdraw", { params: { id: "jar-1" }, body: { fate: "eaten" } }, "a portion");
  await settle();
  expect(outbox.waiting).toHaveLength(1);
  signOut();
  await settle();
  expect(asked.some((one) => one.path === "/api/session" && one.method === "DELETE")).toBe(false);
});
