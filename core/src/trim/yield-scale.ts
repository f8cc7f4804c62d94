import { invariant } from "../measure/index.ts";

/** The scale yields are learned on: logit while they stay below 1, natural log where water is taken up. */
export type YieldScale = { readonly to: (y: number) => number; readonly from: (z: number) => number };

/** A dry trim never leaves nothing or everything; weighings at the edge are read as this far inside. */
const edge = 0.001;

const logit: YieldScale = {
  to: (y) => {
    const inside = Math.min(1 - edge, Math.max(edge, y));
    return Math.log(inside / (1 - inside));
  },
  from: (z) => 1 / (1 + Math.exp(-z)),
};

const log: YieldScale = {
  to: (y) => {
    invariant(y > 0, `yield ${y} has no logarithm`);
    return Math.log(y);
  },
  from: Math.exp,
};

/** Handbook yields reaching beyond 1 take up water (soaking, boiling) and use the log scale. */
export const yieldScale = (handbookHigh: number): YieldScale => (handbookHigh > 1 ? log : logit);
