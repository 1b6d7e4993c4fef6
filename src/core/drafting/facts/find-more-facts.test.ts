import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { evidenceOf } from "./fact";
import { findFacts } from "./find-facts";

type Asked = [type: string, stem: string, answer: string];

const factsOf = (text: string) => {
  const analysis = analyse(text, "markdown");
  return analysis.sentences.flatMap((sentence) => findFacts(sentence, analysis));
};
const asked = (text: string) => factsOf(text).map((fact): Asked => [fact.type, fact.stem, fact.answer]);

function finds(examples: Record<string, [text: string, wanted: Asked]>): void {
  for (const [name, [text, wanted]] of Object.entries(examples)) it(name, () => expect(asked(text)).toContainEqual(wanted));
}

function leavesAlone(examples: Record<string, [text: string, types: string[]]>): void {
  for (const [name, [text, types]] of Object.entries(examples))
    it(`leaves alone ${name}`, () => expect(asked(text).filter(([type]) => types.includes(type))).toEqual([]));
}

describe("what a part does", () => {
  finds({
    "in one verb": ["Curved mirrors throw the light out to sea.", ["function", "What do curved mirrors do?", "throw the light out to sea"]],
    "in two": [
      "The hook twists the fibres and feeds them to the wheel.",
      ["function", "What does the hook do?", "twists the fibres and feeds the fibres to the wheel"],
    ],
  });
  leavesAlone({
    "what is told of twice": ["Mirrors throw the light out to sea. Mirrors collect soot from the lamps.", ["function"]],
    "what something is like": ["Mirrors contain silver and tin from the mine.", ["function"]],
    "more than what": ["Thick glass traps more heat.", ["function"]],
  });
});

describe("what somebody found or said", () => {
  finds({
    found: ["The divers found that the wreck lay on its side.", ["report", "What did the divers find out about the wreck?", "that the wreck lay on its side"]],
    "with its time": ["In 1901 the board warned that the tower was unsafe.", ["report", "What did the board warn in 1901?", "that the tower was unsafe"]],
  });
  leavesAlone({
    "what some people think": ["Some people think that the tower is too old.", ["report"]],
    "what is not said": ["The divers did not find that the wreck was empty.", ["report"]],
  });
});

describe("what somebody wants, asks or should do", () => {
  finds({
    "wants to": ["The council decided to build a new sea wall.", ["aim", "What did the council decide to do?", "build a new sea wall"]],
    "asks another to": ["Ida Marrow asked the board to send a new lens.", ["aim", "What did Ida Marrow ask the board to do?", "send a new lens"]],
    "must not": [
      "The keepers sleep by day. A bell rings at noon. The lamp burns oil. Boats pass the rock. The tower is tall. During the watch, the keepers must not leave the tower or read a book.",
      ["aim", "What must the keepers not do during the watch?", "leave the tower or read a book"],
    ],
    "what can happen to whom": [
      "Sailors who ignore the light can be fined by the board.",
      ["condition", "What can happen to sailors who ignore the light?", "they can be fined by the board"],
    ],
  });
});

describe("what something is made of, depends on or turns into", () => {
  finds({
    "made of": ["Every net is made of strong hemp.", ["thing", "What is every net made of?", "strong hemp"]],
    depends: ["The height of the tide depends on the moon.", ["thing", "What does the height of the tide depend on?", "the moon"]],
    "a quality": ["Ida Marrow was afraid of the open sea.", ["thing", "What was Ida Marrow afraid of?", "the open sea"]],
    "the only one": ["Milkwort is the only plant that grows on the rock.", ["thing", "What is the only plant that grows on the rock?", "milkwort"]],
  });
});

describe("what happens, and what to do", () => {
  finds({
    "with will": ["If the wick dries out, the lamp will smoke.", ["condition", "What will happen if the wick dries out?", "the lamp will smoke"]],
    "once it was so": ["When the bell rang, the boats left the harbour.", ["condition", "What happened when the bell rang?", "the boats left the harbour"]],
    "a command in a case": [
      "If a rope slips, tie a second knot behind the loop.",
      ["step", "What should you do if a rope slips?", "tie a second knot behind the loop"],
    ],
  });
});

