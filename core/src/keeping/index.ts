export { classLimit, comesSealed, isByStorageTable, isLowAcidPack, type Kept } from "./class-limit.ts";
export { publishedRule } from "./published-rule.ts";
export { keepingVersion } from "./keeping-version.ts";
export { foodClassOf, isProduce } from "./food-class.ts";
export type { ClassLimit, Pack } from "./tables/class-limits.ts";
