import { startProgram } from "./start-program.mjs";
import { chromium } from "@playwright/test";
const program = await startProgram([]);
const browser = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox","--disable-gpu","--disable-quic","--no-first-run","--disable-background-networking","--disable-component-update","--disable-sync"] });
const { default: run } = await import(process.argv[2]);
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: program.url });
  page.on("console", m => ["error","warning"].includes(m.type()) && console.log("console:", m.text()));
  page.on("pageerror", e => console.log("pageerror", e.message));
  page.on("response", async r => { if (r.status() >= 400) console.log(r.status(), r.url(), (await r.text().catch(()=>"")).slice(0,300)); });
  await page.goto("/sign-in");
  await page.getByTestId("sign-in-demo").click();
  await page.getByTestId("make-best").waitFor();
  await run(page, async (n, full) => page.screenshot({ path: `/tmp/pics/${n}.png`, fullPage: !!full }), browser, program);
} catch (e) { console.log(e.message); } finally { await browser.close(); await program.stop(); process.exit(0); }
