import { describe, expect, it } from "vitest";
import { journey } from "../support/journey";

const { app, teacher } = journey({ seeded: true });
const clear = async (set: string) => {
  await teacher.open(`${app.url}/sets/${set}/plan`);
  await teacher.find("td", /about \d+|none|now/);
  while ((await teacher.driver.findElements({ css: "button[aria-label^='Take out the row']" })).length > 0)
    await teacher.click("button[aria-label^='Take out the row']");
};
const draft = async () => {
  await teacher.saved();
  await teacher.click("footer button", "Draft");
  await teacher.until("the end", async () => /^Done\./.test(await (await teacher.find("[role=status][aria-live]")).getText()));
};
const choose = async (label: string, value: string) => {
  const field = await teacher.find(`select[aria-label='${label}']`);
  await teacher.driver.executeScript(
    "const set = Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, 'value').set; set.call(arguments[0], arguments[1]); arguments[0].dispatchEvent(new Event('change', { bubbles: true }));",
    field,
    value,
  );
};
const slips = () => teacher.texts("[data-slip]");
/** The line of a slip that asks. */
const stemOf = (slip: string) => slip.split("\n").find((line) => line.includes("__")) ?? "";

describe("every kind of task", () => {
  it("select all, essay, word in context and poll are drafted beside their evidence, down to the sheet and the key", async () => {
    await clear("demo-lens");
    const kinds = ["Select all", "Essay", "Word in context", "Opinion poll"];
    for (const kind of kinds) await teacher.click("fieldset button", kind);
    const rows = () => teacher.driver.findElements({ css: "button[aria-label^='Take out the row']" });
    await teacher.until("a row of each kind", async () => (await rows()).length === kinds.length);
    await draft();
    // The last slip may be drawn a moment after the end is told.
    await teacher.until("a slip of each kind", async () => {
      const all = (await slips()).join("\n");
      return kinds.every((kind) => all.includes(`${kind} · `));
    });
    await teacher.take("Select all");
    await teacher.find("input[type=checkbox][aria-label='Option A is right']");
    await teacher.click("[data-slip].bg-sheet .button-main", "Keep");
    await teacher.saved();
    await teacher.open(`${app.url}/sets/demo-lens/margin`);
    await teacher.take("Essay");
    await teacher.find("textarea[aria-label='Sample answer']");
    await teacher.click("[data-slip].bg-sheet .button-main", "Keep");
    await teacher.saved();
    await teacher.open(`${app.url}/sets/demo-lens/sheet`);
    const sheet = await (await teacher.find(".sheet")).getText();
    expect(sheet.replace(/\s+/g, " ")).toContain("Choose all that are right.");
    expect(sheet).not.toContain("Four or more of these facts");
    await teacher.open(`${app.url}/sets/demo-lens/key`);
    expect((await teacher.texts("article ol li")).join("\n")).toMatch(/[A-E], [A-E]/);
  });
  it("a tick makes another option right, and undo takes it back", async () => {
    await teacher.open(`${app.url}/sets/demo-lens/margin`);
    await teacher.take("Select all");
    const ticked = async () =>
      teacher.driver.executeScript<number>("return document.querySelectorAll('input[type=checkbox][aria-label$=right]:checked').length");
    const before = await teacher.until("options", ticked);
    const other = await teacher.driver.executeScript<string>(
      "return [...document.querySelectorAll('input[type=checkbox][aria-label$=right]')].find((box) => !box.checked).getAttribute('aria-label')",
    );
    await teacher.click(`input[aria-label='${other}']`);
    await teacher.until("one more", async () => (await ticked()) === before + 1);
    await teacher.press("z");
    await teacher.until("as before", async () => (await ticked()) === before);
  });
});

