import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import type { ReplyOf } from "@apron/contract";
import { aLot, openTestKitchen, signedInBy, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp("Wren");
});
afterAll(() => kitchen.close());

const password = "beetroot and thyme";

/** Every invitation a second after the one before: what is listed by when it came has an order. */
let seconds = 0;
const laterOn = (): void =>
  kitchen.setNow(
    `2026-09-10T09:${String(Math.floor(++seconds / 60)).padStart(2, "0")}:${String(seconds % 60).padStart(2, "0")}`,
  );

/** A code of a fresh invitation. */
async function codeFor(role: "owner" | "cook", owner = wren): Promise<string> {
  laterOn();
  const made = await owner.call("makeInvite", { body: { role } });
  expect(made.status).toBe(201);
  return made.body.code;
}

/** Somebody new who joins by an invitation. */
async function joins(name: string, role: "owner" | "cook" = "cook", owner = wren): Promise<Browser> {
  const body = { code: await codeFor(role, owner), as: { kind: "new", name, password } } as const;
  const joined = await kitchen.guest.call("acceptInvite", { body });
  expect([joined.status, joined.problem.code]).toEqual([201, undefined]);
  return signedInBy(kitchen.app, joined);
}

const members = async (browser = wren): Promise<ReplyOf<"listMembers">["members"]> =>
  (await browser.call("listMembers", {})).body.members;
const idOf = async (name: string): Promise<string> =>
  (await members()).find((member) => member.name === name && !member.hasLeft)?.id ?? "";

describe("joining", () => {
  it("a code works once, however it is typed, and its owner sees who came", async () => {
    const code = await codeFor("cook");
    const typed = ` ${code.toLowerCase().replace("-", " ").replaceAll("0", "o").replaceAll("1", "l")} `;
    const seen = await kitchen.guest.call("lookAtInvite", { body: { code: typed } });
    expect(seen.body).toMatchObject({ kind: "join", kitchen: "Test plot", role: "cook", whose: "" });
    const as = { kind: "new", name: "Ottilie", password } as const;
    const joined = await kitchen.guest.call("acceptInvite", { body: { code: typed, as } });
    expect(joined.body.member).toMatchObject({ name: "Ottilie", role: "cook" });
    const again = await kitchen.guest.call("acceptInvite", { body: { code, as: { ...as, name: "Bram" } } });
    expect([again.status, again.problem.code]).toEqual([404, "invite-unknown"]);
    expect((await members()).map((m) => [m.name, m.role, m.isYou])).toEqual([
      ["Wren", "owner", true],
      ["Ottilie", "cook", false],
    ]);
  });

  it("of ten who use one code at once, one joins", async () => {
    const code = await codeFor("cook");
    const tries = await Promise.all(
      Array.from({ length: 10 }, (_, i) =>
        kitchen.guest.call("acceptInvite", {
          body: { code, as: { kind: "new", name: `Rival ${i}`, password } },
        }),
      ),
    );
    expect(tries.filter((tried) => tried.status === 201)).toHaveLength(1);
    expect((await members()).filter((m) => m.name.startsWith("Rival"))).toHaveLength(1);
  });

  it("a name that is taken, and a common password, leave the code as it was", async () => {
    const code = await codeFor("cook");
    const accept = (name: string, secret: string) =>
      kitchen.guest.call("acceptInvite", { body: { code, as: { kind: "new", name, password: secret } } });
    expect((await accept("wren ", password)).problem).toMatchObject({ code: "name-taken", field: "as.name" });
    expect((await accept("Perrin", "password1")).problem).toMatchObject({ code: "password-common" });
    expect((await accept("Perrin", password)).status).toBe(201);
  });

  it("a code ends after a week, and when its owner takes it back", async () => {
    const old = await codeFor("cook");
    const { id: last, code: withdrawn } = (await wren.call("makeInvite", { body: { role: "cook" } })).body;
    expect((await wren.call("endInvite", { params: { id: last } })).status).toBe(200);
    expect((await wren.call("endInvite", { params: { id: last } })).status).toBe(404);
    const look = async (code: string) =>
      (await kitchen.guest.call("lookAtInvite", { body: { code } })).status;
    expect([await look(old), await look(withdrawn)]).toEqual([200, 404]);
    kitchen.setNow("2026-09-17T09:30:00");
    expect(await look(old)).toBe(404);
    laterOn();
  });

  it("what is kept of a code opens nothing", async () => {
    const code = await codeFor("cook");
    const rows = JSON.stringify(await kitchen.owner.query("select * from invite"));
    expect(rows).not.toContain(code);
    expect(rows).not.toContain(code.replace("-", ""));
  });
});

