import type { z } from "zod";

/** What a schema found wrong with one entry: the same code and field on the server and in a form. */
export type EntryIssue = {
  readonly code: string;
  readonly field: string;
  readonly measurements: Readonly<Record<string, unknown>>;
};

type Issue = z.core.$ZodIssue;

const codes: Readonly<Record<string, string>> = {
  too_small: "too-small",
  too_big: "too-large",
  invalid_format: "wrong-format",
  invalid_value: "not-a-choice",
  invalid_union: "not-a-choice",
};

function codeOf(issue: Issue): string {
  // An empty text where one is needed is a missing one, whatever the schema calls it.
  if (issue.code === "too_small" && issue.origin === "string" && issue.minimum === 1) return "missing";
  if (issue.code === "invalid_type")
    return issue.message.endsWith("received undefined") ? "missing" : "wrong-type";
  return codes[issue.code] ?? "invalid";
}

/** One issue of a schema in the API's own terms. */
export function entryIssue(issue: Issue): EntryIssue {
  const code = codeOf(issue);
  const limits =
    code === "too-small" && issue.code === "too_small"
      ? { atLeast: issue.minimum }
      : issue.code === "too_big"
        ? { atMost: issue.maximum }
        : {};
  return { code, field: issue.path.join("."), measurements: limits };
}
