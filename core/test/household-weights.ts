/**
 * Whole foods as USDA SR Legacy has them, from memory: one piece's edible portion (household weight, g), the refuse of the
 * food as purchased (%), and the NDB number.
 */
export type HouseholdWeight = {
  readonly ingredient: string;
  /** How a recipe writes `n` of them. */
  readonly write: (n: number) => string;
  readonly edibleG: number;
  readonly refusePercent: number;
  readonly ndb: string;
};

const row = (
  ...[ingredient, one, many, edibleG, refusePercent, ndb]: [string, string, string, number, number, string]
): HouseholdWeight => ({
  ...{ ingredient, edibleG, refusePercent, ndb },
  write: (n) => `${n} ${n === 1 ? one : many}`,
});

export const householdWeights: readonly HouseholdWeight[] = [
  row("apple", "apple, cored", "apples, cored", 182, 10, "09003"),
  row("apricot", "apricot, stoned", "apricots, stoned", 35, 7, "09021"),
  row("avocado", "avocado", "avocados", 136, 33, "09038"),
  row("banana", "banana, peeled", "bananas, peeled", 118, 36, "09040"),
  row("orange", "orange, peeled", "oranges, peeled", 131, 27, "09200"),
  row("lemon", "lemon, peeled", "lemons, peeled", 58, 47, "09150"),
  row("kiwi", "kiwi, peeled", "kiwis, peeled", 69, 24, "09148"),
  row("mango", "mango, peeled and cored", "mangoes, peeled and cored", 336, 29, "09176"),
  row("peach", "peach, stoned", "peaches, stoned", 150, 4, "09236"),
  row("nectarine", "nectarine, stoned", "nectarines, stoned", 142, 9, "09191"),
  row("pear", "pear, cored", "pears, cored", 178, 10, "09252"),
  row("plum", "plum, stoned", "plums, stoned", 66, 6, "09279"),
  row("fig", "fig", "figs", 50, 1, "09089"),
  row("strawberry", "strawberry", "strawberries", 12, 6, "09316"),
  row("pomegranate", "pomegranate", "pomegranates", 282, 44, "09286"),
  row("carrot", "carrot, peeled", "carrots, peeled", 61, 11, "11124"),
  row("celery", "stalk celery", "stalks celery", 40, 11, "11143"),
  row("beet", "beetroot, peeled", "beetroots, peeled", 82, 33, "11080"),
  row("leek", "leek", "leeks", 89, 56, "11246"),
  row("onion", "onion, peeled", "onions, peeled", 110, 10, "11282"),
  row("red-onion", "red onion, peeled", "red onions, peeled", 110, 10, "11282"),
  row("scallion", "spring onion", "spring onions", 15, 4, "11291"),
  row("garlic", "clove garlic, peeled", "cloves garlic, peeled", 3, 13, "11215"),
  row("sweet-potato", "sweet potato, peeled", "sweet potatoes, peeled", 130, 28, "11507"),
  row("turnip", "turnip, peeled", "turnips, peeled", 122, 19, "11564"),
  row("rutabaga", "swede, peeled", "swedes, peeled", 386, 15, "11435"),
  row("radish", "radish", "radishes", 4.5, 10, "11429"),
  row("zucchini", "courgette", "courgettes", 196, 5, "11477"),
  row("summer-squash-yellow", "yellow summer squash", "yellow summer squash", 196, 5, "11641"),
  row("winter-squash-acorn", "acorn squash, seeded", "acorn squash, seeded", 431, 24, "11482"),
  row("eggplant", "aubergine, peeled", "aubergines, peeled", 458, 19, "11209"),
  row("bell-pepper-red", "red pepper, seeded", "red peppers, seeded", 119, 18, "11821"),
  row("bell-pepper-green", "green pepper, seeded", "green peppers, seeded", 119, 18, "11333"),
  row("chilli-jalapeno", "jalapeño, seeded", "jalapeños, seeded", 14, 8, "11979"),
  row("tomato", "tomato, cored", "tomatoes, cored", 123, 9, "11529"),
  row("corn", "ear of corn", "ears of corn", 102, 64, "11167"),
  row("cabbage-green", "head green cabbage", "heads green cabbage", 908, 20, "11109"),
  row("cabbage-red", "head red cabbage", "heads red cabbage", 839, 20, "11112"),
  row("lettuce-romaine", "head romaine lettuce", "heads romaine lettuce", 626, 6, "11251"),
  row("lettuce-butterhead", "head butterhead lettuce", "heads butterhead lettuce", 163, 26, "11250"),
  row("lettuce-iceberg", "head iceberg lettuce", "heads iceberg lettuce", 539, 5, "11252"),
  row("fennel-bulb", "fennel bulb", "fennel bulbs", 234, 28, "11957"),
  row("asparagus", "asparagus spear", "asparagus spears", 16, 47, "11011"),
  row("brussels-sprouts", "Brussels sprout", "Brussels sprouts", 19, 10, "11098"),
  row("egg", "egg", "eggs", 50, 12, "01123"),
  row("belgian-endive", "head Belgian endive", "heads Belgian endive", 53, 11, "11151"),
  row("cherry-tomato", "cherry tomato", "cherry tomatoes", 17, 2, "11529"),
];
