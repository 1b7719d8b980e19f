import { chromium } from "playwright-core";
const [,, url, out, w="1280", h="800", theme="light", ...acts] = process.argv;
const b = await chromium.launch({ executablePath: "/usr/bin/chromium", args:["--no-sandbox"] });
const p = await b.newPage({ viewport: { width: +w, height: +h } });
p.on("console", m => { if (m.type()==="error") console.log("ERR", m.text()); });
p.on("pageerror", e => console.log("PAGEERR", e.message));
await p.goto("http://localhost:4400/"); await p.waitForTimeout(1500);
await p.evaluate(t => { localStorage.setItem("odd-spoke.theme", t); document.documentElement.dataset.theme = t; }, theme);
await p.goto("http://localhost:4400"+url); await p.waitForTimeout(1500);
for (const a of acts) { const [k, ...v] = a.split("="); const val=v.join("=");
  if (k==="click") await p.getByText(val,{exact:true}).first().click();
  if (k==="role") { const [r,n]=val.split("|"); await p.getByRole(r,{name:n}).first().click(); }
  if (k==="sel") { const [l,n]=val.split("|"); await p.getByLabel(l,{exact:true}).first().selectOption({label:n}); }
  if (k==="key") await p.keyboard.press(val,{delay:60});
  if (k==="wait") await p.waitForTimeout(+val);
  if (k==="full") {}
}
await p.screenshot({ path: out, fullPage: acts.includes("full=1") });
await b.close();
