import { afterEach, beforeEach, describe, expect, it } from "@jest/globals";
import { ref } from "vue";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { useNotices } from "../src/client/notices.ts";
import { useOutbox } from "../src/client/outbox-store.ts";
import { useDraft } from "../src/client/use-draft.ts";
import { useSubmit } from "../src/client/use-submit.ts";
import { useSession } from "../src/client/session.ts";
import { useLineAmount } from "../src/recipes/use-line-amount.ts";
import { emptyLine, useRecipeDraft } from "../src/recipes/use-recipe-draft.ts";
import { useRecipeForm } from "../src/recipes/use-recipe-form.ts";
import { useInParts } from "../src/ui/in-parts.ts";
import { nextTask } from "../src/ui/next-task.ts";
import { useOpenRows } from "../src/ui/open-rows.ts";
import { aServer, atTheBench, settle, wren, type Bench } from "./bench.ts";

const open: Bench<unknown>[] = [];
const at = <Value>(setup: () => Value, session = wren as typeof wren | null): Value => {
  const bench = atTheBench(setup, session);
  open.push(bench);
  return bench.value;
};
beforeEach(() => {
  localStorage.clear();
  aServer({});
});
afterEach(() => {
  for (const bench of open.splice(0)) bench.close();
});

describe("a draft", () => {
  const empty = () => ({ id: "fresh", text: "", tags: [] as string[] });

  it("survives a reload, one for each kitchen and form", async () => {
    const { draft } = at(() => useDraft("lot", empty));
    draft.value.text = "2 bunches";
    draft.value.tags.push("gift");
    await settle();
    expect(at(() => useDraft("lot", empty)).draft.value).toMatchObject({ text: "2 bunches", tags: ["gift"] });
    expect(at(() => useDraft("other", empty)).draft.value.text).toBe("");
    const elsewhere = { ...wren, kitchen: { ...wren.kitchen, id: "kitchen-2" } };
    expect(at(() => useDraft("lot", empty), elsewhere).draft.value.text).toBe("");
  });

  it("is gone once it was cleared, and never kept while it says nothing", async () => {
    const { draft, clear } = at(() => useDraft("lot", empty));
    draft.value.id = "another";
    await settle();
    expect(Object.keys(localStorage)).toEqual([]);
    draft.value.text = "430";
    await settle();
    expect(localStorage.length).toBe(1);
    clear();
    await settle();
    expect([draft.value, localStorage.length]).toEqual([empty(), 0]);
  });

  it("of an earlier release is completed by what is new in the form", () => {
    localStorage.setItem("apron:draft:kitchen-1:lot", JSON.stringify({ text: "430" }));
    expect(at(() => useDraft("lot", empty)).draft.value).toEqual({ id: "fresh", text: "430", tags: [] });
  });
});

