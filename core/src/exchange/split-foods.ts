const saltAndPepper =
  /^((?:\w+ )?salt)(?:,| (?:and|&|\+)) ((?:freshly |fresh )?(?:ground |cracked |milled )?(?:black |white )?pepper)(?:,? to taste)?\.?$/i;

const mostFoods = 4;

/** "olive oil, salt": a line without any amount that is a list of foods, each named whole. */
function listed(text: string, namesFood: (text: string) => boolean): string[] {
  const foods = text.replace(/\.$/, "").split(/\s*[,;]\s*/);
  const isList =
    foods.length > 1 && foods.length <= mostFoods && !/[\d½¼¾()]/.test(text) && foods.every(namesFood);
  return isList ? foods : [text];
}

/**
 * "salt and pepper" is two ingredients, each to taste, and "olive oil, basil" is two; any other line stays as it is. `english` is
 * the line as it was put into English, where it is in another language.
 */
export function splitFoods(
  text: string,
  { english, namesFood }: { readonly english: string; readonly namesFood: (text: string) => boolean },
): string[] {
  const [, salt, pepper] = saltAndPepper.exec(english.trim()) ?? [];
  if (salt === undefined || pepper === undefined) return listed(text, namesFood);
  const ground = /black|white/i.test(pepper) ? pepper : pepper.replace(/pepper/i, "black pepper");
  return [`${salt} to taste`, `${ground} to taste`];
}
