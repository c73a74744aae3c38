import { bundleServer } from "./support/bundle-server";
import { startTestServer } from "./support/server";
import { launchBrowser } from "./support/browser";
import { mkdirSync } from "node:fs";
const out = "/tmp/shots";
mkdirSync(out, { recursive: true });
await bundleServer();
const server = await startTestServer("demo");
const browser = await launchBrowser();
const script = process.argv[2] ?? "/tmp/look-steps.mjs";
const { default: run } = await import(script);
async function page(o: { width?: number; height?: number; dark?: boolean; font?: number } = {}) {
  const ctx = await browser.newContext({
    viewport: { width: o.width ?? 390, height: o.height ?? 844 },
    colorScheme: o.dark ? "dark" : "light",
    hasTouch: true,
  });
  const p = await ctx.newPage();
  p.setDefaultTimeout(5000);
  if (o.font) {
    const c = await ctx.newCDPSession(p);
    await c.send("Page.setFontSizes", { fontSizes: { standard: o.font } });
  }
  p.on("pageerror", (e) => console.log("PAGEERROR", e.message));
  await p.goto(server.address);
  return p;
}
try {
  await run({ page, out, address: server.address });
} catch (e) {
  console.log(e);
}
await browser.close();
await server.dispose();
process.exit(0);
