import { readFileSync } from "node:fs";
import { request, type Browser, type Page } from "@playwright/test";
import { ask, logLot } from "./cook.ts";
import { expect, slowDown, slowdown, test } from "./kitchen-test.ts";

test.use({
  ofFile: "18-several-cooks",
  startsEmpty: true,
  launchOptions: {
    executablePath: process.env["CHROMIUM"] ?? "/usr/bin/chromium",
    args: ["--no-sandbox", "--disable-gpu", "--host-resolver-rules=MAP kitchen.lan 127.0.0.1"],
  },
});
test.describe.configure({ mode: "serial" });

const password = "thyme and beetroot";
const today = (page: Page) => page.locator('[data-page="today"] h1');

async function signIn(page: Page, name: string, secret = password): Promise<void> {
  await page.goto("/sign-in");
  await page.locator("#name").fill(name);
  await page.locator("#password").fill(secret);
  await page.getByTestId("sign-in").click();
  await expect(today(page)).toBeVisible();
}

/** A tablet of somebody else's: it shares nothing with this one. */
async function tablet(browser: Browser, baseURL: string | undefined): Promise<Page> {
  return (await browser.newContext({ baseURL })).newPage();
}

test("an owner invites a cook by a code, who joins on their own tablet; what one does the other sees", async ({
  page,
  browser,
  baseURL,
}) => {
  const setUp = { kitchen: "Hazel Row", name: "Perrin", password };
  expect((await page.request.post("/api/set-up", { data: setUp })).status()).toBe(201);
  await page.goto("/kitchen/cooks");
  await page.getByTestId("invite").click();
  const code = await page.getByTestId("code").innerText();

  const other = await tablet(browser, baseURL);
  await other.goto("/sign-in");
  await other.getByRole("link", { name: "I have an invitation code" }).click();
  await other.locator("#join-code").fill("AAAAA-AAAAA");
  await other.getByTestId("send").click();
  await expect(other.locator("#join-code-problem")).toContainText("This code doesn't work");
  await other.locator("#join-code").fill(code.toLowerCase());
  await other.getByTestId("send").click();
  await expect(other.getByRole("heading", { name: "Join Hazel Row" })).toBeVisible();
  await other.locator("#join-name").fill("perrin");
  await other.locator("#join-password").fill(password);
  await other.getByTestId("send").click();
  await expect(other.locator("#join-name-problem")).toContainText("already taken");
  await other.locator("#join-name").fill("Ottilie");
  await other.getByTestId("send").click();
  await expect(today(other)).toBeVisible();
  await other.goto("/kitchen/cooks");
  await expect(other.getByTestId("member-Perrin")).toBeVisible();
  await expect(other.getByTestId("invites")).toBeHidden();

  await page.reload();
  await expect(page.getByTestId("member-Ottilie")).toContainText("Cook");
  await expect(page.getByTestId("security-events")).toContainText("Ottilie joined.");
  await other.context().close();
});

test("a forgotten password is set anew by a code, and the old one opens nothing", async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page, "Perrin");
  await page.goto("/kitchen/cooks");
  await page.getByRole("button", { name: "Reset Ottilie's password" }).click();
  const code = await page.getByTestId("code").innerText();
  const other = await tablet(browser, baseURL);
  await other.goto(`/join#${code}`);
  await expect(other.getByRole("heading", { name: "New password for Ottilie" })).toBeVisible();
  await other.locator("#join-password").fill("password1");
  await other.getByTestId("send").click();
  await expect(other.locator("#join-password-problem")).toContainText("Many people use this password");
  await other.locator("#join-password").fill("parsnips at dawn");
  await other.getByTestId("send").click();
  await expect(today(other)).toBeVisible();
  const old = await page.request.post("/api/session", { data: { name: "Ottilie", password } });
  expect(old.status()).toBe(401);
  await other.context().close();
});

test("one person has two kitchens, goes from one to the other, and deletes one with its name typed", async ({
  page,
}) => {
  await signIn(page, "Ottilie", "parsnips at dawn");
  await page.goto("/kitchen/account");
  await page.getByRole("button", { name: "Set up another kitchen" }).click();
  await page.locator("#another-kitchen").fill("Market stall");
  await page.getByRole("button", { name: "Set up", exact: true }).click();
  await expect(today(page)).toBeVisible();
  await expect(page.getByTestId("stations")).toContainText("Market stall");

  await page.goto("/kitchen");
  const deleting = page.getByTestId("delete-kitchen");
  await deleting.getByRole("button", { name: "Delete the kitchen" }).click();
  await page.locator("#delete-kitchen-name").fill("Market");
  await deleting.getByTestId("send").click();
  await expect(page.locator("#delete-kitchen-name-problem")).toContainText("Type the name exactly");
  await page.locator("#delete-kitchen-name").fill("Market stall");
  await deleting.getByTestId("send").click();
  await expect(deleting).toContainText("will be deleted on");
  await page.getByTestId("keep-kitchen").click();
  await expect(deleting.getByRole("button", { name: "Delete the kitchen" })).toBeVisible();

  await page.goto("/kitchen/account");
  await page.getByRole("button", { name: "Go to Hazel Row" }).click();
  await expect(today(page)).toBeVisible();
  await expect(page.getByTestId("stations")).toContainText("Hazel Row");
});