describe("a form's submission", () => {
  const request = { params: { id: "jar-1" }, body: { fate: "eaten" as const } };
  const path = "/api/containers/jar-1/withdrawals";
  const answered = { status: 201, body: { withdrawalId: "w-1", grams: 110 } };
  const refusal = { status: 409, body: { code: "lot-empty", field: "grams", measurements: { onHandG: 0 } } };

  it("gives the reply, and sends a key with it", async () => {
    const asked = aServer({ [path]: answered });
    const { submit, pending } = at(() => useSubmit());
    const sent = submit("withdraw", request);
    expect(pending.value).toBe(true);
    expect(await sent).toMatchObject({ withdrawalId: "w-1" });
    const write = asked.find((one) => one.path === path);
    expect(write).toMatchObject({ method: "POST", body: { fate: "eaten" } });
    expect(write?.key).toMatch(/^[0-9a-f-]{36}$/);
    expect(pending.value).toBe(false);
  });

  it("puts a refusal at its field, and elsewhere where the form has no such field", async () => {
    aServer({ [path]: refusal });
    const form = at(() => useSubmit(["grams"]));
    expect(await form.submit("withdraw", request)).toBeUndefined();
    expect(form.sentenceAt("grams")).toBe("Nothing is left of this lot.");
    expect(form.sentence.value).toBeUndefined();
    form.forget();
    expect(form.sentenceAt("grams")).toBeUndefined();
    const other = at(() => useSubmit(["fate"]));
    await other.submit("withdraw", request);
    expect([other.sentenceAt("fate"), other.sentence.value]).toEqual([
      undefined,
      "Nothing is left of this lot.",
    ]);
  });

  it("says that it waits when no answer comes, and is emptied when the answer comes after all", async () => {
    let lost = true;
    aServer({ [path]: () => (lost ? "lost" : answered) });
    let recorded = 0;
    const { form, outbox, notices } = at(() => ({
      form: useSubmit([], { recorded: () => recorded++ }),
      outbox: useOutbox(),
      notices: useNotices(),
    }));
    const sending = form.submit("withdraw", request, "one portion");
    // Waking ends the pauses between the tries.
    for (let i = 0; i < 6; i++) {
      outbox.resume();
      await settle(5);
    }
    expect(await sending).toBeUndefined();
    expect([form.problem.value?.code, outbox.waiting.length, recorded]).toEqual(["offline", 1, 0]);
    lost = false;
    outbox.resume();
    await settle(20);
    expect([form.problem.value, outbox.waiting.length, recorded]).toEqual([null, 0, 1]);
    expect(notices.current?.text).toBe("Sent: one portion.");
  });

  it("refuses on this side in the same words, and a second tap while one is on its way is none", async () => {
    const asked = aServer({ [path]: answered });
    const form = at(() => useSubmit(["usedG"]));
    form.refuse("amount-not-understood", "usedG", { text: "a drop" });
    expect(form.sentenceAt("usedG")).toContain("“a drop”");
    const [first, second] = await Promise.all([
      form.submit("withdraw", request),
      form.submit("withdraw", request),
    ]);
    expect([first !== undefined, second]).toEqual([true, undefined]);
    expect(asked.filter((one) => one.path === path)).toHaveLength(1);
  });
});

describe("rows of a table", () => {
  it("fold open and shut by their keys", () => {
    const { rows, isOpen, setOpen, toggle } = useOpenRows(["a"]);
    toggle("b");
    expect([isOpen("a"), isOpen("b"), isOpen("c")]).toEqual([true, true, false]);
    setOpen("a", false);
    setOpen("a", false);
    toggle("b");
    expect(rows.value).toEqual({});
  });
});

describe("the amount of a recipe's line", () => {
  const facts = ref(referenceCatalogue.ingredients.get("chard"));
  const amountOf = (text: string, start = emptyLine()) => {
    const line = ref(start);
    const unreadable: (string | undefined)[] = [];
    const amount = at(() =>
      useLineAmount(line, facts, { text: undefined, onUnreadable: (kept) => unreadable.push(kept) }),
    );
    amount.type(text);
    return { line, amount, unreadable };
  };

  it.each([
    ["150", 150, null, ""],
    ["0.2 kg", 200, null, ""],
    ["80–100", 90, { low: 80, high: 100 }, ""],
    // 700 g as bought; stripped, six tenths of it are left.
    ["2 bunches", 420, null, "2 bunches"],
  ])("%p is %d g", (text, grams, range, amountText) => {
    const { line, amount } = amountOf(text);
    expect(line.value).toMatchObject({ grams, range, amountText });
    expect(amount.problem.value).toBeUndefined();
  });

  it("that cannot be read changes nothing, is kept as it was typed, and says so", () => {
    const { line, amount, unreadable } = amountOf("a good handful of it");
    expect(line.value.grams).toBe(100);
    expect([amount.text.value, unreadable]).toEqual(["a good handful of it", ["a good handful of it"]]);
    expect(amount.problem.value).toBeTruthy();
    amount.type("90");
    expect([line.value.grams, unreadable.at(-1), amount.problem.value]).toEqual([90, undefined, undefined]);
  });

  it("that may be pieces or grams is asked for, the likelier first, and nothing is taken until it is answered", () => {
    facts.value = referenceCatalogue.ingredients.get("eggplant");
    const { line, amount, unreadable } = amountOf("2");
    expect([line.value.grams, unreadable]).toEqual([100, ["2"]]);
    expect(amount.bare.value).toEqual({ pieces: "2 pieces", grams: "2 g", likelier: "pieces" });
    expect(amount.problem.value).toBe("2 pieces or 2 g?");
    amount.type("2 pieces");
    expect(line.value.asBoughtG).toBe(1166);
    expect([unreadable.at(-1), amount.problem.value]).toEqual([undefined, undefined]);
    amount.type("2 g");
    expect(line.value.grams).toBe(2);
    facts.value = referenceCatalogue.ingredients.get("chard");
  });

  it("is weighed again when it is another ingredient's", async () => {
    const { line } = amountOf("2 bunches");
    facts.value = referenceCatalogue.ingredients.get("parsley");
    await settle();
    expect(line.value.grams).not.toBe(700);
    expect(line.value.amountText).toBe("2 bunches");
    facts.value = referenceCatalogue.ingredients.get("chard");
  });
});

