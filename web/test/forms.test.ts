import { afterEach, beforeEach, describe, expect, it } from "@jest/globals";
import type { KitchenSettings, MakePlan, TrimOptions } from "@apron/contract";
import { ref } from "vue";
import { useGoneOff } from "../src/basket/use-gone-off.ts";
import { useIntakeForm } from "../src/basket/use-intake-form.ts";
import { useLotAct } from "../src/basket/acts/use-lot-act.ts";
import { useNotices } from "../src/client/notices.ts";
import { ApiProblem } from "../src/client/api.ts";
import { useMakeDraft } from "../src/cook/make-draft.ts";
import { useChanges, useRefusedChanges } from "../src/cook/use-changes.ts";
import { useMakeForm } from "../src/cook/use-make-form.ts";
import { noChanges } from "@apron/core/recipes";
import { usePreparation } from "../src/cook/use-preparation.ts";
import { useLotsFile } from "../src/exchange/use-lots-file.ts";
import { useKitchenDraft } from "../src/kitchen/use-kitchen-draft.ts";
import { useSetUp } from "../src/kitchen/use-set-up.ts";
import { keyOf } from "../src/trim/use-trim-fields.ts";
import { useTrimForm } from "../src/trim/use-trim-form.ts";
import { aServer, atTheBench, settle, wren, type Bench } from "./bench.ts";

const open: Bench<unknown>[] = [];
const at = <Value>(setup: () => Value, session = wren as typeof wren | null): Value => {
  const bench = atTheBench(setup, session);
  open.push(bench);
  return bench.value;
};
beforeEach(() => {
  localStorage.clear();
});
afterEach(() => {
  for (const bench of open.splice(0)) bench.close();
});
const posts = (asked: ReturnType<typeof aServer>, path: string) =>
  asked.filter((one) => one.path === path && one.method === "POST");

const estimate = { value: 0.64, low: 0.6, high: 0.68 };
const leek = { id: "lot-1", name: "leeks", ingredient: "leek", grams: 800 };
const method = {
  ...{ method: "white part", juices: null, next: estimate, wide: estimate, weighings: [], ownWeighings: 0 },
  handbook: { mean: 0.64, low: 0.6, high: 0.68, source: "handbook" },
  parts: [{ part: "green tops", use: "stock", fraction: 0.3, grams: 240 }],
};
const trimOptions = { lot: leek, methods: [method], furtherParts: [] } as unknown as TrimOptions;

describe("the trim bench", () => {
  const path = "/api/trims";
  const recorded = {
    status: 201,
    body: { id: "trim-1", usableLot: leek, partLots: [], fraction: 0.64, lossG: 1 },
  };
  const trim = () => at(() => useTrimForm(ref(trimOptions)));

  it("takes all of the lot until something else is typed, and says how the weights close", () => {
    aServer({});
    const form = trim();
    expect([form.rawG.value, form.usableG.value, form.balance.value]).toEqual([800, undefined, undefined]);
    form.draft.value.usableText = "520";
    expect(form.fraction.value).toBe(0.65);
    form.changePart("green tops", { text: "250", fate: "keep" });
    expect(form.balance.value).toEqual({
      ok: true,
      value: "800 g = 520 g usable + 250 g green tops + 30 g lost",
    });
    form.draft.value.usableText = "600";
    expect(form.balance.value).toMatchObject({ ok: false });
  });

  it.each([
    [{ rawText: "some" }, "rawG", /“some”/],
    [{}, "usableG", /Enter/],
    [{ usableText: "a lot" }, "usableG", /“a lot”/],
  ])("sends nothing of %p and says so at %s", async (typed, field, sentence) => {
    const asked = aServer({ [path]: recorded });
    const form = trim();
    Object.assign(form.draft.value, typed);
    expect(await form.record()).toBeUndefined();
    expect(form.submission.sentenceAt(field)).toMatch(sentence);
    expect(posts(asked, path)).toEqual([]);
  });

  it("sends what was weighed, then is empty; refused, it keeps all of it", async () => {
    aServer({ [path]: { status: 422, body: { code: "usable-exceeds-raw", field: "usableG" } } });
    const form = trim();
    form.draft.value.usableText = "900";
    await form.record();
    expect([form.draft.value.usableText, form.submission.problem.value?.code]).toEqual([
      "900",
      "usable-exceeds-raw",
    ]);
    const asked = aServer({ [path]: recorded });
    form.draft.value.usableText = "520";
    form.changePart("green tops", { text: "0", fate: "compost" });
    const { id } = form.draft.value;
    expect(await form.record()).toMatchObject({ id: "trim-1" });
    expect(posts(asked, path)[0]?.body).toMatchObject({
      id,
      rawG: 800,
      usableG: 520,
      parts: [],
      vessels: [],
    });
    expect([form.draft.value.usableText, form.draft.value.id === id]).toEqual(["", false]);
  });

  it("with estimated weights sends none of its own", async () => {
    const asked = aServer({ [path]: recorded });
    const form = trim();
    form.draft.value.usableText = "520";
    await form.record({ estimate: true });
    expect(posts(asked, path)[0]?.body).toMatchObject({ usableG: null, parts: [], confirmed: false });
  });

  it("several bowls go in place of one usable weight, less their own", async () => {
    const asked = aServer({ [path]: recorded });
    const form = trim();
    form.addVessel();
    form.addVessel();
    expect(await form.record()).toBeUndefined();
    const [first, second] = form.draft.value.vessels;
    Object.assign(first ?? {}, { gross: "600", tare: "200" });
    if (second) form.dropVessel(second.id);
    expect([form.usableG.value, form.draft.value.vessels.length]).toEqual([400, 1]);
    await form.record();
    expect(posts(asked, path)[0]?.body).toMatchObject({
      usableG: null,
      vessels: [{ grossG: 600, tareG: 200 }],
    });
  });

  it("kept and drained juices are two ways", () => {
    const ways = (["kept", "drained", null] as const).map((juices) => keyOf({ method: "salted", juices }));
    expect(ways).toEqual(["salted/kept", "salted/drained", "salted"]);
  });
});

