import { useStorage, type RemovableRef } from "@vueuse/core";

/** A dressing being balanced; it survives a reload. */
export type DressingDraft = {
  dressingStyle: string;
  volume: string;
  oils: string[];
  acids: string[];
  emulsifier: string | null;
  emulsifierG: string;
  sweet: string | null;
  salted: boolean;
  flavours: string[];
  flavourG: string;
  /** Targets in place of the school's own; empty is the school's. */
  ratio: string;
  saltPercent: string;
  sugarPercent: string;
};

const emptyDressing = (): DressingDraft => ({
  dressingStyle: "classic-three-to-one",
  volume: "200 ml",
  oils: ["olive-oil"],
  acids: ["wine-vinegar-red"],
  emulsifier: "mustard-dijon",
  emulsifierG: "6",
  sweet: null,
  salted: true,
  flavours: [],
  flavourG: "10",
  ratio: "",
  saltPercent: "",
  sugarPercent: "",
});

export const useDressingDraft = (): RemovableRef<DressingDraft> =>
  useStorage("apron:dressing-draft", emptyDressing(), undefined, { mergeDefaults: true });

/** What stands on most shelves, offered first; any other ingredient can be chosen in the handbook's lists. */
export const defaultOils = [
  "olive-oil",
  "rapeseed-oil",
  "sunflower-oil",
  "walnut-oil",
  "hazelnut-oil",
  "sesame-oil",
];
export const defaultAcids = [
  "wine-vinegar-red",
  "wine-vinegar-white",
  "cider-vinegar",
  "sherry-vinegar",
  "balsamic-vinegar",
  "rice-vinegar",
  "lemon-juice",
  "lime-juice",
  "orange-juice",
  "verjuice",
];
export const defaultEmulsifiers = ["mustard-dijon", "mustard-wholegrain", "egg-yolk", "mayonnaise"];
export const defaultSweets = ["honey", "maple-syrup", "sugar"];
export const defaultFlavours = ["shallot", "garlic", "chives", "parsley", "tarragon", "capers", "black-pepper"];
