/**
 * Why grams went into a lot or out of it. A lot is the sum of these; nothing is edited in place.
 * In: received (from outside), from-trim, by-product, returned (opened and not used up), split-from (part of a lot).
 * Out: trimmed, used, composted, spoiled, given, frozen (whole, into a lot of its own), split-off.
 * Corrected goes either way and always has a reason.
 */
export const entryKinds = [
  "received",
  "from-trim",
  "by-product",
  "returned",
  "split-from",
  "trimmed",
  "used",
  "composted",
  "spoiled",
  "given",
  "frozen",
  "split-off",
  "corrected",
] as const;

export type EntryKind = (typeof entryKinds)[number];

/** `grams` > 0 for every kind but "corrected", which carries its own sign. */
export type Entry = { readonly kind: EntryKind; readonly grams: number };

/** Signed grams that an entry adds to the lot's balance. */
export function effectOnStock(entry: Entry): number {
  switch (entry.kind) {
    case "received":
    case "from-trim":
    case "by-product":
    case "returned":
    case "split-from":
    case "corrected":
      return entry.grams;
    case "trimmed":
    case "used":
    case "composted":
    case "spoiled":
    case "given":
    case "frozen":
    case "split-off":
      return -entry.grams;
  }
}

const undoneByCorrection: readonly EntryKind[] = ["used", "composted", "spoiled", "given", "corrected"];
const undoneWithItsParts: readonly EntryKind[] = ["frozen", "split-off"];

/** How a movement can be taken back: by a correction, together with the lots it made, or not here. */
export function undoMode(kind: EntryKind): "correction" | "with-parts" | "none" {
  if (undoneByCorrection.includes(kind)) return "correction";
  return undoneWithItsParts.includes(kind) ? "with-parts" : "none";
}