describe("a batch being finished", () => {
  const inDish = { value: 1, low: 1, high: 1 };
  const plan = {
    ...{ recipeId: "slaw", version: 3, batches: 2, name: "Slaw", kind: "slaw", servings: 4 },
    lines: [
      { lineId: "green", parts: [{ ingredient: "kale", lotId: "lot-1", from: "lot", grams: 300, inDish }] },
      { lineId: "oil", parts: [{ ingredient: "olive-oil", lotId: null, from: "buy", grams: 60, inDish }] },
    ],
    containers: [{ kind: "bowl", place: "fridge", fewest: 1, capacityG: 3000 }],
    storeIn: { kind: "bowl", place: "fridge", count: null },
  } as unknown as MakePlan;
  const path = "/api/batches";
  const formOf = (shown: MakePlan | undefined) => {
    const make = useMakeDraft("slaw");
    return { draft: make.draft, ...useMakeForm(make, ref(shown), () => null) };
  };
  const make = () => at(() => formOf(plan));

  it("sends what was really used and where it goes, once", async () => {
    const asked = aServer({ [path]: { status: 201, body: { id: "batch-1" } } });
    const form = make();
    expect(form.toBuy.value.map((part) => part.ingredient)).toEqual(["olive-oil"]);
    form.useBought();
    expect(form.parts.value.map((part) => part.text)).toEqual(["300", "60"]);
    expect(form.makes.value.value).toBeCloseTo(360, 6);
    form.setUsed("green kale lot-1", "280");
    form.setUsed("oil olive-oil ", "0");
    form.draft.value.weighed = "0,35 kg";
    form.draft.value.leftOvers = [{ id: "left", ingredient: "kale", name: "kale", text: "20" }];
    const { id } = form.draft.value;
    expect(await form.finish()).toMatchObject({ id: "batch-1" });
    expect(posts(asked, path).map((one) => one.body)).toEqual([
      {
        ...{ id, recipeId: "slaw", version: 3, batches: 2, weighedG: 350 },
        takeReserved: false,
        leftOvers: [{ id: "left", ingredient: "kale", grams: 20, place: "fridge" }],
        apart: [],
        used: [{ lineId: "green", ingredient: "kale", lotId: "lot-1", grams: 280 }],
        containers: [{ kind: "bowl", place: "fridge", count: 1, grams: null, isPlain: false }],
        ...{ eatenPortions: 0, changes: noChanges, note: "", nextTime: "", cookedBy: null },
      },
    ]);
    expect(form.draft.value).toMatchObject({ used: {}, weighed: "", leftOvers: [] });
  });

  it("sends what is kept by itself of a part, in the fewest containers that hold it", async () => {
    const asked = aServer({ [path]: { status: 201, body: { id: "batch-1" } } });
    const jar = { kind: "jar", place: "fridge", capacityG: 180 };
    const form = at(() => formOf({ ...plan, apart: [{ part: "Cream", containers: [jar] }] } as MakePlan));
    const kept = { id: "cream-1", weighed: "0.4 kg", kind: "jar", place: "fridge" } as const;
    const empty = { ...kept, id: "none", kept: "" };
    form.draft.value.apart = { Cream: { ...kept, kept: "200 g" }, Crumbs: empty };
    await form.finish();
    expect(posts(asked, path)[0]?.body).toMatchObject({
      apart: [
        {
          ...{ id: "cream-1", part: "Cream", keptG: 200, weighedG: 400 },
          containers: [{ kind: "jar", place: "fridge", count: 2 }],
        },
      ],
    });
    expect(form.draft.value.apart).toEqual({});
  });

  it.each([
    [{ used: { "green kale lot-1": "a few" } }, "used.0.grams"],
    [{ weighed: "heavy" }, "weighedG"],
    [
      { containers: [{ kind: "bowl", place: "fridge", count: 1, text: "half", isPlain: false }] },
      "containers",
    ],
    [{ leftOvers: [{ id: "l", ingredient: "kale", name: "kale", text: "" }] }, "leftOvers"],
    [{ apart: { Cream: { id: "c", kept: "a bit", weighed: "", kind: "jar", place: "fridge" } } }, "apart.0"],
  ])("%p cannot be sent: it is said at %s and stays", async (typed, field) => {
    const asked = aServer({ [path]: { status: 201, body: {} } });
    const form = make();
    Object.assign(form.draft.value, typed);
    expect(await form.finish()).toBeUndefined();
    expect(form.submission.sentenceAt(field)).toBeTruthy();
    expect(form.draft.value).toMatchObject(typed);
    expect(posts(asked, path)).toEqual([]);
  });

  it("chosen containers stay when the page is opened again", async () => {
    aServer({});
    const form = make();
    const shared = { text: "", isPlain: false };
    expect(form.containers.value).toEqual([{ kind: "bowl", place: "fridge", count: 1, ...shared }]);
    const tubs = [{ kind: "tub" as const, place: "freezer" as const, count: 2, ...shared }];
    form.containers.value = tubs;
    await settle();
    expect(make().containers.value).toEqual(tubs);
  });

  it("what is eaten at once needs no container; all of it needs none at all", async () => {
    const asked = aServer({ [path]: { status: 201, body: { id: "batch-1" } } });
    const form = make();
    form.useBought();
    form.draft.value.eaten = 1;
    expect(form.eatenG.value).toBeCloseTo(90, 9);
    expect(form.containers.value).toHaveLength(1);
    form.draft.value.eaten = 4;
    expect(form.containers.value).toEqual([]);
    await form.finish();
    expect(posts(asked, path)[0]?.body).toMatchObject({ eatenPortions: 4, containers: [] });
  });

  it("a change that is refused is taken back and stays said until the next; one kept from before goes", async () => {
    aServer({});
    const refusal = new ApiProblem("never-raw", 422, { field: "changes" });
    const error = ref<unknown>(null);
    const form = at(() => {
      const { draft } = useMakeDraft("slaw-changed");
      return { draft, ...useChanges(draft), refused: useRefusedChanges(draft, error) };
    });
    form.leaveOut("oil");
    await settle();
    form.swapLine("green", "eggplant");
    await settle();
    error.value = refusal;
    await settle();
    expect(form.draft.value.changes).toEqual({ ...noChanges, leftOut: ["oil"] });
    expect(form.refused.value?.code).toBe("never-raw");
    error.value = null;
    form.unchange("oil");
    await settle();
    expect(form.refused.value).toBeUndefined();
    // The recipe was edited meanwhile: what was kept no longer fits, and nothing hangs on it.
    form.leaveOut("gone");
    await settle();
    const again = at(() => {
      const { draft } = useMakeDraft("slaw-changed");
      return { draft, refused: useRefusedChanges(draft, ref(refusal)) };
    });
    await settle();
    expect(again.draft.value.changes).toEqual(noChanges);
    expect(again.refused.value).toBeDefined();
  });

  it("sends nothing before there is a plan", async () => {
    aServer({});
    expect(await at(() => formOf(undefined)).finish()).toBeUndefined();
  });
});

