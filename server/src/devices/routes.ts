import { accept } from "@apron/core/measure";
import type { Kit, UseCase, UseCases } from "../context/request-context.ts";
import { readPriceBoard } from "./read-price-board.ts";
import { simulatedScale } from "./simulated-scale.ts";
import type { ScaleRecord } from "../context/ports/scale.store.ts";

const scaleNow = async (kit: Kit): Promise<ScaleRecord> =>
  (await kit.stores.scale.get()) ?? simulatedScale.rest;

async function after(change: (scale: ScaleRecord) => ScaleRecord, kit: Kit) {
  const scale = change(await scaleNow(kit));
  await kit.stores.scale.put(scale);
  return accept(simulatedScale.read(scale, kit.now));
}

const readScale: UseCase<"readScale"> = async (_input, kit) =>
  accept(simulatedScale.read(await scaleNow(kit), kit.now));

const pileOnScale: UseCase<"pileOnScale"> = ({ body }, kit) =>
  after((scale) => simulatedScale.pile(scale, body.grams, kit.now), kit);

const pressScale: UseCase<"pressScale"> = ({ body }, kit) =>
  after((scale) => simulatedScale.press(scale, body.key, kit.now), kit);

export const deviceUseCases = { readScale, pileOnScale, pressScale, readPriceBoard } satisfies UseCases<
  "readScale" | "pileOnScale" | "pressScale" | "readPriceBoard"
>;
