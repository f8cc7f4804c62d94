/** An answer, or a refusal that carries its measurements; the interface chooses the words. */
export type Result<Value, Issue> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly issue: Issue };

/** The answer that was asked for. */
export const accept = <Value>(value: Value): { readonly ok: true; readonly value: Value } => ({
  ok: true,
  value,
});

/** An expected refusal: a code and its measurements, never words. */
export const refuse = <Issue>(issue: Issue): { readonly ok: false; readonly issue: Issue } => ({
  ok: false,
  issue,
});

/** Our own mistake, never the cook's: thrown, logged, and never shown as advice. */
export function invariant(holds: boolean, whatWeGotWrong: string): asserts holds {
  if (!holds) throw new Error(`bug: ${whatWeGotWrong}`);
}
