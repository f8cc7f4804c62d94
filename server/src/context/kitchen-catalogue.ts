import { withOwn, type Catalogue } from "@apron/core/catalogue";
import { LRUCache } from "lru-cache";
import type { SessionRecord } from "./ports/kitchen.store.ts";
import type { OwnStore } from "./ports/own.store.ts";

export type KitchenCatalogues = {
  readonly of: (kitchen: SessionRecord["kitchen"], own: OwnStore) => Promise<Catalogue>;
};

const mostKitchens = 100;

/**
 * Each kitchen's catalogue: the reference one until it sets something of its own, then the two together, kept by
 * the kitchen's catalogue revision, so that it can never be out of date.
 */
export function kitchenCatalogues(reference: Catalogue): KitchenCatalogues {
  const known = new LRUCache<string, Catalogue>({ max: mostKitchens });
  return {
    of: async (kitchen, own) => {
      if (Number(kitchen.catalogueRevision) === 0) return reference;
      const key = `${kitchen.id} ${kitchen.catalogueRevision}`;
      const before = known.get(key);
      if (before) return before;
      const catalogue = withOwn(reference, await own.entries());
      known.set(key, catalogue);
      return catalogue;
    },
  };
}
