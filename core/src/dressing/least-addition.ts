/** One condition on the amounts x: Σ aᵢxᵢ + b ≥ 0, worth `weight` for each unit it is missed by. */
export type Condition = { readonly a: readonly number[]; readonly b: number; readonly weight: number };

export type Addition = {
  readonly amounts: readonly number[];
  /** How far each condition is missed; 0 where it holds. */
  readonly missed: readonly number[];
};

const tiny = 1e-9;

/** A figure of a row; what is beyond its end is nothing. */
const at = (row: readonly number[], index: number): number => row[index] ?? 0;

/**
 * The least Σ xᵢ (xᵢ ≥ 0) under a few conditions; where they cannot all hold, the amounts that miss them least first.
 * A linear programme small enough to look at every corner: each condition gets a surplus and a shortfall, and a corner
 * has as many unknowns as conditions. Ties go to the fewest amounts, then to the first ones.
 */
export function leastAddition(count: number, conditions: readonly Condition[]): Addition {
  const rows = conditions.length;
  const columns: readonly (readonly number[])[] = [
    ...Array.from({ length: count }, (_, j) => conditions.map((c) => at(c.a, j))),
    ...conditions.map((_, i) => conditions.map((__, r) => (r === i ? 1 : 0))),
    ...conditions.map((_, i) => conditions.map((__, r) => (r === i ? -1 : 0))),
  ];
  let best: { readonly solution: readonly number[]; readonly urgencyWeight: readonly number[] } | undefined;
  for (const basis of corners(columns.length, rows)) {
    const values = solve(
      basis.map((j) => columns[j] ?? []),
      conditions.map((c) => -c.b),
    );
    if (!values?.every((v) => v >= -tiny)) continue;
    const solution = columns.map((_, j) => Math.max(0, at(values, basis.indexOf(j))));
    const urgencyWeight = worthOf(solution, count, conditions);
    if (!best || isLess(urgencyWeight, best.urgencyWeight)) best = { solution, urgencyWeight };
  }
  const found = best?.solution ?? [];
  return {
    amounts: Array.from({ length: count }, (_, j) => at(found, j)),
    missed: conditions.map((_, i) => at(found, count + i)),
  };
}

/** What is compared, in this order: how far conditions are missed, the sum, how many amounts, which. */
function worthOf(solution: readonly number[], count: number, conditions: readonly Condition[]): number[] {
  const amounts = solution.slice(0, count);
  const missed = conditions.reduce((total, c, i) => total + c.weight * at(solution, count + i), 0);
  const used = amounts.map((x, j) => (x > tiny ? j + 1 : 0));
  return [
    missed,
    amounts.reduce((total, x) => total + x, 0),
    used.filter((j) => j > 0).length,
    used.reduce((total, j) => total + j, 0),
  ];
}

function isLess(a: readonly number[], b: readonly number[]): boolean {
  for (const [i, value] of a.entries()) {
    const other = at(b, i);
    if (Math.abs(value - other) > tiny * Math.max(1, Math.abs(other))) return value < other;
  }
  return false;
}

/** Every choice of `size` out of `count` columns. */
function* corners(count: number, size: number, from = 0): Generator<readonly number[]> {
  if (size === 0) {
    yield [];
    return;
  }
  for (let j = from; j <= count - size; j++)
    for (const rest of corners(count, size - 1, j + 1)) yield [j, ...rest];
}

/** Solves a few equations, given by their columns, by elimination with pivoting; undefined where they are singular. */
function solve(columns: readonly (readonly number[])[], right: readonly number[]): number[] | undefined {
  const size = right.length;
  const m = right.map((value, r) => [...columns.map((column) => at(column, r)), value]);
  for (let c = 0; c < size; c++) {
    const pivot = m
      .slice(c)
      .reduce((best, row, i) => (Math.abs(at(row, c)) > Math.abs(at(m[best] ?? [], c)) ? c + i : best), c);
    const [top, lead] = [m[pivot], m[c]];
    if (!top || !lead || Math.abs(at(top, c)) < tiny) return undefined;
    m[pivot] = lead;
    m[c] = top;
    for (const [r, row] of m.entries()) {
      if (r === c) continue;
      const factor = at(row, c) / at(top, c);
      for (let k = c; k <= size; k++) row[k] = at(row, k) - factor * at(top, k);
    }
  }
  return m.map((row, r) => at(row, size) / at(row, r));
}
