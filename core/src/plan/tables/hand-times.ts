/** What a pair of hands needs for 100 g of usable food, minutes, by the words of a trim or a preparation. */
export type HandTime = { readonly words: RegExp; readonly minutesPer100g: number; readonly leastMin: number };

/** Getting it ready to be cut: what comes off. Common practice, no source. */
export const trimTimes: readonly HandTime[] = [
  { words: /\b(?:shell|pod|double-pod)/i, minutesPer100g: 4, leastMin: 2 },
  { words: /\b(?:strip|stem|destem|pick|pluck|leaves-and|ribs? out)/i, minutesPer100g: 2.5, leastMin: 1 },
  { words: /\b(?:pit|stone|core|seed|husk)/i, minutesPer100g: 1.5, leastMin: 1 },
  { words: /\b(?:peel|rind|supreme)/i, minutesPer100g: 1.5, leastMin: 1 },
  { words: /\b(?:squeeze|juice|zest)/i, minutesPer100g: 3, leastMin: 1 },
  { words: /\b(?:wash|spun|spin|rinse|wipe|top-and-tail)/i, minutesPer100g: 1, leastMin: 1 },
];

/** Cutting it. Common practice, no source. */
export const cutTimes: readonly HandTime[] = [
  { words: /\btoast(?:ed)?\b/i, minutesPer100g: 2, leastMin: 6 },
  { words: /\b(?:grate|grated|shred|shredded)\b/i, minutesPer100g: 2, leastMin: 1 },
  { words: /\b(?:rough|coarse)(?:ly)?\b/i, minutesPer100g: 1, leastMin: 1 },
  { words: /\b(?:chop|chopped|mince|minced|fine(?:ly)?|crushed)\b/i, minutesPer100g: 2.5, leastMin: 1 },
  { words: /\b(?:dice|diced|cube|cubed|matchsticks?|julienne|ribbons?)\b/i, minutesPer100g: 2, leastMin: 1 },
  {
    words: /\b(?:slice|sliced|wedges?|eighths|sixths|quarter(?:s|ed)|shaved|diagonals?|thin|rounds)\b/i,
    minutesPer100g: 1,
    leastMin: 1,
  },
  { words: /\b(?:torn|tear|crumbled?|halved?|split)\b/i, minutesPer100g: 0.7, leastMin: 1 },
];

/** What a step whose words tell no time takes: of the hands, and by itself. Common practice, no source. */
export type UsualTime = {
  readonly words: RegExp;
  readonly workMin: number;
  readonly byItself: { readonly low: number; readonly high: number } | null;
};

/** The first that fits. */
export const usualTimes: readonly UsualTime[] = [
  { words: /\bovernight\b/i, workMin: 2, byItself: { low: 480, high: 720 } },
  { words: /\bchill\b|\brefrigerat/i, workMin: 2, byItself: { low: 60, high: 60 } },
  { words: /\b(?:cool(?!,? (?:and )?(?:dark|dry|place|spot|room|corner|larder))|cold water|spread)\b/i, workMin: 2, byItself: { low: 20, high: 30 } },
  { words: /\b(?:marinate|macerate|steep|soak|mellow)\b/i, workMin: 2, byItself: { low: 15, high: 30 } },
  { words: /\b(?:stand|rest for|let (?:it |them )?(?:rest|soften)|infuse|leave for)\b/i, workMin: 2, byItself: { low: 10, high: 10 } },
  { words: /\b(?:blitz|blend|process|pulse|processor|blender)\b/i, workMin: 5, byItself: null },
  { words: /\b(?:rub|knead|massage)\b/i, workMin: 5, byItself: null },
  { words: /\b(?:whisk|beat|dressing|thin stream)\b/i, workMin: 4, byItself: null },
  { words: /\b(?:bring|boil)\b/i, workMin: 5, byItself: null },
  { words: /\b(?:lay out|arrange|assemble|layer)\b/i, workMin: 6, byItself: null },
  { words: /\b(?:toss|dress|fold|mix|stir|combine|season|taste|add|scatter|pour|serve|top)\b/i, workMin: 3, byItself: null },
];

/** "Leave to cool for 15 minutes, then peel everything": the work behind the waiting. Common practice, no source. */
export const behindStanding: readonly { readonly words: RegExp; readonly workMin: number }[] = [
  { words: /\b(?:peel|skin|scoop|pick over)\b/i, workMin: 8 },
  { words: /\b(?:tear|strip|chop|slice|cut|dice|shred|mash|crush|squeeze)\b/i, workMin: 4 },
];

/** A step of which no word is known. */
export const otherStepMin = 5;

/** Heating up, minutes. Common practice, no source; a recipe's own goes before. */
export const warmUps = { oven: 15, grill: 10, charcoal: 35, water: 10 } as const;

/** Taking a machine apart, drying it, after an allergen and before what is free of it, beside the washing; putting in, taking out, one look with a turn of it, minutes of the hands. Common practice, no source. */
export const handling = { putInMin: 2, takeOutMin: 2, lookMin: 2, setAsideMin: 2, tasteMin: 2, washMin: 5, allergenWashMin: 5 } as const;

/** Hot food cools so long before it goes in a closed machine: steam blows the lid off. Common practice, no source. */
export const coolBeforeMachineMin = 15;

/** What a minute between its making and the table costs a dish: cut leaves most, what is cooked least. Common practice. */
export const freshness = { finishing: 5, cuttingLeaves: 3, cutting: 1, cooking: 1 } as const;

/** Boiled grains, roots and greens spread out cool so long before cold food joins them. Common practice, no source. */
export const coolingMin = 20;

/** How soon what was finished must be on the table, minutes, by kind; kinds that may stand are not here. Common practice. */
export const atTableWithin: Readonly<Partial<Record<string, number>>> = {
  "leaf-salad": 10,
  "composed-plate": 30,
  "cooked-vegetables": 20,
};

/** What stood in the fridge tastes of more when it has stood out so long. Common practice, no source. */
export const outBeforeTableMin = 15;

/** An oven is left on so long for the next tray of a dish, minutes. Common practice, no source. */
export const staysHotMin = 15;

/** Ovens this far apart are one heat, °C. Common practice, no source. */
export const sameHeatCelsius = 10;
