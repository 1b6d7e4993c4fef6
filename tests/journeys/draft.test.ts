import { readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { journey } from "../support/journey";

const { app, teacher } = journey({ seeded: true });

const stems = () => teacher.texts("[data-slip] button > span:nth-child(2)");
const slipCount = async () => (await teacher.texts("[data-slip]")).length;
const said = async () => (await teacher.find("[role=status][aria-live]")).getText();

describe("a teacher plans and drafts", () => {
  it("sees what the text supports and sets several kinds in one plan", async () => {
    await teacher.open(`${app.url}/sets/demo-ida/plan`);
    await teacher.find("td", /about \d+/);
    await teacher.write("input[aria-label='How many: Multiple choice']", "2");
    await teacher.write("input[aria-label='How many: True or false']", "2");
    await teacher.write("input[aria-label='How many: Gap fill']", "1");
    await teacher.write("input[aria-label='How many: Short answer']", "2");
    await teacher.find("button", "Draft 7");
    await teacher.saved();
  });

  it("gets drafts of all kinds in the margin beside their evidence", async () => {
    await teacher.click("button", "Draft 7");
    await teacher.until("seven drafts", async () => (await said()).includes("Done. 7 drafts came."));
    const text = (await teacher.texts("[data-slip]")).join("\n");
    for (const kind of ["Multiple choice", "True or false", "Gap fill", "Short answer"]) expect(text).toContain(kind);
    expect((await teacher.texts("[data-evidence]")).length).toBeGreaterThan(3);
  });

  it("drafts again without repeating what is there", async () => {
    const before = await stems();
    await teacher.click("button", "Draft more");
    await teacher.until("more drafts", async () => (await said()).startsWith("Done.") && (await slipCount()) > before.length);
    const after = await stems();
    expect(new Set(after).size).toBe(after.length);
    expect(after).toEqual(expect.arrayContaining(before));
  });

  it("hears how many the text can bear, and why not more", async () => {
    await teacher.open(`${app.url}/sets/demo-bell/plan`);
    await teacher.write("input[aria-label='How many: Multiple choice']", "9");
    await teacher.saved();
    await teacher.click("button", /Draft \d+/);
    expect(await (await teacher.find("p", /Multiple choice: \d of 9, since/)).getText()).toMatch(/since (?:the text offers|every fact|no fact)/);
  });
});

const INTERVIEW = `# The pilot of Skerry Bay

**Amir:** Good morning, Dora.

**Dora:** Good morning, Amir.

**Amir:** How many ships do you bring in?

**Dora:** About four hundred in a year.

**Amir:** Why do you wear a red jacket?

**Dora:** Because a red jacket can be seen in rough water.

**Amir:** What do you do when the fog comes?

**Dora:** We wait outside the bay and ring the bell.`;

describe("an interview", () => {
  it("is asked about by its own questions, with question and answer as proof", async () => {
    const response = await fetch(`${app.url}/api/sources`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ text: INTERVIEW }),
    });
    const { setId } = (await response.json()) as { setId: string };
    await teacher.open(`${app.url}/sets/${setId}/margin?draft=now`);
    await teacher.until("the end", async () => /^Done\./.test(await said()));
    const slip = (await teacher.texts("[data-slip]")).find((text) => text.includes("“Why do you wear a red jacket?” What does Dora answer?"));
    expect(slip).toContain("Key: “Because a red jacket can be seen in rough water.”");
    expect(slip).toContain("sound");
    expect(await teacher.texts("[data-evidence]")).toEqual(
      expect.arrayContaining(["Why do you wear a red jacket?", "Because a red jacket can be seen in rough water."]),
    );
  });
});

/** Ten thousand words, so that a run lasts long enough to be stopped or killed. */
const long = () => {
  const passage = readFileSync(path.join(import.meta.dirname, "../../demo/passages/the-lens-that-saved-ships.md"), "utf8");
  return Array.from({ length: 40 }, (_, index) => passage.replace(/Skerry Bay/g, `Skerry Bay ${index + 1}`)).join("\n\n");
};
const bringInLong = async () => {
  const response = await fetch(`${app.url}/api/sources`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ text: long() }),
  });
  return ((await response.json()) as { setId: string }).setId;
};

describe("drafting that is broken off", () => {
  it("keeps what came when it is stopped, and the page never freezes", async () => {
    const setId = await bringInLong();
    await teacher.open(`${app.url}/sets/${setId}/margin?draft=now`);
    await teacher.find("button", "Stop");
    await teacher.click("button", "Stop");
    await teacher.until("the end", async () => /^(?:Stopped|Done)\./.test(await said()));
    const came = await slipCount();
    await teacher.driver.sleep(800);
    expect(await teacher.driver.getCurrentUrl()).not.toContain("draft=now");
    await teacher.driver.navigate().refresh();
    await teacher.find("button", /Draft/);
    expect(await slipCount()).toBe(came);
  });

  it("loses nothing when the server is killed in the middle, and goes on afterwards", async () => {
    const setId = await bringInLong();
    await teacher.open(`${app.url}/sets/${setId}/margin?draft=now`);
    await teacher.until("the reading", async () => /Reading sentence|so far/.test(await said()));
    await app.kill();
    await teacher.until("the word of it", async () => (await said()).includes("broke off"));
    await app.start();
    await teacher.open(`${app.url}/sets/${setId}/margin`);
    const kept = await slipCount();
    await teacher.click("button", /^Draft/);
    await teacher.until("new drafts", async () => (await said()).startsWith("Done."));
    expect(await slipCount()).toBeGreaterThan(kept);
    expect(await slipCount()).toBeGreaterThan(10);
  });
});
