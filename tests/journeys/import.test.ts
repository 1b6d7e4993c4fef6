import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { journey } from "../support/journey";
import { root } from "../support/language-tools";

const { app, teacher } = journey({ env: { VUMO_MAX_FILE_MB: "3" } });
const sample = (name: string) => path.join(root, "tests/files", name);
const film = (name: string) => path.join(root, "standins/web-site/files", name);

/** Drops files onto the place where things are brought in, as a hand would. */
const drop = async (files: string[]) => {
  await teacher.open(`${app.url}/sources`);
  await teacher.find("#passage");
  const carried = files.map((file) => ({ name: path.basename(file), base64: readFileSync(file).toString("base64") }));
  await teacher.driver.executeScript(
    `const carried = new DataTransfer();
     for (const { name, base64 } of arguments[0]) carried.items.add(new File([Uint8Array.from(atob(base64), (c) => c.charCodeAt(0))], name));
     const place = document.querySelector("section[aria-labelledby=bring-in]");
     for (const type of ["dragover", "drop"]) place.dispatchEvent(new DragEvent(type, { bubbles: true, cancelable: true, dataTransfer: carried }));`,
    carried,
  );
};
const giveLink = async (link: string) => {
  await teacher.open(`${app.url}/sources`);
  await teacher.write("#passage", link);
  await teacher.click("button", "Fetch");
};
const line = (name: string) => teacher.find("[data-import]", name);
const failure = async (name: string) => {
  await teacher.until("the failure", async () => (await (await line(name)).getAttribute("data-import")) === "failed");
  return (await (await line(name)).getText()).split("\n").slice(1).join(" ");
};
const prepared = () => teacher.find("h1", "Is this the text you mean?");
const shown = () =>
  teacher.driver.executeScript<string[]>("return [...document.querySelectorAll('[id^=block-]:not([data-left-out]) [data-block]')].map((e) => e.textContent)");

describe("a teacher drops a file", () => {
  it("a PDF, and sees its blocks beside the page, with furniture struck through", async () => {
    await drop([sample("harbour-leaflet.pdf")]);
    await prepared();
    expect((await shown()).slice(0, 3)).toEqual(["How a harbour light works", expect.stringContaining("A harbour light tells sailors"), "The lens"]);
    expect(await (await teacher.find("[data-left-out='page furniture']")).getText()).toContain("left out: page furniture");
    const page = await teacher.find("aside img");
    await teacher.until("the page to be drawn", () => teacher.driver.executeScript<boolean>("return arguments[0].naturalWidth > 500", page));
    await teacher.click("[data-block]", "The light today");
    await teacher.until("the second page with the block's frame", async () => (await (await teacher.find("aside")).getText()).includes("Page 2 of 2"));
    await teacher.find("[data-box]");
  });
  it("the same again, and hears that it is here already", async () => {
    await drop([sample("harbour-leaflet.pdf")]);
    await teacher.until("the answer", async () => (await (await line("harbour-leaflet.pdf")).getText()).includes("Already here since today."));
    await teacher.click("[data-import] a", "Open it");
    await prepared();
  });
  it("several at once; one that fails does not stop the others", async () => {
    await drop([sample("harbour-leaflet.docx"), sample("locked.pdf"), sample("knots-deck.pptx")]);
    expect(await failure("locked.pdf")).toBe("This PDF asks for a password. Save it without one, and bring it in again.");
    for (const name of ["harbour-leaflet.docx", "knots-deck.pptx"])
      await teacher.until(name, async () => (await (await line(name)).getAttribute("data-import")) === "created");
    expect(await (await line("knots-deck.pptx")).getText()).toContain("Read as slides (PPTX).");
    await teacher.click("[data-import]:last-child a", "Open it");
    await prepared();
    expect(await (await teacher.find("aside")).getText()).toContain("Three knots for the quay");
  });
  it("a scan, whose text is read off the picture when wanted", async () => {
    await drop([sample("scanned.pdf")]);
    expect(await failure("scanned.pdf")).toContain("This PDF holds pictures of a page and no text.");
    await teacher.click("button", "Read the text off the pictures");
    await teacher.until("the text", async () => (await teacher.driver.getCurrentUrl()).includes("/prepare"));
    await prepared();
    expect((await shown()).join(" ")).toContain("What the keepers did");
  });
});

