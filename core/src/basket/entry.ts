/**
 * Why grams went into a lot or out of it. A lot is the sum of these; nothing is edited in place.
 * In: received (from outside), from-trim, by-product, returned (opened and not used up).
 * Out: trimmed, used, composted, spoiled. Corrected goes either way and always has a reason.
 */
export type EntryKind =
  | "received"
  | "from-trim"
  | "by-product"
  | "returned"
  | "trimmed"
  | "used"
  | "composted"
  | "spoiled"
  | "corrected";

/** `grams` > 0 for every kind but "corrected", which carries its own sign. */
export type Entry = { readonly kind: EntryKind; readonly grams: number };

/** Signed grams that an entry adds to the lot's balance. */
export function effectOnStock(entry: Entry): number {
  switch (entry.kind) {
    case "received":
    case "from-trim":
    case "by-product":
    case "returned":
    case "corrected":
      return entry.grams;
    case "trimmed":
    case "used":
    case "composted":
    case "spoiled":
      return -entry.grams;
  }
}
