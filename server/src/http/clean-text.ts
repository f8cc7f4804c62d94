/** What no text may hold: PostgreSQL keeps no NUL, and half of a surrogate pair is no character. */
const mayBeUnclean = /\0|[\ud800-\udfff]/;

/** With the u flag a pair is one character, and only half of one is a surrogate. */
const halfCharacter = /[\ud800-\udfff]/gu;

const cleanString = (text: string): string =>
  mayBeUnclean.test(text) ? text.replaceAll("\0", "").replace(halfCharacter, "\ufffd") : text;

/** A value as it came, with every text in it made storable: without NUL, and with U+FFFD for half a character. */
export function cleanText(value: unknown): unknown {
  if (typeof value === "string") return cleanString(value);
  if (Array.isArray(value)) return value.map(cleanText);
  if (value === null || typeof value !== "object") return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [cleanString(key), cleanText(one)]));
}

/** Said of JSON as it stands: could a text in it be unclean? Escapes are all that can bring it there. */
export const isSuspect = (json: string): boolean =>
  /\\u(?:0000|d[89a-f][0-9a-f]{2})/i.test(json) || mayBeUnclean.test(json);
