import { lineReader } from "@apron/core/catalogue";
import type { RequestContext } from "../context/request-context.ts";

/** How this kitchen reads lines. */
export const readerOf = (context: Pick<RequestContext, "catalogue" | "session">) =>
  lineReader(context.catalogue, {
    cup: context.session.kitchen.cup,
    ounces: context.session.kitchen.settings.ounces ?? {},
    meanings: context.session.kitchen.settings.meanings ?? {},
  });
