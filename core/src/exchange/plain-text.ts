import { cutText } from "../measure/index.ts";
import { parsePage } from "./parse-page.ts";
import { draftLimits } from "./recipe-draft.ts";

/** Text without tags, scripts or styles; entities resolved; white space closed up; cut at the longest a text may be. */
export function plainText(text: string): string {
  if (!/[<&]/.test(text)) return tidy(text);
  let out = "";
  let hidden = 0;
  const isHidden = (name: string): boolean => name === "script" || name === "style";
  parsePage(text.slice(0, draftLimits.text * 20), {
    onopentagname: (name) => {
      if (isHidden(name)) hidden++;
      else out += " ";
    },
    ontext: (piece) => {
      if (hidden === 0) out += piece;
    },
    onclosetag: (name) => {
      if (isHidden(name)) hidden = Math.max(0, hidden - 1);
    },
  });
  return tidy(out);
}

const tidy = (text: string): string =>
  // Control characters are nobody's words; tabs and line ends are white space.
  cutText(
    text
      .replace(/\p{Cc}/gu, " ")
      .replace(/\s+/g, " ")
      .trim(),
    draftLimits.text,
  );