describe("owners and cooks", () => {
  it("a cook cooks, and does nothing that is the owners'", async () => {
    const tove = await joins("Tove");
    expect((await tove.call("logLot", { body: aLot("kale", "300") })).status).toBe(201);
    const id = await idOf("Wren");
    const refused = await Promise.all([
      tove.call("makeInvite", { body: { role: "owner" } }),
      tove.call("changeRole", { params: { id }, body: { role: "cook" } }),
      tove.call("removeMember", { params: { id } }),
      tove.call("resetPassword", { params: { id } }),
      tove.call("listSecurityEvents", {}),
      tove.call("deleteKitchen", { body: { name: "Test plot" } }),
    ]);
    expect(refused.map((r) => [r.status, r.problem.code])).toEqual(refused.map(() => [403, "owners-only"]));
    expect((await tove.call("listMembers", {})).body.invites).toEqual([]);
  });

  it("whoever is removed is out at once, everywhere, and the ledger keeps their name", async () => {
    const sorrel = await joins("Sorrel");
    const lot = (await sorrel.call("logLot", { body: aLot("kale", "300") })).body.id;
    expect((await wren.call("removeMember", { params: { id: await idOf("Sorrel") } })).status).toBe(200);
    expect((await sorrel.call("listLots", { query: {} })).status).toBe(401);
    expect((await sorrel.call("currentSession", {})).status).toBe(401);
    const entries = await kitchen.owner.query<{ name: string }[]>(
      "select m.name from entry e join member m on m.id = e.member_id where e.lot_id = $1",
      [lot],
    );
    expect(entries.map((entry) => entry.name)).toEqual(["Sorrel"]);
    const signIn = await kitchen.guest.call("signIn", { body: { name: "Sorrel", password } });
    expect([signIn.status, signIn.problem.code]).toEqual([403, "in-no-kitchen"]);
    // Invited again, they come back with the account they have.
    const code = await codeFor("cook");
    const back = await kitchen.guest.call("acceptInvite", {
      body: { code, as: { kind: "known", name: "Sorrel", password } },
    });
    expect(back.status).toBe(201);
    expect((await members()).filter((m) => m.name === "Sorrel").map((m) => m.hasLeft)).toEqual([true, false]);
  });

  it("a cook leaves by themselves", async () => {
    const linnet = await joins("Linnet");
    expect((await linnet.call("removeMember", { params: { id: await idOf("Linnet") } })).status).toBe(200);
    expect((await linnet.call("currentSession", {})).status).toBe(401);
  });

  it("there is always an owner: it is handed over before one leaves", async () => {
    const wrenId = await idOf("Wren");
    const leave = () => wren.call("removeMember", { params: { id: wrenId } });
    const stepDown = () => wren.call("changeRole", { params: { id: wrenId }, body: { role: "cook" } });
    expect([(await leave()).problem.code, (await stepDown()).problem.code]).toEqual([
      "last-owner",
      "last-owner",
    ]);
    const fenna = await joins("Fenna");
    expect(
      (await wren.call("changeRole", { params: { id: await idOf("Fenna") }, body: { role: "owner" } }))
        .status,
    ).toBe(200);
    // Each has the other step down at once: one of them stays.
    const both = await Promise.all([
      fenna.call("changeRole", { params: { id: wrenId }, body: { role: "cook" } }),
      wren.call("changeRole", { params: { id: await idOf("Fenna") }, body: { role: "cook" } }),
    ]);
    expect(both.filter((answer) => answer.status === 200)).toHaveLength(1);
    const owners = (await members()).filter((m) => m.role === "owner" && !m.hasLeft);
    expect(owners).toHaveLength(1);
    await kitchen.owner.query("update member set role = 'owner' where name = 'Wren'");
  });
});

