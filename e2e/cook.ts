import { expect, type Locator, type Page } from "@playwright/test";

/** Counts what a cook does: every click and every key. */
export class Effort {
  private clicks = 0;
  private keys = 0;

  constructor(private readonly page: Page) {}

  async click(target: Locator): Promise<void> {
    this.clicks++;
    await target.click();
  }

  async type(text: string): Promise<void> {
    this.keys += text.length;
    await this.page.keyboard.type(text, { delay: 15 });
  }

  async press(key: string): Promise<void> {
    this.keys++;
    await this.page.keyboard.press(key);
  }

  get spent(): number {
    return this.clicks + this.keys;
  }
}

/** Signs in as a visitor of the demo does. */
export async function signInByButton(page: Page): Promise<void> {
  await page.goto("/sign-in");
  await page.getByTestId("sign-in-demo").click();
  // The first visit fills the demo kitchen with a season of entries.
  await expect(page.locator('[data-page="today"] h1')).toBeVisible({ timeout: 60_000 });
}

/** Is signed in already, with no page open yet: for tests that open their own. */
export async function enterDemo(page: Page): Promise<void> {
  const response = await page.request.post("/api/session/demo", { data: {} });
  expect(response.ok()).toBe(true);
}

/** Is signed in already, on the first page. */
export async function signInDemo(page: Page): Promise<void> {
  await enterDemo(page);
  await page.goto("/");
  await expect(page.locator('[data-page="today"] h1')).toBeVisible();
}

/** Puts produce on the simulated scale, as a hand would, and waits until it is steady. */
export async function simulateLoad(page: Page, grams: number): Promise<void> {
  await page.request.post("/api/devices/scale/load", { data: { grams } });
  const shown = grams >= 1000 ? `${Number((grams / 1000).toFixed(2))} kg` : `${grams} g`;
  const dock = page.getByTestId("scale-dock");
  await expect(dock.getByTestId("scale-reading")).toHaveText(shown);
  await expect(dock.getByText("steady")).toBeVisible();
}

/** Asks the API as the signed-in browser does. */
export async function ask<Reply>(page: Page, path: string): Promise<Reply> {
  const response = await page.request.get(path);
  expect(response.ok()).toBe(true);
  return (await response.json()) as Reply;
}

/** Writes through the API with a key of its own. */
export async function tell<Reply>(page: Page, path: string, data: unknown): Promise<Reply> {
  const response = await page.request.post(path, {
    data,
    headers: { "Idempotency-Key": crypto.randomUUID() },
  });
  expect(response.ok(), await response.text()).toBe(true);
  return (await response.json()) as Reply;
}

/** Logs a lot through the API, for tests that begin later in the work. */
export const logLot = (
  page: Page,
  ingredient: string,
  amount: string,
  since?: string,
): Promise<{ id: string; grams: number }> =>
  tell(page, "/api/lots", {
    id: crypto.randomUUID(),
    ingredient,
    amount,
    place: "fridge",
    since: since ?? new Date(Date.now() - new Date().getTimezoneOffset() * 60_000).toISOString().slice(0, 10),
    source: { kind: "own-bed", note: "test bed" },
  });

/** Pastes text into a field as the clipboard would. */
export const paste = (field: Locator, text: string): Promise<void> =>
  field.evaluate((element, pasted) => {
    const data = new DataTransfer();
    data.setData("text", pasted);
    element.dispatchEvent(
      new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }),
    );
  }, text);

export const notice = (page: Page): Locator => page.getByTestId("notice").last();

/** The fields that log one item. */
export const itemField = (page: Page): Locator => page.locator("#lot-ingredient");
export const amountField = (page: Page): Locator => page.locator("#lot-amount");

/** Chooses an ingredient in a field that suggests names. */
export async function chooseItem(page: Page, name: string, option: string | RegExp = name): Promise<void> {
  await itemField(page).fill(name);
  await page.getByRole("option", { name: option }).first().click();
}

/** The server gets it and does it; its answer never comes back, so many times. */
export async function loseAnswers(page: Page, path: RegExp, times: number): Promise<void> {
  let left = times;
  await page.route(path, async (route) => {
    if (route.request().method() !== "POST" || left-- <= 0) return route.fallback();
    await route.fetch();
    await route.abort("connectionreset");
  });
}

/** Longer than a form waits for an answer: it lets the cook go on. */
export const forGood = 5;
