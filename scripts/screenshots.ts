/** Makes the pictures in docs/screenshots from the demo data: `npm run screenshots` (after a build). */
import { mkdirSync, writeFileSync } from "node:fs";
import path from "node:path";
import { startApp } from "../tests/support/app";
import { openBrowser, type Teacher } from "../tests/support/browser";

const folder = path.join(import.meta.dirname, "../docs/screenshots");
type View = { name: string; address: string; width?: number; height?: number; prepare?: (teacher: Teacher) => Promise<void> };

const takeFirst = async (teacher: Teacher) => {
  await teacher.click("[data-slip] button", /Why/);
  await teacher.driver.executeScript("window.scrollTo(0, 0)");
};
const takeBlock = (words: string) => async (teacher: Teacher) => {
  await teacher.click("[data-block]", words);
  await teacher.driver.sleep(1500);
  await teacher.driver.executeScript("window.scrollTo(0, 0)");
};
const VIEWS: View[] = [
  { name: "sources", address: "/sources" },
  { name: "find", address: "/sources/find?q=fog" },
  { name: "prepare-pdf", address: "/sets/demo-report/prepare", prepare: takeBlock("The long walk") },
  { name: "prepare-page", address: "/sets/demo-page/prepare" },
  { name: "prepare-video", address: "/sets/demo-film/prepare", prepare: takeBlock("The lens weighs") },
  { name: "margin-video", address: "/sets/demo-film/margin", prepare: async (teacher) => teacher.click("[data-slip] button", /\?/) },
  { name: "plan", address: "/sets/demo-lens/plan", prepare: async (teacher) => void (await teacher.find("td", /about \d+/)) },
  { name: "margin", address: "/sets/demo-lens/margin", prepare: takeFirst },
  { name: "margin-narrow", address: "/sets/demo-lens/margin", width: 500, height: 850, prepare: takeFirst },
  { name: "whole", address: "/sets/demo-lens/whole" },
  { name: "rules", address: "/rules" },
  { name: "paper", address: "/sets/demo-lens/paper" },
  { name: "key", address: "/sets/demo-lens/key" },
];

async function main(): Promise<void> {
  mkdirSync(folder, { recursive: true });
  const app = await startApp({ seeded: true });
  const teacher = await openBrowser();
  try {
    for (const { name, address, width = 1280, height = 800, prepare } of VIEWS) {
      const device = teacher.driver as unknown as { sendDevToolsCommand(command: string, values: object): Promise<void> };
      await device.sendDevToolsCommand("Emulation.setDeviceMetricsOverride", { width, height, deviceScaleFactor: 1, mobile: false });
      await teacher.open(app.url + address);
      await teacher.find("main, article");
      await prepare?.(teacher);
      await teacher.driver.sleep(900);
      writeFileSync(path.join(folder, `${name}.png`), Buffer.from(await teacher.driver.takeScreenshot(), "base64"));
      console.log(`docs/screenshots/${name}.png`);
    }
  } finally {
    await teacher.leave();
    await app.end();
  }
}

await main();
