import type { Category, FoodClass } from "../row-words.ts";

/** Words that say how something looks, is cut or was washed, and never what it is. Common practice, no source. */
export const alwaysDescribing = new Set(
  (
    "fresh freshly ripe small medium large big huge fat little baby young tender firm soft good quality best organic free range local native " +
    "chopped diced cubed sliced slice shaved shaving shredded grated minced crushed torn picked washed trimmed peeled pitted stoned cored deseeded seeded snipped " +
    "ring sliver segment strung plaited their weight halved quartered whole crumbled toasted roasted roast blanched steamed grilled charred griddled drained rinsed cracked beaten melted softened cold stale old day " +
    "warm hot room temperature finely roughly coarsely thinly thickly lightly loosely packed squeezed pressed heaped level rounded stem stalk " +
    "sprig bunch head clove bulb fillet piece strip ribbon wedge chunk cube half quarter floret flesh only with without and of the a an in from very " +
    "vac vacuum truss extra virgin cold unsalted plain natural thick thin runny clear set creamy crunchy smooth full fat low reduced sodium lean skinless boneless homemade shop bought " +
    "mixed assorted curly flat italian french english greek persian lebanese continental spanish heritage heirloom vine coarse fine " +
    "windfall uncooked raw home grown cultivated dressed undressed seedless stringless pre prepared unpeeled unwaxed waxed skin on off topped tailed podded shelled hulled husked each about more less your their its favourite preferably such any kind torn " +
    "cut into bite sized size batons matchstick dice zest new season late early leftover spun clean cleaned handful pinch part picked over ear cob defrosted thawed mild mature sharp strong floury waxy baking eating cooking " +
    "spiralized spiralised supremed segmented julienned slit bruised podded unripe just rustic crusty country free range light dark pure pasteurised pasteurized live unsweetened unpitted bought ready good-quality pack bag punnet loose lb long stemmed short hard ring rings concentrated crustless smallish largish tiny wee dutch chargrilled maincrop fingerling but giant extra first last individual tightly firmly"
  ).split(" "),
);

/** Words that describe only some kinds of food; beside any other they may change what it is, and are asked about. */
type Describes = {
  readonly words: readonly string[];
  readonly categories?: readonly Category[];
  readonly classes?: readonly FoodClass[];
  readonly ingredients?: readonly string[];
};

/** Brassicas that are eaten for their leaves. */
const leafyBrassicas = [
  "kale", "lacinato-kale", "cabbage-green", "cabbage-red", "cabbage-savoy", "cabbage-pointed", "cabbage-napa", "bok-choy",
  "mustard-greens", "collards", "turnip-greens", "arugula", "watercress", "tatsoi", "mizuna",
];

const rawFlesh: readonly FoodClass[] = ["raw-meat", "raw-poultry-or-mince", "raw-fish"];
export const notCookedWhen: readonly FoodClass[] = rawFlesh;

