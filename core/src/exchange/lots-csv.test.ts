import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { readCsv, writeCsv } from "./csv-rows.ts";
import { lotColumns, readLotsCsv } from "./lots-csv.ts";

const kitchen = {
  catalogue: referenceCatalogue,
  cup: "us-customary",
  ounces: {},
  today: "2026-09-10",
} as const;
const read = (text: string) => readLotsCsv(text, kitchen);
const code = (text: string): string => {
  const file = read(text);
  return file.ok ? `${file.value.rows.length} rows, ${file.value.faults.length} faults` : file.issue.code;
};

describe("a lots file", () => {
  const file = [
    "item,amount,came_in,source,note,place,grade,price,price_per,best_before",
    'chard,1 bunch,2026-09-08,own bed,"north bed, far end",,,,,',
    "Rocket,120 g,,market,stall,fridge,seconds,1.80,all,",
    "feta,200,2026-09-09,shop,,,,2.40,each,2026-10-01",
    "moonflower,300,,,,,,,,",
    "kale,plenty,,,,,,,,",
    "kale,300,yesterday,,,,,,,",
    "kale,300,,the moon,,,,,,",
    "kale,300,,,,,,a lot,,",
    "kale,300,2026-02-30,,,,,,,",
    "lettuce,1 head,,,,,,,,",
    "kale,0,,,,,,,,",
    "",
  ].join("\r\n");

  it("takes the rows that are right and reports the others by line, column and reason", () => {
    const done = read(file);
    expect(done.ok && done.value.rows.map((r) => [r.line, r.lot.ingredient])).toEqual([
      [2, "chard"],
      [3, "arugula"],
      [4, "feta"],
    ]);
    expect(done.ok && done.value.faults.map((f) => [f.line, f.column, f.issue.code])).toEqual([
      [5, "item", "ingredient-unknown"],
      [6, "amount", "amount-not-understood"],
      [7, "came_in", "day-not-understood"],
      [8, "source", "word-unknown"],
      [9, "price", "money-not-understood"],
      [10, "came_in", "day-not-understood"],
      [11, "item", "ingredient-unclear"],
      [12, "amount", "amount-not-positive"],
    ]);
  });

  it("fills in what a cook leaves out: today, the market, prime, where it keeps best", () => {
    const done = read("item;amount\nfarro;500 g\nchard;300");
    expect(done.ok && done.value.rows[0]?.lot).toEqual({
      ingredient: "farro",
      amount: "500 g",
      since: "2026-09-10",
      source: { kind: "market", note: "" },
      place: "cupboard",
      grade: "prime",
      price: null,
      bestBefore: null,
    });
    expect(done.ok && done.value.rows[1]?.lot.place).toBe("fridge");
  });

  it("counts lines over quoted line breaks", () => {
    const done = read('item,amount,note\nchard,300,"one\ntwo\nthree"\nmoonflower,3,\n');
    expect(done.ok && done.value.faults[0]?.line).toBe(5);
  });

  it.each([
    ["", "csv-empty"],
    ["item,amount\r\n", "csv-empty"],
    ["name,weight\nchard,300", "csv-columns-missing"],
    ["item,amount,colour\nchard,300,green", "csv-columns-unknown"],
    ["item,amount\nch\uFFFDrd,300", "csv-encoding"],
    ["i\0t\0e\0m\0", "csv-encoding"],
    ['item,amount\n"chard,300\nkale,200', "csv-broken"],
    [`item,amount\n${"chard,300\n".repeat(10_000)}`, "csv-too-long"],
    [`item,amount\n${"chard,300\n".repeat(5001)}`, "csv-too-long"],
    [`item,amount\n${"chard,300\n".repeat(5000)}`, "5000 rows, 0 faults"],
    ["\uFEFFitem,amount\nchard,300", "1 rows, 0 faults"],
    ["ITEM, Amount\nchard,300\n,,\n", "1 rows, 0 faults"],
  ])("%j", (text, expected) => {
    expect(code(text)).toBe(expected);
  });

  it("names the columns it knows when one is unknown", () => {
    const done = read("item,amount,colour\nchard,300,green");
    expect(done).toMatchObject({
      ok: false,
      issue: { unknown: ["colour"], known: expect.arrayContaining([...lotColumns]) },
    });
  });
});

describe("text in and out", () => {
  it("reads back whatever it wrote (RFC 4180), any quotes, commas and line breaks", () => {
    const cell = fc
      .string({ maxLength: 12 })
      .filter((s) => !/[\uFFFD\0\r]/.test(s) && s.trim() === s && !/^[=+\-@\t]/.test(s));
    check(
      fc.property(fc.array(fc.record({ a: cell, b: cell }), { minLength: 1, maxLength: 8 }), (rows) => {
        const back = readCsv(writeCsv(["a", "b"], rows), { needed: ["a", "b"], known: ["a", "b"] });
        const filled = rows.filter((r) => r.a !== "" || r.b !== "");
        expect(back.ok ? back.value.map((r) => r.cells) : []).toEqual(filled);
      }),
    );
  });

  it("reads its own files whatever the cells hold; only the header says what parts them", () => {
    const columns = { needed: ["a"], known: ["a", "b"] };
    for (const cell of [";", ",", "x\ty", ";;;", "a;b;c", "1\t2\t3", '";"'])
      for (const names of [["a"], ["a", "b"]]) {
        const rows = Array.from({ length: 3 }, () => Object.fromEntries(names.map((name) => [name, cell])));
        const back = readCsv(writeCsv(names, rows), columns);
        const read = back.ok ? back.value.map((row) => row.cells["a"]) : back.issue.code;
        expect([cell, names, read]).toEqual([cell, names, rows.map(() => cell.trim())]);
      }
    expect(readCsv("b;a\n1,5;2\n", columns)).toMatchObject({ value: [{ cells: { a: "2", b: "1,5" } }] });
    expect(readCsv("a\tb\nx;y\tz\n", columns)).toMatchObject({ value: [{ cells: { a: "x;y", b: "z" } }] });
  });

  it("disarms cells that a spreadsheet would run", () => {
    expect(writeCsv(["a"], [{ a: '=HYPERLINK("x")' }])).toContain("'=HYPERLINK");
    expect(writeCsv(["a", "b"], [{ a: "x", b: 1 }])).toBe("a,b\r\nx,1\r\n");
  });
});