describe("what a recipe needs, prepared by estimate", () => {
  const path = "/api/trims/preparations";
  const wanted = {
    name: "Leek plate",
    prepare: [
      { lotId: "lot-1", name: "leek", method: "top-and-tail", words: "top and tail", rawG: 404 },
      { lotId: "lot-2", name: "lemon", method: "squeeze", words: "squeeze", rawG: 220 },
    ],
  } as unknown as MakePlan;
  const preparation = () => at(() => ({ ...usePreparation(), notices: useNotices() }));

  it("sends only so much of each lot, once, and offers one undo for all", async () => {
    const asked = aServer({
      [path]: { status: 201, body: { id: "p", trims: [{ id: "t1" }, { id: "t2" }] } },
    });
    const { prepare, notices } = preparation();
    await prepare(wanted);
    expect(posts(asked, path).map((one) => one.body)).toMatchObject([
      {
        trims: [
          { lotId: "lot-1", method: "top-and-tail", rawG: 404 },
          { lotId: "lot-2", method: "squeeze", rawG: 220 },
        ],
      },
    ]);
    expect(notices.current).toMatchObject({
      text: expect.stringMatching(/estimated weights/),
      undo: { name: "withdrawTrims", request: { body: { trimIds: ["t1", "t2"] } } },
    });
  });

  it("keeps its ids until it is answered, so that a second tap is the same act", async () => {
    const asked = aServer({ [path]: { status: 409, body: { code: "lot-empty", measurements: {} } } });
    const { prepare, submission } = preparation();
    await prepare(wanted);
    expect(submission.sentence.value).toBe("Nothing is left of this lot.");
    await prepare(wanted);
    const [first, second] = posts(asked, path).map((one) => one.body as { id: string; trims: object[] });
    expect(second).toEqual(first);
  });
});

