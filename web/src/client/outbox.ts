import type { ReplyOf, RequestOf, WriteName } from "@apron/contract";
import { ApiProblem, isUnanswered } from "./api.ts";

/** A write as data: everything that sending it again takes. The key is made once and never changes. */
export type PendingWrite<Name extends WriteName = WriteName> = {
  readonly key: string;
  /** Whose it is: only this member's browser sends it. */
  readonly owner: string;
  /** What it is about: two writes of one slot never wait at the same time. */
  readonly slot: string;
  readonly name: Name;
  readonly request: RequestOf<Name>;
  /** What it is, for the cook who finds it waiting: "430 g chard". */
  readonly label: string;
};

/** A write that came back refused after its form was gone: kept until the cook has seen it. */
export type RefusedWrite = PendingWrite & { readonly code: string; readonly field: string | null };

export type Outcome<Reply> =
  | { readonly kind: "answered"; readonly reply: Reply }
  /** An earlier write of the same slot, whose answer had been lost, turned out to be recorded. */
  | { readonly kind: "recorded-before"; readonly reply: unknown; readonly write: PendingWrite }
  | { readonly kind: "refused"; readonly problem: ApiProblem }
  /** No answer for now: kept, and sent again with the same key until there is one. */
  | { readonly kind: "waiting" };

export type OutboxState = {
  readonly waiting: readonly PendingWrite[];
  readonly refused: readonly RefusedWrite[];
};

export type OutboxDeps = {
  readonly send: (write: PendingWrite) => Promise<unknown>;
  readonly newKey: () => string;
  readonly owner: () => string | undefined;
  /** Kept outside the page, so that a reload loses nothing. */
  readonly load: () => OutboxState;
  readonly save: (state: OutboxState) => void;
  /** Waits before a try is repeated; the browser ends the wait early when the network comes back. */
  readonly pause: (ms: number) => Promise<void>;
  /** Told of every answer that comes after its form stopped waiting for it. */
  readonly onLate: (write: PendingWrite, reply: unknown) => void;
  readonly onChange: (state: OutboxState) => void;
};

/** How long a form waits for a lost answer before it lets the cook go on. */
const attendedPausesMs = [400, 1200, 2500];
/** Afterwards it is tried again and again, ever more seldom. */
const unattendedPausesMs = [3000, 6000, 12_000, 30_000];

type Parts = { readonly params?: object; readonly body?: { readonly id?: string } };

/** Writes about one thing: of one route, one address and one entry. */
export const slotOf = (name: WriteName, request: unknown): string => {
  const { params, body } = request as Parts;
  return [name, params ? JSON.stringify(params) : "", body?.id ?? ""].join(" ").trim();
};

const sameRequest = (a: PendingWrite, b: Pick<PendingWrite, "request">): boolean =>
  JSON.stringify(a.request) === JSON.stringify(b.request);

/**
 * Everything the browser writes goes through here, one write after the other. A write is kept before it is sent and
 * until it is answered; a lost answer is asked for again with the same key, so that nothing is done twice and nothing
 * is lost: not by a second tap, not by a reload, not by an hour without a network.
 */
export function createOutbox(deps: OutboxDeps) {
  let state: OutboxState = deps.load();
  let last: Promise<unknown> = Promise.resolve();
  let retrying = false;

  function set(change: Partial<OutboxState>): void {
    // Another tab may have added to it meanwhile.
    const stored = deps.load();
    const mine = { ...stored, ...change };
    state = mine;
    deps.save(state);
    deps.onChange(state);
  }
  const without = <Write extends PendingWrite>(list: readonly Write[], key: string): Write[] =>
    list.filter((one) => one.key !== key);
  const keep = (write: PendingWrite): void => {
    set({ waiting: [...without(deps.load().waiting, write.key), write] });
  };
  const drop = (key: string): void => {
    set({ waiting: without(deps.load().waiting, key) });
  };
  const mine = (): PendingWrite[] => deps.load().waiting.filter((one) => one.owner === deps.owner());

  /** One write at a time, in the order they were made: a trim never overtakes the lot it trims. */
  function inTurn<Value>(work: () => Promise<Value>): Promise<Value> {
    const turn = last.then(work, work);
    last = turn.catch(() => undefined);
    return turn;
  }

  async function tryOnce(write: PendingWrite): Promise<Outcome<unknown>> {
    try {
      const reply = await deps.send(write);
      drop(write.key);
      return { kind: "answered", reply };
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      if (isUnanswered(error) || error.status === 401) return { kind: "waiting" };
      drop(write.key);
      return { kind: "refused", problem: error };
    }
  }

  async function tryWhileAttended(write: PendingWrite): Promise<Outcome<unknown>> {
    let outcome = await tryOnce(write);
    for (const ms of attendedPausesMs) {
      if (outcome.kind !== "waiting") return outcome;
      await deps.pause(ms);
      outcome = await tryOnce(write);
    }
    return outcome;
  }

  /**
   * Sends a write and gives what became of it. The same write asked for again while its answer is out is the same
   * write; another one of the same slot first finds out what became of the earlier one.
   */
  function submit<Name extends WriteName>(
    name: Name,
    request: RequestOf<Name>,
    label = "",
  ): Promise<Outcome<ReplyOf<Name>>> {
    const owner = deps.owner();
    if (owner === undefined)
      return Promise.resolve({ kind: "refused", problem: new ApiProblem("session-expired", 401) });
    const slot = slotOf(name, request);
    return inTurn(async () => {
      const earlier = mine().find((one) => one.slot === slot);
      const write: PendingWrite = { key: deps.newKey(), owner, slot, name, request: request as never, label };
      if (earlier) {
        const before = await tryWhileAttended(earlier);
        if (before.kind === "waiting") return before;
        if (before.kind === "answered")
          return sameRequest(earlier, write)
            ? { kind: "answered", reply: before.reply as ReplyOf<Name> }
            : { kind: "recorded-before", reply: before.reply, write: earlier };
      }
      keep(write);
      const outcome = await tryWhileAttended(write);
      if (outcome.kind === "waiting") void retryLater();
      return outcome as Outcome<ReplyOf<Name>>;
    });
  }

  /** Sends what waits, oldest first; what is refused now is kept to be seen, since its form is gone. */
  async function flush(): Promise<void> {
    for (const { key } of mine()) {
      const outcome = await inTurn(async () => {
        // It may have been answered while it waited for its turn.
        const write = mine().find((one) => one.key === key);
        return write && { write, ...(await tryOnce(write)) };
      });
      if (!outcome) continue;
      if (outcome.kind === "waiting") return;
      if (outcome.kind === "answered") deps.onLate(outcome.write, outcome.reply);
      if (outcome.kind === "refused") {
        const { code, field } = outcome.problem;
        set({ refused: [...deps.load().refused, { ...outcome.write, code, field: field ?? null }] });
      }
    }
  }

  /** Until nothing waits: again and again, ever more seldom. One such loop at a time. */
  async function retryLater(): Promise<void> {
    if (retrying) return;
    retrying = true;
    try {
      for (let i = 0; mine().length > 0; i++) {
        await deps.pause(unattendedPausesMs[Math.min(i, unattendedPausesMs.length - 1)] ?? 0);
        await flush();
      }
    } finally {
      retrying = false;
    }
  }

  /** The cook has seen that it was refused, or does not want what waits to be sent any more. */
  function discard(key: string): void {
    const stored = deps.load();
    set({ waiting: without(stored.waiting, key), refused: without(stored.refused, key) });
  }

  return { submit, flush, retryLater, discard, waiting: mine, state: () => state };
}

export type Outbox = ReturnType<typeof createOutbox>;
