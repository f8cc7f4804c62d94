import type { Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import {
  amountField,
  ask,
  chooseItem,
  forGood,
  itemField,
  logLot,
  loseAnswers,
  notice,
  signInDemo,
  tell,
} from "./cook.ts";
import { expect, slowDown, slowdown, test } from "./kitchen-test.ts";

test.use({ ofFile: "10-bad-conditions" });

type Larder = { containers: { id: string; name: string; portionsLeft: number }[] };
async function portionsOf(page: Page, name: string): Promise<number> {
  const { containers } = await ask<Larder>(page, "/api/larder");
  return containers.filter((c) => c.name === name).reduce((sum, c) => sum + c.portionsLeft, 0);
}

test.describe("answers lost", () => {
  test.beforeEach(async ({ page }) => {
    await signInDemo(page);
  });

  test("a portion taken with its answer lost, and tapped again, is taken once", async ({ page }) => {
    await page.goto("/larder");
    const row = page.getByRole("article").first();
    const name = (await row.getByRole("heading").textContent()) ?? "";
    const before = await portionsOf(page, name);
    await loseAnswers(page, /\/api\/containers\/.*\/withdrawals/, forGood);
    await row.getByTestId("take-one").click();
    await expect(page.getByRole("alert")).toContainText("can't be reached");
    await row.getByTestId("take-one").click();
    await expect(notice(page)).toContainText("taken");
    expect(await portionsOf(page, name)).toBe(before - 1);
    await page.waitForTimeout(4000);
    expect(await portionsOf(page, name)).toBe(before - 1);
  });

  test("a trim whose answer was lost and which was then changed is recorded once, and says so", async ({
    page,
  }) => {
    const lot = await logLot(page, "kale", "900");
    await page.goto(`/trim/${lot.id}`);
    await loseAnswers(page, /\/api\/trims$/, forGood);
    const usable = page.locator("#trim-usable");
    await usable.fill("560");
    await page.getByTestId("save-trim").click();
    await expect(page.getByText(/can't be reached/)).toBeVisible();
    await usable.fill("580");
    await page.getByTestId("save-trim").click();
    await expect(
      page
        .getByText(/first entry was recorded/)
        .or(notice(page))
        .first(),
    ).toBeVisible();
    const { lots } = await ask<{ lots: { grams: number }[] }>(
      page,
      "/api/lots?text=kale&state=usable&limit=200",
    );
    expect(lots.map((one) => one.grams).filter((g) => [560, 580].includes(g))).toEqual([560]);
    expect((await ask<{ grams: number }>(page, `/api/lots/${lot.id}`)).grams).toBe(0);
  });

  test("a lot logged while no answer comes survives a reload and is there once", async ({ page }) => {
    await loseAnswers(page, /\/api\/lots$/, forGood);
    await chooseItem(page, "beetroot");
    await amountField(page).fill("777");
    await page.getByTestId("log-lot").click();
    await page.waitForTimeout(300);
    await page.reload();
    const count = async (): Promise<number> =>
      (await ask<{ lots: { grams: number }[] }>(page, "/api/lots?text=beetroot&limit=200")).lots.filter(
        (one) => one.grams === 777,
      ).length;
    await expect.poll(count).toBe(1);
    await page.waitForTimeout(4000);
    expect(await count()).toBe(1);
  });

  test("an undo whose answer was lost is done once", async ({ page }) => {
    await page.goto("/larder");
    const row = page.getByRole("article").first();
    const name = (await row.getByRole("heading").textContent()) ?? "";
    const before = await portionsOf(page, name);
    await row.getByTestId("take-one").click();
    await expect(notice(page)).toContainText("taken");
    await loseAnswers(page, /\/api\/withdrawals\/.*/, 2);
    await notice(page).getByTestId("undo").click();
    await expect(notice(page)).toContainText("Undone");
    expect(await portionsOf(page, name)).toBe(before);
  });
});

test.describe("nothing typed vanishes", () => {
  test.beforeEach(async ({ page }) => {
    await signInDemo(page);
  });

  test("what is typed at the trim and at the make stays when another tablet writes, and over a reload", async ({
    page,
  }) => {
    const lot = await logLot(page, "chard", "1000");
    await page.goto(`/trim/${lot.id}`);
    await page.locator("#trim-usable").fill("611");
    await page.getByLabel(/^stems/).fill("222");
    await page.goto("/cook/carrot-top-pesto");
    const used = page.getByTestId("used-grams").last();
    await used.fill("4.2");
    await page.locator("#weighed").fill("333");
    // Another tablet logs something; then this one is looked at again.
    await logLot(page, "carrot-tops", "410");
    await page.evaluate(() => {
      window.dispatchEvent(new Event("focus"));
      document.dispatchEvent(new Event("visibilitychange"));
    });
    await page.waitForTimeout(1500);
    await expect(used).toHaveValue("4.2");
    await expect(page.locator("#weighed")).toHaveValue("333");
    await page.reload();
    await expect(used).toHaveValue("4.2");
    await expect(page.locator("#weighed")).toHaveValue("333");
    const estimates = page.getByTestId("use-estimates");
    if (await estimates.isVisible()) {
      await estimates.click();
      await expect(estimates).toBeHidden();
      await expect(page.locator("#weighed")).toHaveValue("333");
    }
    await page.goto(`/trim/${lot.id}`);
    await expect(page.locator("#trim-usable")).toHaveValue("611");
    await expect(page.getByLabel(/^stems/)).toHaveValue("222");
  });

  test("a name entered before the list of ingredients has come, and saved at once, keeps its line", async ({
    page,
  }) => {
    await page.route(/\/api\/ingredients$/, async (route) => {
      await new Promise((done) => setTimeout(done, 2500));
      await route.fallback();
    });
    await page.goto("/recipes/new");
    await page.locator("#recipe-name").fill("Slow bowl");
    const line = page.getByTestId("line-1");
    await line.locator('[id$="-what"]').fill("kale");
    await page.keyboard.press("Enter");
    await line.locator('[id$="-amount"]').fill("240");
    await page.locator('[id$="-text"]').first().fill("Rub.");
    await page.getByTestId("save-recipe").click();
    await expect(page.getByRole("heading", { name: "Slow bowl" })).toBeVisible();
    const saved = await ask<{ formula: { lines: { grams: number; fillers: { ingredient: string }[] }[] } }>(
      page,
      "/api/recipes/slow-bowl",
    );
    expect(saved.formula.lines).toMatchObject([{ grams: 240, fillers: [{ ingredient: "kale" }] }]);
  });
});

test("a name typed in full before the list of ingredients has come is still there when it has", async ({
  page,
}) => {
  await signInDemo(page);
  let letThrough = (): void => undefined;
  const later = new Promise<void>((done) => (letThrough = done));
  await page.route(/\/api\/ingredients$/, async (route) => {
    await later;
    await route.fallback();
  });
  await page.reload();
  await itemField(page).fill("sorrel");
  await amountField(page).fill("63");
  letThrough();
  await page.waitForTimeout(1500);
  await expect(itemField(page)).toHaveValue("sorrel");
  await page.getByTestId("log-lot").click();
  await expect(notice(page)).toContainText("63 g sorrel");
});

test("an amount that is recorded before the figures of its ingredient have come waits for them", async ({
  page,
}) => {
  await signInDemo(page);
  const { id } = await logLot(page, "leek", "900");
  let letThrough = (): void => undefined;
  const later = new Promise<void>((done) => (letThrough = done));
  await page.route("**/api/ingredients/leek", async (route) => {
    await later;
    await route.fallback();
  });
  await page.goto(`/basket/${id}`);
  await page.locator("#take-amount").fill("1 small");
  await page.getByTestId("send").click();
  letThrough();
  await expect(notice(page)).toContainText("leek used");
  await expect(page.locator("#take-amount-problem")).toBeHidden();
});

test("a bare number in a delivery that is sent before its ingredient's figures have come is asked about", async ({
  page,
}) => {
  await signInDemo(page);
  let letThrough = (): void => undefined;
  const later = new Promise<void>((done) => (letThrough = done));
  await page.route(/\/api\/ingredients\/[^/]+$/, async (route) => {
    await later;
    await route.fallback();
  });
  await page.goto("/basket");
  await page.getByTestId("choose-several").click();
  const delivery = page.getByTestId("intake");
  const counted = /aubergine|courgette|cucumber|leek|pepper|beetroot|fennel|lemon|onion/;
  await delivery.getByTestId("usual-items").getByRole("button", { name: counted }).first().click();
  await delivery.getByTestId("delivery-rows").getByRole("textbox").fill("2");
  let isSent = false;
  page.on("request", (request) => (isSent ||= request.method() === "POST" && /intake/.test(request.url())));
  await delivery.getByTestId("log-intake").click();
  letThrough();
  await expect(delivery.getByTestId("pieces-or-grams")).toBeVisible();
  await expect(delivery.getByTestId("delivery-rows").locator("> li")).toHaveCount(1);
  expect(isSent).toBe(false);
});

test.describe("a slow machine", () => {
  test("the cook's path is walked with the processor four times slower", async ({ page }) => {
    test.setTimeout(300_000 * slowdown);
    await signInDemo(page);
    await slowDown(page, 4);
    await chooseItem(page, "carrot tops");
    await amountField(page).fill("430");
    await page.getByTestId("log-lot").click();
    await expect(notice(page)).toContainText("430 g carrot tops");
    await page.goto("/cook/carrot-top-pesto");
    await expect(page.getByRole("heading", { name: /Carrot-top pesto/ })).toBeVisible();
    const estimates = page.getByTestId("use-estimates");
    await expect(page.getByTestId("finish-batch")).toBeVisible();
    if (await estimates.isVisible()) {
      await estimates.click();
      await expect(estimates).toBeHidden();
    }
    await page.getByTestId("finish-batch").click();
    await expect(notice(page)).toContainText("Stored");
    await page.getByTestId("take-one").first().click();
    await expect(notice(page)).toContainText("taken");
  });
});

test("a dish carries a photo: shrunk here, without place or camera in it, in its JSON-LD, and back by undo", async ({
  page,
}) => {
  await signInDemo(page);
  await page.goto("/recipes/lovage-green-sauce");
  // Any picture does; the photo is drawn anew in the browser.
  const picture = readFileSync(new URL("../docs/screenshots/today.png", import.meta.url));
  await page
    .getByTestId("dish-photo")
    .setInputFiles({ name: "dish.png", mimeType: "image/png", buffer: picture });
  const shown = page.getByTestId("photo-shown");
  await expect(shown).toBeVisible();
  const address = (await shown.getAttribute("src")) ?? "";
  const stored = await page.request.get(address);
  expect(stored.headers()["content-type"]).toBe("image/jpeg");
  const bytes = await stored.body();
  expect(bytes.length).toBeLessThan(400_000);
  expect(bytes.includes(Buffer.from("Exif"))).toBe(false);
  const jsonLd = await ask<{ image?: string }>(page, "/api/recipes/lovage-green-sauce/recipe.jsonld");
  expect(jsonLd.image).toMatch(/^data:image\/jpeg;base64,/);
  await page.getByTestId("remove-photo").click();
  await expect(shown).toBeHidden();
  await notice(page).getByTestId("undo").click();
  await expect(shown).toBeVisible();
  await page.getByTestId("dish-photo").setInputFiles({
    ...{ name: "dish.png", mimeType: "image/png" },
    buffer: Buffer.from("not a picture at all"),
  });
  await expect(page.getByText("This isn't a JPEG, PNG or WebP picture.")).toBeVisible();
});

test("settings sent by two at once both stay", async ({ page }) => {
  await signInDemo(page);
  type Settings = { freezerPortions: number; givePortions: number };
  await Promise.all([
    tell(page, "/api/kitchen", { freezerPortions: 61 }),
    tell(page, "/api/kitchen", { givePortions: 7 }),
  ]);
  expect(await ask<Settings>(page, "/api/kitchen")).toMatchObject({ freezerPortions: 61, givePortions: 7 });
});
