import { accept } from "@apron/core/measure";
import type { Kit, UseCase, UseCases } from "../kit.ts";
import { emptyScale, readScaleAt } from "./simulated-scale.ts";
import type { ScaleRecord } from "./store.ts";

const scaleNow = async (kit: Kit): Promise<ScaleRecord> => (await kit.stores.scale.get()) ?? emptyScale;

const readScale: UseCase<"readScale"> = async (_input, kit) =>
  accept(readScaleAt(await scaleNow(kit), kit.now));

const pileOnScale: UseCase<"pileOnScale"> = async ({ body }, kit) => {
  const before = await scaleNow(kit);
  const scale = { ...before, pileG: body.grams, wasG: before.pileG, changedAt: kit.now };
  await kit.stores.scale.put(scale);
  return accept(readScaleAt(scale, kit.now));
};

const tareScale: UseCase<"tareScale"> = async (_input, kit) => {
  const before = await scaleNow(kit);
  const scale = { ...before, tareG: before.pileG };
  await kit.stores.scale.put(scale);
  return accept(readScaleAt(scale, kit.now));
};

export const scaleUseCases = { readScale, pileOnScale, tareScale } satisfies UseCases<
  "readScale" | "pileOnScale" | "tareScale"
>;