describe("a name for what the sentence before tells", () => {
  it("asks for it, and takes both sentences as proof", () => {
    const facts = factsOf("The cold air turns the vapour into tiny drops. This change is called condensation.");
    const fact = facts.find((other) => other.type === "naming")!;
    expect([fact.stem, fact.answer]).toEqual(["What do we call the change in which the cold air turns the vapour into tiny drops?", "condensation"]);
    expect(evidenceOf(fact)).toHaveLength(2);
  });
  finds({
    "by what the thing does": ["Scientists called glaciologists study ice.", ["naming", "What do we call scientists who study ice?", "glaciologists"]],
    "by what it is used for": [
      "The sailors use a tool called a sextant to measure angles.",
      ["naming", "What do we call the tool that the sailors use to measure angles?", "a sextant"],
    ],
    "that is why": [
      "Ice is only a little lighter than water. That is why most of an iceberg lies under the sea.",
      ["cause", "Why does most of an iceberg lie under the sea?", "because ice is only a little lighter than water"],
    ],
    "there was none": [
      "There were no trees on the rock because sheep had eaten the shoots.",
      ["cause", "Why were there no trees on the rock?", "because sheep had eaten the shoots"],
    ],
  });
  leavesAlone({ "a substance explained as a process": ["Plants make sugar, a process that needs light.", ["naming", "definition"]] });
});

describe("the reasons that a writer numbers", () => {
  const opinion = (text: string) => `# Keep the horn\n\nI believe the council should keep the horn.\n\n${text}`;
  finds({
    first: [
      opinion("First, the horn saves lives in fog. Finally, visitors come to hear the horn."),
      ["reason", "What is the first reason that the writer gives?", "The horn saves lives in fog"],
    ],
    "by name": [
      opinion("The first reason is the noise of the waves. Money is another reason."),
      ["reason", "What is the first reason that the writer gives?", "The noise of the waves"],
    ],
  });
});

describe("pronouns in object places", () => {
  finds({
    "the only noun that agrees": [
      "Because the lamp was so heavy, six men carried it up the stairs.",
      ["cause", "Why did six men carry the lamp up the stairs?", "because the lamp was so heavy"],
    ],
  });
  leavesAlone({
    "two things of one name": ["Bottled water costs more than tap water because a rich company owns it.", ["nothing"]],
    "two nouns that agree": ["The lamp stood beside the lens, and the keeper polished it every day.", ["thing", "frequency"]],
  });
  it("never means a time or the owner of what stands there", () => {
    expect(asked("All night she sat by the fire and fed it.").flat().join(" ")).not.toContain("fed all night");
    expect(asked("The cool air slows their bodies and helps them.").flat().join(" ")).not.toContain("helps their bodies");
  });
});

describe("verbs that look the same in the past", () => {
  finds({
    "are past beside a year": ["In 1923 the ship set a course for the north.", ["time", "In what year did the ship set a course for the north?", "1923"]],
  });
});

describe("what bounds or is said in passing", () => {
  finds({
    "an adverb stays where it stands": [
      "The islanders were probably the first people who burned seal oil.",
      ["person", "Who were probably the first people who burned seal oil?", "the islanders"],
    ],
    "an aside is no part of the place": [
      "Ida Marrow lived in the town of Selm, which has two harbours.",
      ["place", "Where did Ida Marrow live?", "in the town of Selm"],
    ],
    "what singles the place out is": [
      "Ida Marrow lived in a house which has two doors.",
      ["place", "Where did Ida Marrow live?", "in a house which has two doors"],
    ],
  });
  leavesAlone({
    "a time without its comma": ["Last year volunteers counted 212 dead birds.", ["person", "quantity"]],
    "ones, whatever they are": ["The volunteers counted 212 dead ones.", ["quantity"]],
  });
});
