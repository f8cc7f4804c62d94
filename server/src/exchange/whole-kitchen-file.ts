import { randomUUID } from "node:crypto";
import { promisify } from "node:util";
import { Formula, KitchenRow } from "@apron/contract";
import { writeCsv } from "@apron/core/exchange";
import { accept, refuse } from "@apron/core/measure";
import { strFromU8, strToU8, unzip, zip, type AsyncZippable, type Unzipped } from "fflate";
import { z } from "zod";
import { kitchenTables, type PlainRow, type WholeKitchen } from "../context/ports/whole-kitchen.store.ts";
import type { Answer } from "../context/refusal.ts";

const zipAll = promisify<AsyncZippable, Uint8Array>(zip as never);
const unzipAll = promisify<
  Uint8Array,
  { filter: (file: { name: string; originalSize: number }) => boolean },
  Unzipped
>(unzip as never);

const format = "apron-plate-kitchen";
const version = 1;
const dataFile = "kitchen.json";
/** What an archive may hold once it is unpacked, in all: a small one can hold very much of nothing. */
const mostUnpacked = 128 * 1024 * 1024;
/** Of that, its data without pictures: decades of a kitchen, and read at one go. */
const mostData = 32 * 1024 * 1024;
const mostRows = 500_000;

const readme = `A kitchen, taken along.

kitchen.json   everything, by table: what can be brought into another Apron Plate (Your account, Bring a kitchen).
               Grams, days (YYYY-MM-DD), instants (ISO 8601), money in minor units of the currency.
               The ledger is "entry": what a lot holds is the sum of its entries. "withdrawal" is the same for containers.
lots.csv       every lot and what is on hand of it
recipes.jsonld every recipe, as schema.org Recipe
entries.csv, batches.csv, withdrawals.csv   the ledgers, for a spreadsheet
photos/        pictures of dishes and of what was made

Passwords and invitations are not in it.
`;

const Row = z.record(z.string(), z.unknown());
const File = z.object({
  format: z.literal(format),
  version: z.literal(version),
  tables: z.record(z.enum(kitchenTables), z.array(Row).max(mostRows)),
});

const pictures = ["recipe_photo", "batch_photo"] as const;
const endings: Readonly<Record<string, string>> = {
  "image/jpeg": "jpg",
  "image/png": "png",
  "image/webp": "webp",
};

/** Pictures stand beside the data as files; a row names its own. */
function withPicturesApart(kitchen: WholeKitchen): { data: WholeKitchen; files: Record<string, Uint8Array> } {
  const files: Record<string, Uint8Array> = {};
  const apart = (table: string): PlainRow[] =>
    (kitchen[table] ?? []).map(({ bytes, ...row }) => {
      const id = String(row["recipe_id"] ?? row["batch_id"]);
      const file = `photos/${id}.${endings[String(row["media_type"])] ?? "bin"}`;
      files[file] = Buffer.from(String(bytes).slice(2), "hex");
      return { ...row, file };
    });
  const data = { ...kitchen, ...Object.fromEntries(pictures.map((table) => [table, apart(table)])) };
  return { data, files };
}

function withPicturesIn(kitchen: WholeKitchen, files: Unzipped): WholeKitchen {
  const inside = (table: string): PlainRow[] =>
    (kitchen[table] ?? []).map(({ file, ...row }) => {
      const bytes = files[String(file)];
      return { ...row, bytes: `\\x${Buffer.from(bytes ?? []).toString("hex")}` };
    });
  return { ...kitchen, ...Object.fromEntries(pictures.map((table) => [table, inside(table)])) };
}

/** A single value as a cell; nothing where there is none. */
const cellOf = (value: unknown): string | number =>
  typeof value === "string" || typeof value === "number" ? value : value === true ? "yes" : "";

/** A table as a spreadsheet reads it: single values only. */
function tableAsCsv(rows: readonly PlainRow[]): string {
  const isPlain = (value: unknown): boolean => value === null || typeof value !== "object";
  const columns = Object.keys(rows[0] ?? { id: "" }).filter(
    (name) => name !== "kitchen_id" && isPlain(rows[0]?.[name]),
  );
  return writeCsv(
    columns,
    rows.map((row) => Object.fromEntries(columns.map((name) => [name, cellOf(row[name])]))),
  );
}

/** Everything of a kitchen as one archive (zip). */
export function packKitchen(
  kitchen: WholeKitchen,
  written: { readonly lots: string; readonly recipes: string },
): Promise<Uint8Array> {
  const { data, files } = withPicturesApart(kitchen);
  const text = (of: string): [Uint8Array, { mtime: Date }] => [
    strToU8(of),
    { mtime: new Date("2000-01-01T12:00:00") },
  ];
  return zipAll({
    "README.txt": text(readme),
    [dataFile]: text(`${JSON.stringify({ format, version, tables: data }, null, 1)}\n`),
    "lots.csv": text(written.lots),
    "recipes.jsonld": text(written.recipes),
    "entries.csv": text(tableAsCsv(kitchen["entry"] ?? [])),
    "batches.csv": text(tableAsCsv(kitchen["batch"] ?? [])),
    "withdrawals.csv": text(tableAsCsv(kitchen["withdrawal"] ?? [])),
    ...files,
  });
}

const tooLarge = refuse({ status: 413, code: "body-too-large", field: "file" } as const);
const unreadable = refuse({ status: 422, code: "not-a-kitchen", field: "file" } as const);

/** Reads an archive that packKitchen wrote; refuses what is none, is damaged, or holds a recipe that is no recipe. */
export async function unpackKitchen(bytes: Uint8Array): Promise<Answer<WholeKitchen>> {
  let unpacked = 0;
  const files = await unzipAll(bytes, {
    filter: ({ name, originalSize }) => {
      const isWanted = name === dataFile || name.startsWith("photos/");
      if (isWanted) unpacked += name === dataFile && originalSize > mostData ? Infinity : originalSize;
      return isWanted && unpacked <= mostUnpacked;
    },
  }).catch(() => undefined);
  if (unpacked > mostUnpacked) return tooLarge;
  const data = files?.[dataFile];
  if (!files || !data) return unreadable;
  const parsed = File.safeParse(parseJson(strFromU8(data)));
  if (!parsed.success) return unreadable;
  const kitchen = withPicturesIn(parsed.data.tables, files);
  const isSound =
    kitchen["kitchen"]?.length === 1 &&
    KitchenRow.safeParse(kitchen["kitchen"][0]).success &&
    (kitchen["recipe_version"] ?? []).every((row) => Formula.safeParse(row["formula"]).success);
  return isSound ? accept(asOwn(kitchen)) : unreadable;
}

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** No demo any more, not about to be deleted; whoever cooked in it has left. */
function asOwn(kitchen: WholeKitchen): WholeKitchen {
  const [own] = kitchen["kitchen"] ?? [];
  const left = (kitchen["member"] ?? []).map((row) => ({
    ...row,
    left_at: row["left_at"] ?? row["created_at"],
  }));
  return { ...kitchen, kitchen: [{ ...own, demo: false, delete_after: null }], member: left };
}

const uuids = /[\da-f]{8}(?:-[\da-f]{4}){3}-[\da-f]{12}/g;

/** The same kitchen under ids of its own, wherever they stand: beside the one it was taken from. */
export function withNewIds(kitchen: WholeKitchen): WholeKitchen {
  const renamed = new Map<string, string>();
  const text = JSON.stringify(kitchen).replaceAll(uuids, (id) => {
    const now = renamed.get(id) ?? randomUUID();
    renamed.set(id, now);
    return now;
  });
  return JSON.parse(text) as WholeKitchen;
}