describe("a recipe being written", () => {
  const recipe = (version: number, name = "Slaw") =>
    ({ version, formula: { id: "slaw", name, lines: [], steps: [] } }) as never;

  it("gives way to a newer version only while nobody changed it", () => {
    const kept = at(() => useRecipeDraft("slaw"));
    kept.open(recipe(1));
    kept.open(recipe(2, "Slaw, mended"));
    expect([kept.draft.value?.name, kept.basedOn.value]).toEqual(["Slaw, mended", 2]);
    if (kept.draft.value) kept.draft.value.name = "Mine";
    kept.open(recipe(3));
    expect([kept.draft.value?.name, kept.basedOn.value]).toEqual(["Mine", 2]);
  });

  it("never saves a line whose ingredient is not chosen, nor an amount that cannot be read", async () => {
    const asked = aServer({ "/api/ingredients": { status: 200, body: [] } });
    const form = at(() => useRecipeForm(undefined, ref(undefined)));
    expect(await form.save()).toBeUndefined();
    expect(form.submission.sentenceAt("formula.lines.0")).toBe("Choose an ingredient for this line.");
    const line = form.draft.value?.lines[0];
    if (!line) throw new Error("a new recipe has a line");
    line.fillers = line.fillers.map((one) => ({ ...one, ingredient: "kale" }));
    form.setUnreadable(line.id, "a lot");
    expect(await form.save()).toBeUndefined();
    expect(form.submission.sentenceAt("formula.lines.0")).toMatch(/amount/);
    expect(asked.filter((one) => one.method === "POST")).toEqual([]);
    form.setUnreadable(line.id, undefined);
    aServer({
      "/api/ingredients": { status: 200, body: [] },
      "/api/recipes": { status: 201, body: { id: "x", name: "X", version: 1 } },
    });
    expect(await form.save()).toMatchObject({ id: "x" });
    expect(form.draft.value).toBeNull();
  });
});

it("who is signed in is asked once, and nobody is when the server says so", async () => {
  aServer({ "/api/session": { status: 401, body: { code: "session-expired" } } });
  const session = at(() => useSession(), null);
  await session.restore();
  expect([session.asked, session.session, session.hasScale]).toEqual([true, null, false]);
  session.opened({ ...wren, kitchen: { ...wren.kitchen, scale: "simulated", units: "us" } });
  expect([session.hasScale, session.display.system, session.dialect]).toEqual([true, "us", "uk"]);
});

describe("a list drawn in parts", () => {
  const upTo = (length: number) => Array.from({ length }, (_, index) => index);

  it("has its first part at once and one more after each turn of the page, in order and to the end", async () => {
    const drawn = at(() => useInParts(() => upTo(8), 3));
    expect(drawn.value).toEqual([0, 1, 2]);
    await nextTask();
    expect(drawn.value).toEqual([0, 1, 2, 3, 4, 5]);
    await nextTask();
    await nextTask();
    expect(drawn.value).toEqual(upTo(8));
  });

  it("goes on when the list grows, one part a turn even then, and draws what is left when it shrinks", async () => {
    const list = ref(upTo(2));
    const drawn = at(() => useInParts(() => list.value, 3));
    list.value = upTo(9);
    await settle();
    list.value = upTo(10);
    await nextTask();
    expect(drawn.value.length).toBeLessThanOrEqual(6);
    for (let turn = 0; turn < 4; turn += 1) await nextTask();
    expect(drawn.value).toEqual(upTo(10));
    list.value = upTo(1);
    expect(drawn.value).toEqual([0]);
  });

  it("stops once it is gone", async () => {
    const drawn = at(() => useInParts(() => upTo(30), 3));
    open.splice(0).forEach((bench) => bench.close());
    for (let turn = 0; turn < 4; turn += 1) await nextTask();
    expect(drawn.value.length).toBeLessThanOrEqual(6);
  });
});
