const saltAndPepper =
  /^((?:\w+ )?salt) (?:and|&|\+) ((?:freshly |fresh )?(?:ground |cracked |milled )?(?:black |white )?pepper)(?:,? to taste)?\.?$/i;

/** "salt and pepper" is two ingredients, each to taste; any other line stays as it is. */
export function splitSeasoning(text: string): string[] {
  const [, salt, pepper] = saltAndPepper.exec(text.trim()) ?? [];
  if (salt === undefined || pepper === undefined) return [text];
  const ground = /black|white/i.test(pepper) ? pepper : pepper.replace(/pepper/i, "black pepper");
  return [`${salt} to taste`, `${ground} to taste`];
}
