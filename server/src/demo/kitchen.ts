import { defaultAppetite } from "@apron/core/match";
import { eaterNamed, firstSettings, type KitchenSettings } from "../context/kitchen-settings.ts";

/** An invented allotment kitchen. Everyone and everything in it is made up. */
export const demoKitchen = {
  name: "Quillet Lane plot 9",
  dialect: "uk",
  units: "metric",
  currency: "GBP",
} as const;

export const demoMembers = ["Wren", "Ottilie", "Bram"] as const;
/** Printed at start; a demo holds nothing worth guarding. */
export const demoPassword = "late-summer";

export const demoSettings: KitchenSettings = {
  eaters: demoMembers.map(eaterNamed),
  household: { portionsPerPersonDay: defaultAppetite, freezerPortions: 60, givePortions: 6 },
  scale: "simulated",
  staples: [
    ...firstSettings.staples,
    "garlic",
    "shallot",
    "sunflower-seed",
    "hazelnut",
    "walnut",
    "farro",
    "capers",
    "paprika-smoked",
    "lemon-juice",
  ],
};
