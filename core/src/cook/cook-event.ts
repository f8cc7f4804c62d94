/** What a cook says while cooking; `at` is when, in milliseconds of the clock. Events are facts: none is ever changed. */
export type CookEvent = { readonly id: string; readonly at: number; readonly act: CookAct };

export type CookAct =
  /** Something that then runs by itself was put on: the oven switched on, the dough set aside. */
  | { readonly kind: "started"; readonly task: string }
  | { readonly kind: "done"; readonly task: string }
  | { readonly kind: "skipped"; readonly task: string }
  /** The step is done once more: another panful, a sauce that split. */
  | { readonly kind: "again"; readonly task: string }
  /** Looked at and not done: so many minutes more. */
  | { readonly kind: "not-yet"; readonly task: string; readonly minutes: number }
  | { readonly kind: "paused" }
  | { readonly kind: "resumed" }
  /** Something went into a dish that was not weighed out for it, or more of it. Null grams: by eye. */
  | {
      readonly kind: "added";
      readonly dish: string;
      readonly ingredient: string;
      readonly grams: number | null;
      readonly found: TasteWord | null;
      readonly isCold: boolean;
    }
  /** An event that was a mistake counts no more. */
  | { readonly kind: "undone"; readonly event: string };

/** What a taste found before something was added, or instead of it. */
export const tasteWords = ["right", "flat", "too-sharp", "too-salty", "too-sweet", "too-bitter"] as const;
export type TasteWord = (typeof tasteWords)[number];
