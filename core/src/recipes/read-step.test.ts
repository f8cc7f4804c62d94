import { describe, expect, it } from "@jest/globals";
import type { Step } from "./formula.ts";
import { readStep } from "./read-step.ts";
import { celsiusIn } from "./step-heat.ts";
import { minutesIn } from "./step-time.ts";
import { tasksOf } from "./tasks-of-text.ts";

/** The British oven's marks, °C as cookers and cookbooks print them; from memory. */
const marks: readonly (readonly [string, number])[] = [
  ["¼", 110],
  ["½", 120],
  ["0.25", 110],
  ["0.5", 120],
  ["1", 140],
  ["2", 150],
  ["3", 170],
  ["4", 180],
  ["5", 190],
  ["6", 200],
  ["7", 220],
  ["8", 230],
  ["9", 240],
];

describe("the oven's temperature in a step", () => {
  it.each(marks)("gas mark %s is %i °C", (mark, celsius) => {
    expect(celsiusIn(`Bake at gas mark ${mark} until golden.`)).toBe(celsius);
    expect(celsiusIn(`Bake at gas ${mark}.`)).toBe(celsius);
  });

  it("knows no mark beyond the dial", () => {
    expect(celsiusIn("Gas mark 10.")).toBeNull();
    expect(celsiusIn("Gas mark 0.")).toBeNull();
  });

  it("reads Fahrenheit to the nearest degree, and a fan oven as one 20 °C warmer", () => {
    expect(celsiusIn("Roast at 400 °F.")).toBe(204);
    expect(celsiusIn("Roast at 212F.")).toBe(100);
    expect(celsiusIn("Roast at 180 °C fan.")).toBe(200);
    expect(celsiusIn("Roast at 180 °C (fan 160).")).toBe(180);
    expect(celsiusIn("Roast at 180 °C (fan oven: 160 °C).")).toBe(180);
    expect(celsiusIn("Roast at 180 °C (160 °C fan).")).toBe(180);
    expect(celsiusIn("Heat the oven to fan 160 °C.")).toBe(180);
    expect(celsiusIn("Roast at 180 °C fan 20 minutes long.")).toBe(200);
    expect(celsiusIn("Roast at 400 °F fan.")).toBe(204);
  });

  it("takes nothing hotter than a kitchen's oven", () => {
    expect(celsiusIn("Heat to 350 °C.")).toBe(350);
    expect(celsiusIn("Heat to 351 °C.")).toBeNull();
    expect(celsiusIn("Heat to 330 °C fan.")).toBe(350);
    expect(celsiusIn("Heat to 331 °C fan.")).toBeNull();
    expect(celsiusIn("Heat to 00 °C.")).toBeNull();
  });

  it("says nothing where no temperature stands", () => {
    expect(celsiusIn("Stir for 10 minutes.")).toBeNull();
  });
});

describe("heat in every way it is written", () => {
  it.each([
    ["Roast at 450 F.", 232],
    ["Roast at 450 degrees for 20 minutes.", 232],
    ["Roast at 425° for 20 minutes.", 218],
    ["Bake at 350 degrees Fahrenheit.", 177],
    ["Bake at 180 C.", 180],
    ["Bake at 180 degrees C.", 180],
    ["Bake at 180 degrees celsius.", 180],
    ["Heat the oven to 200°C (fan 180°C).", 200],
    ["Heat oven to 220C/200C fan/gas 7.", 220],
    ["Heat the oven to 200C/180C fan/gas 6.", 200],
    ["Preheat the oven to 400°F/200°C.", 204],
    ["Bake in a moderate oven.", 180],
    ["Bake in a hot oven until risen.", 220],
    ["Dry in a low oven for 3 hours.", 150],
    ["Roast at 160 °C convection.", 180],
    ["Bake at gas 6 for 8 minutes.", 200],
    ["Roast at 200C for 20 minutes.", 200],
    ["Oven to 200C fan. Rub the peppers with oil.", 220],
    ["Preheat to 400F and roast for 20-25 minutes.", 204],
    ["Stir in 20 c water.", null],
  ])("%s", (text, celsius) => {
    expect(celsiusIn(text)).toBe(celsius);
  });
});