test("whoever is removed is signed out on their tablet, and nothing they typed is thrown away", async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page, "Perrin");
  const other = await tablet(browser, baseURL);
  await signIn(other, "Ottilie", "parsnips at dawn");
  await page.goto("/kitchen/cooks");
  await page.getByRole("button", { name: "Remove Ottilie" }).click();
  await page.getByRole("alertdialog").getByRole("button", { name: "Remove" }).click();
  await expect(page.getByText("No longer cook here: Ottilie.")).toBeVisible();
  await other.goto("/basket");
  await expect(other.getByRole("heading", { name: "Sign in" })).toBeVisible();
  await other.context().close();
});

test("what another tablet writes shows here without a reload, with a mark of who did it where", async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page, "Perrin");
  const made = await page.request.post("/api/invites", { data: { role: "cook" } });
  const { code } = (await made.json()) as { code: string };
  const other = await tablet(browser, baseURL);
  const as = { kind: "new", name: "Juno", password };
  expect((await other.request.post("/api/invites/accept", { data: { code, as } })).status()).toBe(201);
  await other.goto("/");
  await page.goto("/larder");
  await expect(page.getByText("Nothing stored yet").first()).toBeVisible();
  await expect(page.locator("#work")).toBeVisible();

  await logLot(other, "chard", "430");
  const basket = page.getByTestId("stations").getByRole("link", { name: /Basket/ });
  await expect(basket).toContainText("changed by Juno");
  await basket.click();
  await expect(page.getByText("430 g").first()).toBeVisible();
  await expect(basket).not.toContainText("changed by");
  await logLot(other, "kale", "215");
  await expect(page.getByText("215 g").first()).toBeVisible();
  await other.context().close();
});

test("everything is taken along in one file, and brought in as another kitchen", async ({ page }) => {
  await signIn(page, "Perrin");
  await page.goto("/kitchen");
  const downloading = page.waitForEvent("download");
  await page.getByTestId("take-everything").click();
  const download = await downloading;
  expect(download.suggestedFilename()).toMatch(/^Hazel Row \d{4}-\d\d-\d\d\.zip$/);
  const file = await download.path();

  await page.goto("/kitchen/account");
  await page.getByTestId("bring-file").setInputFiles({
    name: "letter.zip",
    mimeType: "application/zip",
    buffer: Buffer.from("a letter to the milkman"),
  });
  await expect(page.locator("#bring-file-problem")).toContainText("Nothing was brought in");
  await page.getByTestId("bring-file").setInputFiles({
    name: "kitchen.zip",
    mimeType: "application/zip",
    buffer: readFileSync(file),
  });
  await expect(today(page)).toBeVisible();
  await page.goto("/kitchen/account");
  await expect(page.getByTestId("kitchens").getByText("Hazel Row")).toHaveCount(2);
  await page.goto("/basket");
  await expect(page.getByText("430 g").first()).toBeVisible();
});

test("on a slow phone, over plain HTTP by the house's name, with the answer lost: one joins once, and is in", async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page, "Perrin");
  const made = await page.request.post("/api/invites", { data: { role: "cook" } });
  const { code } = (await made.json()) as { code: string };
  const house = (baseURL ?? "").replace("127.0.0.1", "kitchen.lan");
  const context = await browser.newContext({ baseURL: house, viewport: { width: 390, height: 800 } });
  const phone = await context.newPage();
  await slowDown(phone, 4 * slowdown);
  await phone.goto(`/join#${code}`);
  await phone.locator("#join-name").fill("Tansy");
  await phone.locator("#join-password").fill(password);
  await phone.route(/\/api\/invites\/accept/, async (route) => {
    // It arrives, and what is answered does not: not even its cookie.
    const onItsWay = await request.newContext({ baseURL });
    await onItsWay.post("/api/invites/accept", { data: route.request().postDataJSON() as object });
    await onItsWay.dispose();
    await route.abort("connectionreset");
    await phone.unroute(/\/api\/invites\/accept/);
  });
  await phone.getByTestId("send").click();
  await expect(phone.getByRole("alert").first()).toBeVisible();
  await phone.getByTestId("send").click();
  await expect(today(phone)).toBeVisible();
  const { members } = await ask<{ members: { name: string }[] }>(page, "/api/members");
  expect(members.filter((member) => member.name === "Tansy")).toHaveLength(1);

  await phone.getByTestId("more").click();
  await phone.getByRole("dialog").getByRole("link", { name: "Kitchen settings" }).click();
  await phone.getByTestId("tab-account").click();
  await expect(phone.getByTestId("sessions")).toContainText("(this one)");
  await phone.getByTestId("tab-cooks").click();
  await expect(phone.getByTestId("member-Tansy")).toBeVisible();
  // Nothing is wider than the phone, whatever stands in it.
  expect(
    await phone.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
  ).toBeLessThanOrEqual(0);
  await context.close();
});
