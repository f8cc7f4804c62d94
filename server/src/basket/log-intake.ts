import type { InputOf } from "@apron/contract";
import { cookedBy, piecesOnHand } from "@apron/core/forms";
import { defaultPlace, priceInLine, sharePriceOfRest } from "@apron/core/basket";
import type { LineReading } from "@apron/core/catalogue";
import { accept, refuse } from "@apron/core/measure";
import { conflict, type Answer, type Refusal } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { arrivalOf, bringIn, type Arrival } from "./log-lot.ts";
import { readLinesOf } from "../stock/line-reader.ts";
import { presentLot } from "../stock/present-lot.ts";

type Intake = InputOf<"logIntake">["body"];
type IntakeLine = Intake["lines"][number];

/**
 * Logs several things at once, all or none: a box share typed line by line. A line that is not clear is refused at
 * its field, with what must be asked; the price of the whole is shared over the lines by weight.
 */
export const logIntake: UseCase<"logIntake"> = async ({ body }, context) => {
  if ((await context.stores.lots.getMany(body.lines.map((line) => line.id))).length > 0)
    return conflict("already-there");
  const unread = body.lines.filter((line) => !isTold(line));
  const readings = await readLinesOf(
    unread.map((line) => line.text),
    context,
  );
  const saidIn = new Map(unread.map((line, i) => [line, readings[i]]));
  const arrivals: Arrival[] = [];
  for (const [index, line] of body.lines.entries()) {
    const arrived = await lineArrives(line, { body, said: saidIn.get(line) }, context);
    if (!arrived.ok) return refuse(atLine(arrived.issue, index));
    arrivals.push(arrived.value);
  }
  const priced = withShares(arrivals, body.priceMinor);
  await bringIn(priced, context);
  return accept({
    id: body.id,
    lots: priced.map(({ lot }) => presentLot({ ...lot, balanceG: lot.receivedG }, context)),
  });
};

const atLine = (issue: Refusal, index: number): Refusal => ({
  ...issue,
  // What a line says it cost stands in its text.
  field: `lines.${index}.${issue.field === undefined || issue.field === "price" ? "text" : issue.field}`,
  measurements: { ...issue.measurements, line: index + 1 },
});

const withShares = (arrivals: readonly Arrival[], priceMinor: number | null): Arrival[] => {
  const shares = sharePriceOfRest(
    priceMinor,
    arrivals.map(({ lot }) => ({ grams: lot.receivedG, priceMinor: lot.priceMinor })),
  );
  return arrivals.map((a, i) => ({ ...a, lot: { ...a.lot, priceMinor: shares[i] ?? null } }));
};

/** Both what it is and how much were said beside its text. */
const isTold = (line: IntakeLine): boolean => line.ingredient !== null && line.amount !== null;

async function lineArrives(
  line: IntakeLine,
  { body, said }: { readonly body: Intake; readonly said: LineReading | undefined },
  context: RequestContext,
): Promise<Answer<Arrival>> {
  const read = said && asReceived(said, context);
  const asked = read && questionIn(read, line);
  if (asked) return asked;
  const ingredient = line.ingredient ?? (read?.ingredient.kind === "one" ? read.ingredient.id : "");
  const facts = context.catalogue.ingredients.get(ingredient);
  const arriving = {
    id: line.id,
    ingredient,
    amount: line.amount ?? amountIn(read),
    place: line.place ?? (facts ? defaultPlace(facts, body.source.kind) : "fridge"),
    since: body.since,
    source: { kind: body.source.kind, note: body.source.note },
    grade: line.grade,
    bestBefore: line.bestBefore,
    method: facts && read?.form === "cooked" ? (cookedBy(facts, read.name)?.method ?? null) : null,
    note: "",
    bedId: null,
    priceMinor: null,
    price: priceInLine(line.text, context.session.kitchen.currency, read),
    label: null,
  };
  const arrived = await arrivalOf(arriving, context, body.id);
  return arrived.ok && read ? accept(asRead(arrived.value, read)) : arrived;
}

/** A line's pieces as they come in: two eggs in their shells. */
function asReceived(read: LineReading, { catalogue }: RequestContext): LineReading {
  const facts = read.ingredient.kind === "one" ? catalogue.ingredients.get(read.ingredient.id) : undefined;
  const { grams } = read;
  return facts && grams ? { ...read, ...piecesOnHand({ ...read, grams }, facts) } : read;
}

/** What stands in the way of a line: its own first question, or that it says no amount. */
function questionIn(read: LineReading, line: IntakeLine): Answer<never> | undefined {
  const open = read.questions.find((q) => !(line.ingredient !== null && q.code.startsWith("ingredient-")));
  if (open) {
    const { code, ...measurements } = open;
    return refuse({ status: 422, code, field: "text", measurements });
  }
  return read.grams === null && line.amount === null
    ? refuse({ status: 422, code: "amount-empty", field: "text" })
    : undefined;
}

/** The line's own weight as an amount, with its pieces where those were counted too: it was read with its measure. */
function amountIn(read: LineReading | undefined): string {
  if (!read?.grams) return "";
  const grams = `${read.grams.value} g`;
  const { count, measure, weighed, form } = read;
  return count && weighed && form === "as-bought"
    ? `${(count.low + count.high) / 2} ${measure}, ${grams}`
    : grams;
}

/** A line's weight keeps the range and the workings it was read with. */
function asRead({ lot, workings }: Arrival, read: LineReading): Arrival {
  if (!read.grams || read.weighed) return { lot, workings };
  const { low, high } = read.grams;
  return { lot: { ...lot, estimateLow: low, estimateHigh: high }, workings: read.workings };
}
