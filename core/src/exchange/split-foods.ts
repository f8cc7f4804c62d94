const saltAndPepper =
  /^((?:\w+ )?salt)(?:,| (?:and|&|\+)) ((?:freshly |fresh )?(?:ground |cracked |milled )?(?:black |white )?pepper)(?:,? to taste)?\.?$/i;

/** "1 tbsp cornflour mixed with 2 tbsp water": a measured liquid that a measured food is stirred into. */
const stirredInto =
  /^(.*\d.*?),? \(?(?:mixed|whisked|let down|slaked|loosened|blended|dissolved|stirred|thinned) (?:with|w\/|in|into|to a paste with) ?((?:about )?[\d½¼¾][\d½¼¾.,/]* ?\p{L}+ (?:of )?(?:(?:cold|hot|warm|boiling|iced|tepid) )?(?:water|stock|milk|(?:\p{L}+ ){0,2}vinegar|(?:lemon|lime|orange) juice))\)?\.?$/iu;

const mostFoods = 4;

/** "olive oil, salt": a line without any amount that is a list of foods, each named whole. */
function listed(text: string, namesFood: (text: string) => boolean): string[] {
  const foods = text.replace(/\.$/, "").split(/\s*[,;]\s*/);
  const isList =
    foods.length > 1 && foods.length <= mostFoods && !/[\d½¼¾()]/.test(text) && foods.every(namesFood);
  return isList ? foods : [text];
}

/**
 * "salt and pepper" is two ingredients, each to taste; so are "olive oil, basil" and "1 tbsp cornflour mixed with 2 tbsp water".
 * Any other line stays as it is. `english` is the line as it was put into English, where it is in another language.
 */
export function splitFoods(
  text: string,
  { english, namesFood }: { readonly english: string; readonly namesFood: (text: string) => boolean },
): string[] {
  const [, food, liquid] = stirredInto.exec(text.trim()) ?? [];
  if (food !== undefined && liquid !== undefined) return [food, liquid];
  const [, salt, pepper] = saltAndPepper.exec(english.trim()) ?? [];
  if (salt === undefined || pepper === undefined) return listed(text, namesFood);
  const ground = /black|white/i.test(pepper) ? pepper : pepper.replace(/pepper/i, "black pepper");
  return [`${salt} to taste`, `${ground} to taste`];
}
