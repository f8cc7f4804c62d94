import { dressingStyles, type RatioMeaning } from "@apron/core/dressing";
import { useDraft } from "../client/use-draft.ts";

/** A dressing being balanced. */
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
  /** Targets in place of the style's own; empty is the style's. */
  ratio: string;
  ratioMeaning: RatioMeaning;
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
  ratioMeaning: "as-poured",
  saltPercent: "",
  sugarPercent: "",
});

export const useDressingDraft = () => useDraft<DressingDraft>("dressing", emptyDressing);

/** The draft in another style, with the acid that style is written for; the style's own targets hold again. */
export function inStyle(draft: DressingDraft, style: string): DressingDraft {
  const acids = dressingStyles.find((one) => one.id === style)?.usualAcids ?? draft.acids;
  return { ...draft, dressingStyle: style, acids: [...acids], ratio: "", saltPercent: "", sugarPercent: "" };
}

/** What is on most shelves, offered first; any other can be chosen from the list. */
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
export const defaultFlavours = [
  "shallot",
  "garlic",
  "chives",
  "parsley",
  "tarragon",
  "capers",
  "black-pepper",
];
