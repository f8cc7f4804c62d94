import type { StepTool } from "./formula.ts";

/**
 * What a step is done with, by what is done in it: a word alone is not enough. "Let it soften" needs no hob, "the skin
 * will slip off" no processor, "drain the pulses" no blades. The first that fits, the more particular first.
 */
const doneWith: readonly (readonly [StepTool, RegExp])[] = [
  ["blender", /\bblender\b|liquidi[sz]er/i],
  [
    "processor",
    /\bprocessor\b|\bblitz|\bwhi[sz]z\b|(?:^|[.,;] ?|\band |\bthen )(?:pulse|process)\b(?! ?(?:cheese|the order))|\bblend (?:until|to|everything|all|the|it|them|together|in)\b/i,
  ],
  [
    "grill",
    /\b(?:under|on|over|to) (?:a |the )?(?:hot |very hot |preheated |high )?(?:grill|broiler|barbecue|charcoal|griddle|open flame)|^grill\b|[.,;] ?grill\b|\bbarbecue\b|\bchar-?grill|\bbroil\b|\bchar (?:the|them|over|on|whole|until)|\bgriddle\b/i,
  ],
  [
    "oven",
    /\boven\b(?! ?glove)|(?:^|[.,;] ?|\band |\bthen |\bto )(?:roast|bake)\b(?! (?:vegetables|peppers|garlic|potatoes) (?:with|and) the)|\broast (?:for|at|until|in|whole|cut)|\bbake (?:for|at|until|in)\b/i,
  ],
  [
    "hob",
    /(?:^|[.,;] ?|\band |\bthen |\bto (?:a |the )?|\bgently )(?:boil|simmer|blanch|fry|saut[eé]|sear|sweat|steam|poach|scald|toast|wilt)\b|\b(?:boil|simmer|blanch|fry|saut[eé]|sear|sweat|steam|poach)(?:ing)? (?:for|the|them|in|until|over|gently|it)\b|\b(?:heat|warm|melt)\b[^.]{0,40}\b(?:pan|saucepan|skillet|frying pan|wok|pot)\b|\b(?:in|into) (?:a |the )?(?:large |small |medium |deep |dry |wide |heavy |heavy-based |hot |nonstick |non-stick )*(?:pan|saucepan|skillet|frying pan|wok|stockpot)\b|\b(?:boiling|simmering) (?:salted )?water\b|\bbring\b[^.]{0,40}\bto (?:a|the) (?:boil|simmer)|\bcook\b[^.]{0,50}\b(?:minutes?|until|pan|heat)\b|\bsoften\b[^.]{0,30}\b(?:in|over|with)\b[^.]{0,20}\b(?:oil|butter|heat|pan)\b|\b(?:over|on) (?:a )?(?:low|medium|high|gentle)[a-z-]* (?:heat|flame)/i,
  ],
  ["freezer", /\bfreez(?:e|er)\b/i],
  [
    "fridge",
    /\bfridge\b|refrigerat|(?:^|[.,;] ?|\band |\bthen |\bto )chill\b(?! ?(?:i|flakes|powder))|\bchill (?:for|in|until|it|the|them)\b/i,
  ],
];

/** Said of the food, not done to it: "the roasted peppers", "until soft enough to blend later". */
const notDone =
  /\b(?:boiled|roasted|roast (?=chicken|beef|peppers|potatoes)|toasted|fried|grilled|blanched|chilled|frozen|baked|steamed)\b/gi;

/** "Cover the bowl and leave the peppers to steam": in their own heat, away from any fire. Common practice, no source. */
const inOwnHeat =
  /\b(bowl|bag|box|tub|cling ?film|plate)\b([^.;]{0,60}\b(?:leave|let|left)\b[^.;]{0,40}\b)(?:to )?(?:steam|sweat)\b/gi;

/** "Take it out of the fridge", "at room temperature for two days, then into the fridge": it stands outside. */
const outOfFridge = /\b(?:out of|from) (?:the |your )?(?:fridge|refrigerator)\b/gi;

/** "Turn off the heat", "leave to steam dry": no fire is under it any more. */
const offTheHeat =
  /\b(?:turn|switch)(?:ed)? off (?:the )?(?:heat|hob|gas)|\boff the (?:heat|hob)|\bsteam[- ]dry\b/gi;
