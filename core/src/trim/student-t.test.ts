import { describe, expect, it } from "@jest/globals";
import jstat from "jstat";
import { studentReach, type IntervalShare } from "./student-t.ts";

const degrees = Array.from({ length: 41 }, (_, i) => 4 + i);

describe("Student's t", () => {
  it.each<IntervalShare>([0.9, 0.99])(
    "holds %d of the weighings for every degree, against jStat",
    (share) => {
      for (const nu of degrees)
        expect(studentReach(share, nu)).toBeCloseTo(jstat.jStat.studentt.inv((1 + share) / 2, nu), 4);
    },
  );

  it("answers only for what can occur: nothing is made up beyond the table", () => {
    for (const nu of [3, 45, 4.5, Number.NaN]) expect(() => studentReach(0.9, nu)).toThrow("no t quantile");
  });
});
