/** The words that rows of the tables are written in: a word that is not listed does not compile. */

/** Kinds of ingredient. */
export const categories = [
  "acid",
  "allium",
  "brassica",
  "cheese",
  "emulsifier",
  "flower",
  "fruit",
  "fruit-vegetable",
  "grain",
  "leaf",
  "legume",
  "nut",
  "oil",
  "other",
  "root",
  "salt-condiment",
  "seed",
  "soft-herb",
  "spice",
  "sweet",
  "woody-herb",
] as const;
export type Category = (typeof categories)[number];

/** What a label must name, and what people avoid. */
export const allergens = [
  "celery",
  "crustaceans",
  "egg",
  "fish",
  "gluten-barley",
  "gluten-oats",
  "gluten-rye",
  "lupin",
  "milk",
  "molluscs",
  "mustard",
  "nuts",
  "peanut",
  "sesame",
  "soy",
  "sulphites",
  "wheat",
] as const;
export type Allergen = (typeof allergens)[number];

/** Who may eat it; a "check" mark counts as no. */
export const dietMarks = [
  "not-vegetarian",
  "not-vegetarian-animal-rennet",
  "not-vegetarian-check",
  "vegan",
  "vegetarian",
  "vegetarian-check-rennet",
] as const;
export type DietMark = (typeof dietMarks)[number];

/** When an ingredient becomes time/temperature-controlled food. */
export const perishableStates = ["raw", "cut", "cooked", "never"] as const;
export type PerishableState = (typeof perishableStates)[number];

/** How a figure came about. */
export const bases = [
  "computed",
  "computed-from-recalled-water-pair",
  "definition",
  "estimate",
  "own",
  "recalled-source",
  "recalled-source+estimate",
  "recalled-time+estimated-mass",
] as const;
export type Basis = (typeof bases)[number];

/** Measures that the tables weigh; a kitchen may name more of its own. */
export type MeasureName =
  | "ball"
  | "breast"
  | "drumstick"
  | "leg"
  | "thigh"
  | "wing"
  | "block"
  | "bunch"
  | "can"
  | "can-drained"
  | "loaf"
  | "clove"
  | "clove-elephant"
  | "cm-piece"
  | "cup"
  | "cup-arils"
  | "cup-blanched"
  | "cup-chopped"
  | "cup-cooked"
  | "cup-crumbled"
  | "cup-cubed"
  | "cup-grated"
  | "cup-ground"
  | "cup-loose-leaves"
  | "cup-packed"
  | "cup-packed-leaves"
  | "cup-puree"
  | "cup-rasp-grated"
  | "cup-sections"
  | "cup-shaved"
  | "cup-shredded"
  | "cup-sliced"
  | "cup-slivered"
  | "cup-spiralized"
  | "cup-whole"
  | "dash"
  | "drizzle"
  | "each-baby"
  /** A piece of a kind that no table weighs: a crouton is no loaf. */
  | "each-other"
  | "each-baguette"
  | "each-baking"
  | "each-birds-eye"
  | "each-ciabatta"
  | "each-cooking"
  | "each-cornichon"
  | "each-english"
  | "each-king"
  | "each-large"
  | "each-large-flesh"
  | "each-medium"
  | "each-new"
  | "each-patty-pan"
  | "each-peeled"
  | "each-persian"
  | "each-pickling"
  | "each-plum"
  | "each-roll"
  | "each-salad"
  | "each-small"
  | "each-small-flesh"
  | "each-spanish"
  | "ear"
  | "ear-large"
  | "ear-small"
  | "floret"
  | "glug"
  | "handful"
  | "head"
  | "head-heart"
  | "head-large"
  | "head-little-gem"
  | "head-small"
  | "jar"
  | "juice-of-one"
  | "knob"
  | "leaf"
  | "leaf-inner"
  | "log"
  | "pinch"
  | "punnet"
  | "slice"
  | "slice-1cm"
  | "small-bunch"
  | "splash"
  | "sprig"
  | "squeeze"
  | "stalk"
  | "stalk-large"
  | "stalk-small"
  | "stick"
  | "tbsp"
  | "tbsp-arils"
  | "tbsp-chopped"
  | "tbsp-crumbled"
  | "tbsp-grated"
  | "tbsp-minced"
  | "tbsp-packed"
  | "tbsp-zest"
  | "tray-cut"
  | "tsp"
  | "tsp-minced"
  | "tsp-packed"
  | "tsp-pureed"
  | "tsp-zest"
  | "wedge"
  | "zest-of-one";

/**
 * What the kitchen's rules ask of an ingredient beside its category: which storage rule its kind follows, what it does in
 * a dressing, how it is counted.
 */
export const ingredientTraits = [
  "carrot-family",
  "citrus",
  "vinegar",
  "avocado",
  "raw-egg",
  "counted-whole",
  "mustard",
  "salt",
  "creamy",
  "dry-pulse",
] as const;
export type IngredientTrait = (typeof ingredientTraits)[number];

/**
 * Kinds of food by how they keep. Most are told by an ingredient's category; a row names its own where they are not. What
 * is told by neither is `unknown`, which keeps shortest of all.
 */
export const foodClasses = [
  "unknown",
  "leaf",
  "soft-herb",
  "woody-herb",
  "vegetable",
  "root",
  "bulb",
  "garlic",
  "ginger",
  "tomato",
  "melon",
  "sprout",
  "fruit",
  "citrus",
  "avocado",
  "flower",
  "frozen-vegetable",
  "citrus-juice",
  "bottled-citrus-juice",
  "fruit-juice",
  "rice",
  "grain",
  "dry-pulse",
  "cooked-pulse",
  "flour",
  "dry-goods",
  "bread",
  "nut",
  "nut-butter",
  "dried-fruit",
  "dried-herb-or-spice",
  "spice-paste",
  "sugar-or-honey",
  "syrup",
  "jam",
  "oil",
  "nut-oil",
  "vinegar",
  "wine",
  "sauce",
  "mayonnaise",
  "in-brine",
  "in-oil",
  "tinned-tomato",
  "miso",
  "salt",
  "egg",
  "separated-egg",
  "milk",
  "cream",
  "yogurt",
  "fresh-cheese",
  "blue-cheese",
  "hard-cheese",
  "butter",
  "tofu",
  "stock",
  "plant-milk",
  "raw-meat",
  "raw-poultry-or-mince",
  "raw-fish",
  "fresh-pastry",
  "cooked-meat",
  "cured-meat",
  "cooked-shellfish",
  "smoked-or-cured-fish",
  "tinned-fish",
] as const;
export type FoodClass = (typeof foodClasses)[number];
