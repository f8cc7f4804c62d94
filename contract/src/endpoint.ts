import type { z } from "zod";

/** What one route takes and gives. `open` routes need no session; `writes` routes need an idempotency key. */
export type Endpoint = {
  readonly summary: string;
  readonly params?: z.ZodObject;
  readonly query?: z.ZodObject;
  readonly body?: z.ZodObject;
  readonly reply: z.ZodType;
  readonly status: 200 | 201;
  readonly open?: true;
  readonly writes?: true;
  /** Changes something and carries no key: whoever lost the answer looks before asking again. */
  readonly changes?: true;
  readonly ownersOnly?: true;
  /** What the reply is written in, where that is not JSON. */
  readonly media?:
    | "text/csv"
    | "text/calendar"
    | "text/event-stream"
    | "application/ld+json"
    | "text/markdown"
    | "image/*"
    | "application/zip";
};
