import type { DressingRole } from "./read-dressing.ts";

/** Salt dissolves in acid and not in oil; the emulsifier must meet the acid before the oil comes. Common practice, no source. */
const order: readonly DressingRole[] = ["acid", "salt", "sweet", "emulsifier", "creamy", "flavour", "oil"];

/** Parts in the order they go into the bowl: salt into the acid, then what emulsifies, the oil last. */
export const mixingOrder = <Part extends { readonly role: DressingRole }>(parts: readonly Part[]): Part[] =>
  [...parts].sort((a, b) => order.indexOf(a.role) - order.indexOf(b.role));
