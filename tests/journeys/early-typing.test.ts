import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { type App, startApp } from "../support/app";
import { Key, openBrowser, type Teacher } from "../support/browser";
import { type SlowScripts, startSlowScripts } from "../support/slow-scripts";

let app: App;
let teacher: Teacher;
let scripts: SlowScripts;
beforeAll(async () => {
  app = await startApp({ seeded: true });
  scripts = await startSlowScripts(app.url);
  // Goes on as soon as the page can be seen, as an impatient teacher does.
  teacher = await openBrowser(1280, 800, { waitsFor: "sight" });
});
afterAll(async () => {
  await teacher?.leave();
  scripts?.end();
  await app?.end();
});

const openWithoutScripts = async (address: string) => {
  // The page before, and the sheet within it, must not ask for a script meanwhile.
  await teacher.open("about:blank");
  scripts.hold(address);
  await teacher.open(`${scripts.url}${address}`);
};
const isReady = () => teacher.driver.executeScript<boolean>("return window.earlyTyping === undefined");
const ready = () => teacher.until("the page to be ready", isReady);
const value = async (selector: string) => (await teacher.find(selector)).getAttribute("value");
const COUNT = "input[aria-label='How many: Multiple choice']";

describe("what is typed before the page is ready", () => {
  it("is saved in the plan, each field of it", async () => {
    await openWithoutScripts("/sets/demo-bowline/plan");
    await teacher.write(COUNT, "7");
    await (await teacher.find("select[aria-label='Depth of Multiple choice']")).sendKeys("recall");
    await teacher.write("input[aria-label='Points for each Multiple choice']", "3");
    expect(await isReady()).toBe(false);
    scripts.letThrough();
    await teacher.find("footer", "17 asked");
    await teacher.saved();
    await teacher.driver.navigate().refresh();
    await ready();
    expect(await value(COUNT)).toBe("7");
    expect(await value("select[aria-label='Depth of Multiple choice']")).toBe("recall");
    expect(await value("input[aria-label='Points for each Multiple choice']")).toBe("3");
  });
  it("is saved in the paper, with what was ticked", async () => {
    await openWithoutScripts("/sets/demo-lens/paper");
    await teacher.write("#paper-title", "Lamps and lenses, Tuesday");
    await teacher.click("input[type=checkbox]");
    const ticked = await (await teacher.find("input[type=checkbox]")).isSelected();
    expect(await isReady()).toBe(false);
    scripts.letThrough();
    await teacher.until("title and tick to be stored", async () => {
      const { paper } = (await (await fetch(`${app.url}/api/sets/demo-lens/state`)).json()).state;
      return paper.title === "Lamps and lenses, Tuesday" && paper.showPassage === ticked;
    });
    expect(await (await teacher.find("input[type=checkbox]")).isSelected()).toBe(ticked);
  });
  it("is counted where a passage is brought in, with the caret where it was", async () => {
    await openWithoutScripts("/sources");
    const passage = await teacher.find("#passage");
    await passage.sendKeys("The tide turns at noon.", Key.HOME, "Look! ");
    expect(await isReady()).toBe(false);
    scripts.letThrough();
    await teacher.find("#passage-count", "29 of");
    await passage.sendKeys("See: ");
    expect(await value("#passage")).toBe("Look! See: The tide turns at noon.");
  });
  it("goes behind a paste that was kept, and loses neither", async () => {
    await teacher.open(`${scripts.url}/sources`);
    await ready();
    await teacher.write("#passage", "The lamp was lit at dusk.");
    await openWithoutScripts("/sources");
    await (await teacher.find("#passage")).sendKeys("The tide turned.");
    expect(await isReady()).toBe(false);
    scripts.letThrough();
    await teacher.until("both", async () => (await value("#passage")) === "The lamp was lit at dusk.\n\nThe tide turned.");
  });
});