/** The page's reader stands in a worker, which this browser has not: here nothing is read. */
class NoWorker extends EventTarget {
  readonly postMessage = (): void => undefined;
  readonly terminate = (): void => undefined;
}

describe("a delivery being logged", () => {
  const path = "/api/intakes";
  beforeEach(() => {
    globalThis.Worker = NoWorker as unknown as typeof Worker;
  });
  const delivery = () => at(() => ({ form: useIntakeForm(), notices: useNotices() }));

  it("sends its rows with one price, says how much it was, and can be undone", async () => {
    const reply = { id: "in-1", lots: [{ grams: 640 }, { grams: 360 }] };
    const asked = aServer({ [path]: { status: 201, body: reply } });
    const { form, notices } = delivery();
    form.addChip("kale");
    form.addChip("leek");
    form.draft.value.price = "12,50";
    expect(await form.log()).toBe(true);
    expect(posts(asked, path)[0]?.body).toMatchObject({ priceMinor: 1250, lines: [{}, {}] });
    expect(notices.current).toMatchObject({
      text: "Logged 2 items, 1 kg in total.",
      undo: { name: "undoIntake", request: { params: { id: "in-1" } } },
    });
    expect(form.draft.value.rows).toEqual([]);
  });

  it("refused, it keeps every row and says which one it is about", async () => {
    aServer({ [path]: { status: 422, body: { code: "amount-empty", field: "lines.1.amount" } } });
    const { form } = delivery();
    form.addChip("kale");
    form.addChip("leek");
    expect(await form.log()).toBe(false);
    expect([form.problemAt(0), form.problemAt(1)]).toEqual([undefined, expect.stringMatching(/Enter/)]);
    expect(form.draft.value.rows.map((row) => row.ingredient)).toEqual(["kale", "leek"]);
    form.drop(form.draft.value.rows[0]?.id ?? "");
    expect(form.draft.value.rows.map((row) => row.ingredient)).toEqual(["leek"]);
  });

  it("a price that is none is said before anything is sent", async () => {
    const asked = aServer({});
    const { form } = delivery();
    form.draft.value.price = "a tenner";
    expect(await form.log()).toBe(false);
    expect(form.priceProblem.value).toMatch(/12\.50/);
    expect(posts(asked, path)).toEqual([]);
  });
});

describe("a file of lots", () => {
  const path = "/api/lots/import";
  const fileOf = (text: string) => ({ name: "beds.csv", text: () => Promise.resolve(text) }) as File;

  it("is tried first, under another id than the import's", async () => {
    const asked = aServer({ [path]: { status: 200, body: { accepted: 2, faults: [{ row: 3 }] } } });
    const { file, notices } = at(() => ({ file: useLotsFile(), notices: useNotices() }));
    await file.choose(fileOf("ingredient;amount\nleek;4"));
    await file.importAll();
    const [trial, real] = posts(asked, path).map((one) => one.body as { id: string; dryRun?: boolean });
    expect([trial?.dryRun, real?.dryRun]).toEqual([true, undefined]);
    expect(trial?.id).not.toBe(real?.id);
    expect(notices.current?.text).toMatch(/2 rows.*left out 1/);
  });
});

