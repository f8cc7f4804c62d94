import type { EndpointName, Problem, ReadName, ReplyOf, RequestOf } from "@apron/contract";
import { idempotencyHeader, paths } from "@apron/contract/paths";

/** A refusal of the server's, as data; words.ts turns its code into a sentence. */
export class ApiProblem extends Error {
  readonly field: string | undefined;
  readonly measurements: Readonly<Record<string, unknown>>;

  constructor(
    readonly code: string,
    readonly status: number,
    about: {
      readonly field?: string | undefined;
      readonly measurements?: Readonly<Record<string, unknown>> | undefined;
    } = {},
  ) {
    super(code);
    this.field = about.field;
    this.measurements = about.measurements ?? {};
  }
}

/** Nothing came back that tells whether the server did it: no network, no answer in time, a proxy in between. */
export const isUnanswered = (problem: ApiProblem): boolean =>
  problem.status === 0 || [429, 502, 503, 504].includes(problem.status);

type Parts = {
  readonly params?: Readonly<Record<string, string>>;
  readonly query?: Readonly<Record<string, unknown>>;
  readonly body?: unknown;
};

function urlOf(path: string, parts: Parts): string {
  const filled = path.replaceAll(/\{(\w+)\}/g, (_, name: string) =>
    encodeURIComponent(parts.params?.[name] ?? ""),
  );
  const query = Object.entries(parts.query ?? {}).filter(([, value]) => value !== undefined && value !== "");
  const search = new URLSearchParams(query.map(([key, value]) => [key, String(value)])).toString();
  return search ? `${filled}?${search}` : filled;
}

async function problemOf(response: Response): Promise<ApiProblem> {
  const body = (await response.json().catch(() => ({}))) as Partial<Problem>;
  return new ApiProblem(body.code ?? "unreadable", response.status, body);
}

/** Called when the server says that nobody is signed in. */
let onSessionExpired = (): void => undefined;
export const whenSessionExpires = (react: () => void): void => {
  onSessionExpired = react;
};

/** Longer than any route takes; after it an answer is taken to be lost. */
const patienceMs = 25_000;

/** What was answered; a broken or missing answer is none. */
const answerOf = async <Reply>(response: Promise<Response>): Promise<Reply> => {
  try {
    const answered = await response;
    if (answered.ok) return (await answered.json()) as Reply;
    throw await problemOf(answered);
  } catch (error) {
    // An answer that breaks off half way is no answer.
    const problem = error instanceof ApiProblem ? error : new ApiProblem("offline", 0);
    if (problem.code === "session-expired") onSessionExpired();
    throw problem;
  }
};

/** Sends a file as it is. Throws like `send`. */
export const sendFile = <Name extends EndpointName>(name: Name, file: Blob): Promise<ReplyOf<Name>> =>
  answerOf(
    fetch(paths[name][1], {
      method: paths[name][0].toUpperCase(),
      headers: { "content-type": file.type === "" ? "application/octet-stream" : file.type },
      body: file,
    }),
  );

/**
 * Sends one request. `key` is a write's own UUID: the same key again changes nothing twice.
 * @throws ApiProblem with the server's code, or "offline" when no answer came.
 */
export function send<Name extends EndpointName>(
  name: Name,
  request: RequestOf<Name>,
  key?: string,
): Promise<ReplyOf<Name>> {
  const [method, path] = paths[name];
  const parts = request as Parts;
  return answerOf<ReplyOf<Name>>(
    fetch(urlOf(path, parts), {
      method: method.toUpperCase(),
      headers: {
        "content-type": "application/json",
        ...(key === undefined ? {} : { [idempotencyHeader]: key }),
      },
      signal: AbortSignal.timeout(patienceMs),
      ...(parts.body === undefined ? {} : { body: JSON.stringify(parts.body) }),
    }),
  );
}

/** Asks a route that changes nothing. What changes something goes through the outbox: this does not take it. */
export const call = <Name extends ReadName>(name: Name, request: RequestOf<Name>): Promise<ReplyOf<Name>> =>
  send(name, request);
