import { describe, expect, it } from "vitest";
import { By } from "../support/browser";
import { journey } from "../support/journey";

const { app, teacher } = journey({ seeded: true });

const margin = async (set = "demo-lens") => {
  await teacher.open(`${app.url}/sets/${set}/margin`);
  await teacher.find("[data-slip]");
};
const inHand = () => teacher.find("[data-slip]:has([data-field=stem])");
const textInHand = async () => (await inHand()).getText();
const verdictInHand = async () => (await inHand()).getAttribute("data-verdict");
const options = async () =>
  Promise.all((await (await inHand()).findElements(By.css("textarea[aria-label^='Option']"))).map((field) => field.getAttribute("value")));

describe("a teacher mends what is doubtful", () => {
  it("by one key, and takes it back", async () => {
    await margin();
    await teacher.take(/In what year/);
    await teacher.write("textarea[aria-label='Option A']", "1999");
    await teacher.until("the doubt", async () => (await textInHand()).includes("not in order of size"));
    const jumbled = await options();
    await teacher.press("\uE00C");
    await teacher.press("m");
    await teacher.until("the order of size", async () => (await options()).join() === [...jumbled].sort().join());
    await teacher.until("peace", async () => !(await textInHand()).includes("not in order of size"));
    await teacher.saved();
    await teacher.press("z");
    await teacher.until("the options as they were", async () => (await options()).join() === jumbled.join());
    await teacher.saved();
    await teacher.press("z");
    await teacher.saved();
  });
  it("or says by one key that it is right as it is", async () => {
    await margin();
    await teacher.press("n");
    await teacher.write("[data-field=stem]", "Which of these is not a part of the lens?");
    await teacher.press("\uE00C");
    await teacher.until("the doubt", async () => (await textInHand()).includes("Write it large"));
    await teacher.press("m");
    await teacher.until("the word written large", async () =>
      (await (await (await inHand()).findElement(By.css("[data-field=stem]"))).getAttribute("value"))!.includes("NOT"),
    );
    await teacher.until("what is left", async () => (await textInHand()).includes("No evidence is tied"));
    await teacher.press("r");
    await teacher.until("the answer", async () => (await textInHand()).includes("Answered: No evidence is tied"));
    await teacher.saved();
  });
});