describe("acts on a lot", () => {
  it("are said once, with the way back where there is one", async () => {
    aServer({
      "/api/lots/lot-1/removals": { status: 201, body: { lot: leek, entryId: "entry-9" } },
      "/api/lots/lot-1/gone-off": { status: 201, body: { lot: leek, entryId: "entry-8", changedG: -240 } },
    });
    const { lot, goneOff, notices } = at(() => ({
      lot: useLotAct(),
      goneOff: useGoneOff(),
      notices: useNotices(),
    }));
    const request = { params: { id: "lot-1" }, body: { grams: 100, reason: "gift" } } as never;
    await lot.act("removeFromLot" as never, request, () => "Removed.");
    expect(notices.current).toMatchObject({
      text: "Removed.",
      undo: { request: { params: { id: "entry-9" } } },
    });
    await goneOff(leek as never);
    expect(notices.current).toMatchObject({
      text: "240 g leeks recorded as spoiled.",
      undo: { request: { params: { id: "entry-8" } } },
    });
  });
});

describe("kitchen settings being changed", () => {
  const stored = { name: "Back step", units: "metric", freezerPortions: 24, staples: ["salt"] };
  const answers = (changed: unknown) =>
    aServer({
      "/api/kitchen": (one) => ({ status: 200, body: one.method === "GET" ? stored : changed }),
    });

  it("sends only what was changed, and what another tablet changes shows through", async () => {
    const asked = answers({ ...wren, kitchen: { ...wren.kitchen, name: "Front step" } });
    const form = at(() => useKitchenDraft());
    await settle();
    form.change({ name: "Front step" } as Partial<KitchenSettings>);
    form.change({ units: "metric" } as Partial<KitchenSettings>);
    expect([form.shown.value?.name, form.shown.value?.freezerPortions]).toEqual(["Front step", 24]);
    expect(form.isChanged.value).toBe(true);
    await form.save();
    const [write] = asked.filter((one) => one.method !== "GET" && one.path === "/api/kitchen");
    expect(write?.body).toEqual({ name: "Front step" });
    expect(form.isChanged.value).toBe(false);
  });

  it("that were typed survive a reload", async () => {
    answers({});
    const form = at(() => useKitchenDraft());
    await settle();
    form.change({ freezerPortions: 6 } as Partial<KitchenSettings>);
    await settle();
    const again = at(() => useKitchenDraft());
    await settle();
    expect([again.shown.value?.freezerPortions, again.isChanged.value]).toEqual([6, true]);
  });
});

describe("the set-up page", () => {
  it("keeps what was typed but never the password, and is forgotten once the kitchen stands", async () => {
    let done = 0;
    aServer({ "/api/set-up": { status: 422, body: { code: "password-too-short", field: "password" } } });
    const form = at(() => useSetUp(() => done++), null);
    form.draft.value.kitchen = "Back step";
    form.password.value = "leeks";
    await form.setUp();
    expect([form.sentenceAt("password") !== undefined, form.sentenceAt("name"), done]).toEqual([
      true,
      undefined,
      0,
    ]);
    await settle();
    const kept = JSON.stringify(localStorage);
    expect([kept.includes("Back step"), kept.includes("leeks")]).toEqual([true, false]);
    aServer({ "/api/set-up": { status: 201, body: wren } });
    await form.setUp();
    await settle();
    expect([done, localStorage.getItem("apron:set-up")]).toEqual([1, null]);
  });

  it("whose answer was lost opens the kitchen with the same name and password; another's is refused", async () => {
    let done = 0;
    const there = { status: 409, body: { code: "already-set-up" } };
    aServer({ "/api/set-up": there, "/api/session": { status: 201, body: wren } });
    const form = at(() => useSetUp(() => done++), null);
    await form.setUp();
    expect([done, form.problem.value]).toEqual([1, undefined]);
    aServer({ "/api/set-up": there, "/api/session": { status: 401, body: { code: "wrong-password" } } });
    await form.setUp();
    expect([done, form.problem.value?.code]).toEqual([1, "already-set-up"]);
  });
});
