import { describe, expect, it } from "vitest";
import { By, Key } from "../support/browser";
import { journey } from "../support/journey";

const { app, teacher } = journey({ seeded: true });

const margin = async (set = "demo-tide") => {
  await teacher.open(`${app.url}/sets/${set}/margin`);
  await teacher.find("[data-slip]");
};
const inHand = () => teacher.find("[data-slip]:has([data-field=stem])");
const stemInHand = async () => (await (await inHand()).findElement(By.css("[data-field=stem]"))).getAttribute("value");
const attribute = async (name: string) => (await inHand()).getAttribute(name);

describe("a teacher checks with the keyboard alone", () => {
  it("walks from slip to slip and sees the evidence of the one in hand", async () => {
    await margin();
    await teacher.press("j");
    const first = await stemInHand();
    await teacher.press("j");
    await teacher.until("the next slip", async () => (await stemInHand()) !== first);
    const id = await attribute("data-slip");
    expect(await (await teacher.find(`[data-evidence~='${id}']`)).getCssValue("background-color")).not.toBe("rgba(0, 0, 0, 0)");
    await teacher.press("p");
    await teacher.until("the slip before", async () => (await stemInHand()) === first);
  });

  it("keeps, sets aside and marks to look again, and takes it back", async () => {
    await margin();
    await teacher.press("j", "k");
    await teacher.until("the tally", async () => (await (await teacher.find("section[aria-label=Tally]")).getText()).includes("1 kept"));
    await teacher.press("x");
    await teacher.until("one set aside", async () => (await (await teacher.find("button", "Set aside")).getText()).includes("1"));
    await teacher.press("l");
    await teacher.until("the mark", async () => (await (await inHand()).getText()).includes("look again"));
    await teacher.saved();
    await teacher.press("z");
    await teacher.until("the mark gone", async () => !(await (await inHand()).getText()).includes("◇ look again"));
    await teacher.press("z");
    await teacher.press("z");
    await teacher.until("nothing kept", async () => (await (await teacher.find("section[aria-label=Tally]")).getText()).includes("0 kept"));
  });

  it("shows the keys on ?", async () => {
    await margin();
    await teacher.press("?");
    expect(await (await teacher.find("[role=dialog]")).getText()).toContain("Set aside");
    await teacher.press(Key.ESCAPE);
  });
});

describe("a teacher edits in place", () => {
  it("sees the verdict turn when the key is broken, and turn back with undo", async () => {
    await margin();
    await teacher.take(/Short answer/);
    await teacher.until("a sound slip", async () => (await attribute("data-verdict")) === "sound");
    await teacher.write("[data-slip] textarea[aria-label='Key']", "the steam engine");
    await teacher.until("a doubt", async () => (await attribute("data-verdict")) === "look");
    expect(await (await inHand()).getText()).toMatch(/The evidence does not say “(?:steam|engine)”/);
    await teacher.saved();
    await teacher.click("button", "Undo");
    await teacher.until("sound again", async () => (await attribute("data-verdict")) === "sound");
  });

  it("answers a doubt, which stays answered until the words change", async () => {
    await margin();
    await teacher.take(/Short answer/);
    await teacher.write("[data-slip] textarea[aria-label='Key']", "steam engine");
    await teacher.click("button", "It is right as it is");
    await teacher.until("peace", async () => (await attribute("data-verdict")) === "sound");
    await teacher.saved();
    await teacher.driver.navigate().refresh();
    await teacher.take("steam engine");
    expect(await attribute("data-verdict")).toBe("sound");
    await teacher.write("[data-slip] textarea[aria-label='Key']", "diesel engine");
    await teacher.until("the doubt again", async () => (await attribute("data-verdict")) === "look");
  });

  it("loses no letter when the server is killed while writing, and can undo after a restart", async () => {
    await margin("demo-lens");
    await teacher.press("j");
    const before = await stemInHand();
    await teacher.write("[data-slip] [data-field=stem]", "What did the crews see too late?");
    await teacher.saved();
    await app.kill();
    await teacher.write("[data-slip] [data-field=stem]", "What did the crews of many ships see too late?");
    await teacher.until("the warning", async () => (await (await teacher.find("[data-save]")).getText()).includes("Not saved yet"));
    await app.start();
    await teacher.saved();
    await teacher.driver.navigate().refresh();
    await teacher.find("[data-slip]", "What did the crews of many ships see too late?");
    await teacher.click("button", "Undo");
    await teacher.click("button", "Undo");
    await teacher.find("[data-slip]", before!);
  });

  it("keeps what was typed even if page and server die together", async () => {
    await margin("demo-lens");
    await teacher.press("j");
    const before = await stemInHand();
    await app.kill();
    await teacher.write("[data-slip] [data-field=stem]", "What hid the fires on the hills?");
    await teacher.until("the warning", async () => (await (await teacher.find("[data-save]")).getText()).includes("Not saved yet"));
    await teacher.open("about:blank");
    await app.start();
    await margin("demo-lens");
    await teacher.find("[data-slip]", "What hid the fires on the hills?");
    await teacher.saved();
    await teacher.click("button", "Undo");
    await teacher.find("[data-slip]", before!);
  });

  it("changes options, adds and removes one, and chooses another key", async () => {
    await margin("demo-lens");
    await teacher.take(/Multiple choice/);
    await teacher.click("button", "Add an option");
    await teacher.write("textarea[aria-label='Option E']", "the harbour");
    await teacher.click("button", "Remove option E");
    await teacher.until("four options", async () => (await (await inHand()).findElements(By.css("textarea[aria-label^=Option]"))).length === 4);
    const unkeyed = await teacher.until("an unkeyed option", async () => (await (await inHand()).findElements(By.css("input[type=radio]:not(:checked)")))[0]);
    await unkeyed!.click();
    await teacher.until("a doubt", async () => (await attribute("data-verdict")) === "look");
    await teacher.saved();
    await teacher.click("button", "Undo");
    await teacher.until("sound again", async () => (await attribute("data-verdict")) === "sound");
  });
});

