/** What a line says besides how much of what. */
export type LineRemarks = {
  readonly optional: boolean;
  readonly toTaste: boolean;
  readonly divided: boolean;
  readonly moreIfNeeded: boolean;
};

const patterns: Readonly<Record<keyof LineRemarks, RegExp>> = {
  optional: /[\s,;]*\(?\boptional\b\)?/i,
  toTaste:
    /[\s,;]*\(?\b(?:or )?(?:to taste|as per (?:taste|need)|as (?:much as )?(?:needed|required|you like)|q\.? ?s\.?(?=$|[\s,)]))\)?/i,
  divided: /[\s,;]*\(?\b(?:divided|in two halves|half now,? half later)\b\)?/i,
  moreIfNeeded:
    /[\s,;]*\(?\b(?:(?:plus|and|with) )?(?:a (?:little|bit|few) |some )?(?:extra(?![- ](?:virgin|vierge|virgen|fins?|fine|firm|mature|soft|dry|large|small|thick|lean|sharp|crunchy)\b)|more)\b(?: (?:if (?:needed|required)|as needed|for \w+(?: \w+)?|to \w+(?: \w+)?))?\)?/i,
};

/** Takes the remarks out of a line; what is left speaks of the amount, the ingredient and its preparation. */
export function takeRemarks(text: string): { readonly text: string; readonly remarks: LineRemarks } {
  let left = text;
  const found = (kind: keyof LineRemarks): boolean => {
    const match = patterns[kind].exec(left);
    if (!match) return false;
    left = `${left.slice(0, match.index)} ${left.slice(match.index + match[0].length)}`;
    return true;
  };
  const remarks = {
    optional: found("optional"),
    toTaste: found("toTaste"),
    divided: found("divided"),
    moreIfNeeded: found("moreIfNeeded"),
  };
  return {
    text: left
      .replace(/\s+/g, " ")
      .replace(/\s+([,;])/g, "$1")
      .replace(/[\s,;]+$/, "")
      .trim(),
    remarks,
  };
}
