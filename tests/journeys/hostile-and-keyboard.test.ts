import http from "node:http";
import { describe, expect, it } from "vitest";
import { By, Key } from "../support/browser";
import { journey } from "../support/journey";

const { app, teacher } = journey({ seeded: true });

const bringIn = async (text: string): Promise<string> => {
  const response = await fetch(`${app.url}/api/sources`, { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify({ text }) });
  return ((await response.json()) as { setId: string }).setId;
};
const inHand = () => teacher.find("[data-slip]:has([data-field=stem])");

describe("a passage that means harm", () => {
  const EVIL =
    "A strange lamp\n\nThe <img src=x onerror=\"document.title='taken'\"> lamp <script>document.title='taken'</script> burned because keepers lit the \"wick\" & oil.\n\nKeepers wore aprons because <b>buttons</b> could scratch the glass.";
  it("is shown as the text it is, in Prepare, Margin, sheet and key", async () => {
    const setId = await bringIn(EVIL);
    for (const step of ["prepare", "margin", "sheet", "key"]) {
      await teacher.open(`${app.url}/sets/${setId}/${step}`);
      await teacher.find("main, article");
      expect(await teacher.driver.getTitle()).not.toBe("taken");
      expect(await teacher.driver.findElements(By.css("img, main b b, article script"))).toHaveLength(0);
    }
    await teacher.open(`${app.url}/sets/${setId}/prepare`);
    expect((await teacher.texts("[data-block]"))[1]).toContain("<script>document.title='taken'</script>");
  });

  it("cannot come in through what is typed either", async () => {
    await teacher.open(`${app.url}/sets/demo-lens/margin`);
    await teacher.find("[data-slip]");
    await teacher.press("j");
    await teacher.write("[data-slip] [data-field=stem]", "<img src=x onerror=document.title='taken'>");
    await teacher.saved();
    await teacher.driver.navigate().refresh();
    await teacher.find("[data-slip]", "<img src=x");
    await teacher.open(`${app.url}/sets/demo-lens/sheet`);
    await teacher.find("article");
    expect(await teacher.driver.findElements(By.css("img"))).toHaveLength(0);
    expect(await teacher.driver.getTitle()).not.toBe("taken");
  });

  it("a page elsewhere whose name points to this machine reads nothing", async () => {
    const { hostname, port } = new URL(app.url);
    const ask = (path: string, host: string) =>
      new Promise<{ status: number; body: string }>((resolve, reject) => {
        http
          .get({ hostname, port, path, headers: { host } }, (answer) => {
            let body = "";
            answer.on("data", (chunk) => {
              body += chunk;
            });
            answer.on("end", () => resolve({ status: answer.statusCode ?? 0, body }));
          })
          .on("error", reject);
      });
    for (const path of ["/sources", "/api/sets/demo-lens/state", "/sets/demo-lens/key", "/api/sources/s-page/view"]) {
      expect((await ask(path, `quay.evil.test:${port}`)).status, path).toBe(403);
      expect((await ask(path, `localhost:${port}`)).status, path).toBe(200);
    }
  });
  it("a page that is not there says so and leads back", async () => {
    await teacher.open(`${app.url}/sets/nowhere/margin`);
    expect(await (await teacher.find("main")).getText()).toContain("There is no such page.");
    await teacher.click("a", "Go to Sources");
    await teacher.find("h1", "Sources");
  });
});

