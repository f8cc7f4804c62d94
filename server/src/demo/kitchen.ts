import { usualAppetite } from "@apron/core/match";
import { firstSettings, type KitchenSettings } from "../context/kitchen-settings.ts";

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
  household: { people: 3, portionsPerPersonDay: usualAppetite, freezerPortions: 60, givePortions: 6 },
  diners: firstSettings.diners,
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
