import { beforeEach, describe, expect, it } from "@jest/globals";
import { ApiProblem } from "../src/client/api.ts";
import {
  createOutbox,
  slotOf,
  type OutboxDeps,
  type OutboxState,
  type PendingWrite,
} from "../src/client/outbox.ts";

/** A kitchen at the other end: counts what it really does, and may lose its answers. */
function aKitchen() {
  const done = new Map<string, unknown>();
  const sent: string[] = [];
  let script: ("answer" | "lose-answer" | "never-arrives" | ApiProblem)[] = [];
  const send = (write: PendingWrite): Promise<unknown> => {
    const what = script.shift() ?? "answer";
    sent.push(write.key);
    if (what === "never-arrives") return Promise.reject(new ApiProblem("offline", 0));
    if (what instanceof ApiProblem) return Promise.reject(what);
    // The same key again changes nothing twice.
    if (!done.has(write.key)) done.set(write.key, { recorded: done.size + 1, of: write.request });
    return what === "lose-answer"
      ? Promise.reject(new ApiProblem("offline", 0))
      : Promise.resolve(done.get(write.key));
  };
  return { done, sent, send, next: (...outcomes: typeof script) => (script = outcomes) };
}

let stored: OutboxState;
let owner: string | undefined;
let late: PendingWrite[];
let paused: number[];
let kitchen: ReturnType<typeof aKitchen>;
let keys: number;

const open = (extra: Partial<OutboxDeps> = {}) =>
  createOutbox({
    send: kitchen.send,
    newKey: () => `key-${++keys}`,
    owner: () => owner,
    load: () => stored,
    save: (state) => (stored = state),
    pause: (ms) => {
      paused.push(ms);
      return Promise.resolve();
    },
    onLate: (write) => late.push(write),
    onChange: () => undefined,
    ...extra,
  });
/** Never ends a pause of the loop that tries again unattended, so that a test can look at what waits. */
const attendedOnly: Partial<OutboxDeps> = {
  pause: (ms) => (ms >= 3000 ? new Promise<void>(() => undefined) : Promise.resolve()),
};

beforeEach(() => {
  stored = { waiting: [], refused: [] };
  owner = "wren";
  late = [];
  paused = [];
  kitchen = aKitchen();
  keys = 0;
});

const take = (id = "jar-1", fate: "eaten" | "given" = "eaten") => ({ params: { id }, body: { fate } });

