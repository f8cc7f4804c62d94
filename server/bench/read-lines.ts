import { lineReader, readLine } from "@apron/core/catalogue";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { parseIngredient } from "parse-ingredient";
import { median } from "./load.ts";

const rounds = 5;
/** Lines as they stand in recipes and on market lists, of every kind the reader knows. */
const lines: readonly string[] = [
  "2 bunches chard",
  "1 x 400 g tin chickpeas, drained",
  "½ small red cabbage, finely shredded",
  "juice of half a lemon",
  "2 large aubergines (about 1 kg)",
  "1 lb 4 oz tomatoes",
  "a handful of flat-leaf parsley, chopped",
  "3 sprigs thyme, leaves only",
  "1,2 kg pumkin",
  "2-3 cloves garlic, or to taste",
  "200 ml extra virgin olive oil, divided",
  "4 ears sweetcorn",
  "1 tbsp capers or olives",
  "100 g toasted hazelnuts (optional)",
  "sea salt, to taste",
  "6 spring onions",
];

const timeMs = (work: () => void): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

/** Reading lines beside the bare parser for the grammar on the same lines: the ratio is what resolving adds. */
export function benchReading(count: number): Record<string, unknown>[] {
  const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
  const list = Array.from({ length: count }, (_, i) => `${lines[i % lines.length] ?? ""}`);
  const whole: number[] = [];
  const bare: number[] = [];
  for (let i = 0; i < rounds; i++) {
    bare.push(timeMs(() => list.forEach((line) => parseIngredient(line))));
    whole.push(timeMs(() => list.forEach((line) => readLine(line, reader))));
  }
  const each = lines.map((line) =>
    median(Array.from({ length: 50 }, () => timeMs(() => readLine(line, reader)))),
  );
  return [
    {
      lines: count,
      "÷ bare parser": Math.round((median(whole) / median(bare)) * 100) / 100,
      "one line, median ms": Math.round(median(each) * 1000) / 1000,
      "all lines, median ms": Math.round(median(whole)),
    },
  ];
}
