import {
  BookOpenText,
  CalendarClock,
  CookingPot,
  Droplets,
  LibraryBig,
  Refrigerator,
  Scissors,
  Settings2,
  ShoppingBasket,
  Sun,
} from "@lucide/vue";
import type { Today } from "@apron/contract";
import type { Component } from "vue";

type Waiting = Today["waiting"];

export type Station = {
  readonly to: string;
  readonly label: string;
  readonly icon: Component;
  /** One of the five that stand at the foot of a phone; the others are under More. */
  readonly first: boolean;
  /** How many things are due here, and the words for one and for many. */
  readonly due?: { readonly of: (w: Waiting) => number; readonly one: string; readonly many: string };
};

/** The stations in the order of the work, then the reference benches and the settings. */
export const stations: readonly Station[] = [
  { to: "/", label: "Today", icon: Sun, first: true },
  {
    to: "/basket",
    label: "Basket",
    icon: ShoppingBasket,
    first: true,
    due: { of: (w) => w.basket, one: "to use now", many: "to use now" },
  },
  {
    to: "/trim",
    label: "Trim",
    icon: Scissors,
    first: true,
    due: { of: (w) => w.trim, one: "to trim", many: "to trim" },
  },
  {
    to: "/match",
    label: "Match",
    icon: CookingPot,
    first: true,
    due: { of: (w) => w.match, one: "dish fits", many: "dishes fit" },
  },
  { to: "/plan", label: "Plan", icon: CalendarClock, first: false },
  {
    to: "/larder",
    label: "Larder",
    icon: Refrigerator,
    first: false,
    due: { of: (w) => w.larder, one: "due soon", many: "due soon" },
  },
  { to: "/recipes", label: "Recipes", icon: BookOpenText, first: false },
  { to: "/dressing", label: "Dressing", icon: Droplets, first: false },
  { to: "/handbook", label: "Handbook", icon: LibraryBig, first: false },
  { to: "/kitchen", label: "Kitchen settings", icon: Settings2, first: false },
];
