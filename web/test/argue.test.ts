import { describe, expect, it } from "@jest/globals";
import { mostMinutes, mostPeople, mostTimesOfAKind } from "@apron/contract";
import {
  dayToggled,
  isDayKept,
  lessWorkAt,
  letIn,
  minutesWithin,
  movedTo,
  peopleWithin,
  placeOf,
  ruledOut,
  timesOf,
  timesWithin,
  toggled,
  wastePlaces,
} from "../src/match/argue.ts";
import { changeWords, goneWords, keptWords } from "../src/match/meal-plan-words.ts";

const keep = [
  { recipeId: "slaw", day: 0 },
  { recipeId: "soup", day: null },
];

describe("arguing with a plan", () => {
  it("holds what is typed to what can be planned for; empty is as usual", () => {
    expect([null, -1, 2.5, 1e9].map(peopleWithin)).toEqual([null, 0, 2.5, mostPeople]);
    expect([null, -1, 30.4, 1e9].map(minutesWithin)).toEqual([null, 0, 30, mostMinutes]);
    expect([-1, 1.4, 1e9].map(timesWithin)).toEqual([0, 1, mostTimesOfAKind]);
  });

  it("says what a dish is kept for", () => {
    expect([null, 0, 1].map(keptWords)).toEqual(["Kept", "Kept for today", "Kept for tomorrow"]);
    expect(keptWords(3)).toMatch(/^Kept for [A-Z]/);
  });

  it("keeps a dish on its day, and lets it go again; another day of it stays", () => {
    const once = toggled({ keep, without: [] }, "slaw", 1);
    expect(once.keep).toEqual([...keep, { recipeId: "slaw", day: 1 }]);
    expect(toggled({ ...once, without: [] }, "slaw", 1).keep).toEqual(keep);
    expect(toggled({ keep, without: [] }, "soup", null).keep).toEqual([keep[0]]);
  });

  it("moves a dish: kept on the new day once, and on the old one no more", () => {
    expect(movedTo({ keep, without: [] }, "slaw", { from: 0, to: 2 }).keep).toEqual([
      keep[1],
      { recipeId: "slaw", day: 2 },
    ]);
    const twice = [...keep, { recipeId: "slaw", day: 2 }];
    expect(movedTo({ keep: twice, without: [] }, "slaw", { from: 0, to: 2 }).keep).toHaveLength(2);
    expect(movedTo({ keep, without: [] }, "slaw", { from: 1, to: 1 }).keep).toBe(keep);
  });

  it("leaves a dish out, which is kept no more, and lets it in again", () => {
    const out = ruledOut({ keep, without: ["pesto"] }, "slaw");
    expect(out).toEqual({ keep: [keep[1]], without: ["pesto", "slaw"] });
    expect(ruledOut(out, "slaw").without).toEqual(["pesto", "slaw"]);
    expect(letIn(out, "pesto").without).toEqual(["slaw"]);
  });

  it("keeps a whole day as it stands, and lets it go again; other days stay", () => {
    const kept = dayToggled({ keep }, ["slaw", "dip"], 0).keep;
    expect(kept).toEqual([keep[1], { recipeId: "slaw", day: 0 }, { recipeId: "dip", day: 0 }]);
    expect(isDayKept({ keep: kept }, ["slaw", "dip"], 0)).toBe(true);
    expect(isDayKept({ keep }, ["slaw", "dip"], 0)).toBe(false);
    expect(isDayKept({ keep }, [], 0)).toBe(false);
    expect(dayToggled({ keep: kept }, ["slaw", "dip"], 0).keep).toEqual([keep[1]]);
  });

  it("finds the slider's place for what was wished, and back", () => {
    expect(wastePlaces.map(placeOf)).toEqual([0, 1, 2, 3, 4]);
    expect(wastePlaces.map((_, place) => lessWorkAt(place))).toEqual([...wastePlaces]);
    expect([placeOf(0.3), placeOf(9), lessWorkAt(99)]).toEqual([2, 4, 0.25]);
  });

  it("wants no more than so many of a kind, and takes that back", () => {
    const limited = timesOf({ timesOfAKind: { slaw: 1 } }, "pesto", 2);
    expect(limited).toEqual({ timesOfAKind: { slaw: 1, pesto: 2 } });
    expect(timesOf(limited, "pesto", 0)).toEqual({ timesOfAKind: { slaw: 1, pesto: 0 } });
    expect(timesOf(limited, "slaw", null)).toEqual({ timesOfAKind: { pesto: 2 } });
  });

  it("says what is otherwise", () => {
    expect(changeWords({ kind: "new" })).toBe("New");
    expect(changeWords({ kind: "moved", fromDay: 1 })).toBe("Moved from tomorrow");
    expect(changeWords({ kind: "resized", fromBatches: 1.5 })).toBe("Was 1.5 batches");
    expect(changeWords({ kind: "resized", fromBatches: 1 })).toBe("Was 1 batch");
    expect(goneWords(["Slaw", "Soup"])).toBe("No longer in it: Slaw, Soup.");
  });
});
