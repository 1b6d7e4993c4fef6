import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import iconv from "iconv-lite";
import { describe, expect, it } from "vitest";
import { journey } from "../support/journey";

const { app, teacher } = journey();
const folder = mkdtempSync(path.join(tmpdir(), "vumo-files-"));

const paste = async (text: string) => {
  await teacher.open(`${app.url}/sources`);
  await teacher.find("#passage");
  // As a paste does: all at once.
  await teacher.driver.executeScript(
    "const field = document.querySelector('#passage'); Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(field, arguments[0]); field.dispatchEvent(new Event('input', { bubbles: true }));",
    text,
  );
  await teacher.until("the count", async () => (await (await teacher.find("#passage-count")).getText()).startsWith(text.length.toLocaleString("en-US")));
};
const choose = async (name: string, bytes: Uint8Array | string) => {
  const file = path.join(folder, name);
  writeFileSync(file, bytes);
  await teacher.open(`${app.url}/sources`);
  await (await teacher.find("input[aria-label='Choose files']")).sendKeys(file);
};
const refused = async () => (await teacher.find("[data-import=failed]")).getText();
const problem = async () => teacher.until("a problem", async () => (await teacher.find("#passage-problem")).getText());

describe("a teacher brings in a passage", () => {
  it("sees an empty list that says what goes there", async () => {
    await teacher.open(app.url);
    expect(await (await teacher.find("main")).getText()).toContain("What you bring in stands here.");
  });

  it("pastes text and sees it in numbered blocks with its figures", async () => {
    await paste("The harbour light\n\nThe lamp was lit in 1871. It still burns.\n\nYou need:\n- a rope\n- a post");
    await teacher.click("button", "Bring in");
    await teacher.find("h1", "Is this the text you mean?");
    expect(await teacher.texts("[data-block]")).toEqual(["The harbour light", "The lamp was lit in 1871. It still burns.", "You need:", "a rope", "a post"]);
    expect(await teacher.texts("#block-b2 > span:first-child, #block-b3 > span:first-child, #block-b4 > span:first-child")).toEqual(["1", "2", "3"]);
    const figures = await (await teacher.find("aside")).getText();
    expect(figures).toMatch(/Words\s+15/);
    for (const formula of ["Flesch–Kincaid", "Automated Readability", "Coleman–Liau", "Dale–Chall"]) expect(figures).toContain(formula);
    expect(figures).toContain("They estimate");
  });

  it("chooses a text file in an old encoding", async () => {
    await choose("quay.txt", iconv.encode("Nell’s café stood “on the quay”. A cup cost 3 € there, even in the cold winter.", "windows-1252"));
    await teacher.find("h1", "Is this the text you mean?");
    expect(await teacher.texts("[data-block]")).toEqual(["Nell’s café stood “on the quay”. A cup cost 3 € there, even in the cold winter."]);
  });

  it("chooses a Markdown file, whose headings become headings", async () => {
    await choose("knots.md", "# Knots\n\nA *bowline* holds.\n\n## Steps\n\n1. Pass the rope.\n2. Pull.");
    await teacher.find("h1", "Is this the text you mean?");
    expect(await teacher.texts("h2[data-block], h3[data-block]")).toEqual(["Knots", "Steps"]);
  });
});

describe("what cannot be brought in gets one clear sentence, and nothing is lost", () => {
  it("nothing but spaces", async () => {
    await paste("   \n ");
    await teacher.click("button", "Bring in");
    expect(await problem()).toBe("There is no text in it. Choose a file with text, or paste the passage.");
  });
  it("a text that is too long, which stays in the field", async () => {
    await paste("tide ".repeat(60_001));
    await teacher.click("button", "Bring in");
    expect(await problem()).toContain("300,005 characters");
    expect((await (await teacher.find("#passage")).getAttribute("value"))?.length).toBe(300_005);
  });
  it("a file of bytes", async () => {
    await choose("bytes.txt", new Uint8Array([7, 1, 2, 0, 0, 0, 0, 1, 2, 3, 4, 5, 6, 7, 8]));
    expect(await refused()).toContain("This does not look like text");
  });
  it("a file of another kind", async () => {
    await choose("slides.xyz", "hello");
    expect(await refused()).toContain("“slides.xyz” is of no kind that Vumo reads.");
  });
  it("a pasted passage that was never brought in is still there the next day", async () => {
    await paste("A passage in the making.");
    await teacher.open(`${app.url}/sources`);
    await teacher.until("the passage", async () => (await (await teacher.find("#passage")).getAttribute("value")) === "A passage in the making.");
  });
});
