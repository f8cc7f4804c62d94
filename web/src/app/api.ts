import type { EndpointName, Problem, ReplyOf, RequestOf } from "@apron/contract";
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

/**
 * Calls a route by its contract name. `key` is the write's own UUID: the same key again changes nothing twice.
 * @throws ApiProblem with the server's code, or "offline" when it cannot be reached.
 */
export async function call<Name extends EndpointName>(
  name: Name,
  request: RequestOf<Name>,
  key: string = crypto.randomUUID(),
): Promise<ReplyOf<Name>> {
  const [method, path] = paths[name];
  const parts = request as Parts;
  const response = await fetch(urlOf(path, parts), {
    method: method.toUpperCase(),
    headers: { "content-type": "application/json", [idempotencyHeader]: key },
    ...(parts.body === undefined ? {} : { body: JSON.stringify(parts.body) }),
  }).catch(() => {
    throw new ApiProblem("offline", 0);
  });
  if (response.ok) return (await response.json()) as ReplyOf<Name>;
  const problem = await problemOf(response);
  if (problem.code === "session-expired") onSessionExpired();
  throw problem;
}
