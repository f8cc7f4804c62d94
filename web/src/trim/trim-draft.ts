import { newId } from "../client/new-id.ts";
import { useDraft } from "../client/use-draft.ts";
import type { TypedPart } from "./part-draft.ts";
import type { VesselDraft } from "./vessel-draft.ts";

/** What is typed on the trim bench of one lot; it survives a reload and another tablet's entries. */
export type TrimDraft = {
  /** The trim's own id: sent again it is the same trim. */
  id: string;
  methodKey: string;
  rawText: string;
  usableText: string;
  vessels: VesselDraft[];
  parts: Record<string, TypedPart>;
};

const emptyTrim = (): TrimDraft => ({
  id: newId(),
  methodKey: "",
  rawText: "",
  usableText: "",
  vessels: [],
  parts: {},
});

export const useTrimDraft = (lotId: string) => useDraft(`trim:${lotId}`, emptyTrim);
