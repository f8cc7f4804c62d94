import { mkdirSync } from "node:fs";
import { prepareChromium, prepareBuild } from "./prepare.mjs";
import { startProgram } from "./start-program.mjs";
const executablePath = prepareChromium(); prepareBuild();
const { chromium } = await import("@playwright/test");
const program = await startProgram([]);
const browser = await chromium.launch({ executablePath, args:["--no-sandbox","--disable-gpu"] });
const page = await browser.newPage({ viewport:{width:1280,height:800}, baseURL: program.url });
await page.goto("/sign-in"); await page.getByTestId("sign-in-demo").click(); await page.getByTestId("make-best").waitFor();
await page.goto("/recipes/import");
await page.locator("#recipe-paste").fill("Peperonata della nonna\nper 4 persone\n\n3 peperoni rossi\n2 cipolle\n400 g di pomodori pelati\n3 cucchiai di olio extravergine d'oliva\n1 spicchio d'aglio\nq.b. sale\nbasilico, una manciata\n\nTagliare i peperoni a listarelle.\nSoffriggere le cipolle e l'aglio nell'olio per 10 minuti.\nAggiungere i peperoni e i pomodori, cuocere a fuoco basso per 40 minuti.\nUnire il basilico e servire tiepida.");
await page.waitForTimeout(2500); await page.screenshot({path:"/tmp/pics/p1.png",fullPage:true});
await page.getByTestId("save-recipe").click(); await page.waitForTimeout(2500); console.log(page.url()); await page.screenshot({path:"/tmp/pics/p2.png",fullPage:true});
const id = page.url().split("/recipes/")[1];
await page.goto("/basket"); await page.getByTestId("choose-several").click();
for (const line of ["peperoni rossi 4, 700 g","2 cipolle","cebollas rojas 3","pomodori pelati 1 tin","basil 1 bunch"]) { await page.locator("#intake-line").fill(line); await page.keyboard.press("Enter"); }
await page.waitForTimeout(1500); await page.screenshot({path:"/tmp/pics/p3.png",fullPage:true});
const logb = page.getByRole("button",{name:/^Log/}); console.log(await logb.allTextContents()); await logb.last().click(); await page.waitForTimeout(2000);
await page.goto("/cook/"+id); await page.waitForTimeout(3000); await page.screenshot({path:"/tmp/pics/p4.png",fullPage:true});
console.log((await page.getByRole("button").allTextContents()).join(" | "));
const prep = page.getByTestId("prepare"); 
await page.context().storageState({path:"/tmp/state.json"});
const { createInterface } = await import("node:readline");
const AsyncFunction = (async()=>{}).constructor;
const fs = await import("node:fs");
// further commands come from a file, one script at a time
for (let n=1;n<20;n++){ const f=`/tmp/pics/cmd${n}.js`; for(let i=0;i<1200&&!fs.existsSync(f);i++) await new Promise(r=>setTimeout(r,500)); if(!fs.existsSync(f))break; await new Promise(r=>setTimeout(r,200)); const code=fs.readFileSync(f,"utf8"); if(code.includes("STOP"))break; try{ await new AsyncFunction("page","console","id",code)(page,console,id);}catch(e){console.log("ERR",e.message.slice(0,800))} console.log("done "+n); }
await browser.close(); await program.stop();
