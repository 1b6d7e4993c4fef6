import { describe, expect, it } from "vitest";
import { journey } from "../support/journey";

const { app, teacher } = journey({ seeded: true });

/** Drops a file or a text onto the place for passages, as a hand would. */
const drop = (what: { name: string; text: string } | { text: string }) =>
  teacher.driver.executeScript(
    `const [what] = arguments;
     const carried = new DataTransfer();
     if (what.name) carried.items.add(new File([what.text], what.name, { type: "text/plain" }));
     else carried.setData("text/plain", what.text);
     const place = document.querySelector("section[aria-labelledby=bring-in]");
     for (const type of ["dragover", "drop"]) place.dispatchEvent(new DragEvent(type, { bubbles: true, cancelable: true, dataTransfer: carried }));`,
    what,
  );

describe("a teacher drops", () => {
  it("a text file, which becomes a source", async () => {
    await teacher.open(`${app.url}/sources`);
    await teacher.find("#passage");
    await drop({ name: "tides-at-gull-point.txt", text: "The tide at Gull Point turns twice a day. Keepers write it down." });
    await teacher.find("h1", "Is this the text you mean?");
    expect(await (await teacher.find("header")).getText()).toContain("Tides at gull point");
  });
  it("a stretch of text, which stands in the field to be brought in", async () => {
    await teacher.open(`${app.url}/sources`);
    await teacher.find("#passage");
    await drop({ text: "The lamp burned all night." });
    await teacher.until("the text", async () => (await (await teacher.find("#passage")).getAttribute("value")) === "The lamp burned all night.");
  });
  it("a file of another kind, and hears why it is not taken", async () => {
    await drop({ name: "lamp.exe", text: "MZ" });
    expect(await (await teacher.find("[data-import=failed]")).getText()).toContain("“lamp.exe” is of no kind that Vumo reads.");
    expect(await (await teacher.find("#passage")).getAttribute("value")).toBe("The lamp burned all night.");
  });
});

describe("a teacher goes back and forth", () => {
  it("undoing and redoing a decision, also after a reload", async () => {
    const kept = async () => (await (await teacher.find("section[aria-label=Tally]")).getText()).match(/(\d+) kept/)?.[1];
    await teacher.open(`${app.url}/sets/demo-tide/margin`);
    await teacher.find("[data-slip]");
    await teacher.press("j", "k", "k");
    await teacher.until("two kept", async () => (await kept()) === "2");
    await teacher.saved();
    await teacher.driver.navigate().refresh();
    await teacher.find("[data-slip]");
    await teacher.press("z");
    await teacher.until("one kept", async () => (await kept()) === "1");
    await teacher.press("Z");
    await teacher.until("two again", async () => (await kept()) === "2");
  });

  it("taking back a changed plan, whose numbers are saved as they are set", async () => {
    await teacher.open(`${app.url}/sets/demo-tide/plan`);
    await teacher.click("button", "One Gap fill more");
    await teacher.saved();
    await teacher.driver.navigate().refresh();
    await teacher.until("the new number", async () => (await (await teacher.find("input[aria-label='How many: Gap fill']")).getAttribute("value")) === "4");
    expect(await (await teacher.find("button", /^Draft \d+/)).getText()).toBe("Draft 15");
  });
});
