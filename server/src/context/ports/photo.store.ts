/** A dish's picture, as the browser shrank it. */
type RecipePhoto = {
  readonly recipeId: string;
  readonly mediaType: string;
  readonly bytes: Uint8Array;
  /** SHA-256, hex: names this very picture. */
  readonly digest: string;
};

type BatchPhoto = Omit<RecipePhoto, "recipeId"> & { readonly batchId: string };

export type PhotoStore = {
  readonly ofBatch: (batchId: string) => Promise<BatchPhoto | undefined>;
  readonly digestOfBatch: (batchId: string) => Promise<string | undefined>;
  readonly putOfBatch: (photo: BatchPhoto, at: Date) => Promise<void>;
  readonly get: (recipeId: string) => Promise<RecipePhoto | undefined>;
  /** Digest by recipe, of those that have a photo. */
  readonly digests: () => Promise<ReadonlyMap<string, string>>;
  readonly put: (photo: RecipePhoto, at: Date) => Promise<void>;
  /** False when there was none. */
  readonly drop: (recipeId: string) => Promise<boolean>;
};
