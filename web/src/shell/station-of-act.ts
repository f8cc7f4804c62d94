import type { EndpointName, WriteName } from "@apron/contract";

const basket = "/basket";
const trim = "/trim";
const plan = "/plan";
const larder = "/larder";
const recipes = "/recipes";
const match = "/match";
const dressing = "/dressing";
const handbook = "/handbook";
const kitchen = "/kitchen";

/** Where what was written shows first: every act that is written has its place. */
const stations: Readonly<Record<WriteName, string>> = {
  ...{ logLot: basket, logIntake: basket, undoIntake: basket, importLots: basket, undoEntry: basket },
  ...{ addBed: basket, changeBed: basket, goneOff: basket, correctLot: basket, removeFromLot: basket },
  ...{ freezeLot: basket, openPortion: basket, splitLot: basket, moveLot: basket, refreshLot: basket },
  ...{ labelLot: basket, weighBack: basket },
  ...{ recordTrim: trim, withdrawTrim: trim, prepareLots: trim, withdrawTrims: trim },
  ...{ acceptMealPlan: match, dropPlannedDish: match, dropAcceptedPlan: match, bringShoppingHome: basket },
  ...{ addShoppingItem: match, tickShoppingItem: match, removeShoppingItem: match },
  ...{ savePlan: plan, dropPlan: plan, recordCookEvent: plan },
  ...{ finishMake: larder, undoBatch: larder, withdraw: larder, undoWithdrawal: larder },
  ...{ changeBatchNotes: larder, setBatchPhoto: larder },
  ...{ saveRecipe: recipes, editRecipe: recipes, importRecipes: recipes, takeDemoRecipes: recipes },
  ...{ saveDressing: recipes, setDefaultVersion: recipes, defaultFromBatch: recipes },
  ...{ archiveRecipe: recipes, setPhoto: recipes, removePhoto: recipes },
  ...{ weighJarBack: dressing },
  ...{ addIngredient: handbook, setFigure: handbook, dropFigure: handbook },
  ...{ setOunceMeaning: kitchen, setNameMeaning: kitchen, changeKitchen: kitchen },
};

export const stationOfAct = (act: EndpointName): string | undefined =>
  Object.hasOwn(stations, act) ? stations[act as WriteName] : undefined;
