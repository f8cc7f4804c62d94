/** Seeds that once made a property fail, by the full name of its test: each is tried again in every run. */
export const keptSeeds: Readonly<Record<string, readonly number[]>> = {
  "a pasted text reads a line as it does alone, whatever stands beside it": [1676673696],
};
