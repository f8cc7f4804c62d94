import type { Problem } from "@apron/contract";
import type { Context } from "hono";
import type { ContentfulStatusCode } from "hono/utils/http-status";
import type { z } from "zod";
import type { Refusal } from "../context/refusal.ts";

const titles: Readonly<Record<number, string>> = {
  400: "Not readable",
  401: "Sign in first",
  403: "Not allowed",
  404: "Not found",
  409: "Conflict",
  413: "Too large",
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

const codeOfIssue: Readonly<Record<string, string>> = {
  too_small: "too-small",
  too_big: "too-large",
  invalid_format: "wrong-format",
  invalid_value: "not-a-choice",
  invalid_union: "not-a-choice",
};

/** The first thing a schema found wrong, as a refusal at its field. */
export function refusalOfIssues(error: z.ZodError): Refusal {
  const issue = error.issues[0];
  const missing = issue?.code === "invalid_type" && issue.message.endsWith("received undefined");
  const wrongType = missing ? "missing" : "wrong-type";
  const emptyText = issue?.code === "too_small" && issue.origin === "string" && issue.minimum === 1;
  if (emptyText) return { status: 422, code: "missing", field: issue.path.join(".") };
  const code = issue?.code === "invalid_type" ? wrongType : (codeOfIssue[issue?.code ?? ""] ?? "invalid");
  const limits =
    issue?.code === "too_small"
      ? { atLeast: issue.minimum }
      : issue?.code === "too_big"
        ? { atMost: issue.maximum }
        : {};
  return { status: 422, code, field: issue?.path.join("."), measurements: limits };
}
