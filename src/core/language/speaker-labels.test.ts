import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";

const OPENING = "Marek Dolny has explored sixty flooded caves. We met him at his workshop.";
const ASKED = [
  "What is it like in your caves?\nThe water is clear. I see every stone.",
  "How do you find your way out?\nI lay a line at the entrance.",
  "How much air do you carry?\nWe use the rule of thirds.",
];
const speakers = (text: string) => analyse(text).sentences.map(({ speaker }) => speaker);

describe("an interview that names nobody before the answers", () => {
  it("is told by whom its opening tells of", () => {
    expect(new Set(speakers([OPENING, ...ASKED].join("\n\n")))).toEqual(new Set([undefined, "Marek Dolny"]));
  });
  it("leaves the opening to whoever wrote it", () => {
    expect(speakers([OPENING, ...ASKED].join("\n\n")).slice(0, 2)).toEqual([undefined, undefined]);
  });
  it("has questions as paragraphs of their own, too", () => {
    const apart = ASKED.flatMap((text) => text.split("\n")).join("\n\n");
    expect(speakers(`${OPENING}\n\n${apart}`).filter((name) => name === "Marek Dolny").length).toBeGreaterThanOrEqual(4);
  });
  it("is told by whom an opening tells of behind a time", () => {
    expect(speakers(["For forty years Bram Oster has mended the stones of the cathedral.", ...ASKED].join("\n\n"))).toContain("Bram Oster");
  });
  it("asks somebody twice, and of other things too", () => {
    const asked = [
      "Why is the bridge grey?\nMy boss likes grey.",
      "Are you afraid?\nI wear two ropes.",
      "What is the best thing about your job?\nI see whales.",
    ];
    expect(speakers(`Lasse Holm paints a bridge.\n\n${asked.join("\n\n")}`)).toContain("Lasse Holm");
  });
  it("asks somebody once where the opening says that somebody was asked", () => {
    const asked = ["Why is the loft so large?\nMy sails are wide.", "Do you use flax?\nI use it seldom.", "How long does a sail last?\nMy oldest is twenty."];
    expect(speakers(`Ida Marrin sews sails. We asked her about her work.\n\n${asked.join("\n\n")}`)).toContain("Ida Marrin");
    expect(speakers(`Ida Marrin sews sails.\n\n${asked.join("\n\n")}`).filter(Boolean)).toEqual([]);
  });
  it("is told by somebody without a name where the opening names nobody", () => {
    expect(speakers(ASKED.join("\n\n"))).toContain("the interviewee");
  });
  it("is none with two questions, or with answers that are nobody's", () => {
    expect(speakers([OPENING, ...ASKED.slice(0, 2)].join("\n\n")).filter(Boolean)).toEqual([]);
    const plain = ["Have you seen a lens?\nThe lens bends light.", "Do you know why?\nGlass is dense.", "Can you guess how?\nRings bend it."];
    expect(speakers(plain.join("\n\n")).filter(Boolean)).toEqual([]);
  });
});

describe("labels", () => {
  it("name who speaks where two speak in turn", () => {
    const talk = "Ida: The lamp is old.\n\nTom: It burns oil.\n\nIda: We clean it daily.";
    expect(speakers(talk)).toEqual(["Ida", "Tom", "Ida"]);
  });
  it("name nobody where a word and a colon open one paragraph", () => {
    expect(speakers("Note: The lamp is old.\n\nThe lamp burns oil.").filter(Boolean)).toEqual([]);
  });
});

describe("labels in capitals", () => {
  const talk = "Leonie Marsh records sounds.\n\nLEONIE: I record birds.\n\nSTUDENT: Where do you work?\n\nLEONIE: I work at sea.";
  it("are the name that the text has for them, and what somebody is", () => {
    expect(speakers(talk)).toEqual([undefined, "Leonie Marsh", "the student", "Leonie Marsh"]);
  });
  it("are the name alone where the text has no other", () => {
    expect(speakers(talk.replace("Leonie Marsh", "Somebody"))).toContain("Leonie");
  });
});

describe("questions and answers", () => {
  it("are told by a person, not by the school that asks", () => {
    const text =
      "Tobias Renn has made bells. Pupils of Harbour Street School asked him.\n\nQ: What are bells?\n\nA: Bells are bronze.\n\nQ: Why?\n\nA: It rings.";
    expect(speakers(text)).toContain("Tobias Renn");
    expect(speakers(text)).not.toContain("Harbour Street");
  });
});

describe("several letters on a page", () => {
  const letters = "Dear Editor,\n\nThe dog was loose.\n\nHugo Lind, aged 12\n\nDear Editor,\n\nMy dog is old.\n\nAnders Moe";
  it("belong to whoever signs them", () => {
    expect(
      analyse(letters)
        .sentences.filter(({ speaker }) => speaker)
        .map(({ speaker, text }) => [speaker, text]),
    ).toEqual([
      ["Hugo Lind", "The dog was loose."],
      ["Anders Moe", "My dog is old."],
    ]);
  });
  it("are none with one greeting", () => {
    expect(speakers(letters.split("Hugo Lind, aged 12")[0]!).filter(Boolean)).toEqual([]);
  });
});

describe("an interview that names only those who ask", () => {
  const text = [
    "Henrik Sol has driven the cable car for twenty years. Mira and Jo rode up with him.",
    "Mira: Are you afraid of heights?",
    "Everybody laughs when I say so. I shake on a ladder.",
    "Jo: What do you do up there?",
    "I watch the cable and the wind.",
    "Mira: Do you like your work?",
    "I like the view.",
  ].join("\n\n");
  it("is answered by whom its opening tells of", () => {
    const said = analyse(text).sentences.map(({ speaker, text: words }) => [speaker, words]);
    expect(said).toContainEqual(["Henrik Sol", "I watch the cable and the wind."]);
    expect(said).toContainEqual(["Jo", "What do you do up there?"]);
    expect(said[0]![0]).toBeUndefined();
  });
  it("is none where those who are named tell something", () => {
    const told = text.replace(/\?/g, ".");
    expect(speakers(told)).not.toContain("Henrik Sol");
  });
});
