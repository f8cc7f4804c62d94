/** Does a step make one thing of a dish: toss it, or dress it? */
export const isTossing = (text: string): boolean =>
  /\b(?:toss|dress|combine|mix (?:everything|all|it all|together))\b/i.test(text);

/** Does a step mix what it names into one? */
export const isMixing = (text: string): boolean =>
  /\b(?:toss|mix|stir|fold|whisk|blend|combine|beat|mash|rub|massage)\b/i.test(text) &&
  !/\b(?:lay|arrange|scatter|spread|spoon over|crumble over|on top)\b/i.test(text);
