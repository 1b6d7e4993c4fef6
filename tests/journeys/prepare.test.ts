import { describe, expect, it } from "vitest";
import { Key } from "../support/browser";
import { journey } from "../support/journey";

const { app, teacher } = journey({ seeded: true });
const open = async (set: string) => {
  await teacher.open(`${app.url}/sets/${set}/prepare`);
  await teacher.find("h1", "Is this the text you mean?");
};
const words = async () => Number((await (await teacher.find("[data-counts] b")).getText()).replace(/,/g, ""));
const block = (text: string) => teacher.find("[data-block]", text);
const reason = (text: string) =>
  teacher.driver.executeScript<string | null>(
    "return [...document.querySelectorAll('[data-block]')].find((e) => e.textContent.includes(arguments[0]))?.closest('[id^=block-]').dataset.leftOut ?? null",
    text,
  );
/** Selects from the first words to the last ones, as a drag would. */
const select = (from: string, to: string) =>
  teacher.driver.executeScript(
    `const find = (words, atEnd) => { const walk = document.createTreeWalker(document.querySelector("section[aria-label='Extracted text']"), NodeFilter.SHOW_TEXT);
       while (walk.nextNode()) { const at = walk.currentNode.data.indexOf(words); if (at >= 0) return [walk.currentNode, atEnd ? at + words.length : at]; } };
     const range = document.createRange(); range.setStart(...find(arguments[0], false)); range.setEnd(...find(arguments[1], true));
     const selection = getSelection(); selection.removeAllRanges(); selection.addRange(range);`,
    from,
    to,
  );

describe("a teacher takes out what does not belong", () => {
  it("a paragraph with one click, and brings it back after a reload", async () => {
    await open("demo-council");
    const before = await words();
    const first = (await (await teacher.find("[data-block]", /\. /)).getText()).slice(0, 30);
    await teacher.click("button[aria-label='Strike out 1']");
    await teacher.until("fewer words", async () => (await words()) < before);
    await teacher.saved();
    await open("demo-council");
    expect(await reason(first)).toBe("by hand");
    expect(await words()).toBeLessThan(before);
    await teacher.click("button", "Undo");
    await teacher.until("the words back", async () => (await words()) === before);
    expect(await reason(first)).toBeNull();
  });
  it("a part of a sentence by selecting it", async () => {
    await open("demo-report");
    const before = await words();
    await select("since the fields", "stony for it");
    await teacher.click("button", "Strike out these words");
    await teacher.until("fewer words", async () => (await words()) < before);
    await teacher.saved();
    await teacher.open(`${app.url}/sets/demo-report/margin`);
    expect(await (await teacher.find("section[aria-label=Source]")).getText()).toContain("The plant came by ship from the Baltic,.");
    await open("demo-report");
    await select("since the fields", "stony for it");
    await teacher.click("button", "Bring back these words");
    await teacher.until("the words back", async () => (await words()) === before);
  });
  it("everything after a place, and everything but a section", async () => {
    await open("demo-guide");
    const before = await words();
    await teacher.click("[data-block]", "Room 3: Signals");
    await teacher.click("button", "Strike out everything after");
    expect(await reason("The last room shows")).toBe("by hand");
    // At once, before it is saved: Undo waits for the save.
    await teacher.click("button", "Undo");
    await teacher.until("all back", async () => (await words()) === before);
    await teacher.click("[data-block]", "Room 2: Finding the way");
    await teacher.click("button", "Only this section");
    expect(await reason("Ships were built of oak")).toBe("outside the chosen section");
    expect(await reason("The sextant measures")).toBeNull();
  });
  it("what was left out by itself can be brought back by its reason", async () => {
    await open("demo-slides");
    const before = await words();
    expect(await reason("Start with the bell.")).toBe("speaker notes");
    await teacher.click("button", "bring back");
    await teacher.until("more words", async () => (await words()) > before);
    expect(await reason("Start with the bell.")).toBeNull();
  });
});

describe("a teacher corrects the text", () => {
  it("mends a word, splits with Enter and merges with Backspace, all saved as typed", async () => {
    await open("demo-scan");
    await teacher.click("[data-block]", "Twice a day the water");
    await teacher.click("button", "Correct the words");
    const field = await teacher.find("textarea[aria-label='Words of this block']");
    await field.sendKeys(Key.HOME, Key.chord(Key.CONTROL, Key.HOME), "Nearly ");
    await teacher.saved();
    await field.sendKeys(Key.ENTER);
    await teacher.until("two blocks", async () => (await teacher.texts("[data-block]")).includes("Nearly"));
    await teacher.press(Key.BACK_SPACE);
    await teacher.until("one block", async () => !(await teacher.texts("[data-block]")).includes("Nearly"));
    await teacher.saved();
    await open("demo-scan");
    await block("Nearly Twice a day the water");
  });
  it("changes a block's kind, the title and the language", async () => {
    await open("demo-lesson");
    await teacher.click("[data-block]", "Twice a day");
    await (await teacher.find("select[aria-label='Kind of block']")).sendKeys("quotation");
    const title = await teacher.find("input[aria-label='Title of the source']");
    await title.sendKeys(Key.chord(Key.CONTROL, "a"), "Tides for grade six");
    await (await teacher.find("label select")).sendKeys("French");
    await teacher.saved();
    await teacher.open(`${app.url}/sets/demo-lesson/plan`);
    expect(await (await teacher.find("aside")).getText()).toContain("Vumo drafts from English and, in a first form, from Spanish; this is French.");
    expect(await (await teacher.find("footer button", "Draft")).isEnabled()).toBe(false);
    await teacher.open(`${app.url}/sources`);
    await teacher.find("td", "Tides for grade six");
  });
  it("takes questions along: evidence that is struck is reported as lost, and found again", async () => {
    await open("demo-lens");
    await teacher.click("button[aria-label='Strike out 2']");
    await teacher.until("the report", async () => /no longer in the text/.test(await (await teacher.find("[role=status].text-ochre")).getText()));
    await teacher.click("button", "Undo");
    await teacher.saved();
    await teacher.open(`${app.url}/sets/demo-lens/margin`);
    await teacher.find("[data-slip]");
    expect(await teacher.texts("[data-slip][data-verdict=wrong]")).toEqual([]);
  });
});