describe("times in every way they are written", () => {
  it.each([
    ["45 to 75 minutes", 45, 75],
    ["25–30 mins", 25, 30],
    ["half an hour", 30, 30],
    ["an hour", 60, 60],
    ["an hour and a half", 90, 90],
    ["1½ hours", 90, 90],
    ["1 1/2 hours", 90, 90],
    ["1 hour 15 minutes", 75, 75],
    ["1 hr and 20 mins", 80, 80],
    ["overnight", 480, 720],
    ["a couple of hours", 120, 120],
    ["a few minutes", 2, 4],
    ["thirty seconds each side", 0.5, 0.5],
    ["ten minutes", 10, 10],
    ["30 minutes to 1 hour", 30, 60],
    ["2 or 3 minutes", 2, 3],
    ["three-quarters of an hour", 45, 45],
  ])("%s", (text, low, high) => {
    expect(minutesIn(text)).toEqual({ low, high });
  });
});

describe("what a step is done with, by what is done in it", () => {
  const tools: readonly (readonly [string, Step["tool"]])[] = [
    ["Let it soften for ten minutes.", null],
    ["Leave until the skin will slip off.", null],
    ["Drain the pulses and rinse.", null],
    ["Add the roasted peppers and the boiled eggs.", null],
    ["Add the chilli and the chilled stock.", null],
    ["Slice the roast peppers.", null],
    ["Season with toasted cumin.", null],
    ["Put the peppers in a bowl, cover and leave 15 mins to steam.", null],
    ["Steam the leaves in a bowl over the pan for 5 minutes.", "hob"],
    ["Put the bowl over simmering water and leave to steam.", "hob"],
    ["Roast the carrots for 30 minutes.", "oven"],
    ["Put in the oven until golden.", "oven"],
    ["Preheat the oven to 200 °C.", "oven"],
    ["Toss with oil and bake for 20 minutes.", "oven"],
    ["Simmer gently for 20 minutes.", "hob"],
    ["Bring a pan of salted water to the boil.", "hob"],
    ["Soften the onion in the oil for 8 minutes.", "hob"],
    ["Toast the nuts in a dry pan.", "hob"],
    ["Blanch the beans for 3 minutes.", "hob"],
    ["Cook over a medium heat until thick.", "hob"],
    ["Blitz until smooth.", "processor"],
    ["Pulse the nuts and garlic.", "processor"],
    ["Put everything in a food processor.", "processor"],
    ["Purée in a blender.", "blender"],
    ["Char the leeks under a hot grill.", "grill"],
    ["Grill for 5 minutes a side.", "grill"],
    ["Chill for two hours.", "fridge"],
    ["Put in the fridge to set.", "fridge"],
    ["Freeze in ice-cube trays.", "freezer"],
  ];
  it.each(tools)("%s", (text, tool) => {
    expect(readStep(text).tool).toBe(tool);
  });
});