describe("gap fills for language lessons", () => {
  it("leave out verbs with their base form, each gap with its key", async () => {
    await clear("demo-ida");
    await teacher.click("fieldset button", "Gap fill");
    await choose("Words left out", "past-verbs");
    await draft();
    await teacher.take("Write the verbs in brackets in the past tense.");
    const key = await (await teacher.find("input[aria-label='Key of gap 1']")).getAttribute("value");
    expect(await (await teacher.find("[data-field=stem]")).getAttribute("value")).toMatch(/____ \([a-z]+\)/);
    await teacher.write("input[aria-label='Key of gap 1']", `${key} indeed`);
    await teacher.saved();
    await teacher.driver.navigate().refresh();
    await teacher.take("Write the verbs in brackets");
    expect(await (await teacher.find("input[aria-label='Key of gap 1']")).getAttribute("value")).toBe(`${key} indeed`);
  });
  it("take the teacher's own words, offered in a bank", async () => {
    await teacher.open(`${app.url}/sets/demo-tide/margin`);
    await teacher.find("[data-slip]");
    const before = (await slips()).length;
    await clear("demo-tide");
    await teacher.write("input[placeholder='for a gap fill row with my words']", "seaweed, gravity, channel, tractor");
    await teacher.click("fieldset button", "Gap fill");
    await choose("Words left out", "my-words");
    await choose("How gaps are filled", "bank");
    await draft();
    // No tractor is spoken of.
    expect((await slips()).length - before).toBe(2);
    await teacher.take(/Key: (?:seaweed|channel|gravity)/i);
    const bank = await (await teacher.find("textarea[aria-label='Words to choose from']")).getAttribute("value");
    expect(bank!.split(", ").sort()).toEqual(expect.arrayContaining(["channel"]));
  });
});

describe("gap fills of what the text says", () => {
  it("over several sentences come with a list that has more words than gaps", async () => {
    await clear("demo-lens");
    await teacher.click("fieldset button", "Gap fill");
    await teacher.write("input[aria-label='How many: Gap fill']", "4");
    await draft();
    await teacher.take("Fill each gap with a word from the list.");
    const words = await (await teacher.find("textarea[aria-label='Words to choose from']")).getAttribute("value");
    const gaps = await teacher.texts("[data-slip].bg-sheet input[aria-label^='Key of gap']");
    expect(words!.split(", ").length).toBeGreaterThan(gaps.length);
  });
  it("chosen in the line, each come with words to choose from", async () => {
    await teacher.open(`${app.url}/sets/demo-ida/margin`);
    await teacher.find("[data-slip]");
    const before = new Set((await slips()).map(stemOf));
    await clear("demo-ida");
    await teacher.click("fieldset button", "Gap fill");
    await choose("How gaps are filled", "choose");
    await draft();
    const made = (await slips()).map(stemOf).find((stem) => !before.has(stem))!;
    await teacher.take(made.split("_")[0]!.trim());
    const choices = await (await teacher.find("[data-slip].bg-sheet [aria-label='Choices of gap 1']")).getAttribute("value");
    expect(choices!.split("/").length).toBeGreaterThanOrEqual(3);
  });
});

describe("a plan that is steered", () => {
  it("keeps to the words and paragraphs that are typed, and says why fewer come", async () => {
    await clear("demo-council");
    await teacher.click("fieldset button", "Short answer");
    await teacher.write("input[aria-label='How many: Short answer']", "9");
    await teacher.write("input[placeholder='lens, keeper']", "petition");
    await teacher.saved();
    await teacher.find("td", "The rest of what could be asked lies outside the focus.");
    await draft();
    for (const slip of await slips()) expect(slip).toMatch(/petition|sign/i);
  });
  it("takes over an outcome that the text serves, and shows on the slip why it fits", async () => {
    await clear("demo-horn");
    await teacher.write("input[placeholder='lens, keeper']", "");
    await teacher.click("details summary", "Outcomes that this text serves");
    await teacher.click("details li button", "Explain why small boats often carry no satellite receiver");
    await teacher.click("fieldset button", "Short answer");
    await draft();
    await teacher.take("satellite receiver");
    await teacher.click("summary", "Why this draft?");
    expect(await (await teacher.find("[data-slip].bg-sheet > details[open]")).getText()).toMatch(/It serves the outcome, since it shares “/);
    await teacher.open(`${app.url}/sets/demo-horn/plan`);
    expect(await (await teacher.find("ul.tabular")).getText()).toMatch(/^[12] in the set for “Explain why small boats/);
  });
  it("reads an example question and puts drafts like it first", async () => {
    await clear("demo-bowline");
    const example = await teacher.find("#example");
    await example.sendKeys("Why should you check the rope?");
    await teacher.find("p", "Read as: short answer, asks for a reason. Drafts like it come first.");
    await teacher.click("button", "Add a row for it");
    await draft();
    for (const slip of await slips()) expect(slip).toContain("Why ");
  });
});
