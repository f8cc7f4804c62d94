import { Parser, type Handler } from "htmlparser2";
import { draftLimits } from "./recipe-draft.ts";

/** What is told of a page while it is read, from its beginning to its end. */
export type PageHandler = Pick<Partial<Handler>, "onopentag" | "onopentagname" | "ontext" | "onclosetag">;

/**
 * Reads a page tag by tag. Gives false where it stopped because tags stood in tags deeper than any page's do: the time that is
 * needed for each tag grows with how deep it stands.
 */
export function parsePage(page: string, handler: PageHandler): boolean {
  let depth = 0;
  const parser = new Parser({
    ...handler,
    onopentagname: (name) => {
      depth++;
      if (depth > draftLimits.tags) parser.pause();
      else handler.onopentagname?.(name);
    },
    onclosetag: (name, isImplied) => {
      depth--;
      if (depth <= draftLimits.tags) handler.onclosetag?.(name, isImplied);
    },
  });
  parser.write(page);
  if (depth > draftLimits.tags) return false;
  parser.end();
  return true;
}