describe("the player", () => {
  it("marks the sentence that is spoken and plays just the evidence of a slip", async () => {
    await teacher.open(`${app.url}/sets/demo-film/margin`);
    await teacher.take(/Short answer/);
    const label = (await (await teacher.find("button[aria-label^='Play these words']")).getAttribute("aria-label"))!;
    const [, minutes, seconds] = /(\d+):(\d\d)$/.exec(label)!;
    const from = Number(minutes) * 60 + Number(seconds);
    await teacher.click("button[aria-label^='Play these words']");
    const video = await teacher.find("video");
    const state = () =>
      teacher.driver.executeScript<{ now: number; paused: boolean }>("return { now: arguments[0].currentTime, paused: arguments[0].paused }", video);
    await teacher.until("the words to play", async () => (await state()).now > from + 0.3);
    await teacher.until("the end of the words", async () => (await state()).paused);
    const { now } = await state();
    expect(now).toBeGreaterThan(from + 1);
    expect(now).toBeLessThan(from + 12);
  });
  it("stands at the time of the paragraph in hand", async () => {
    await open("demo-film");
    await teacher.click("[data-block]", "The lens weighs");
    const video = await teacher.find("aside video");
    await teacher.until("its time", () => teacher.driver.executeScript<boolean>("return arguments[0].currentTime > 20", video));
    await teacher.until("its sentence to be marked", async () =>
      (await teacher.texts("[data-block] .bg-evidence")).join("").includes("The lens weighs more than two tonnes."),
    );
  });
});

describe("several sources in a set, and a source in several sets", () => {
  it("a second source joins the set, its blocks follow, and it can be taken out again", async () => {
    await open("demo-bowline");
    await teacher.click("button", "Add a source");
    await teacher.click("[role=menuitem]", "Ida Marrow, keeper of the light");
    await teacher.find("nav[aria-label='Sources of this set'] a", "Ida Marrow");
    await teacher.open(`${app.url}/sets/demo-bowline/margin`);
    const text = await (await teacher.find("section[aria-label=Source]")).getText();
    expect(text.indexOf("How to tie a bowline")).toBeLessThan(text.indexOf("Ida Marrow, keeper of the light"));
    await open("demo-bowline");
    await teacher.click("button[aria-label^='Take Ida Marrow']");
    await teacher.until("one source", async () => (await teacher.texts("nav[aria-label='Sources of this set'] a")).length === 0);
  });
  it("many are selected in the list for one new set; the source's page tells its sets", async () => {
    await teacher.open(`${app.url}/sources`);
    await teacher.click("input[aria-label='Select The night bell']");
    await teacher.click("input[aria-label='Select Why the tide turns']");
    await teacher.click("button", "New set of these");
    await teacher.until("the plan", async () => (await teacher.driver.getCurrentUrl()).includes("/plan"));
    expect(await (await teacher.find("aside")).getText()).toContain("2 sources");
    await teacher.open(`${app.url}/sources/s-tide`);
    expect(await (await teacher.find("h2", "sets on it")).getText()).toBe("2 sets on it");
    expect(await (await teacher.find("section[aria-labelledby=questions]")).getText()).toMatch(/^1\d questions on it/);
  });
});

describe("the list of sources", () => {
  it("is put in order with folders, archive and deleting, each undone with one click", async () => {
    await teacher.open(`${app.url}/sources`);
    await teacher.click("input[aria-label='Select The night bell']");
    await teacher.write("input[aria-label='Folder to move to']", "Stories");
    await teacher.click("button", "Move");
    await teacher.find("nav[aria-label=Folders] a", "Stories");
    await teacher.click("button[aria-label='More for The night bell']");
    await teacher.click("[role=menuitem]", "Delete");
    await teacher.find("p", "Deleted “The night bell”.");
    await teacher.until("it gone", async () => !(await teacher.texts("tbody td a")).includes("The night bell"));
    await teacher.click("button", "Undo");
    await teacher.find("td a", "The night bell");
    await teacher.click("input[aria-label='Select The night bell']");
    await teacher.click("button", "Archive");
    await teacher.click("nav[aria-label=Folders] a", "Archived");
    await teacher.find("td a", "The night bell");
  });
});

describe("a topic without a text", () => {
  it("finds passages in all sources and on the shelf; those chosen become a source", async () => {
    await teacher.open(`${app.url}/sources`);
    await teacher.write("input[type=search]", "knots for sailors");
    await teacher.press(Key.ENTER);
    await teacher.find("h1", "Passages on “knots for sailors”");
    await teacher.find("section[aria-label='In your sources'] mark");
    await teacher.click("section[aria-label='On the reference shelf'] label", "The bowline makes a loop");
    await teacher.click("section[aria-label='In your sources'] label");
    await teacher.click("button", "Make a source of 2 passages");
    await teacher.find("h1", "Is this the text you mean?");
    expect((await teacher.texts("[data-block]"))[0]).toBe("Knots for sailors");
    await block("The bowline makes a loop that does not slip");
  });
  it("says when no source speaks of it", async () => {
    await teacher.open(`${app.url}/sources/find?q=xylophone`);
    await teacher.find("p", "No source speaks of this.");
  });
});