describe("hands or none", () => {
  it.each([
    ["Whisk for 2 minutes.", { activeMin: 2, passiveMin: null, wait: null }],
    ["Fry for 6 minutes, stirring.", { activeMin: 6, passiveMin: null, wait: null }],
    ["Roast for 40 to 45 minutes.", { activeMin: null, passiveMin: { low: 40, high: 45 }, wait: null }],
    [
      "Cover and simmer for 20 minutes until tender.",
      { activeMin: null, passiveMin: { low: 20, high: 20 }, wait: null },
    ],
    [
      "Cook over a low heat for 40 minutes.",
      { activeMin: null, passiveMin: { low: 40, high: 40 }, wait: null },
    ],
    ["Fry over a low heat for 10 minutes.", { activeMin: 10, passiveMin: null, wait: null }],
    [
      "Leave to stand for 15 minutes.",
      { activeMin: null, passiveMin: null, wait: { leastMin: 15, mostMin: null } },
    ],
    // A moment in it is not how long it goes on, but where nothing else is said.
    [
      "Roast for 45-60 mins, turning half way. The tomatoes come out after 20 minutes.",
      { activeMin: null, passiveMin: { low: 45, high: 60 }, checkEveryMin: 30 },
    ],
    ["Halfway through, shake the tray: 25 minutes in the oven.", { checkEveryMin: 13 }],
    ["Roast for 30 minutes, turning once.", { checkEveryMin: 15 }],
    ["Roast for 1 hour 15 minutes, turning the tray after 40 minutes.", { checkEveryMin: 40 }],
    ["Roast for 45 minutes; after 25 minutes turn them over.", { checkEveryMin: 25 }],
    // It would come round three times, or when all is over.
    ["Roast for 60 minutes, turning after 15 minutes.", { checkEveryMin: null }],
    ["Roast for 30 minutes, then toss; after 40 minutes stir.", { checkEveryMin: null }],
    ["Roast for 30 minutes, turning once golden.", { checkEveryMin: null }],
    ["Once golden, turn and fry for 10 minutes.", { checkEveryMin: null }],
    ["Roast for 30 minutes until they turn brown.", { checkEveryMin: null }],
    ["Take out of the oven after 20 minutes.", { passiveMin: { low: 20, high: 20 } }],
    ["Chill overnight.", { activeMin: null, passiveMin: { low: 480, high: 720 }, wait: null }],
    [
      "Roast for 30 minutes, turning every 10 minutes.",
      { checkEveryMin: 10, passiveMin: { low: 30, high: 30 } },
    ],
  ])("%s", (text, expected) => {
    expect(readStep(text)).toMatchObject(expected);
  });

  it("keeps the sign that it is done without the clock beside it", () => {
    expect(readStep("Roast until the edges char, about 40 minutes.").doneWhen).toBe("the edges char");
    expect(
      readStep(
        "Stir till dissolved, then simmer for 1 hour, stirring every 10 minutes (it catches), until it's thick.",
      ).doneWhen,
    ).toBe("it's thick");
    expect(readStep("Fry until soft, then add the rice and stir until coated.").doneWhen).toBe("soft");
    expect(readStep("Roast until brown (20 min), until it smells nutty.").doneWhen).toBe("brown");
    expect(readStep("Cook until a knife slides in, stirring often.").doneWhen).toBe("a knife slides in");
    expect(readStep("Roast until brown and floury, turn every 12 minutes.").doneWhen).toBe(
      "brown and floury",
    );
    expect(readStep("Boil until tender, drain.").doneWhen).toBe("tender");
    expect(
      readStep("Fry for 10 minutes till soft, add the garlic and cook 8 mins more until dry.").doneWhen,
    ).toBe("dry");
    expect(readStep("Fry until crisp and golden, then lift out.").doneWhen).toBe("crisp and golden");
  });
});

describe("a paragraph with several tasks", () => {
  it("is one step for each that needs a clock or a machine", () => {
    expect(
      tasksOf(
        "Char the aubergines over a flame for 15 minutes. Leave to cool for 20 minutes. Scoop out the flesh and mash it.",
      ),
    ).toEqual([
      "Char the aubergines over a flame for 15 minutes.",
      "Leave to cool for 20 minutes. Scoop out the flesh and mash it.",
    ]);
  });

  it("stays whole where it has one or none, or the second clock is of the same task", () => {
    for (const text of [
      "Roast for 45 mins. The tomatoes come out after 20 minutes.",
      "Mix everything. Season. Serve.",
      "Slice them. Roast for 20 minutes. Serve warm.",
    ])
      expect(tasksOf(text)).toEqual([text]);
  });
});

describe("a pot that is left to boil", () => {
  it.each([
    ["Boil the beets for 40–50 minutes until a knife slips in.", { low: 40, high: 50 }, null],
    ["Eggs 8 min in boiling water, then cold water.", { low: 8, high: 8 }, null],
    ["Simmer for 5 minutes.", { low: 5, high: 5 }, null],
    ["Simmer for 4 minutes.", null, 4],
    ["Simmer for 20 minutes, stirring often.", null, 20],
    ["Stir and simmer for 20 minutes.", null, 20],
    ["Simmer for 45 minutes, stirring now and then.", { low: 45, high: 45 }, null],
    ["Simmer for 30 minutes, stirring occasionally.", { low: 30, high: 30 }, null],
    ["Simmer gently, with an occasional stir, for 30 minutes.", { low: 30, high: 30 }, null],
    ["Bring to the boil, turn down and simmer for 20 minutes.", { low: 20, high: 20 }, null],
    ["Bring to the boil, then reduce the heat and simmer for 20 minutes.", { low: 20, high: 20 }, null],
    [
      "Stir till dissolved, then simmer for 1 - 1 1/2 hours, stirring every 10 minutes or so.",
      { low: 60, high: 90 },
      null,
    ],
    ["Simmer for 20 minutes, stirring every 2 minutes.", null, 20],
    ["Fry the onions for 15 minutes.", null, 15],
    ["Cook over a low heat for 15 minutes.", { low: 15, high: 15 }, null],
  ])("%p", (text, passiveMin, activeMin) => {
    expect(readStep(text)).toMatchObject({ tool: "hob", passiveMin, activeMin });
  });
});
