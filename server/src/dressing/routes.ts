import type { UseCases } from "../context/request-context.ts";
import { composeDressing } from "./compose-dressing.ts";
import { correctDressing } from "./correct-dressing.ts";
import { dressingHandbook } from "./handbook.ts";
import { dressingForSalad, weighJarBack } from "./own-rates.ts";
import { readDressing } from "./read-dressing.ts";
import { dressingShelfLife } from "./shelf-life.ts";

export const dressingUseCases = {
  dressingHandbook,
  readDressing,
  composeDressing,
  correctDressing,
  dressingForSalad,
  weighJarBack,
  dressingShelfLife,
} satisfies UseCases<
  | "dressingHandbook"
  | "readDressing"
  | "composeDressing"
  | "correctDressing"
  | "dressingForSalad"
  | "weighJarBack"
  | "dressingShelfLife"
>;
