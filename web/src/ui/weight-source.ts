/** Where the field gets weights from: told of focus, asked to send, never imported. */
export type WeightSource = {
  readonly register: (target: { take: (grams: number) => void }) => () => void;
  readonly focus: (target: { take: (grams: number) => void } | null) => void;
  readonly send: () => boolean;
};
