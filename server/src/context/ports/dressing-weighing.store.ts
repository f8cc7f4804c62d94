/** Jars of dressing weighed back. */
export type DressingWeighingStore = {
  /** Grams that went on 100 g of a kind of salad, oldest first. */
  readonly rates: (saladGroup: string) => Promise<number[]>;
  readonly add: (weighing: {
    readonly id: string;
    readonly saladGroup: string;
    readonly per100g: number;
    readonly at: Date;
    readonly memberId: string;
  }) => Promise<void>;
};
