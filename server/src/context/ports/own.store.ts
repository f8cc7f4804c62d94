import type { OwnEntries, OwnFigure, OwnIngredient } from "@apron/core/catalogue";

/** Ingredients and figures a kitchen set itself. */
export type OwnStore = {
  readonly entries: () => Promise<OwnEntries>;
  readonly addIngredient: (ingredient: OwnIngredient) => Promise<void>;
  readonly setFigure: (figure: OwnFigure) => Promise<void>;
  /** False when there was no such figure. */
  readonly dropFigure: (figure: Pick<OwnFigure, "ingredient" | "table" | "key">) => Promise<boolean>;
};
