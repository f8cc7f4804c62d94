import { entryIssue } from "@apron/contract";
import type { FormFieldState } from "@primevue/forms";
import { zodResolver } from "@primevue/forms/resolvers/zod";
import type { z } from "zod";
import { sentenceFor } from "./words.ts";

/** Checks a form by the contract's own schema, before anything is sent. */
export const resolverFor = (schema: z.ZodType): ReturnType<typeof zodResolver> =>
  zodResolver(schema as never);

/** The sentence under a field that the schema does not take; undefined while it does. */
export function fieldSentence(state: FormFieldState | undefined): string | undefined {
  const issue = state?.invalid ? (state.error as z.core.$ZodIssue | undefined) : undefined;
  if (!issue) return undefined;
  const { code, measurements } = entryIssue(issue);
  return sentenceFor({ code, ...measurements });
}
