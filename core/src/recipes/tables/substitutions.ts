/**
 * What may stand in for what, and how the amount follows: gram for gram ("mass"), cup for cup ("volume"), as sour, as
 * salty or dried for fresh ("strength"), by what a tin holds or a dry pulse becomes ("drained"), by the dry matter left
 * when water is driven off ("dry-matter"). `factor` multiplies a stand-in that does its work in less or more.
 * Common practice, no source; the numbers behind the amounts come from the catalogue.
 */
export type SubstitutionRow = {
  readonly from: string;
  readonly to: string;
  readonly convertBy: "mass" | "volume" | "strength" | "drained" | "dry-matter";
  readonly factor: number;
  readonly note: string;
};

const row = (
  from: string,
  to: string,
  by: SubstitutionRow["convertBy"] = "mass",
  rest: Partial<Pick<SubstitutionRow, "factor" | "note">> = {},
): SubstitutionRow => ({ from, to, convertBy: by, factor: 1, note: "", ...rest });

export const substitutionTable: readonly SubstitutionRow[] = [
  // without milk
  row("parmesan", "nutritional-yeast", "mass", { factor: 0.4, note: "savoury, with far less salt" }),
  row("pecorino", "nutritional-yeast", "mass", { factor: 0.4, note: "savoury, with far less salt" }),
  row("cheddar", "nutritional-yeast", "mass", { factor: 0.4, note: "savoury, with far less salt" }),
  row("gruyere", "nutritional-yeast", "mass", { factor: 0.4, note: "savoury, with far less salt" }),
  row("feta", "tofu", "mass", { note: "firm, crumbled and salted" }),
  row("feta", "olives-green", "mass", { factor: 0.6, note: "for the salt" }),
  row("goat-cheese", "tofu", "mass", { note: "firm, crumbled and salted" }),
  row("blue-cheese", "olives-black", "mass", { factor: 0.6, note: "for the salt and the depth" }),
  row("halloumi", "tofu", "mass", { note: "firm, fried in slices" }),
  row("mozzarella", "avocado", "mass", { note: "soft and mild; cut at the last moment" }),
  row("ricotta", "tofu", "mass", { note: "beaten smooth" }),
  row("cream-cheese", "tahini", "mass", { factor: 0.6, note: "let down with water" }),
  row("cottage-cheese", "tofu"),
  row("mascarpone", "coconut-milk"),
  row("yogurt", "tahini", "mass", { factor: 0.4, note: "let down with water and lemon" }),
  row("yogurt-greek", "tahini", "mass", { factor: 0.5, note: "let down with water and lemon" }),
  row("cream-heavy", "coconut-milk", "volume"),
  row("cream-light", "coconut-milk", "volume"),
  row("creme-fraiche", "coconut-milk", "mass", { note: "with a little lemon" }),
  row("sour-cream", "coconut-milk", "mass", { note: "with a little lemon" }),
  row("butter", "olive-oil", "mass", { factor: 0.8, note: "butter is a fifth water" }),
  row("milk", "water", "volume"),
  row("buttermilk", "water", "volume", { note: "sharpen with lemon" }),
  // without meat, fish, egg, honey
  row("stock-meat", "stock-vegetable", "volume"),
  row("anchovy", "capers", "strength", { note: "for the salt" }),
  row("fish-sauce", "soy-sauce", "strength"),
  row("worcestershire", "soy-sauce", "strength", { note: "with a little vinegar" }),
  row("bacon", "olives-black", "mass", { factor: 0.5, note: "for the salt; smoked paprika for the smoke" }),
  row("prosciutto", "olives-black", "mass", { factor: 0.7, note: "for the salt" }),
  row("chicken-cooked", "chickpea"),
  row("tuna-tinned", "chickpea", "drained"),
  row("smoked-salmon", "avocado"),
  row("prawn-cooked", "butter-bean"),
  row("egg", "tofu", "mass", { note: "crumbled, with turmeric" }),
  row("egg-yolk", "mustard-dijon", "mass", { factor: 0.5, note: "holds the emulsion" }),
  row("mayonnaise", "tahini", "mass", { factor: 0.6, note: "let down with water and lemon" }),
  row("honey", "maple-syrup"),
  // without nuts
  ...["pine-nut", "walnut", "almond", "hazelnut", "pistachio", "cashew", "pecan", "macadamia", "brazil-nut"].flatMap(
    (nut) => [row(nut, "sunflower-seed"), row(nut, "pumpkin-seed")],
  ),
  row("peanut", "sunflower-seed"),
  row("peanut-butter", "tahini"),
  row("almond-butter", "tahini"),
  row("walnut-oil", "pumpkin-seed-oil"),
  row("hazelnut-oil", "pumpkin-seed-oil"),
  // without gluten
  row("bulgur", "quinoa", "volume"),
  row("couscous", "quinoa", "volume"),
  row("barley", "rice-brown", "volume"),
  row("farro", "rice-brown", "volume"),
  row("freekeh", "buckwheat", "volume"),
  row("oats", "buckwheat", "volume"),
  row("orzo", "rice-white", "volume"),
  row("pasta-dry", "noodle-rice"),
  row("breadcrumbs-dry", "sunflower-seed", "mass", { note: "chopped and toasted" }),
  row("bread-white", "polenta", "mass", { note: "set, cut and fried" }),
  row("flour-wheat", "cornstarch", "mass", { factor: 0.5, note: "thickens twice as well" }),
  row("soy-sauce", "tamari", "strength"),
  // tins, dry pulses, what is roasted or dried
  row("chickpea", "chickpea-dry", "drained"),
  row("chickpea-dry", "chickpea", "drained"),
  row("kidney-bean", "kidney-bean-dry", "drained"),
  row("kidney-bean-dry", "kidney-bean", "drained"),
  row("white-bean", "white-bean-dry", "drained"),
  row("white-bean-dry", "white-bean", "drained"),
  row("lentil", "lentil-dry", "drained"),
  row("lentil-dry", "lentil", "drained"),
  row("tomato", "sun-dried-tomato", "dry-matter", { note: "soaked" }),
  row("tomato", "tomato-tinned", "dry-matter"),
  row("tomato", "passata", "dry-matter"),
  row("tomato", "tomato-paste", "dry-matter"),
  row("bell-pepper-red", "roasted-pepper-jar", "dry-matter"),
  row("bell-pepper-pointed", "roasted-pepper-jar", "dry-matter"),
  row("oregano", "oregano-dried", "strength"),
  row("thyme", "thyme-dried", "strength"),
  row("mint", "mint-dried", "strength"),
  row("basil", "basil-dried", "strength"),
  row("dill", "dill-dried", "strength"),
  row("rosemary", "rosemary-dried", "strength"),
];
