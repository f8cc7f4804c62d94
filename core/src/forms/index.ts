export { isUsedWhole, staysUntrimmed, trimOf, usableOf, type Bought } from "./as-bought.ts";