describe("passwords", () => {
  it("is changed with the one before, and ends all other sessions", async () => {
    const juno = await joins("Juno");
    const elsewhere = signedInBy(
      kitchen.app,
      await kitchen.guest.call("signIn", { body: { name: "Juno", password } }),
    );
    const change = (now: string, next: string) =>
      juno.call("changePassword", { body: { now, password: next } });
    expect((await change("not it at all", "parsnips at dawn")).problem).toMatchObject({
      code: "password-wrong",
      field: "now",
    });
    expect((await change(password, "        ")).problem.code).toBe("password-common");
    expect((await change(password, "parsnips at dawn")).status).toBe(200);
    expect((await juno.call("currentSession", {})).status).toBe(200);
    expect((await elsewhere.call("currentSession", {})).status).toBe(401);
    const signIn = async (secret: string) =>
      (await kitchen.guest.call("signIn", { body: { name: "Juno", password: secret } })).status;
    expect([await signIn(password), await signIn("parsnips at dawn")]).toEqual([401, 201]);
  });

  it("one that was forgotten is set anew with a code of the owner's, once", async () => {
    const otis = await joins("Otis");
    const { code } = (await wren.call("resetPassword", { params: { id: await idOf("Otis") } })).body;
    const seen = (await kitchen.guest.call("lookAtInvite", { body: { code } })).body;
    expect(seen).toMatchObject({ kind: "password", whose: "Otis" });
    const joining = await kitchen.guest.call("acceptInvite", {
      body: { code, as: { kind: "new", name: "Nobody", password } },
    });
    expect(joining.problem.code).toBe("invite-is-for-something-else");
    const set = () =>
      kitchen.guest.call("acceptInvite", {
        body: { code, as: { kind: "new-password", password: "turnips by moonlight" } },
      });
    const done = await set();
    expect([done.status, done.body.member.name]).toEqual([201, "Otis"]);
    expect((await otis.call("currentSession", {})).status).toBe(401);
    expect((await set()).status).toBe(404);
  });

  it("an owner resets nobody who cooks in a kitchen of others, too", async () => {
    const rue = await joins("Rue");
    expect((await rue.call("openKitchen", { body: { name: "Rue's stall" } })).status).toBe(201);
    const reset = await wren.call("resetPassword", { params: { id: await idOf("Rue") } });
    expect([reset.status, reset.problem.code]).toEqual([409, "belongs-elsewhere"]);
  });
});

describe("sessions and kitchens", () => {
  it("lists where one is signed in, and ends one of them; nobody else's", async () => {
    const ivo = await joins("Ivo");
    const agent =
      "Mozilla/5.0 (Linux; Android 15) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/150.0 Mobile Safari/537.36";
    await kitchen.app.request("/api/session", {
      method: "POST",
      headers: { "content-type": "application/json", "user-agent": agent },
      body: JSON.stringify({ name: "Ivo", password }),
    });
    const { sessions } = (await ivo.call("listSessions", {})).body;
    expect(sessions.map((s) => [s.device, s.isThis]).sort()).toEqual([
      ["", true],
      ["Chrome on Android", false],
    ]);
    const phone = sessions.find((s) => !s.isThis)?.id ?? "";
    expect((await wren.call("endSession", { params: { id: phone } })).status).toBe(404);
    expect((await ivo.call("endSession", { params: { id: phone } })).status).toBe(200);
    expect((await ivo.call("listSessions", {})).body.sessions).toHaveLength(1);
  });

  it("one person has several kitchens and goes from one to the other; neither shows in the other", async () => {
    const pia = await joins("Pia");
    await pia.call("logLot", { body: aLot("kale", "300") });
    laterOn();
    expect((await pia.call("openKitchen", { body: { name: "Pia's allotment" } })).status).toBe(201);
    expect((await pia.call("currentSession", {})).body).toMatchObject({
      member: { name: "Pia", role: "owner" },
      kitchen: { name: "Pia's allotment" },
    });
    expect((await pia.call("listLots", { query: {} })).body.lots).toEqual([]);
    const { kitchens } = (await pia.call("listKitchens", {})).body;
    expect(kitchens.map((k) => [k.name, k.role, k.isThis])).toEqual([
      ["Test plot", "cook", false],
      ["Pia's allotment", "owner", true],
    ]);
    const other = await joins("Lark");
    const member = kitchens[0]?.member ?? "";
    expect((await other.call("switchKitchen", { body: { member } })).status).toBe(404);
    expect((await pia.call("switchKitchen", { body: { member } })).status).toBe(200);
    expect((await pia.call("listLots", { query: {} })).body.lots.length).toBeGreaterThan(0);
    // Somebody who is signed in joins with the account they have.
    await pia.call("switchKitchen", { body: { member: kitchens[1]?.member ?? "" } });
    const code = await codeFor("cook", pia);
    const joined = await wren.call("acceptInvite", { body: { code, as: { kind: "signed-in" } } });
    expect(joined.body.kitchen.name).toBe("Pia's allotment");
  });
});

