import type { Formula } from "@apron/core/recipes";
import { demoFormulas } from "./formulas.ts";
import { autumnAndWinter } from "./starter-autumn-winter.ts";
import { springAndSummer } from "./starter-spring-summer.ts";

/** What a new kitchen can begin with: the demo kitchen's dishes, and more for what the other seasons give. */
export const starterSet: readonly Formula[] = [...demoFormulas, ...springAndSummer, ...autumnAndWinter];
