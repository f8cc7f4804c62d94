/** A mixed-integer programme as one plain value: maximise the sum of values within bounds and rows. */
export type Programme = { readonly columns: readonly Column[]; readonly rows: readonly Row[] };

/** A quantity to be decided, at least `low` and at most `high`; `value` is what one of it adds to the objective. */
export type Column = {
  readonly low: number;
  readonly high: number;
  readonly value: number;
  readonly isWhole: boolean;
};
export type Term = readonly [column: number, factor: number];
export type Row = { readonly low: number; readonly high: number; readonly terms: readonly Term[] };

/** What a solver found: a best solution so far (null: none yet), and what no solution can be worth more than. */
export type Solved = {
  readonly values: readonly number[] | null;
  readonly objective: number;
  readonly bound: number;
  readonly isProven: boolean;
};

export type SolveOptions = {
  /** It gives the best it has after so long. */
  readonly seconds: number;
  /** A solution to begin with. */
  readonly start?: readonly number[];
};

/** Whoever solves programmes. What it gives is checked by others (verifyMealPlan). */
export type ProgrammeSolver = (programme: Programme, options: SolveOptions) => Solved;

/** Collects columns and rows while a programme is written. */
export class ProgrammeWriter {
  readonly columns: Column[] = [];
  readonly rows: Row[] = [];

  /** A quantity from 0 to `high`. */
  amount(value: number, high = Infinity): number {
    return this.columns.push({ low: 0, high, value, isWhole: false }) - 1;
  }
  /** A number from 0 to `high`. */
  count(value: number, high: number): number {
    return this.columns.push({ low: 0, high, value, isWhole: true }) - 1;
  }
  atMost(high: number, terms: readonly Term[]): void {
    if (terms.length > 0) this.rows.push({ low: -Infinity, high, terms });
  }
  atLeast(low: number, terms: readonly Term[]): void {
    this.rows.push({ low, high: Infinity, terms });
  }
  exactly(value: number, terms: readonly Term[]): void {
    if (terms.length > 0) this.rows.push({ low: value, high: value, terms });
  }
}
