import { entryIssue, type Problem } from "@apron/contract";
import type { Context } from "hono";
import type { ContentfulStatusCode } from "hono/utils/http-status";
import type { z } from "zod";
import { isAway } from "../context/sql-state.ts";
import type { Refusal } from "../context/refusal.ts";

const titles: Readonly<Record<number, string>> = {
  400: "Not readable",
  401: "Sign in first",
  403: "Not allowed",
  404: "Not found",
  409: "Conflict",
  413: "Too large",
  421: "Not this server",
  415: "Wrong content type",
  422: "Refused",
  429: "Too many requests",
  500: "Our mistake",
  503: "Not available",
};

/** Answers with RFC 9457 `application/problem+json`. */
export function problemReply(
  c: Context,
  refusal: Omit<Refusal, "status"> & { readonly status: number },
): Response {
  const { status, code, field, measurements } = refusal;
  const body: Problem = {
    type: `urn:apron-plate:problem:${code}`,
    title: titles[status] ?? "Refused",
    status,
    code,
    ...(field === undefined ? {} : { field }),
    ...(measurements === undefined ? {} : { measurements: { ...measurements } }),
    requestId: String(c.get("requestId")),
  };
  return c.body(JSON.stringify(body), status as ContentfulStatusCode, {
    "content-type": "application/problem+json; charset=utf-8",
  });
}

/** The first thing a schema found wrong, as a refusal at its field. */
export function refusalOfIssues(error: z.ZodError): Refusal {
  const [issue] = error.issues;
  return { status: 422, ...(issue ? entryIssue(issue) : { code: "invalid" }) };
}

const databaseAway = { status: 503, code: "database-silent" } as const;

/**
 * What a state of the database means to whoever asked: a value that it cannot keep (class 22) is refused, and while it is away the
 * answer is that it is. Undefined of anything else, which is a mistake of ours.
 */
export function problemOfState(
  state: string,
): { readonly status: number; readonly code: string } | undefined {
  if (state.startsWith("22")) return { status: 422, code: "not-storable" };
  return isAway(state) ? databaseAway : undefined;
}

/** Not now: told when to come back. */
export function later(
  c: Context,
  status: 429 | 503,
  { code, waitS }: { code: string; waitS: number },
): Response {
  c.header("retry-after", String(waitS));
  return problemReply(c, { status, code, measurements: { waitS } });
}
