/** Headings of the parts of a recipe, and lines that say how much it makes or how long it takes, in five languages. */
export const sections = {
  ingredients:
    /^(?:the |los |les |gli )?(?:ingredients?|ingredientes|ingr[ée]dients|ingredienti|zutaten|you(?:'ll| will)? need|what you(?:'ll| will)? need|shopping list)\b.{0,30}$/i,
  steps:
    /^(?:the )?(?:method|steps?|directions?|instructions?|preparation|procedure|how to make(?: it)?|what to do|to make(?: it)?|preparaci[óo]n|elaboraci[óo]n|instrucciones|pasos|modo de (?:hacerlo|preparaci[óo]n)|pr[ée]paration|[ée]tapes|recette|r[ée]alisation|preparazione|procedimento|istruzioni|zubereitung|anleitung|so geht(?:'s|s))\b.{0,20}$/i,
  notes:
    /^(?:(?:cook'?s |recipe )?notes?|tips?|to keep|keeps|storage|make ahead|serving suggestions?|variations?|notas?|consejos?|trucos?|remarques?|conseils?|astuces?|consigli|note|tipps?|hinweise?)\b.{0,20}$/i,
} as const;
export type Section = keyof typeof sections;

export const yieldLine =
  /^(?:serves|serve|makes|feeds|yields?|servings?|for|enough for|para|raciones|comensales|pour|per|dosi per|f[üu]r|ergibt|portionen|portions?|rinde|personnes|persone)\b:?\s*(?:about |approx\.? |around |unas? |env(?:iron)?\.? |circa |ca\. )?(?:\d|½|one|two|three|four|six|eight|a )(?:[^.]|\.\d){0,60}$|^\d+(?:\s*(?:[-–]|to|a|bis|à|o|or)\s*\d+)?\s+(?:servings?|portions?|people|raciones|personas|comensales|personnes|parts|persone|porzioni|personen|portionen)\b.{0,40}$|^(?:one|a) (?:large|big|small|medium) (?:bowl|jar|platter|tray|dish)\b.{0,20}$/i;

export const timeLine =
  /^(?:(?:total|prep(?:aration)?|cook(?:ing)?|active|hands-on|ready in|time|takes|tiempo(?: total| de \p{L}+)?|temps(?: de \p{L}+)?|tempo(?: di \p{L}+)?|zeit|dauer|arbeitszeit|kochzeit|chill(?:ing)?|rest(?:ing)?|bake|cuisson|pr[ée]paration|cottura|cocci[óo]n)(?: time)?\s*:?\s*)+(?:about |approx\.? |unos |environ |circa |ca\. )?\d[^.]{0,50}$/iu;
