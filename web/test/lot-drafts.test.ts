import { describe, expect, it } from "@jest/globals";
import type { LineReading } from "@apron/contract";
import {
  chipRow,
  isClear,
  emptyIntake,
  intakeBody,
  linesOf,
  openQuestion,
  textRow,
} from "../src/basket/intake-draft.ts";
import { emptyDraft, labelDraftOf, labelOf, lotFormWords, unreadInLabel } from "../src/basket/lot-draft.ts";

const reading = (about: Partial<LineReading>): LineReading =>
  ({
    ingredient: "leek",
    grams: { value: 808, low: 700, high: 900 },
    questions: [],
    ...about,
  }) as LineReading;

it("a lot says which form it is in", () => {
  expect(lotFormWords({ state: "raw", method: null })).toBe("to trim");
  expect(lotFormWords({ state: "usable", method: null })).toBe("ready");
  expect(lotFormWords({ state: "usable", method: "peel" })).toBe("peeled");
  expect(lotFormWords({ state: "usable", method: "char-whole-then-scoop" })).toBe(
    "roasted (char whole, then scoop)",
  );
  expect(lotFormWords({ state: "opened", method: "peel" })).toBe("cut or opened");
});

describe("a list that is pasted", () => {
  it("is its lines, whatever ends them, without empty ones", () => {
    expect(linesOf("4 leeks\r\n\n  2 lemons \r1 kg plums\n")).toEqual(["4 leeks", "2 lemons", "1 kg plums"]);
    expect(linesOf(" \n\t\n")).toEqual([]);
  });
});

describe("a row of a delivery", () => {
  const asks = [{ code: "ingredient-ambiguous" }] as unknown as LineReading["questions"];

  it("asks what its line left open, until that is chosen", () => {
    const row = textRow("2 heads lettuce", reading({ questions: asks }));
    expect(openQuestion(row)?.code).toBe("ingredient-ambiguous");
    row.ingredient = "lettuce-leaf";
    expect(openQuestion(row)).toBeUndefined();
  });

  it("asks for the amount where the line says none, and for nothing before it was read", () => {
    expect(openQuestion(textRow("leeks", reading({ grams: null })))?.code).toBe("amount-empty");
    expect(openQuestion(textRow("4 leeks", null))).toBeUndefined();
    expect(openQuestion(textRow("4 leeks", reading({})))).toBeUndefined();
  });

  it("of a chip asks nothing here: its field says what is missing", () => {
    expect(openQuestion(chipRow("kale"))).toBeUndefined();
  });

  it("whose weight is a bare number asks whether it is pieces or grams, and does not go in before", () => {
    const row = { ...chipRow("eggplant"), amount: "2" };
    expect([openQuestion(row), isClear(row)]).toEqual([undefined, true]);
    const bare = { pieces: "2 pieces", grams: "2 g", likelier: "pieces" as const };
    const asked = { ...row, bare };
    expect(openQuestion(asked)).toEqual({ code: "pieces-or-grams", pieces: "2 pieces", grams: "2 g" });
    expect(isClear(asked)).toBe(false);
  });

  it("has an id of its own, made once", () => {
    const [one, other] = [chipRow("kale"), chipRow("kale")];
    expect(one.id).not.toBe(other.id);
  });
});

describe("a delivery as it is sent", () => {
  const sent = (...rows: ReturnType<typeof textRow>[]) =>
    intakeBody({ ...emptyIntake("Hill farm"), rows }, 1350).lines;

  it("keeps its ids, its source and its price", () => {
    const draft = emptyIntake("Hill farm");
    const row = textRow("4 leeks", reading({}));
    expect(intakeBody({ ...draft, rows: [row] }, 1350)).toMatchObject({
      id: draft.id,
      source: { kind: "box-share", note: "Hill farm" },
      priceMinor: 1350,
      lines: [{ id: row.id, text: "4 leeks", ingredient: null, amount: null }],
    });
  });

  it("an answered name goes with what the line had said before it", () => {
    const count = (low: number, high = low) => ({ ...{ value: low, low, high }, exact: low === high });
    const answered = (about: Partial<LineReading>) => ({
      ...textRow("lettuce", reading(about)),
      ingredient: "lettuce-leaf",
    });
    const amounts = sent(
      answered({ count: count(2), measure: "head" }),
      answered({ count: count(2, 3), measure: "head" }),
      answered({ count: count(4), measure: "" }),
      answered({ count: null }),
    ).map((line) => line.amount);
    expect(amounts).toEqual(["2 head", "2–3 head", "4 pieces", null]);
  });

  it("what was typed beside the name goes before what the line said", () => {
    const row = { ...textRow("2 heads lettuce", reading({})), ingredient: "lettuce-leaf", amount: "640" };
    expect(sent(row)[0]?.amount).toBe("640");
    expect(sent({ ...chipRow("kale"), amount: "" })[0]).toMatchObject({ ingredient: "kale", amount: "" });
  });
});

describe("a label of a pack", () => {
  const empty = emptyDraft().label;

  it("says nothing while nothing is typed", () => {
    expect([labelOf(empty), unreadInLabel(empty)]).toEqual([null, undefined]);
    expect(labelOf({ ...empty, salt: "  " })).toBeNull();
  });

  it("is grams per 100 g, also with a comma, and unknown where it says nothing", () => {
    expect(labelOf({ salt: "1,2", sugars: "0", acid: "", allergens: "Milk, soya" })).toEqual({
      ...{ saltG: 1.2, sugarsG: 0, acidG: null },
      allergens: ["milk", "soya"],
    });
  });

  it.each([
    [{ salt: "plenty" }, "label.saltG"],
    [{ sugars: "some" }, "label.sugarsG"],
    [{ acid: "5 %%" }, "label.acidG"],
    [{ salt: "1", sugars: "some", acid: "much" }, "label.sugarsG"],
  ])("%p cannot be read, and says where", (typed, field) => {
    expect(unreadInLabel({ ...empty, ...typed })).toBe(field);
  });

  it("comes back into its fields as it was", () => {
    const label = { saltG: 1.2, sugarsG: null, acidG: 0, allergens: ["milk", "soya"] };
    const shown = labelDraftOf(label);
    expect(shown).toEqual({ salt: "1.2", sugars: "", acid: "0", allergens: "milk, soya" });
    expect(labelOf(shown)).toEqual(label);
    expect(labelDraftOf(null)).toEqual(empty);
  });
});