describe("leaving for good", () => {
  it("an account goes with its password, and not while it owns a kitchen alone", async () => {
    const moss = await joins("Moss");
    const gone = (secret: string) => moss.call("deleteAccount", { body: { password: secret } });
    expect((await gone("not this one")).problem.code).toBe("password-wrong");
    await moss.call("openKitchen", { body: { name: "Moss corner" } });
    expect((await gone(password)).problem).toMatchObject({
      code: "owner-of",
      measurements: { kitchen: "Moss corner" },
    });
    const heir = await joins("Heir", "owner", moss);
    expect((await gone(password)).status).toBe(200);
    expect((await moss.call("currentSession", {})).status).toBe(401);
    expect((await kitchen.guest.call("signIn", { body: { name: "Moss", password } })).status).toBe(401);
    expect((await members(heir)).map((m) => [m.name, m.hasLeft])).toEqual([
      ["Moss", true],
      ["Heir", false],
    ]);
  });

  it("a kitchen goes after its grace, whole, and no other with it", async () => {
    const dora = await joins("Dora");
    await dora.call("openKitchen", { body: { name: "Dora's shed" } });
    await dora.call("logLot", { body: aLot("kale", "300") });
    const typed = (name: string) => dora.call("deleteKitchen", { body: { name } });
    expect((await typed("Doras shed")).problem.code).toBe("name-differs");
    const { deleteAfter } = (await typed("Dora's shed")).body;
    expect(deleteAfter?.slice(0, 10)).toBe("2026-09-24");
    expect((await dora.call("currentSession", {})).body.kitchen.deleteAfter).toBe(deleteAfter);
    const { authStore } = kitchen.deps.database;
    expect(await authStore.deleteDueKitchens(new Date("2026-09-24T00:00:00Z"))).toBe(0);
    expect((await dora.call("keepKitchen", {})).body.deleteAfter).toBeNull();
    expect(await authStore.deleteDueKitchens(new Date("2027-01-01T00:00:00Z"))).toBe(0);
    await typed("Dora's shed");
    const lots = async () => (await wren.call("listLots", { query: {} })).status;
    expect(await authStore.deleteDueKitchens(new Date("2026-09-24T12:00:00Z"))).toBe(1);
    expect((await dora.call("currentSession", {})).status).toBe(401);
    expect(await lots()).toBe(200);
    const left = await kitchen.owner.query<unknown[]>("select from kitchen where name = 'Dora''s shed'");
    expect(left).toEqual([]);
    // She still cooks in the first.
    const signIn = await kitchen.guest.call("signIn", { body: { name: "Dora", password } });
    expect(signIn.body.kitchen.name).toBe("Test plot");
  });
});

describe("what owners see happened", () => {
  it("names who did what, newest first, and a password that was wrong", async () => {
    laterOn();
    await kitchen.guest.call("signIn", { body: { name: "Wren", password: "a wrong one" } });
    laterOn();
    await kitchen.guest.call("signIn", { body: { name: "Wren", password: "long enough" } });
    const home = (await wren.call("listKitchens", {})).body.kitchens.find((k) => k.name === "Test plot");
    await wren.call("switchKitchen", { body: { member: home?.member ?? "" } });
    const { events } = (await wren.call("listSecurityEvents", {})).body;
    const kinds = events.map((event) => event.kind);
    expect(kinds.slice(0, 2)).toEqual(["signed-in", "sign-in-failed"]);
    expect(kinds).toEqual(
      expect.arrayContaining(["joined", "removed", "role-changed", "password-reset", "left"]),
    );
    expect(events.find((event) => event.kind === "removed")).toMatchObject({ who: "Wren", whom: "Sorrel" });
  });
});

describe("the demo", () => {
  it("invites nobody, and its cooks go nowhere else: everybody knows their password", async () => {
    const demo = await kitchen.signInDemo();
    const refused = [
      await demo.call("makeInvite", { body: { role: "cook" } }),
      await demo.call("openKitchen", { body: { name: "Another" } }),
      await demo.call("changePassword", { body: { now: "late-summer", password } }),
      await demo.call("acceptInvite", { body: { code: await codeFor("owner"), as: { kind: "signed-in" } } }),
    ];
    expect(refused.map((r) => [r.status, r.problem.code])).toEqual(
      refused.map(() => [403, "not-in-the-demo"]),
    );
  });
});
