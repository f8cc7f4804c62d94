/** What lies on the simulated scale. `wasG` is what lay there before the last change. */
export type ScaleRecord = {
  readonly pileG: number;
  readonly tareG: number;
  readonly wasG: number;
  readonly changedAt: Date;
};

export type ScaleStore = {
  readonly get: () => Promise<ScaleRecord | undefined>;
  readonly put: (scale: ScaleRecord) => Promise<void>;
};