export const describingSome: readonly Describes[] = [
  { words: ["ground", "powder", "powdered"], categories: ["nut", "seed", "spice"] },
  { words: ["dried", "dry"], categories: ["grain", "spice", "nut", "seed"], classes: ["dry-pulse", "dried-fruit", "dry-goods"], ingredients: ["bay-leaf", "sun-dried-tomato"] },
  { words: ["tinned", "canned", "can", "tin", "jar", "jarred", "bottled"], classes: ["cooked-pulse", "tinned-tomato", "tinned-fish", "in-brine", "in-oil", "plant-milk"] },
  { words: ["cold", "pressed", "coldpressed"], categories: ["oil"] },
  { words: ["frozen"], categories: ["fruit", "grain"], classes: ["frozen-vegetable", "raw-fish", "cooked-shellfish", "fresh-pastry"] },
  { words: ["juice"], classes: ["citrus-juice", "bottled-citrus-juice", "tinned-tomato"] },
  { words: ["salted"], ingredients: ["capers", "capers-salted", "anchovy", "butter-salted"] },
  { words: ["oil", "brine", "water"], classes: ["tinned-fish", "in-brine", "in-oil", "fresh-cheese"], ingredients: ["anchovy"] },
  { words: ["sweet"], ingredients: ["corn", "onion", "paprika", "apple", "cherry", "cherry-tomato", "bell-pepper-red"] },
  { words: ["red", "green", "white", "yellow", "purple", "golden", "rainbow", "black", "pink", "stripey", "candy"], categories: ["leaf", "brassica", "root", "fruit", "allium", "soft-herb", "flower", "salt-condiment", "cheese", "other", "nut", "seed"], ingredients: ["mustard-seed", "poppy-seed", "cardamom", "fennel-seed", "paprika", "chilli-flakes"] },
  { words: ["orange"], categories: ["brassica", "root", "fruit", "fruit-vegetable", "flower", "cheese"] },
  { words: ["red", "yellow", "white", "black", "purple"], ingredients: ["tomato", "cherry-tomato", "eggplant", "potato", "winter-squash-kabocha", "runner-bean", "broad-bean", "zucchini", "miso"] },
  { words: ["green"], ingredients: ["zucchini", "cucumber", "green-bean", "runner-bean", "okra", "broad-bean", "peas", "artichoke"] },
  { words: ["flaky", "flake", "flaked"], categories: ["nut", "salt-condiment", "spice"], classes: ["raw-fish", "tinned-fish", "smoked-or-cured-fish"], ingredients: ["oats", "coconut-desiccated"] },
  { words: ["leaf", "leaves"], categories: ["leaf", "soft-herb", "woody-herb", "flower"], ingredients: [...leafyBrassicas, "bay-leaf", "curry-leaf", "lime-leaf", "vine-leaf", "celery-leaves", "cauliflower-leaf", "gelatine"] },
  { words: ["kernel"], categories: ["nut", "seed"], ingredients: ["corn", "corn-tinned"] },
  { words: ["tip"], ingredients: ["asparagus", "sprouting-broccoli", "nettle"] },
  { words: ["top"], ingredients: ["beet", "turnip", "carrot", "radish", "kohlrabi"] },
  { words: ["crisp"], categories: ["fruit", "leaf"] },
  { words: ["thread", "strand"], categories: ["spice"] },
  { words: ["pod"], categories: ["spice", "legume"], ingredients: ["okra"] },
  { words: ["shell"], categories: ["nut"], classes: ["raw-fish", "cooked-shellfish"] },
  { words: ["green", "greens", "top", "tops"], ingredients: ["beet", "turnip", "carrot", "radish", "kohlrabi"] },
  { words: ["heart"], categories: ["leaf", "brassica"] },
  { words: ["stringy", "nonfat", "skimmed", "skim", "semi", "percent"], classes: ["milk", "yogurt", "fresh-cheese", "cream"] },
  { words: ["smoked"], classes: ["smoked-or-cured-fish", "cured-meat"], ingredients: ["paprika-smoked", "tofu-smoked"] },
  { words: ["cured", "streaky", "unsmoked", "back", "rasher"], classes: ["cured-meat"] },
  { words: ["breast", "thigh", "leg", "chop", "shoulder", "belly", "loin", "joint", "steak", "fillet", "shank", "rump", "sirloin", "mince", "minced", "bone", "free"], classes: [...rawFlesh, "cooked-meat"] },
  { words: ["sea", "table"], classes: ["salt"] },
  { words: ["black", "white", "red", "crimson"], classes: ["dried-fruit"] },
];

/** What a describing word never merely describes: beside these the food is another, and is asked for. */
export const neverDescribing: readonly Describes[] = [
  { words: ["fresh"], categories: ["spice"], classes: ["dried-fruit", "dry-goods", "dry-pulse", "cooked-pulse", "tinned-tomato", "tinned-fish"], ingredients: ["pasta-dry", "orzo"] },
  { words: ["black"], categories: ["allium"] },
  { words: ["green", "unripe"], ingredients: ["mango", "papaya", "walnut", "banana", "plantain", "almond", "strawberry", "peach"] },
  { words: ["baby"], ingredients: ["corn", "corn-tinned"] },
  { words: ["black"], ingredients: ["radish"] },
  { words: ["stem"], ingredients: ["ginger"] },
  { words: ["ring"], categories: ["allium"] },
  { words: ["quarter"], ingredients: ["lamb"] },
  { words: ["leftover"], classes: rawFlesh },
  { words: ["head"], classes: [...rawFlesh, "cooked-shellfish"] },
  { words: ["hot"], ingredients: ["bell-pepper-red", "bell-pepper-green", "bell-pepper-pointed"] },
  { words: ["dried", "dry", "ground", "powder", "powdered"], ingredients: ["ginger", "turmeric-fresh", "galangal", "lemongrass"] },
  { words: ["sliced", "chopped", "diced", "halved", "roasted", "roast", "grilled", "charred", "deseeded", "hot", "sweet", "stuffed", "baby", "small", "medium", "large", "long", "big", "ripe", "mild"], ingredients: ["black-pepper"] },
];

/** Said alone behind the comma these make another food of it, as they do before a name: "mango, dried", "plums, pickled". */
export const alsoChanging = new Set(
  "pickled candied crystallised crystallized glace preserved fermented condensed evaporated sun freeze sundried paste cordial syrup jam sauce liver root flower wild sour bitter instant vinegar".split(" "),
);

/** Last, directly after a name, they make another food of it: "apple crisps", "potato salad"; as the last word only. */
export const makesAnother = ["crisp", "salad", "bread", "chip", "cake", "pie", "soup", "fat", "bone", "cream", "liqueur", "skin", "brine", "oil", "water", "liquid"] as const;

/** Cooked before it is bought: never of raw meat or fish, which would be another food. */
export const cookedWords = ["cooked", "boiled", "fried"] as const;
