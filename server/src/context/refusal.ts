import { refuse, type Result } from "@apron/core/measure";

/** An expected "no": a stable code, the field it concerns and its measurements. The client chooses the words. */
export type Refusal = {
  readonly status: 400 | 401 | 403 | 404 | 409 | 413 | 415 | 422 | 429;
  readonly code: string;
  readonly field?: string | undefined;
  readonly measurements?: Readonly<Record<string, unknown>>;
};

type CoreIssue = { readonly code: string };

/** A refusal of the core's, at the field it came from; everything but the code becomes its measurements. */
export function refuseWith(
  issue: CoreIssue,
  field?: string,
): { readonly ok: false; readonly issue: Refusal } {
  const { code, ...measurements } = issue;
  return refuse({ status: 422, code, field, measurements });
}

export const notFound = (code: string, field?: string): { readonly ok: false; readonly issue: Refusal } =>
  refuse({ status: 404, code, field });

export const conflict = (
  code: string,
  measurements?: Readonly<Record<string, unknown>>,
): { readonly ok: false; readonly issue: Refusal } =>
  refuse({ status: 409, code, ...(measurements && { measurements }) });

export type Answer<Value> = Result<Value, Refusal>;
