const saltAndPepper =
  /^((?:\w+ )?salt)(?:,| (?:and|&|\+)) ((?:freshly |fresh )?(?:ground |cracked |milled )?(?:black |white )?pepper)(?:,? to taste)?\.?$/i;

/**
 * "salt and pepper" is two ingredients, each to taste; any other line stays as it is. `english` is the line as it was put
 * into English, where it is in another language.
 */
export function splitSeasoning(text: string, english = text): string[] {
  const said = english.trim().replace(/\bsalt sea fine\b/i, "salt");
  const [, salt, pepper] = saltAndPepper.exec(said) ?? [];
  if (salt === undefined || pepper === undefined) return [text];
  const ground = /black|white/i.test(pepper) ? pepper : pepper.replace(/pepper/i, "black pepper");
  return [`${salt} to taste`, `${ground} to taste`];
}
