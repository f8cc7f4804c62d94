import { describe, expect, it } from "@jest/globals";
import { foods, metricReader as reader } from "../../test/read.ts";
import { readLine } from "./read-line.ts";

const names = foods.map(({ name }) => name);

/** What a line is read as without a question; undefined where something is asked. */
function foodOf(line: string): string | undefined {
  const { ingredient, questions } = readLine(line, reader);
  return questions.length === 0 && ingredient.kind === "one" ? ingredient.id : undefined;
}

/** Words that make another food of most, each as lists put it behind the name. */
const states = ["dried", "smoked", "pickled", "tinned", "ground", "minced", "wild", "crisps"];
const behind: readonly ((name: string, state: string) => string)[] = [
  (name, state) => `${name}, ${state} 200 g`,
  (name, state) => `200 g ${name} (${state})`,
];

describe("every food with what makes another of it", () => {
  it.each(states)("%s means behind a name what it means before it, or is asked about", (state) => {
    let compared = 0;
    const wrong = names.flatMap((name) => {
      const plain = foodOf(`200 g ${name}`);
      const before = foodOf(`200 g ${state} ${name}`);
      if (plain === undefined || before === plain) return [];
      // What is another food before the name may be no food that is known: then it is asked, never dropped.
      compared++;
      return behind.map((write) => write(name, state)).filter((line) => foodOf(line) === plain);
    });
    expect(wrong).toEqual([]);
    expect(compared).toBeGreaterThan(0);
  });

  it.each(["in syrup", "in vinegar", "glacé", "freeze-dried"])("%s is another food", (state) => {
    const wrong = names.filter((name) => {
      const plain = foodOf(`200 g ${name}`);
      return plain !== undefined && foodOf(`200 g ${name}, ${state}`) === plain;
    });
    // Of what is dried or pickled already it says nothing new.
    expect(wrong.length).toBeLessThan(state === "freeze-dried" ? 200 : 1);
  });

  it.each([
    "chopped",
    "finely sliced",
    "washed and spun",
    "cut into wedges",
    "to serve",
    "at room temperature",
    "peeled",
  ])("%s leaves every food what it is", (done) => {
    const changed = names.filter((name) => foodOf(`200 g ${name}`) !== foodOf(`200 g ${name}, ${done}`));
    expect(changed).toEqual([]);
  });
});

describe("every food cut into what no table weighs", () => {
  it.each(["chunk", "ring", "matchstick", "baton", "ribbon", "shaving", "joint", "shank"])(
    "no %s counts as a whole one",
    (cut) => {
      const wrong = names.flatMap((name) =>
        [`2 ${cut}s ${name}`, `2 ${name} ${cut}s`, `1 ${cut} ${name}`, `1 ${cut} of ${name}`].filter(
          (line) => {
            const { grams, questions, measure } = readLine(line, reader);
            return grams !== null && questions.length === 0 && measure !== cut && measure !== "g";
          },
        ),
      );
      expect(wrong).toEqual([]);
    },
  );
});