describe("a doubt points to its place", () => {
  it("in the slip, and to its rule", async () => {
    await margin();
    await teacher.take(/In what year/);
    await teacher.write("textarea[aria-label='Option A']", "1999");
    await teacher.press("\uE00C");
    await teacher.until("the doubt", async () => (await textInHand()).includes("not in order of size"));
    await teacher.click("[data-slip] button", "Go to: Option A");
    expect(await teacher.driver.switchTo().activeElement().getAttribute("aria-label")).toBe("Option A");
    expect(await teacher.driver.switchTo().activeElement().getAttribute("class")).toContain("decoration-ochre");
    await teacher.press("\uE00C");
    await teacher.saved();
    await teacher.press("z");
    await teacher.until("peace", async () => !(await textInHand()).includes("not in order of size"));
    await teacher.saved();
    await teacher.press("n");
    await teacher.write("[data-field=stem]", "Which of these is not made of wood?");
    await teacher.press("\uE00C");
    await teacher.click("[data-slip] a", "the rule");
    await teacher.find("h1", "The rules");
    expect(await teacher.driver.getCurrentUrl()).toMatch(/\/rules#[a-z-]+$/);
  });
});

describe("a teacher decides fast", () => {
  it("walks only through what needs a look", async () => {
    await margin();
    await teacher.press("d");
    expect(await verdictInHand()).not.toBe("sound");
  });
  it("narrows to one kind, and back", async () => {
    await margin();
    const all = (await teacher.texts("[data-slip]")).length;
    await teacher.click("select[aria-label=Only] option", /^True or false/);
    await teacher.until("fewer slips", async () => (await teacher.texts("[data-slip]")).length < all);
    for (const text of await teacher.texts("[data-slip]")) expect(text).toContain("True or false");
    await teacher.click("select[aria-label=Only] option", "Every question");
    await teacher.until("all slips", async () => (await teacher.texts("[data-slip]")).length === all);
  });
  it("keeps all that is sound at once", async () => {
    await margin("demo-tide");
    const sound = (await teacher.texts("[data-slip][data-verdict=sound]")).length;
    const before = (await teacher.texts("[data-slip][data-status=kept]")).length;
    await teacher.click("button", /^Keep \d+ sound/);
    await teacher.until("them kept", async () => (await teacher.texts("[data-slip][data-status=kept]")).length >= sound);
    await teacher.saved();
    await teacher.press("z");
    await teacher.until("all of them back by one key", async () => (await teacher.texts("[data-slip][data-status=kept]")).length <= before);
    await teacher.press("Z");
    await teacher.until("them kept again", async () => (await teacher.texts("[data-slip][data-status=kept]")).length >= sound);
  });
  it("is led from a question that gives another's answer away to that other", async () => {
    await margin("demo-tide");
    for (const [stem, option] of CUE) {
      await teacher.press("n");
      await teacher.write("[data-field=stem]", stem);
      await teacher.write("textarea[aria-label='Option A']", option);
      await teacher.press("\uE00C");
      await teacher.saved();
    }
    await teacher.until("the doubt", async () => (await textInHand()).includes("This gives the answer of"));
    await teacher.click("[data-slip] button", "Go to the other");
    await teacher.until("the other in hand", async () => (await textInHand()).includes("gives the answer of this away"));
    for (let steps = 0; steps < CUE.length; steps++) await teacher.press("Delete");
    await teacher.saved();
  });
  it("narrows to one outcome", async () => {
    await margin("demo-tide");
    await teacher.press("j");
    await teacher.click("[data-slip] summary", /Explanation/);
    await teacher.write("[data-slip] input[aria-label=Outcome], [data-slip] textarea[aria-label=Outcome]", "Explain why: the tide turns");
    await teacher.press("\uE00C");
    await teacher.saved();
    await teacher.click("select[aria-label=Only] option", /^Explain why: the tide turns \(1\)/);
    await teacher.until("one slip", async () => (await teacher.texts("[data-slip]")).length === 1);
  });
});

/** The second stem says the first one's key. */
const CUE = [
  ["How often did the old keepers polish the brass bell?", "every seven days"],
  ["The old keepers polished the brass bell every seven days. What did they use?", "a soft cloth"],
] as const;

describe("a teacher sees the whole set", () => {
  it("with what is planned and kept, what is asked about, and where it leads", async () => {
    await margin("demo-tide");
    await teacher.click("a", "The whole set");
    await teacher.find("h1", "The whole set");
    expect((await teacher.texts("tbody tr")).length).toBeGreaterThan(2);
    expect((await teacher.texts("main li")).join("\n")).toMatch(/\d+ (?:kept|drafts?)/);
    await teacher.click("main li a", /\d (?:kept|drafts?)/);
    await teacher.find("[data-slip]");
    expect(await (await teacher.find("select[aria-label=Only]")).getAttribute("value")).toMatch(/^block:/);
    await teacher.open(`${app.url}/sets/demo-lens/whole`);
    const wanted = Number(await (await teacher.find("tbody td a")).getText());
    await teacher.click("tbody td a");
    await teacher.find("[data-slip]");
    expect((await teacher.texts("[data-slip]")).length).toBe(wanted);
  });
});

describe("a teacher reads the rules", () => {
  it("and lets one say nothing, which is then silent in the margin", async () => {
    await teacher.open(`${app.url}/rules`);
    await teacher.find("h1", "The rules");
    expect((await teacher.texts("main li")).length).toBeGreaterThan(25);
    await teacher.click("select[aria-label*='written large'] option", "nothing");
    await teacher.driver.sleep(400);
    await margin();
    await teacher.press("n");
    await teacher.write("[data-field=stem]", "Which of these is not made of glass?");
    await teacher.until("other doubts", async () => (await textInHand()).includes("No evidence is tied"));
    expect(await textInHand()).not.toContain("Write it large");
  });
});

describe("a teacher asks other sources", () => {
  it("whether they say the same, from the slip in hand", async () => {
    await margin("demo-tide");
    await teacher.press("j");
    await teacher.click("[data-slip] summary", "Does another of my sources say this?");
    await teacher.until("an answer", async () => /says so|says otherwise|No other source speaks of this/.test(await textInHand()));
  });
});

describe("what a teacher keeps and sets aside", () => {
  it("is told on a page of its own, and can be forgotten and counted again", async () => {
    await teacher.open(`${app.url}/learnt`);
    await teacher.until("what was judged so far", async () => /Nothing yet|drafts? that you judged/.test((await teacher.texts("#main")).join()));
    await margin("demo-tide");
    await teacher.click("[data-slip] button");
    await teacher.press("2");
    await teacher.saved();
    await teacher.click("button", /^Set aside/);
    await teacher.find("[data-status=aside]", "set aside: too easy");
    await teacher.press("z");
    await teacher.until("it back", async () => !(await teacher.texts("[data-slip]")).join().includes("set aside: too easy"));
    await teacher.saved();
    await teacher.press("2");
    await teacher.saved();
    await teacher.open(`${app.url}/learnt`);
    await teacher.find("p", "Set aside because: too easy (1)");
    const rows = await teacher.texts("tbody tr");
    expect(rows.length).toBeGreaterThan(0);
    await teacher.click("button", /Begin anew/);
    await teacher.until("nothing", async () => (await teacher.texts("#main")).join().includes("Nothing yet"));
    await teacher.click("button", /Count it again/);
    await teacher.until("the same again", async () => (await teacher.texts("tbody tr")).join() === rows.join());
  });
});
