import { amountField, itemField, notice } from "./cook.ts";
import { expect, test } from "./kitchen-test.ts";

/** A tablet in the house opens the kitchen by its name, without TLS: no secure context, so no randomUUID. */
test.use({
  ofFile: "11-plain-http",
  launchOptions: {
    executablePath: process.env["CHROMIUM"] ?? "/usr/bin/chromium",
    args: ["--no-sandbox", "--disable-gpu", "--host-resolver-rules=MAP kitchen.lan 127.0.0.1"],
  },
});

test("the kitchen opens, weighs in, and asks nothing of a secure page", async ({ page, baseURL }) => {
  const errors: string[] = [];
  page.on("pageerror", (error) => errors.push(error.message));
  const house = (baseURL ?? "").replace("127.0.0.1", "kitchen.lan");
  await page.goto(`${house}/sign-in`);
  expect(await page.evaluate(() => [isSecureContext, typeof crypto.randomUUID])).toEqual([
    false,
    "undefined",
  ]);
  await page.getByTestId("sign-in-demo").click();
  await expect(page.locator('[data-page="today"] h1')).toBeVisible();
  await itemField(page).fill("sorrel");
  await page.getByRole("option", { name: "sorrel" }).first().click();
  await amountField(page).fill("64");
  await page.getByTestId("log-lot").click();
  await expect(notice(page)).toContainText("64 g sorrel");
  await page.goto(`${house}/recipes/new`);
  await expect(page.locator("#recipe-name")).toBeVisible();
  await test.step("an evening is planned and cooked along, without wake lock or notifications", async () => {
    await page.goto(`${house}/plan?recipe=sorrel-and-round-lettuce`);
    await page.locator("#plan-time").fill("23:58");
    await page.getByTestId("save-plan").click();
    await page.getByTestId("cook-along").click();
    const card = page.getByTestId("now-card").first();
    await expect(card).toBeVisible();
    const before = await card.textContent();
    await page.getByTestId("step-done").first().click();
    await expect(page.getByTestId("undo-step")).toBeEnabled();
    await expect(page.getByTestId("now-card").first()).not.toHaveText(before ?? "");
  });
  expect(errors).toEqual([]);
});

test("under a stranger's name nothing is answered, and an asset that is not there is kept by nobody", async ({
  request,
}) => {
  const strange = await request.get("/api/health", { headers: { host: "evil.example" } });
  expect(strange.status()).toBe(421);
  const page = await request.get("/", { headers: { host: "evil.example" } });
  expect(page.status()).toBe(421);
  const gone = await request.get("/assets/of-another-version.js");
  expect([gone.status(), gone.headers()["cache-control"]]).toEqual([404, "no-store"]);
  const known = await request.get("/recipes/of-nobody");
  expect([known.status(), known.headers()["content-type"]]).toEqual([200, expect.stringContaining("html")]);
});
