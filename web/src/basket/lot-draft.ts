import type { Lot } from "@apron/contract";
import { useStorage } from "@vueuse/core";
import type { RemovableRef } from "@vueuse/core";
import { todayIso } from "../ui/dates.ts";

export type SourceKind = "own-bed" | "market" | "box-share" | "foraged" | "gift" | "shop";

export type LotDraft = {
  ingredient: string;
  amount: string;
  place: Lot["place"];
  sourceKind: SourceKind;
  sourceNote: string;
  grade: Lot["grade"];
  price: string;
  since: string;
  bestBefore: string;
};

export const emptyDraft = (sourceKind: SourceKind = "own-bed"): LotDraft => ({
  ingredient: "",
  amount: "",
  place: "fridge",
  sourceKind,
  sourceNote: "",
  grade: "prime",
  price: "",
  since: todayIso(),
  bestBefore: "",
});

/** The entry being typed; it survives a reload. */
export const useLotDraft = (): RemovableRef<LotDraft> =>
  useStorage("apron:lot-draft", emptyDraft(), undefined, { mergeDefaults: true });

export const sourceNames: readonly { readonly value: SourceKind; readonly label: string }[] = [
  { value: "own-bed", label: "Own bed" },
  { value: "market", label: "Market" },
  { value: "box-share", label: "Box share" },
  { value: "gift", label: "Gift" },
  { value: "shop", label: "Shop" },
  { value: "foraged", label: "Foraged" },
];

export const placeNames: readonly { readonly value: Lot["place"]; readonly label: string }[] = [
  { value: "fridge", label: "Fridge" },
  { value: "room", label: "Counter" },
  { value: "cupboard", label: "Cool cupboard" },
  { value: "freezer", label: "Freezer" },
];

export const gradeNames: readonly { readonly value: Lot["grade"]; readonly label: string }[] = [
  { value: "prime", label: "Prime" },
  { value: "seconds", label: "Seconds" },
];
