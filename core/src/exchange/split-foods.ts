const saltAndPepper =
  /^((?:\w+ )?salt)(?:,| (?:and|&|\+)) ((?:freshly |fresh )?(?:ground |cracked |milled )?(?:black |white )?pepper)(?:,? to taste)?\.?$/i;

/** "1 tbsp cornflour mixed with 2 tbsp water": a measured liquid that a measured food is stirred into. */
const stirredInto =
  /^(.*\d.*?),? \(?(?:mixed|whisked|let down|slaked|loosened|blended|dissolved|stirred|thinned) (?:with|w\/|in|into|to a paste with) ?((?:about )?[\d½¼¾][\d½¼¾.,/]* ?\p{L}+ (?:of )?(?:(?:cold|hot|warm|boiling|iced|tepid) )?(?:water|stock|milk|(?:\p{L}+ ){0,2}vinegar|(?:lemon|lime|orange) juice))\)?\.?$/iu;

type NamesFood = (text: string) => boolean;

const mostFoods = 4;

/** "olive oil, salt": a line without any amount that is a list of foods, each named whole. */
function listed(text: string, namesFood: NamesFood): string[] {
  const foods = text.replace(/\.$/, "").split(/\s*[,;]\s*/);
  const isList =
    foods.length > 1 && foods.length <= mostFoods && !/[\d½¼¾()]/.test(text) && foods.every(namesFood);
  return isList ? foods : [text];
}

/** "1/2 tsp each ground coriander and allspice", "carrots and parsnips, 200 g each": one amount of every food. */
const eachOf =
  /^((?:about )?[\d½¼¾⅓⅔⅛][\d½¼¾⅓⅔⅛/.,-]*(?: ?\p{L}+\.?){0,2}?|an? \p{L}+|one \p{L}+),? (?:of )?each(?: of)?:? (.+)$/iu;
const eachBehind =
  /^([^\d½¼¾⅓⅔⅛()]+?),? ((?:about )?[\d½¼¾⅓⅔⅛][\d½¼¾⅓⅔⅛/.,-]* ?(?:\p{L}+\.?)?|an? \p{L}+|one \p{L}+),? (?:of )?each\.?$/iu;
/** What is said of the first food holds of those behind it: "ground cumin and coriander" are both ground. */
const sharedForm =
  /^((?:freshly |finely )?(?:ground|dried|dry|fresh|toasted|smoked|whole|powdered))\s+(?=\p{L})/iu;

/** The foods of a list, each named whole with the form that they share; undefined where one is not. */
function namedInTurn(list: string, namesFood: NamesFood): string[] | undefined {
  const foods = list.replace(/\.$/, "").split(/\s*,\s*(?:(?:and|&) )?|\s+(?:and|&|\+)\s+/i);
  const form = sharedForm.exec(list)?.[1];
  const whole = foods.map((food) => (form && !sharedForm.test(food) ? `${form} ${food}` : food));
  const isList = foods.length > 1 && foods.length <= mostFoods && !/[\d½¼¾()]/.test(list);
  return isList && whole.every(namesFood) ? whole : undefined;
}

/** A line of its own for each of several foods that share an amount; undefined where the line is none of those. */
function sharedAmount(text: string, namesFood: NamesFood): string[] | undefined {
  const [, before, listBehind] = eachOf.exec(text) ?? [];
  const [, listBefore, behind] = eachBehind.exec(text) ?? [];
  const [amount, list] = [before ?? behind, listBehind ?? listBefore];
  if (amount === undefined || list === undefined) return undefined;
  return namedInTurn(list, namesFood)?.map((food) => `${amount} ${food}`);
}

/**
 * "salt and pepper" is two ingredients, each to taste; so are "olive oil, basil" and "1 tbsp cornflour mixed with 2 tbsp water", and
 * "1 tsp each ground cumin and coriander".
 * Any other line stays as it is. `english` is the line as it was put into English, where it is in another language.
 */
export function splitFoods(
  text: string,
  { english, namesFood }: { readonly english: string; readonly namesFood: NamesFood },
): string[] {
  const [, food, liquid] = stirredInto.exec(text.trim()) ?? [];
  if (food !== undefined && liquid !== undefined) return [food, liquid];
  const each = sharedAmount(text.trim(), namesFood);
  if (each) return each;
  const [, salt, pepper] = saltAndPepper.exec(english.trim()) ?? [];
  if (salt === undefined || pepper === undefined) return listed(text, namesFood);
  const ground = /black|white/i.test(pepper) ? pepper : pepper.replace(/pepper/i, "black pepper");
  return [`${salt} to taste`, `${ground} to taste`];
}