describe("a film", () => {
  it("without captions says so, waits, and takes them when they are chosen", async () => {
    await drop([film("harbour-light.webm")]);
    expect(await failure("harbour-light.webm")).toContain("This video has no captions with it.");
    await (await teacher.find("input[accept='.vtt,.srt']")).sendKeys(film("harbour-light.vtt"));
    await prepared();
    expect((await shown())[0]).toContain("The harbour light of Skerry Bay was built in 1871.");
    await teacher.find("aside video");
  });
  it("dropped with its captions is one source; what is chosen of it are minutes", async () => {
    await drop([film("harbour-light.mp3"), film("harbour-light.vtt")]);
    await prepared();
    await teacher.find("aside audio");
    const before = await (await teacher.find("[data-counts]")).getText();
    const thumb = await teacher.find("[role=slider]", "First moment");
    await teacher.driver.executeScript("arguments[0].focus()", thumb);
    for (let press = 0; press < 2; press++) await thumb.sendKeys("\uE00E");
    await teacher.until("fewer words", async () => (await (await teacher.find("[data-counts]")).getText()) !== before);
    await teacher.saved();
    expect(await (await teacher.find("[data-counts]")).getText()).not.toBe(before);
  });
});

describe("a link", () => {
  it("to an article brings its text, and leaves menus, advertisements and comments out", async () => {
    await giveLink(`${app.site}/moved/fog-horn`);
    await prepared();
    const text = (await shown()).join(" ");
    expect(text).toContain("Fog is made of tiny drops of water");
    expect(text).not.toMatch(/Strong rope|woke the whole town|no cookies|Imprint|Oda Brandt/);
    for (const reason of ["advertisement", "comment", "page furniture", "byline", "picture caption"]) await teacher.find(`[data-left-out='${reason}']`);
    const frame = await teacher.find("aside iframe");
    expect(await frame.getAttribute("sandbox")).toBe("");
    await teacher.driver.switchTo().frame(frame);
    const picture = await teacher.find("img[alt='The brass horn on the north pier']");
    await teacher.until("the picture from our own store", () => teacher.driver.executeScript<boolean>("return arguments[0].naturalWidth === 320", picture));
    await teacher.driver.switchTo().defaultContent();
  });
  it("to a film brings its captions and plays", async () => {
    await giveLink(`${app.site}/film/`);
    await prepared();
    await teacher.click("[data-block]", "The lens weighs more");
    const video = await teacher.find("aside video");
    await teacher.until("the player to stand at its time", () => teacher.driver.executeScript<boolean>("return arguments[0].currentTime > 15", video));
  });
  it("to a PDF is read like a file", async () => {
    await giveLink(`${app.site}/files/rope-report.pdf`);
    await prepared();
    expect((await shown())[0]).toBe("From hemp to nylon");
  });
  it("fetched again shows what changed, and the new text can be used and undone", async () => {
    await giveLink(`${app.site}/changing/page`);
    await prepared();
    await teacher.click("button", "Fetch again");
    await teacher.find("[role=dialog]", "What changed on the page");
    expect(await (await teacher.find("[role=dialog]")).getText()).toContain("visit number 2");
    await teacher.click("[role=dialog] button", "Use the new text");
    await teacher.until("the new text", async () => (await shown()).join(" ").includes("visit number 2"));
    await teacher.saved();
    await teacher.click("button", "Undo");
    await teacher.until("the old text", async () => (await shown()).join(" ").includes("visit number 1"));
  });
  it.each([
    ["/bad/broken", "The page answered with an error (500)."],
    ["/bad/nothing", "There is no such page (it answered 404)."],
    ["/bad/round", "The page sent us on more than 5 times and never arrived."],
    ["/bad/inwards", "“127.0.0.1” leads to this machine or to a private network."],
    ["/bad/metadata", "“169.254.169.254” leads to this machine or to a private network."],
    ["/bad/scripts", "This page is written by scripts, which Vumo does not run."],
    ["/bad/menus", "There is no article on this page"],
    ["/bad/swollen", "What is there is larger than"],
  ])("that misbehaves is refused in one sentence: %s", async (address, sentence) => {
    await giveLink(app.site + address);
    expect(await failure(address)).toContain(sentence);
  });
});

describe("what is too much", () => {
  it("is refused before it is sent, with its size and the limit", async () => {
    const large = path.join(mkdtempSync(path.join(tmpdir(), "vumo-large-")), "large.pdf");
    writeFileSync(large, Buffer.alloc(3_200_000, "%"));
    await teacher.open(`${app.url}/sources`);
    await (await teacher.find("input[aria-label='Choose files']")).sendKeys(large);
    expect(await failure("large.pdf")).toBe("“large.pdf” has 4 MB; at most 3 MB are taken. Bring in a part of it.");
  });
  it("is refused while it streams in, by the server too", async () => {
    const endless = new ReadableStream({
      pull(controller) {
        controller.enqueue(new Uint8Array(1_000_000));
      },
    });
    const answer = await fetch(`${app.url}/api/imports?name=a.pdf`, { method: "POST", body: endless, duplex: "half" } as RequestInit & { duplex: "half" });
    expect(answer.status).toBe(400);
    expect((await answer.json()).problem.text).toContain("at most 3 MB are taken");
  });
});
