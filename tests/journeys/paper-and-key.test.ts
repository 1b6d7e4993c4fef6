import { describe, expect, it } from "vitest";
import { By } from "../support/browser";
import { journey } from "../support/journey";

const { app, teacher } = journey({ seeded: true });

const sheetHtml = async () => (await fetch(`${app.url}/sets/demo-lens/sheet`)).text();
const inFrame = async <T>(look: () => Promise<T>): Promise<T> => {
  await teacher.driver.switchTo().frame(await teacher.find("iframe"));
  try {
    return await look();
  } finally {
    await teacher.driver.switchTo().defaultContent();
  }
};
const numbered = () => inFrame(() => teacher.texts(".question p:first-child"));

describe("the paper", () => {
  it("has title, directions, name and date, numbered lines and the kept questions", async () => {
    await teacher.open(`${app.url}/sets/demo-lens/paper`);
    const text = await inFrame(async () => (await teacher.find("article.sheet")).getText());
    for (const words of ["The lens that saved ships", "Read the passage. Then answer the questions.", "Name", "Date", "1 point"]) expect(text).toContain(words);
    expect(await inFrame(() => teacher.texts(".passage i"))).toEqual(expect.arrayContaining(["5", "10"]));
    expect((await numbered()).length).toBe(6);
  });

  it("shows changes of title, labels, passage and order", async () => {
    await teacher.write("#paper-title", "Light check");
    await teacher.click("label", "1 2 3 4");
    await teacher.click("label", "The passage in front");
    await teacher.saved();
    await teacher.until("the new title", async () => (await inFrame(async () => (await teacher.find("h1")).getText())) === "Light check");
    expect(await inFrame(() => teacher.texts(".passage"))).toEqual([]);
    expect((await inFrame(() => teacher.texts(".options li:first-child span:first-child")))[0]).toBe("1");
    const before = await numbered();
    await teacher.click("button", "Move question 1 down");
    await teacher.until("the new order", async () => {
      const after = await numbered();
      return after[0] === before[1] && after[1] === before[0];
    });
  });

  it("prints on clean pages: no question is split, and pages are numbered", async () => {
    const rules = await inFrame(() =>
      teacher.driver.executeScript("return [...document.querySelectorAll('.question')].every((element) => getComputedStyle(element).breakInside === 'avoid')"),
    );
    expect(rules).toBe(true);
    await teacher.open(`${app.url}/sets/demo-lens/sheet`);
    const css = (await teacher.driver.executeScript(
      "return [...document.styleSheets].flatMap((sheet) => [...sheet.cssRules]).map((rule) => rule.cssText).filter((text) => text.startsWith('@page')).join(' ')",
    )) as string;
    expect(css).toContain("counter(page)");
    const { data } = (await (
      teacher.driver as unknown as { sendAndGetDevToolsCommand(name: string, values: object): Promise<{ data: string }> }
    ).sendAndGetDevToolsCommand("Page.printToPDF", { preferCSSPageSize: true })) as { data: string };
    expect(Buffer.from(data, "base64").subarray(0, 5).toString()).toBe("%PDF-");
  });

  it("holds no trace of the key in its HTML", async () => {
    const html = await sheetHtml();
    expect(html).toContain("Light check");
    expect(html).not.toMatch(/"key"|accepted|evidence|correction|factId|pattern"|verdict/i);
    // The key's words may stand among the options, but nothing tells them from the others.
    const options = [...html.matchAll(/<li>(.*?)<\/li>/g)].map((match) => match[1]!.replace(/<!-- -->|[\dA-D]/g, "").replace(/>[^<]*</g, "><"));
    expect(new Set(options).size).toBe(1);
  });
});

describe("the key", () => {
  it("has answers with labels, accepted answers and the sentence that proves each, with its paragraph", async () => {
    await teacher.open(`${app.url}/sets/demo-lens/key`);
    const text = await (await teacher.find("article")).getText();
    expect(text).toContain("6 questions");
    expect(text).toMatch(/¶ \d/);
    const entries = await teacher.driver.findElements(By.css("article li"));
    expect(entries).toHaveLength(6);
    for (const entry of entries) expect((await entry.findElements(By.css("q"))).length).toBeGreaterThan(0);
  });
  it("survives a restart of the server", async () => {
    const before = await (await teacher.find("article")).getText();
    await app.restart();
    await teacher.driver.navigate().refresh();
    expect(await (await teacher.find("article")).getText()).toBe(before);
  });
});

describe("strangers", () => {
  it("from another site cannot change anything", async () => {
    const stolen = await fetch(`${app.url}/api/sets/demo-lens/edits`, {
      method: "POST",
      headers: { origin: "http://harbour.example", "content-type": "application/json" },
      body: JSON.stringify({ edits: [{ type: "set-title", from: "", to: "x" }] }),
    });
    expect(stolen.status).toBe(403);
  });
  it("with a broken request get a sentence and no crash", async () => {
    for (const body of ["{", "[]", '{"edits":[{"type":"set-stem"}]}', '{"edits":[]}']) {
      const answer = await fetch(`${app.url}/api/sets/demo-lens/edits`, { method: "POST", headers: { "content-type": "application/json" }, body });
      expect(answer.status).toBe(400);
      expect(((await answer.json()) as { problem: { text: string } }).problem.text).toContain("could not be read");
    }
  });
});
