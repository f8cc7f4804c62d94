import { nameOf, type Dialect } from "@apron/core/catalogue";

type Named = Parameters<typeof nameOf>[0];

/** The name of an ingredient; of one that the list does not hold, or not yet, the words of its id. */
export const nameOrId = (found: Named | undefined, id: string, dialect: Dialect): string =>
  found ? nameOf(found, dialect) : id.replaceAll("-", " ");
