import { lineReader, type LineReading } from "@apron/core/catalogue";
import type { ReadingKitchen } from "../context/ports/workers.ts";
import type { RequestContext } from "../context/request-context.ts";

const writingOf = ({ session }: Pick<RequestContext, "session">) => ({
  cup: session.kitchen.cup,
  ounces: session.kitchen.settings.ounces ?? {},
  meanings: session.kitchen.settings.meanings ?? {},
});

/** How this kitchen reads lines. */
export const readerOf = (context: Pick<RequestContext, "catalogue" | "session">) =>
  lineReader(context.catalogue, writingOf(context));

const nothingOwn = { ingredients: [], figures: [] };

/** What is told of this kitchen to whoever reads beside the server. */
export async function readingKitchen(context: RequestContext): Promise<ReadingKitchen> {
  const hasOwn = Number(context.session.kitchen.catalogueRevision) > 0;
  return { ...writingOf(context), own: hasOwn ? await context.stores.own.entries() : nothingOwn };
}

/** Lines as this kitchen reads them. However many they are, and however long, nobody else waits meanwhile. */
export const readLinesOf = async (
  lines: readonly string[],
  context: RequestContext,
): Promise<LineReading[]> =>
  lines.length === 0 ? [] : context.workers.run("readLines", lines, await readingKitchen(context));