describe("the outbox", () => {
  it("keeps a write until it is answered, and nothing afterwards", async () => {
    let whileSending: readonly PendingWrite[] = [];
    const outbox = open({
      send: (write) => {
        whileSending = stored.waiting;
        return kitchen.send(write);
      },
    });
    expect(await outbox.submit("withdraw", take(), "a jar")).toMatchObject({ kind: "answered" });
    expect(whileSending).toMatchObject([{ name: "withdraw", label: "a jar", owner: "wren" }]);
    expect(stored.waiting).toEqual([]);
  });

  it("asks again with the same key when the answer was lost: done once", async () => {
    kitchen.next("lose-answer", "answer");
    expect(await open().submit("withdraw", take())).toMatchObject({ kind: "answered" });
    expect(kitchen.sent).toEqual(["key-1", "key-1"]);
    expect(kitchen.done.size).toBe(1);
  });

  it("lets the cook go on after a while, and finds out later with the same key", async () => {
    kitchen.next(...Array.from({ length: 5 }, () => "lose-answer" as const));
    const outbox = open();
    expect(await outbox.submit("withdraw", take(), "one portion")).toEqual({ kind: "waiting" });
    expect(paused.slice(0, 3)).toEqual([400, 1200, 2500]);
    await new Promise((done) => setTimeout(done, 10));
    expect(late).toMatchObject([{ label: "one portion" }]);
    expect(kitchen.done.size).toBe(1);
    expect(new Set(kitchen.sent).size).toBe(1);
    expect(stored.waiting).toEqual([]);
  });

  it("tapped again while the answer is out, it is the same write", async () => {
    const outbox = open(attendedOnly);
    kitchen.next("lose-answer", "lose-answer", "lose-answer", "lose-answer");
    expect((await outbox.submit("withdraw", take())).kind).toBe("waiting");
    expect((await outbox.submit("withdraw", take())).kind).toBe("answered");
    expect(kitchen.done.size).toBe(1);
    // Answered, it is over: the next tap takes another one.
    expect((await outbox.submit("withdraw", take())).kind).toBe("answered");
    expect(kitchen.done.size).toBe(2);
  });

  it("changed and sent again, it says first that the earlier one was recorded, with its reply", async () => {
    const outbox = open(attendedOnly);
    kitchen.next("lose-answer", "lose-answer", "lose-answer", "lose-answer");
    await outbox.submit("withdraw", take("jar-1", "eaten"), "eaten");
    const outcome = await outbox.submit("withdraw", take("jar-1", "given"));
    expect(outcome).toMatchObject({
      kind: "recorded-before",
      reply: { recorded: 1 },
      write: { label: "eaten" },
    });
    expect(kitchen.done.size).toBe(1);
  });

  it("goes on with the changed one when the earlier one never arrived and is refused now", async () => {
    const outbox = open(attendedOnly);
    const never = "never-arrives" as const;
    kitchen.next(never, never, never, never, new ApiProblem("lot-empty", 409));
    await outbox.submit("withdraw", take("jar-1", "eaten"));
    expect(await outbox.submit("withdraw", take("jar-1", "given"))).toMatchObject({ kind: "answered" });
    expect([...kitchen.done.values()]).toMatchObject([{ of: { body: { fate: "given" } } }]);
  });

  it("a refusal is no lost answer: it is not sent again", async () => {
    kitchen.next(new ApiProblem("more-than-on-hand", 409, { measurements: { onHandG: 5 } }));
    const outcome = await open().submit("withdraw", take());
    expect(outcome).toMatchObject({ kind: "refused", problem: { code: "more-than-on-hand" } });
    expect([kitchen.sent.length, stored.waiting, stored.refused]).toEqual([1, [], []]);
  });

  it("sends one after the other, in the order they were made", async () => {
    const outbox = open();
    const order: string[] = [];
    await Promise.all(
      ["a", "b", "c"].map((id) => outbox.submit("withdraw", take(id)).then(() => order.push(id))),
    );
    expect(order).toEqual(["a", "b", "c"]);
  });

  it("after a reload what waited is sent with its own key, oldest first", async () => {
    const before = open(attendedOnly);
    kitchen.next(...Array.from({ length: 8 }, () => "never-arrives" as const));
    await before.submit("withdraw", take("a"));
    await before.submit("withdraw", take("b"));
    expect(stored.waiting.map((one) => one.key)).toEqual(["key-1", "key-2"]);
    const after = open();
    kitchen.next();
    await after.flush();
    expect([...kitchen.done.keys()]).toEqual(["key-1", "key-2"]);
    expect(stored.waiting).toEqual([]);
  });

  it("keeps what is refused after its form has gone until the cook has seen it", async () => {
    const outbox = open(attendedOnly);
    kitchen.next(...Array.from({ length: 4 }, () => "never-arrives" as const));
    await outbox.submit("withdraw", take("a"), "a portion");
    kitchen.next(new ApiProblem("container-empty", 409, { field: "id" }));
    await outbox.flush();
    expect(stored.refused).toMatchObject([{ code: "container-empty", field: "id", label: "a portion" }]);
    outbox.discard("key-1");
    expect(stored).toEqual({ waiting: [], refused: [] });
  });

  it("never sends what another member left in this browser", async () => {
    const outbox = open(attendedOnly);
    kitchen.next(...Array.from({ length: 4 }, () => "never-arrives" as const));
    await outbox.submit("withdraw", take());
    owner = "bram";
    await outbox.flush();
    expect(kitchen.done.size).toBe(0);
    owner = undefined;
    expect(await outbox.submit("withdraw", take())).toMatchObject({
      kind: "refused",
      problem: { code: "session-expired" },
    });
    owner = "wren";
    await outbox.flush();
    expect(kitchen.done.size).toBe(1);
  });

  it("a session that ran out keeps the write until somebody is signed in again", async () => {
    const outbox = open(attendedOnly);
    const out = new ApiProblem("session-expired", 401);
    kitchen.next(out, out, out, out);
    expect((await outbox.submit("withdraw", take())).kind).toBe("waiting");
    await outbox.flush();
    expect(kitchen.done.size).toBe(1);
  });

  it("a fault of our own is thrown, not retried for ever", async () => {
    const outbox = open({ send: () => Promise.reject(new TypeError("a bug")) });
    await expect(outbox.submit("withdraw", take())).rejects.toThrow("a bug");
    // The next write is not held up by it.
    const next = open();
    expect((await next.submit("withdraw", take("other"))).kind).toBe("answered");
  });

  it("adds to what another tab has put there meanwhile", async () => {
    const other: PendingWrite = {
      key: "theirs",
      owner: "wren",
      slot: "x",
      name: "withdraw",
      request: take("x") as never,
      label: "",
    };
    const outbox = open({
      ...attendedOnly,
      send: (write) => {
        if (!stored.waiting.includes(other)) stored = { ...stored, waiting: [...stored.waiting, other] };
        return kitchen.send(write);
      },
    });
    await outbox.submit("withdraw", take("mine"));
    expect(stored.waiting.map((one) => one.key)).toEqual(["theirs"]);
  });
});

it("a slot is one route, one address and one entry", () => {
  const slots = [
    slotOf("withdraw", take("a")),
    slotOf("withdraw", take("b")),
    slotOf("logLot", { body: { id: "1" } }),
    slotOf("logLot", { body: { id: "2" } }),
    slotOf("takeDemoRecipes", {}),
  ];
  expect(new Set(slots).size).toBe(5);
  expect(slotOf("withdraw", take("a", "given"))).toBe(slots[0]);
});
