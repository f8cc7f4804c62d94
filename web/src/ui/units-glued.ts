/** A number and its unit stay on one line: the space between them does not break. */
export const unitsGlued = (text: string): string => text.replaceAll(/(\d) (?=\p{L})/gu, "$1\u00a0");
