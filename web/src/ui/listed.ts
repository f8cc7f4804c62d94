/** The items of a typed list, "milk, mustard": without blanks. */
export const listed = (text: string): string[] =>
  text
    .split(/[,;]/)
    .map((one) => one.trim())
    .filter((one) => one !== "");
