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
type RefusedWrite = PendingWrite & { readonly code: string; readonly field: string | null };

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
const unattendedPauseMs = (tries: number): number => Math.min(30_000, 3000 * 2 ** tries);

type Parts = { readonly params?: object; readonly body?: { readonly id?: string } };

/** Writes about one thing: of one route, one address and one entry. */
export const slotOf = (name: WriteName, request: unknown): string => {
  const { params, body } = request as Parts;
  return [name, params ? JSON.stringify(params) : "", body?.id ?? ""].join(" ").trim();
};

const sameRequest = (a: PendingWrite, b: Pick<PendingWrite, "request">): boolean =>
  JSON.stringify(a.request) === JSON.stringify(b.request);

/** The writes that are kept, of every member who uses this browser. Another tab may add to them at any time. */
function keptWrites(deps: OutboxDeps) {
  const without = <Write extends PendingWrite>(list: readonly Write[], key: string): Write[] =>
    list.filter((one) => one.key !== key);
  function change(of: (stored: OutboxState) => Partial<OutboxState>): void {
    const stored = deps.load();
    const next = { ...stored, ...of(stored) };
    deps.save(next);
    deps.onChange(next);
  }
  return {
    /** Of the member who is signed in, oldest first. */
    mine: (): PendingWrite[] => deps.load().waiting.filter((one) => one.owner === deps.owner()),
    keep: (write: PendingWrite): void =>
      change(({ waiting }) => ({ waiting: [...without(waiting, write.key), write] })),
    drop: (key: string): void => change(({ waiting }) => ({ waiting: without(waiting, key) })),
    refuse: (write: PendingWrite, { code, field }: ApiProblem): void =>
      change(({ refused }) => ({ refused: [...refused, { ...write, code, field: field ?? null }] })),
    /** The cook has seen that it was refused, or does not want what waits to be sent any more. */
    discard: (key: string): void =>
      change(({ waiting, refused }) => ({ waiting: without(waiting, key), refused: without(refused, key) })),
  };
}
type Kept = ReturnType<typeof keptWrites>;

/** One piece of work at a time, in the order they were asked for: a trim never overtakes the lot it trims. */
function inTurns(): <Value>(work: () => Promise<Value>) => Promise<Value> {
  let last: Promise<unknown> = Promise.resolve();
  return (work) => {
    const turn = last.then(work, work);
    last = turn.catch(() => undefined);
    return turn;
  };
}

/** Work that is not begun again while it is under way. */
function unlessRunning(work: () => Promise<void>): () => Promise<void> {
  let running = false;
  return async () => {
    if (running) return;
    running = true;
    await work().finally(() => (running = false));
  };
}

async function tryOnce(write: PendingWrite, deps: OutboxDeps, kept: Kept): Promise<Outcome<unknown>> {
  try {
    const reply = await deps.send(write);
    kept.drop(write.key);
    return { kind: "answered", reply };
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error;
    if (isUnanswered(error) || error.status === 401) return { kind: "waiting" };
    kept.drop(write.key);
    return { kind: "refused", problem: error };
  }
}

async function tryWhileAttended(
  write: PendingWrite,
  deps: OutboxDeps,
  kept: Kept,
): Promise<Outcome<unknown>> {
  let outcome = await tryOnce(write, deps, kept);
  for (const ms of attendedPausesMs) {
    if (outcome.kind !== "waiting") return outcome;
    await deps.pause(ms);
    outcome = await tryOnce(write, deps, kept);
  }
  return outcome;
}

/** Sends a write; where an earlier one of its slot still waits, first finds out what became of that. */
async function deliver(write: PendingWrite, deps: OutboxDeps, kept: Kept): Promise<Outcome<unknown>> {
  const earlier = kept.mine().find((one) => one.slot === write.slot);
  if (earlier) {
    const before = await tryWhileAttended(earlier, deps, kept);
    if (before.kind === "waiting") return before;
    if (before.kind === "answered")
      return sameRequest(earlier, write)
        ? before
        : { kind: "recorded-before", reply: before.reply, write: earlier };
  }
  kept.keep(write);
  return tryWhileAttended(write, deps, kept);
}

/**
 * Everything the browser writes goes through here, one write after the other. A write is kept before it is sent and
 * until it is answered; a lost answer is asked for again with the same key, so that nothing is done twice and nothing
 * is lost: not by a second tap, not by a reload, not by an hour without a network.
 */
export function createOutbox(deps: OutboxDeps) {
  const kept = keptWrites(deps);
  const inTurn = inTurns();

  /** Sends what waits, oldest first; what is refused now is kept to be seen, since its form is gone. */
  async function flush(): Promise<void> {
    for (const { key } of kept.mine()) {
      const outcome = await inTurn(async () => {
        // It may have been answered while it waited for its turn.
        const write = kept.mine().find((one) => one.key === key);
        return write && { write, ...(await tryOnce(write, deps, kept)) };
      });
      if (outcome?.kind === "waiting") return;
      if (outcome?.kind === "answered") deps.onLate(outcome.write, outcome.reply);
      if (outcome?.kind === "refused") kept.refuse(outcome.write, outcome.problem);
    }
  }

  /** Until nothing waits: again and again, ever more seldom. One such loop at a time. */
  const retryLater = unlessRunning(async () => {
    for (let i = 0; kept.mine().length > 0; i++) {
      await deps.pause(unattendedPauseMs(i));
      await flush();
    }
  });

  /** The same write asked for again while its answer is out is the same write: it keeps its key. */
  async function submit<Name extends WriteName>(
    name: Name,
    request: RequestOf<Name>,
    label = "",
  ): Promise<Outcome<ReplyOf<Name>>> {
    const owner = deps.owner();
    if (owner === undefined) return { kind: "refused", problem: new ApiProblem("session-expired", 401) };
    const write: PendingWrite = {
      ...{ key: deps.newKey(), owner, slot: slotOf(name, request), name, label },
      request: request as never,
    };
    const outcome = await inTurn(() => deliver(write, deps, kept));
    if (outcome.kind === "waiting") void retryLater();
    return outcome as Outcome<ReplyOf<Name>>;
  }

  return { submit, flush, retryLater, discard: kept.discard, waiting: kept.mine };
}
