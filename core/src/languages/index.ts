export { languages, type Language } from "./language.ts";
export { lexiconOf, type Lexicon } from "./lexicon.ts";
export { numbersOf } from "./stem.ts";
export { translate, type Translation } from "./translate.ts";
