import { describe, expect, it } from "vitest";
import { Key } from "../support/browser";
import { journey } from "../support/journey";

const { app, teacher } = journey({ seeded: true });
const plan = async (set: string, kinds: Record<string, string>) => {
  await teacher.open(`${app.url}/sets/${set}/plan`);
  for (const [kind, count] of Object.entries(kinds)) {
    if ((await teacher.driver.findElements({ css: `input[aria-label='How many: ${kind}']` })).length === 0) await teacher.click("fieldset button", kind);
    await teacher.write(`input[aria-label='How many: ${kind}']`, count);
  }
  await teacher.saved();
  await teacher.click("footer button", "Draft");
  await teacher.until("the end", async () => /^Done\./.test(await (await teacher.find("[role=status][aria-live]")).getText()));
};
const inHand = () => teacher.find("article .field, article textarea").then(() => teacher.find("[data-slip].bg-sheet"));
const NONE = { "Multiple choice": "0", "True or false": "0", "Gap fill": "0", "Short answer": "0" };

describe("kinds of several parts, from the plan to the key", () => {
  it("numbers, pairs and open responses are drafted beside their evidence", async () => {
    await plan("demo-ida", { ...NONE, Number: "2", Match: "1", "Open response": "1" });
    const slips = (await teacher.texts("[data-slip]")).join("\n");
    expect(slips).toMatch(/Number · recall/);
    expect(slips).toContain("Match each year with what happened in it.");
    expect(slips).toMatch(/Open response · understanding/);
    expect(await teacher.texts("[data-slip][data-verdict=wrong]")).toEqual([]);
  });
  it("the steps of a how-to are put in order", async () => {
    await plan("demo-bowline", { ...NONE, "Put in order": "1" });
    await teacher.take("Put the steps of “How to tie a bowline”");
    await inHand();
    expect(await (await teacher.find("textarea[aria-label='Item 1']")).getAttribute("value")).toBe("Pass the working end around the post.");
    await teacher.click("button[aria-label='Move item 2 up']");
    await teacher.until("the new order", async () =>
      (await (await teacher.find("textarea[aria-label='Item 1']")).getAttribute("value"))!.startsWith("Make a small loop"),
    );
    await teacher.press("z");
    await teacher.until("the old order", async () =>
      (await (await teacher.find("textarea[aria-label='Item 1']")).getAttribute("value"))!.startsWith("Pass the working end"),
    );
    await teacher.click("button", "Keep");
    await teacher.saved();
    await teacher.open(`${app.url}/sets/demo-bowline/sheet`);
    const items = await teacher.texts(".items li");
    expect(items).toHaveLength(6);
    expect(items[0]).not.toContain("Pass the working end around the post.");
    await teacher.open(`${app.url}/sets/demo-bowline/key`);
    expect(await (await teacher.find("article ol li")).getText()).toMatch(/1\. [A-F] {1,2}Pass the working end around the post\./);
  });
  it("a pair and a point are corrected in place, saved as typed", async () => {
    await teacher.open(`${app.url}/sets/demo-ida/margin`);
    await teacher.take("Match each year");
    await inHand();
    await teacher.write("textarea[aria-label='Right 1']", "Ida Marrow came into the world.");
    await teacher.click("button", "Add a pair");
    await teacher.find("textarea[aria-label='Left 4']");
    await teacher.saved();
    await teacher.driver.navigate().refresh();
    await teacher.take("Match each year");
    await inHand();
    expect(await (await teacher.find("textarea[aria-label='Right 1']")).getAttribute("value")).toBe("Ida Marrow came into the world.");
    expect(await (await teacher.find("[data-slip].bg-sheet")).getText()).toMatch(/Part \d is empty\./);
    await teacher.press("Escape");
  });
});

describe("words in context", () => {
  it("are asked with their sentence, and their meaning is not called proved by it", async () => {
    await plan("demo-lens", { ...NONE, "Word in context": "1" });
    await teacher.take("Word in context");
    await inHand();
    const read = async () => (await teacher.find("[data-slip].bg-sheet")).getText();
    await teacher.until("the verdict", async () => /Sound\.|Proved\./.test(await read()));
    const slip = await read();
    expect(slip).toMatch(/What does “[a-z ]+” mean in the passage\?/);
    expect(slip).toContain("its meaning comes from Vumo’s own list of words");
    expect(slip).not.toContain("Proved.");
    await teacher.press("Escape");
  });
});