const outsideFirst =
  /(\b(?:at room temp(?:erature)?|on the (?:counter|worktop|side)|in a (?:warm|cool|dark) place|somewhere (?:warm|cool|dark))\b[^.]*?)\b(?:then|before)\b[^.]*(?:fridge|refrigerat)[^.]*|\bat room temp(?:erature)?[^.]*,? or\b[^.]*\bfridge\b/gi;

export const toolIn = (text: string): StepTool | null => {
  const done = text
    .replace(notDone, "")
    .replace(inOwnHeat, "$1$2")
    .replace(outOfFridge, "")
    .replace(offTheHeat, "")
    .replace(outsideFirst, "$1");
  return doneWith.find(([, words]) => words.test(done))?.[0] ?? null;
};

/** Does a step done with it heat food? */
export const isHot = (tool: StepTool | null): boolean =>
  tool === "oven" || tool === "hob" || tool === "grill";

/** Is it a machine that blades turn in, with its loads and its washing up? */
export const isMachine = (tool: StepTool | null): boolean => tool === "processor" || tool === "blender";

/** Words for what goes by itself while nobody stands by. */
const byItself =
  /\b(?:stand|rest|soak|cool|chill|marinate|macerate|leave|prove|rise|steep|infuse|set aside|set|sit|drain|refrigerate|freeze|ferment|pickle|(?:bring|come)(?: (?:it|them|everything))? (?:back )?to room temp(?:erature)?|at room temp(?:erature)?|(?:out of|from) the (?:fridge|refrigerator)|(?:minutes?|mins?|hours?|hrs?) before (?:serving|eating|you (?:serve|eat|want to)))\b/i;

/** Is it said to stand, to cool or the like, away from fire and fridge? */
export const standsByItself = (text: string): boolean => byItself.test(text);

/** Nobody's hands are busy with one step for so long, minutes. Common practice, no source. */
const longestHandWorkMin = 360;

const passiveTools: readonly (StepTool | null)[] = ["oven", "fridge", "freezer"];

/** A pot that boils or steams for so long needs nobody beside it, minutes. Common practice, no source. */
const leftToBoilMin = 5;
const inWater = /\b(?:simmer|boil|steam|poach)(?:ing)?\b/i;
const isWatched = /\b(?:stir|whisk|beat|turn|reduce|skim|shak|toss|bast)(?:e|s|ed|ing|ring)?\b/i;

/** Seen to so seldom that nobody stands beside it. */
const seldom =
  /\b(?:stir|turn|shak|skim|toss|bast)\w*(?: (?:it|them|well|gently|the [\p{L}]+))?,? (?:(?:only )?occasionally|(?:every )?now and (?:then|again)|from time to time|(?:every )?so often|once(?: or twice)?|twice|every (?:[5-9]|\d\d|five|ten|fifteen|twenty)(?: ?(?:[-–]|to|or) ?\w+)? ?(?:min\w*))|\b(?:occasionally|occasional|now and then|from time to time|once or twice),? (?:stir|turn|shak|skim|toss)\w*/giu;
/** Where what is done before a pot is left begins anew: "stir till dissolved, then", "turn down and". */
const beforeItIsLeft =
  /,? (?:and )?(?:then )?(?:turn|reduce|lower)\b[^.;,]*?(?:down|heat|low|flame)[^.;,]*?(?:,| and )|[.;:]\s|,? (?:and )?then /i;

/** Is a pot in water watched all the time: stirred, reduced, skimmed? */
const isWatchedInWater = (text: string): boolean =>
  text
    .split(beforeItIsLeft)
    .filter((part) => inWater.test(part))
    .some((part) => isWatched.test(part.replace(seldom, "")));

/** Does a pot cook by itself: covered, over a low heat, or in water for some time with nothing to do to it? */
const isLeftToCook = (text: string, mostMin: number): boolean =>
  (/\b(?:simmer|boil|cook|steam)\b/i.test(text) &&
    /\b(?:until tender|until cooked|cover(?:ed)?|lid|(?:low|gentle) heat)\b/i.test(text)) ||
  (inWater.test(text) && mostMin >= leftToBoilMin && !isWatchedInWater(text));

/** Does it run by itself, in the oven, the fridge, or standing? Water that boils for `mostMin` minutes does too. */
export const isPassive = (text: string, tool: StepTool | null, mostMin = 0): boolean =>
  passiveTools.includes(tool) ||
  (tool === null && (byItself.test(text) || mostMin >= longestHandWorkMin)) ||
  (tool === "hob" && isLeftToCook(text, mostMin));
