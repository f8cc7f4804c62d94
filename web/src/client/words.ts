import { ApiProblem } from "./api.ts";
import { basketSentences } from "./words/basket.ts";
import { catalogueSentences } from "./words/catalogue.ts";
import { cookSentences } from "./words/cook.ts";
import { dressingSentences } from "./words/dressing.ts";
import { exchangeSentences } from "./words/exchange.ts";
import { generalSentences } from "./words/general.ts";
import { kitchenSentences } from "./words/kitchen.ts";
import { larderSentences } from "./words/larder.ts";
import { planSentences } from "./words/plan.ts";
import { recipeSentences } from "./words/recipes.ts";
import type { Measurements, Sentences } from "./words/sentence.ts";
import { trimSentences } from "./words/trim.ts";

export { speakIn } from "./words/sentence.ts";

const sentences: Sentences = {
  ...generalSentences,
  ...catalogueSentences,
  ...basketSentences,
  ...trimSentences,
  ...dressingSentences,
  ...recipeSentences,
  ...exchangeSentences,
  ...larderSentences,
  ...cookSentences,
  ...planSentences,
  ...kitchenSentences,
};

/** The sentence for a refusal of the core's or the server's. */
export function sentenceFor(issue: { readonly code: string } & Measurements): string {
  const sentence = Object.hasOwn(sentences, issue.code) ? sentences[issue.code] : undefined;
  return sentence
    ? sentence(issue)
    : "Something went wrong on our side. Your entry is still here; try again.";
}

export const sentenceOf = (error: unknown): string =>
  error instanceof ApiProblem
    ? sentenceFor({ code: error.code, ...error.measurements })
    : sentenceFor({ code: "internal" });
