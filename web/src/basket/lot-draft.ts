import type { Lot, LogLot } from "@apron/contract";
import { labelSalt, type SourceKind } from "@apron/core/basket";
import { formAfter, formWords } from "@apron/core/forms";
import { useDraft } from "../client/use-draft.ts";
import { newId } from "../client/new-id.ts";
import { todayIso } from "../ui/dates.ts";
import { listed } from "../ui/listed.ts";
import { typedNumber } from "../ui/typed-number.ts";

export type { SourceKind };

export type Condition = NonNullable<Lot["condition"]>;

export type PricePer = NonNullable<LogLot["price"]>["per"];

/** A pack's label as it is typed; "" for what it does not say. */
export type LabelDraft = { salt: string; sugars: string; acid: string; allergens: string };
const emptyLabel = (): LabelDraft => ({ salt: "", sugars: "", acid: "", allergens: "" });

/** Grams per 100 g, or null when nothing was typed; NaN for what is not a number. */
const per100 = (text: string): number | null =>
  text.trim() === "" ? null : (typedNumber(text) ?? Number.NaN);

/** The label as it travels; null when nothing of it was typed. */
export function labelOf(draft: LabelDraft): LogLot["label"] {
  if (Object.values(draft).every((text) => text.trim() === "")) return null;
  const allergens = listed(draft.allergens.toLowerCase());
  return {
    saltG: draft.salt.trim() === "" ? null : labelSalt(draft.salt),
    sugarsG: per100(draft.sugars),
    acidG: per100(draft.acid),
    allergens,
  };
}

/** The field of a label whose text is not a number; undefined when all can be read. */
export function unreadInLabel(draft: LabelDraft): string | undefined {
  const label = labelOf(draft);
  const field = (["saltG", "sugarsG", "acidG"] as const).find((key) => Number.isNaN(label?.[key]));
  return field && `label.${field}`;
}

/** A label that is known already, as its fields show it. */
export function labelDraftOf(label: Lot["label"]): LabelDraft {
  if (!label) return emptyLabel();
  const text = (value: number | null): string => (value === null ? "" : String(value));
  const { saltG, sugarsG, acidG, allergens } = label;
  return { salt: text(saltG), sugars: text(sugarsG), acid: text(acidG), allergens: allergens.join(", ") };
}

const stateWords = {
  raw: "to trim",
  usable: "ready",
  "by-product": "by-product",
  opened: "cut or opened",
} as const;

/** What a lot is in: "to trim", "peeled", "roasted (char whole, then scoop)", "cut or opened". */
export const lotFormWords = ({ state, method }: Pick<Lot, "state" | "method">): string =>
  state === "usable" && method !== null ? formWords(formAfter(method), method) : stateWords[state];

export type LotDraft = {
  /** The lot's own id, made when the form is opened: sent again it is the same lot. */
  id: string;
  ingredient: string;
  amount: string;
  place: Lot["place"];
  sourceKind: SourceKind;
  sourceNote: string;
  grade: Lot["grade"];
  price: string;
  pricePer: PricePer;
  since: string;
  bestBefore: string;
  /** The trim or cooking it has had already; null for food as it comes. */
  method: string | null;
  bedId: string | null;
  label: LabelDraft;
};

export const emptyDraft = (sourceKind: SourceKind = "own-bed"): LotDraft => ({
  id: newId(),
  ingredient: "",
  amount: "",
  place: "fridge",
  sourceKind,
  sourceNote: "",
  grade: "prime",
  price: "",
  pricePer: "all",
  since: todayIso(),
  bestBefore: "",
  method: null,
  bedId: null,
  label: emptyLabel(),
});

/** The entry being typed; it survives a reload. */
export const useLotDraft = () => useDraft("lot", emptyDraft);

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

export const conditionNames: readonly { readonly value: Condition; readonly label: string }[] = [
  { value: "small", label: "Small" },
  { value: "large", label: "Large" },
  { value: "tender", label: "Tender" },
  { value: "woody", label: "Woody" },
  { value: "flowering", label: "Flowering" },
  { value: "damaged", label: "Damaged" },
];

export const gradeNames: readonly { readonly value: Lot["grade"]; readonly label: string }[] = [
  { value: "prime", label: "Prime" },
  { value: "seconds", label: "Seconds" },
];

export const pricePerNames: readonly { readonly value: PricePer; readonly label: string }[] = [
  { value: "all", label: "for all" },
  { value: "each", label: "each" },
  { value: "kg", label: "a kg" },
  { value: "100g", label: "100 g" },
];
