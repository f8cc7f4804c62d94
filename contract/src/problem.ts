import { z } from "zod";

/** Every refusal, RFC 9457 `application/problem+json`, with a stable code and the field it concerns. */
export const Problem = z
  .object({
    type: z.string(),
    title: z.string(),
    status: z.int(),
    code: z.string().meta({ description: "Stable; words are chosen by the client." }),
    field: z.string().optional().meta({ description: "Dotted path of the request field at fault." }),
    measurements: z.record(z.string(), z.unknown()).optional(),
    requestId: z.string(),
  })
  .meta({ id: "Problem" });

export type Problem = z.infer<typeof Problem>;
