import type { IngredientFacts } from "@apron/core/catalogue";
import { wishAt, type DressingStyle, type DressingWish, type OwnTargets } from "@apron/core/dressing";
import { accept, parseAmount, refuse, type CupSystem, type Result } from "@apron/core/measure";
import { typedNumber } from "../ui/typed-number.ts";
import type { DressingDraft } from "./dressing-draft.ts";

type Known = ReadonlyMap<string, IngredientFacts>;
export type TypedIssue = { readonly code: string } & Readonly<Record<string, unknown>>;

const mostMl = 20_000;

/** Targets are percentages and a ratio; nothing of a dressing is more than these. */
const mostOf = { ratio: 30, saltPercent: 60, sugarPercent: 60, emulsifierG: 2000, flavourG: 2000 } as const;

const bareNumber = /^\s*\d+([.,]\d+)?\s*$/;

/** Millilitres of what was typed; a bare number is millilitres. */
function typedVolume(text: string, cup: CupSystem): number | undefined {
  const read = parseAmount(bareNumber.test(text) ? `${text} ml` : text, cup);
  return read.ok && read.value.amount.kind === "volume" ? read.value.amount.ml : undefined;
}

/** The first of the typed figures that cannot be one; undefined when all can be read or are empty. */
function unreadFigure(draft: DressingDraft): TypedIssue | undefined {
  for (const [key, atMost] of Object.entries(mostOf)) {
    const text = draft[key as keyof typeof mostOf];
    if (text.trim() === "") continue;
    const value = typedNumber(text);
    if (value === undefined || value < 0) return { code: "amount-not-understood", text };
    if (value > atMost) return { code: "too-large", atMost };
  }
  return undefined;
}

const weighed = (known: Known, id: string, text: string) => {
  const facts = known.get(id);
  const grams = typedNumber(text) ?? 0;
  return facts && grams > 0 ? [{ facts, grams }] : [];
};
const inEqualShares = (known: Known, ids: readonly string[]) =>
  ids.flatMap((id) => {
    const facts = known.get(id);
    return facts ? [{ facts, share: 1 }] : [];
  });

/** What was typed, as a wish that can be composed; refuses what cannot be read. */
export function wishFrom(
  draft: DressingDraft,
  about: { readonly style: DressingStyle; readonly known: Known; readonly cup: CupSystem },
): Result<DressingWish, TypedIssue> {
  const { style, known, cup } = about;
  const salt = known.get("salt-sea-fine");
  const volumeMl = typedVolume(draft.volume, cup);
  if (!salt || volumeMl === undefined || volumeMl > mostMl)
    return refuse({ code: "amount-not-understood", text: draft.volume });
  const acids = inEqualShares(known, draft.acids);
  if (acids.length === 0) return refuse({ code: "acid-missing" });
  const unread = unreadFigure(draft);
  if (unread) return refuse(unread);
  return accept(
    wishAt(style, {
      ...{ volumeMl, acids, salt, oils: inEqualShares(known, draft.oils) },
      ratio: typedNumber(draft.ratio),
      ratioMeaning: draft.ratioMeaning,
      saltPercent: draft.salted ? typedNumber(draft.saltPercent) : null,
      sweet: draft.sweet === null ? null : (known.get(draft.sweet) ?? null),
      sugarPercent: typedNumber(draft.sugarPercent),
      emulsifier:
        draft.emulsifier === null ? null : (weighed(known, draft.emulsifier, draft.emulsifierG)[0] ?? null),
      flavours: draft.flavours.flatMap((id) => weighed(known, id, draft.flavourG)),
    }),
  );
}

const positive = (text: string): number | undefined => {
  const value = typedNumber(text);
  return value !== undefined && value > 0 ? value : undefined;
};

/** The cook's own targets, for a bowl that is mixed already. */
export const ownTargets = (draft: DressingDraft): OwnTargets => ({
  ratio: positive(draft.ratio),
  ratioMeaning: draft.ratioMeaning,
  saltPercent: positive(draft.saltPercent),
});
