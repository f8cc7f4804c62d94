/** What the simulated scale remembers. `wasG` is what lay there before the last change. */
export type ScaleRecord = {
  readonly pileG: number;
  readonly tareG: number;
  readonly previousG: number;
  readonly changedAt: Date;
  readonly unit: "g" | "oz";
  /** The reading that hold keeps on the display; null when it is not held. */
  readonly heldG: number | null;
  readonly plugged: boolean;
  /** The last key or weight: some minutes later it switches itself off. */
  readonly usedAt: Date;
};

export type ScaleStore = {
  readonly get: () => Promise<ScaleRecord | undefined>;
  readonly put: (scale: ScaleRecord) => Promise<void>;
};
