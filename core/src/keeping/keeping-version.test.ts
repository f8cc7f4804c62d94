import { createHash } from "node:crypto";
import { describe, expect, it } from "@jest/globals";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { keepingVersion } from "./keeping-version.ts";
import { classLimits, shortestOfAll } from "./tables/class-limits.ts";

/** What every date in stock and on a label was worked out from. */
const digest = createHash("sha256")
  .update(JSON.stringify([classLimits, shortestOfAll, referenceCatalogue.keeping]))
  .digest("hex")
  .slice(0, 12);

describe("the edition of the keeping rules", () => {
  // When this fails, the tables have changed: raise keepingVersion and write both here, so that kitchens are dated anew.
  it("is raised with the tables", () => {
    expect([keepingVersion, digest]).toEqual([2, "9cfe46b31ad8"]);
  });
});
