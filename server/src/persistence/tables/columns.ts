import type { EntitySchemaColumnOptions } from "typeorm";

/** PostgreSQL hands numeric over as text; grams fit a double exactly to the milligram. */
const numericAsNumber = {
  to: (value: number | null): number | null => value,
  from: (value: string | null): number | null => (value === null ? null : Number(value)),
};

export const grams: EntitySchemaColumnOptions = {
  type: "numeric",
  precision: 12,
  scale: 3,
  transformer: numericAsNumber,
};

export const uuid: EntitySchemaColumnOptions = { type: "uuid" };
export const text: EntitySchemaColumnOptions = { type: "text" };
export const day: EntitySchemaColumnOptions = { type: "date" };
export const instant: EntitySchemaColumnOptions = { type: "timestamptz" };

export const optional = (column: EntitySchemaColumnOptions): EntitySchemaColumnOptions => ({
  ...column,
  nullable: true,
});

export const key = (column: EntitySchemaColumnOptions): EntitySchemaColumnOptions => ({
  ...column,
  primary: true,
});

export const named = (name: string, column: EntitySchemaColumnOptions): EntitySchemaColumnOptions => ({
  ...column,
  name,
});

/** The order things were written down in; two of them may share an instant. */
export const seq: EntitySchemaColumnOptions = {
  type: "bigint",
  generated: "increment",
  insert: false,
  update: false,
};
