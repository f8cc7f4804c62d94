const graphemes = new Intl.Segmenter();

/** Characters that stand for half of one: cut between two of them and neither is anything. */
const isFirstHalf = (code: number): boolean => code >= 0xd800 && code <= 0xdbff;

/** A text of at most `most` (> 0) UTF-16 units, cut before a character as readers see it: no half emoji, no letter without its accent. */
export function cutText(text: string, most: number): string {
  if (text.length <= most) return text;
  const at = graphemes.segment(text).containing(most)?.index ?? most;
  // One character that is longer than all that may stay: a heap of accents.
  const cut = at > 0 ? at : isFirstHalf(text.charCodeAt(most - 1)) ? most - 1 : most;
  return text.slice(0, cut);
}