const selectWords = (block: string, words: string) =>
  teacher.driver.executeScript(
    `const home = document.querySelector("[data-block='" + arguments[0] + "']");
     const walker = document.createTreeWalker(home, NodeFilter.SHOW_TEXT);
     for (let node = walker.nextNode(); node; node = walker.nextNode()) {
       const at = node.data.indexOf(arguments[1]);
       if (at < 0) continue;
       const range = document.createRange();
       range.setStart(node, at); range.setEnd(node, at + arguments[1].length);
       window.getSelection().removeAllRanges(); window.getSelection().addRange(range);
     }`,
    block,
    words,
  );

describe("a teacher writes a question", () => {
  it("on words selected in the source, which become its evidence", async () => {
    await teacher.open(`${app.url}/sets/demo-council/margin`);
    await teacher.find("[data-block=b2]");
    await selectWords("b2", "The people of the town elect the council every four years.");
    await teacher.click("button", /^Short answer/);
    await teacher.write("[data-field=stem]", "Who elects the council?");
    await teacher.write("textarea[aria-label='Key']", "the people of the town");
    await teacher.until("proof", async () => (await attribute("data-verdict")) === "sound");
    expect(await (await inHand()).getText()).toContain("The people of the town elect the council every four years.");
    await teacher.saved();
    await teacher.driver.navigate().refresh();
    await teacher.find("[data-slip]", "Who elects the council?");
  });

  it("from nothing, ties it to a sentence with the arrows, and copies it", async () => {
    await teacher.press("n");
    await teacher.write("[data-field=stem]", "How many members has the council?");
    await teacher.press(Key.ESCAPE);
    await teacher.until("the doubt", async () => (await (await inHand()).getText()).includes("No evidence is tied to this question"));
    await teacher.click("button", "Take the next sentence as evidence");
    await teacher.until("evidence", async () => (await (await inHand()).getText()).includes("Skerry Bay has about 2,400 people"));
    const before = (await teacher.texts("[data-slip]")).length;
    await teacher.click("[data-slip] button", "Copy");
    await teacher.until("the copy", async () => (await teacher.texts("[data-slip]")).length === before + 1);
    await teacher.click("[data-slip] button", /^Remove/);
    await teacher.until("it gone", async () => (await teacher.texts("[data-slip]")).length === before);
  });

  it("ties another sentence to a slip by selecting it", async () => {
    await margin("demo-lens");
    await teacher.press("j");
    await selectWords("b3", "A curved mirror behind each lamp threw the light out to sea.");
    await teacher.click("button", "Make it the evidence");
    await teacher.until("the new evidence", async () => (await (await inHand()).getText()).includes("A curved mirror behind each lamp"));
  });
});

describe("a source that is changed", () => {
  it("keeps evidence tied to its words, and says what is lost", async () => {
    await teacher.open(`${app.url}/sets/demo-tide/prepare`);
    await teacher.click("[data-block]", "Large ships enter Skerry Bay");
    await teacher.click("button", "Correct the words");
    const field = await teacher.find("textarea[aria-label='Words of this block']");
    const text = (await field.getAttribute("value"))!;
    await teacher.driver.executeScript(
      "Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(arguments[0], arguments[1]); arguments[0].dispatchEvent(new Event('input', { bubbles: true }));",
      field,
      text.replace(/Large ships enter Skerry Bay only near high tide because .*$/, "Large ships wait outside."),
    );
    await teacher.find("[role=status]", /no longer in the text/);
    await teacher.saved();
    await margin();
    expect((await teacher.texts("[data-evidence]")).length).toBeGreaterThan(2);
    await teacher.take("Why do large ships enter Skerry Bay only near high tide?");
    await teacher.until("the loss", async () => (await (await inHand()).getText()).includes("are no longer in the source"));
  });
});

describe("in a narrow window", () => {
  it("each paragraph is followed by its slips", async () => {
    await teacher.resize(480, 800);
    await margin("demo-lens");
    const order = () =>
      teacher.driver.executeScript<string[]>(
        "return [...document.querySelectorAll('[data-block], [data-slip]')].map((element) => element.dataset.slip ? 'slip' : 'block')",
      );
    // The page learns how wide it is after it was sent.
    await teacher.until("slips between the paragraphs", async () => (await order()).indexOf("slip") < (await order()).lastIndexOf("block"));
    expect((await order()).indexOf("slip")).toBeGreaterThan(0);
    expect(await teacher.driver.executeScript("return document.documentElement.scrollWidth <= window.innerWidth")).toBe(true);
    await teacher.resize(1280, 800);
  });
});