describe("with the keyboard alone", () => {
  it("a teacher drafts, edits a stem, leaves the field, keeps, and reaches the paper", async () => {
    await teacher.open(`${app.url}/sets/demo-council/margin`);
    await teacher.find("button", /^Draft/);
    // Tab to the button as one does, then press it.
    for (let presses = 0; presses < 40; presses++) {
      await teacher.press(Key.TAB);
      if ((await (await teacher.driver.switchTo().activeElement()).getText()).startsWith("Draft")) break;
    }
    await teacher.press(Key.ENTER);
    await teacher.until("drafts", async () => (await (await teacher.find("[role=status][aria-live]")).getText()).startsWith("Done."));
    await (await teacher.find("body")).click();
    await teacher.press("j", "e");
    await teacher.until("the cursor in the stem", async () => (await (await teacher.driver.switchTo().activeElement()).getAttribute("data-field")) === "stem");
    await teacher.driver.actions().sendKeys(Key.END, " Say why.").perform();
    await teacher.press(Key.ESCAPE);
    await teacher.press("k");
    await teacher.until("one kept", async () => (await (await teacher.find("section[aria-label=Tally]")).getText()).includes("1 kept"));
    await teacher.saved();
    await teacher.open(`${app.url}/sets/demo-council/sheet`);
    expect(await (await teacher.find("article")).getText()).toContain("Say why.");
  });

  it("letters typed in a field are letters, not commands", async () => {
    await teacher.open(`${app.url}/sets/demo-tide/margin`);
    await teacher.find("[data-slip]");
    await teacher.press("j", "e");
    await teacher.until("the cursor in the stem", async () => (await (await teacher.driver.switchTo().activeElement()).getAttribute("data-field")) === "stem");
    const before = (await teacher.texts("[data-slip]")).length;
    await teacher.driver.actions().sendKeys("xknz").perform();
    expect(await (await (await inHand()).findElement(By.css("[data-field=stem]"))).getAttribute("value")).toContain("xknz");
    expect((await teacher.texts("[data-slip]")).length).toBe(before);
    expect(await (await inHand()).getAttribute("data-status")).toBe("draft");
  });

  it("a source is prepared from block to block, struck out, corrected and undone", async () => {
    await teacher.open(`${app.url}/sets/demo-tide/prepare`);
    await teacher.find("[data-block]");
    const reasons = () => teacher.texts("[data-left-out]");
    await teacher.press("j", "j", "x");
    await teacher.until("one struck out", async () => (await reasons()).length === 1);
    await teacher.press("x");
    await teacher.until("it back", async () => (await reasons()).length === 0);
    await teacher.press("e");
    const field = await teacher.find("textarea[aria-label='Words of this block']");
    await teacher.driver.actions().sendKeys("jkx").perform();
    await teacher.until("letters typed as letters", async () => (await field.getAttribute("value"))!.includes("jkx"));
    await teacher.press(Key.ESCAPE);
    await teacher.saved();
    await teacher.driver.actions().keyDown(Key.CONTROL).sendKeys("z").keyUp(Key.CONTROL).perform();
    await teacher.until("the words as they were", async () => !(await teacher.texts("[data-block]")).join(" ").includes("jkx"));
  });

  it("the film stays below the bar when the sheet is scrolled", async () => {
    await teacher.driver.manage().window().setRect({ width: 1280, height: 800 });
    await teacher.open(`${app.url}/sets/demo-film/margin`);
    await teacher.find("section video");
    await teacher.driver.executeScript("window.scrollTo(0, 150)");
    await teacher.until("the film under the bar, and neither over the other", () =>
      teacher.driver.executeScript<boolean>(
        `const film = document.querySelector("section video").parentElement.getBoundingClientRect();
         const bar = document.querySelector("[data-margin-bar]").getBoundingClientRect();
         return window.scrollY > 0 && bar.top >= 0 && film.top >= bar.bottom - 1`,
      ),
    );
  });

  it("every control has a name that a screen reader can say", async () => {
    const pages = ["margin", "plan", "paper", "prepare", "key", "understood"].map((step) => `/sets/demo-lens/${step}`);
    for (const step of [...pages, "/sources", "/sources/find?q=fog", "/sources/s-lens", "/sets/demo-film/prepare", "/sets/demo-report/prepare"]) {
      await teacher.open(app.url + step);
      await teacher.find("main");
      if (/margin|prepare/.test(step)) await teacher.press("j");
      const nameless = await teacher.driver.executeScript(
        `return [...document.querySelectorAll("button, a, input, select, textarea, iframe")].filter((element) => !element.closest("[aria-hidden=true]") && !(element.getAttribute("aria-label") || element.title || element.textContent.trim() || element.labels?.length)).map((element) => element.outerHTML)`,
      );
      expect(nameless, step).toEqual([]);
    }
  });
});

describe("at 200 % zoom and on a phone", () => {
  it.each([
    [640, 400],
    [380, 700],
  ])("nothing is cut off at %i by %i", async (width, height) => {
    await teacher.driver
      .manage()
      .window()
      .setRect({ width: Math.max(500, width), height });
    const device = teacher.driver as unknown as { sendDevToolsCommand(name: string, values: object): Promise<void> };
    await device.sendDevToolsCommand("Emulation.setDeviceMetricsOverride", { width, height, deviceScaleFactor: 1, mobile: false });
    for (const address of [
      "/sources",
      "/sets/demo-lens/prepare",
      "/sets/demo-lens/plan",
      "/sets/demo-lens/margin",
      "/sets/demo-lens/paper",
      "/sets/demo-lens/key",
      "/sets/demo-lens/understood",
      "/sets/demo-report/prepare",
      "/sets/demo-film/prepare",
      "/sets/demo-page/prepare",
      "/sets/demo-film/margin",
      "/sources/find?q=fog",
      "/sources/s-lens",
    ]) {
      await teacher.open(app.url + address);
      await teacher.find("main");
      expect(await teacher.driver.executeScript("return document.documentElement.scrollWidth <= window.innerWidth + 1"), address).toBe(true);
    }
    await device.sendDevToolsCommand("Emulation.clearDeviceMetricsOverride", {});
  });
});
