import { describe, expect, it } from "@jest/globals";
import { readStep } from "./read-step.ts";
import { tasksOf } from "./tasks-of-text.ts";

/** What each task of a text is done with and how long it takes, "oven 35" or "stands 30"; common practice, no source. */
const tasks = (text: string): string[] =>
  tasksOf(text)
    .map((task) => readStep(task))
    .map(({ tool, passiveMin, activeMin, wait }) =>
      [tool ?? (wait ? "stands" : "hands"), passiveMin?.high ?? activeMin ?? wait?.leastMin ?? "?"].join(" "),
    );

describe("a sentence in which food goes from one place to another", () => {
  it.each([
    ["Salt them, leave for 30 minutes, rinse and roast at 220C for 25 minutes.", ["stands 30", "oven 25"]],
    ["Simmer 10 minutes, then cover and leave off the heat for 5 minutes.", ["hob 10", "stands 5"]],
    ["Boil the eggs for 7 minutes, then cool in cold water for 5 minutes.", ["hob 7", "stands 5"]],
    ["Leave at room temperature for an hour, then chill for 2 hours.", ["stands 60", "fridge 120"]],
    ["Roast for 40 minutes, basting every 10 minutes, then rest for 10 minutes.", ["oven 40", "stands 10"]],
    ["Massage in the oil for 2 minutes, then roast for 30 minutes.", ["hands 2", "oven 30"]],
    ["Rest 1 hr in the fridge, then 30 minutes at room temperature.", ["fridge 60", "stands 30"]],
    ["Massage the kale for 2 minutes, leave for 10 minutes.", ["hands 2", "stands 10"]],
    ["Roast for 30 minutes, meanwhile simmer the lentils for 20 minutes.", ["oven 30", "hob 20"]],
  ])("%s", (text, expected) => {
    expect(tasks(text)).toEqual(expected);
  });

  it("keeps every word but the ones that joined the two", () => {
    expect(tasksOf("Soak for 30 minutes, then drain and boil for 20 minutes.")).toEqual([
      "Soak for 30 minutes.",
      "Then drain and boil for 20 minutes.",
    ]);
  });

  it.each([
    ["Leave for an hour, at least 30 minutes.", ["stands 60"]],
    ["Leave for 1 hour and 30 minutes, then drain.", ["stands 90"]],
    ["Simmer for 10 minutes; after 5 minutes add the peas.", ["hob 10"]],
    ["Roast for 20 minutes. If it is still hard, give it another 10 minutes.", ["oven 20"]],
    ["Leave for 20 minutes at room temperature or up to 24 hours in the fridge.", ["stands 20"]],
    ["Cook the pasta for 9 minutes, 1 minute less than the packet says.", ["hob 9"]],
  ])("stays whole: %s", (text, expected) => {
    expect(tasks(text)).toEqual(expected);
  });
});

describe("times of one fire that follow each other", () => {
  it.each([
    ["Roast for 20 minutes, then turn and roast for another 15 minutes.", "oven 35"],
    ["Roast at 200C for 20 minutes, turn, then roast for 10 minutes more.", "oven 30"],
    ["Roast for 20 minutes, turn and roast for 15 minutes.", "oven 35"],
    ["Bake at 220C for 25 minutes, then turn down to 160C and bake for a further 30 minutes.", "oven 55"],
    ["Bake at 220C, after 20 minutes turn it down to 180C and bake 10 more.", "oven 30"],
    ["Soften for 10 minutes, add the garlic and cook for another minute.", "hob 11"],
    ["Fry for 3 minutes on each side.", "hob 6"],
    ["Cook in the oven for 40 minutes, covered, then 20 minutes uncovered.", "oven 60"],
    ["Whizz for 30 seconds, scrape down, and whizz for another 30 seconds.", "processor 1"],
    ["Push the onions to a side and fry the eggs for 2 minutes.", "hob 2"],
    ["Grill for 3 to 4 minutes a side until black.", "grill 8"],
    ["Roast for 20 minutes, or 10 minutes more where they are large.", "oven 20"],
  ])("%s is %s", (text, expected) => {
    expect(tasks(text)).toEqual([expected]);
  });
});

describe("how long it may be kept", () => {
  it.each([
    ["Serve at once. Keeps for 3 days in the fridge.", ["hands ?"]],
    ["Serve at room temperature; it will keep for 2 days in the fridge.", ["hands ?"]],
    ["Store in the fridge for up to 3 days.", ["hands ?"]],
    ["Roast for 30 minutes. Leftovers will last 3 days.", ["oven 30"]],
    ["Leave to cool for 10 minutes. Leftovers keep 4 days.", ["stands 10"]],
    // What is done with it goes on behind: that is no keeping.
    ["Keep in the fridge for 2 hours before serving.", ["fridge 120"]],
    ["Refrigerate for 1 hour or up to 2 days.", ["fridge 60"]],
    ["Keep under brine for 5 days.", ["stands 7200"]],
  ])("%s", (text, expected) => {
    expect(tasks(text)).toEqual(expected);
  });
});

describe("what stands outside the fridge", () => {
  it.each([
    ["Leave at room temp for 1-2 days, then into the fridge.", "stands 1440"],
    ["Leave on the counter for 3 days, then refrigerate.", "stands 4320"],
    ["Take the cheese out of the fridge 30 minutes before serving.", "stands 30"],
    ["Dress the leaves 10 minutes before serving.", "stands 10"],
    ["Put the jar on a sunny windowsill for 3 days, then strain.", "stands 4320"],
    ["Pickle for 20 minutes at least; they keep for 2 weeks in the fridge.", "stands 20"],
    ["Turn off the heat and leave the pan covered for 10 minutes.", "stands 10"],
    ["Drain and leave to steam dry for 5 minutes.", "stands 5"],
    ["Put it in the fridge for 2 hours before serving.", "fridge 120"],
  ])("%s: %s", (text, expected) => {
    expect(tasks(text)).toEqual([expected]);
  });
});
