import type { EndpointName } from "@apron/contract";

/** Where what was written shows first. */
const actsOf: Readonly<Record<string, readonly EndpointName[]>> = {
  "/basket": [
    ...(["logLot", "logIntake", "undoIntake", "importLots", "undoEntry", "addBed", "changeBed"] as const),
    ...(["goneOff", "correctLot", "removeFromLot", "freezeLot", "openPortion", "splitLot"] as const),
    ...(["moveLot", "refreshLot", "labelLot", "weighBack"] as const),
  ],
  "/trim": ["recordTrim", "withdrawTrim", "prepareLots", "withdrawTrims"],
  "/plan": ["savePlan", "dropPlan", "recordCookEvent"],
  "/larder": ["finishMake", "undoBatch", "withdraw", "undoWithdrawal", "changeBatchNotes", "setBatchPhoto"],
  "/recipes": [
    ...(["saveRecipe", "editRecipe", "importRecipes", "takeDemoRecipes", "saveDressing"] as const),
    ...(["setDefaultVersion", "defaultFromBatch", "archiveRecipe", "setPhoto", "removePhoto"] as const),
  ],
  "/handbook": ["addIngredient", "setFigure", "dropFigure"],
  "/kitchen": ["changeKitchen"],
};

const stations = new Map(
  Object.entries(actsOf).flatMap(([station, acts]) => acts.map((act) => [act, station] as const)),
);

export const stationOfAct = (act: EndpointName): string | undefined => stations.get(act);