describe("two-part questions", () => {
  it("ask for an answer and for the sentence that proves it, down to the sheet and the key", async () => {
    await plan("demo-council", { ...NONE, "Two-part with evidence": "1" });
    await teacher.take("Two-part with evidence");
    await inHand();
    expect(await (await teacher.find("textarea[aria-label='Second question']")).getAttribute("value")).toBe(
      "Which sentence from the passage best proves your answer?",
    );
    // Whichever sentence is the right one, another one is doubted at once, and undoing takes the doubt away.
    const right = await teacher.driver.executeScript<number>(
      "return [...document.querySelectorAll('input[aria-label^=Sentence]')].findIndex((input) => input.checked)",
    );
    await teacher.click(`input[aria-label='Sentence ${"ABCD"[(right + 1) % 4]} is the key']`);
    const text = async () => (await teacher.find("[data-slip].bg-sheet")).getText();
    await teacher.until("the doubt", async () => (await text()).includes("The sentence keyed as proof is not among the evidence."));
    await teacher.press(Key.ESCAPE, "z");
    await teacher.until("no doubt", async () => (await teacher.texts("[data-slip][data-verdict=wrong]")).length === 0);
    await teacher.click("[data-slip].bg-sheet button", "Keep");
    await teacher.saved();
    await teacher.open(`${app.url}/sets/demo-council/sheet`);
    expect((await teacher.texts(".options li")).length).toBe(8);
    await teacher.open(`${app.url}/sets/demo-council/key`);
    expect(await (await teacher.find("article ol li")).getText()).toMatch(/First part: [A-D][\s\S]*Second part: [A-D]/);
  });
  it("say which sentence stands there twice, and lead to it", async () => {
    await teacher.open(`${app.url}/sets/demo-council/margin`);
    await teacher.take("Two-part with evidence");
    await inHand();
    const first = (await (await teacher.find("textarea[aria-label='Sentence A']")).getAttribute("value"))!;
    await teacher.write("textarea[aria-label='Sentence B']", first);
    await teacher.press("\uE00C");
    await teacher.until("the doubt", async () => (await (await inHand()).getText()).includes("Sentences A and B are the same."));
    await teacher.click("[data-slip] button", "Go to: Sentence B");
    expect(await teacher.driver.switchTo().activeElement().getAttribute("aria-label")).toBe("Sentence B");
    await teacher.press("\uE00C");
    await teacher.saved();
    await teacher.press("z");
    await teacher.until("peace", async () => !(await (await inHand()).getText()).includes("are the same"));
    await teacher.saved();
  });
});

describe("a plan is balanced", () => {
  it("for the wanted number, within what the text supports", async () => {
    await teacher.open(`${app.url}/sets/demo-council/plan`);
    await teacher.find("td", /about \d+/);
    await teacher.write("input[aria-label='How many questions in all']", "10");
    await teacher.click("button", "Fill the rows");
    await teacher.find("footer button", "Draft 10");
    expect((await teacher.texts("tbody tr td:first-child")).length).toBeGreaterThan(3);
    await teacher.saved();
  });
});

describe("a teacher sees why", () => {
  it("a draft was made, on its slip", async () => {
    await teacher.open(`${app.url}/sets/demo-lens/margin`);
    await teacher.take(/Why did many ships strike the rocks/);
    await teacher.click("summary", "Why this draft?");
    expect(await (await teacher.find("[data-slip].bg-sheet > details[open]")).getText()).toContain("The source gives a reason");
  });
  it("a sentence is asked about or not, on a page of its own", async () => {
    await teacher.open(`${app.url}/sets/demo-bell/plan`);
    await teacher.click("a", "See which, and why not");
    await teacher.find("h1", "What was understood");
    expect(await (await teacher.find("[data-understood=false]")).getText()).toMatch(/Not asked about: (?:somebody's words in quotation marks|its grammar)/);
    await teacher.click("[data-understood=true] summary");
    expect((await teacher.texts("[data-understood=true] details[open] li")).length).toBeGreaterThan(0);
  });
});
