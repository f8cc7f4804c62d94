import fc, { type Arbitrary } from "fast-check";

/** What of JSON Schema the OpenAPI document uses. */
export type Schema = {
  readonly $ref?: string;
  readonly type?: string | readonly string[];
  readonly enum?: readonly unknown[];
  readonly const?: unknown;
  readonly anyOf?: readonly Schema[];
  readonly oneOf?: readonly Schema[];
  readonly allOf?: readonly Schema[];
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly items?: Schema;
  readonly additionalProperties?: boolean | Schema;
  readonly format?: string;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly maxLength?: number;
  readonly pattern?: string;
};

export type Generator = {
  /** The document's named schemas. */
  readonly schemas: Readonly<Record<string, Schema>>;
  /** Ids that mean something, to be sent where an id is asked for. */
  readonly ids: readonly string[];
  /** Texts that mean something: ingredients, recipes. */
  readonly texts: readonly string[];
};

/** What no schema asks for, and somebody sends all the same. */
const junk: Arbitrary<unknown> = fc.constantFrom<unknown>(
  ...[
    null,
    true,
    -1,
    0,
    1e308,
    -1e308,
    2 ** 53,
    0.1 + 0.2,
    "",
    " ",
    "\u0000",
    "a\u0000b",
    "\ud800",
    "👩‍🍳".repeat(50),
  ],
  ...["constructor", "__proto__", "toString", "0000-01-01", "9999-12-31", "2026-02-30", "NaN", "1e400", "-0"],
  ...[
    "'; drop table lot; --",
    "<script>alert(1)</script>",
    "1-".repeat(200),
    "½".repeat(200),
    "(".repeat(200),
  ],
  ...[[], {}, [[[[]]]], { constructor: 1 }, { __proto__: null }, Array.from({ length: 50 }, () => null)],
);

const deepest = 6;

/** Values that a schema allows, more or less: one part in so many is junk, so that most of each is looked at. */
export function fromSchema(schema: Schema, of: Generator, depth = 0): Arbitrary<unknown> {
  const proper = properValues(schema, of, depth);
  return fc.oneof({ arbitrary: proper, weight: 14 }, { arbitrary: junk, weight: depth === 0 ? 0 : 1 });
}

function properValues(schema: Schema, of: Generator, depth: number): Arbitrary<unknown> {
  if (depth > deepest) return fc.constant(null);
  if (schema.$ref) return properValues(of.schemas[schema.$ref.split("/").at(-1) ?? ""] ?? {}, of, depth + 1);
  if (schema.const !== undefined) return fc.constant(schema.const);
  if (schema.enum) return fc.constantFrom(...schema.enum);
  const ways = schema.anyOf ?? schema.oneOf ?? schema.allOf;
  if (ways && ways.length > 0) return fc.oneof(...ways.map((one) => fromSchema(one, of, depth + 1)));
  const types = typeof schema.type === "string" ? [schema.type] : (schema.type ?? ["object"]);
  return fc.oneof(...types.map((type) => ofType(type, schema, { of, depth })));
}

function ofType(
  type: string,
  schema: Schema,
  { of, depth }: { readonly of: Generator; readonly depth: number },
): Arbitrary<unknown> {
  switch (type) {
    case "string":
      return texts(schema, of);
    case "number":
    case "integer":
      return numbers(schema, type === "integer");
    case "boolean":
      return fc.boolean();
    case "null":
      return fc.constant(null);
    case "array":
      return fc.array(fromSchema(schema.items ?? {}, of, depth + 1), { maxLength: 3 });
    default:
      return objects(schema, of, depth);
  }
}

function texts({ format, maxLength }: Schema, { ids, texts: known }: Generator): Arbitrary<unknown> {
  if (format === "uuid") return ids.length > 0 ? fc.oneof(fc.constantFrom(...ids), fc.uuid()) : fc.uuid();
  if (format === "date") return fc.constantFrom("2026-09-10", "2026-09-01", "2025-01-01");
  if (format === "date-time") return fc.constantFrom("2026-09-10T18:00:00.000Z", "2026-09-11T06:30:00.000Z");
  return fc.oneof(
    fc.constantFrom(...known, "2 bunches", "430 g", "1 lb 4 oz", "½ cup"),
    fc.string({ unit: "grapheme", maxLength: Math.min(maxLength ?? 40, 40) }),
  );
}

function numbers({ minimum = 0, maximum = 100_000 }: Schema, whole: boolean): Arbitrary<unknown> {
  const [min, max] = [Math.max(minimum, -1e9), Math.min(maximum, 1e9)];
  const edges = fc.constantFrom(minimum, maximum, minimum - 1, maximum + 1);
  const inside = whole
    ? fc.integer({ min: Math.ceil(min), max: Math.floor(max) })
    : fc.double({ min, max, noNaN: true });
  return fc.oneof({ arbitrary: inside, weight: 4 }, { arbitrary: edges, weight: 1 });
}

function objects(schema: Schema, of: Generator, depth: number): Arbitrary<unknown> {
  const entries = Object.entries(schema.properties ?? {});
  const values = Object.fromEntries(entries.map(([key, value]) => [key, fromSchema(value, of, depth + 1)]));
  const more = schema.additionalProperties;
  const known = fc.record(values, {
    requiredKeys: [...(schema.required ?? [])].filter((key) => key in values),
  });
  if (typeof more !== "object") return known;
  return fc.dictionary(fc.constantFrom("pesto", "kale", "constructor"), fromSchema(more, of, depth + 1), {
    maxKeys: 2,
  });
}
