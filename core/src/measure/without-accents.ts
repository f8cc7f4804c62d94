/** A text with plain letters in place of accented ones; everything else stays as it is. */
export const withoutAccents = (text: string): string =>
  /^[ -~]*$/.test(text) ? text : text.normalize("NFD").replace(/\p{M}+/gu, "");
