import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { findFacts } from "../facts/find-facts";
import { falsifyDoer } from "../falsification/falsify-doer";
import { stockSource } from "../source-stock";
import { draftEssays } from "./draft-essays";
import { draftSpeakers } from "./draft-speakers";
import { draftTrueFalse } from "./draft-true-false";

const TALE = `# The lamp

Mina was nine. "I am late," said Mina. Jonas was her brother. "Wait for me here!" said Jonas. Mina laughed. Jonas ran after her.

On Monday Mina found an old lamp in the shed. The lamp was full of sand. Mina washed the lamp, and Jonas held the bucket. The wind blew. Jonas broke the glass of the lamp. No bird sang in the garden that evening. Jonas was ashamed.

"Who will mend it?" asked Jonas. "We will," said Mina. "Nobody else has the glue."

Mina gave Jonas a brush. They mended the lamp in the cellar.`;
const stock = (text: string) => stockSource(analyse(text, "markdown"));

describe("statements of a story", () => {
  const drafts = draftTrueFalse(stock(TALE), 1);
  const stems = (key: string) => drafts.filter((draft) => draft.key === key).map(({ stem }) => stem);
  it("tell what somebody finds or gives, as told in the story", () => {
    expect(stems("true")).toContain("In the story, Mina found an old lamp in the shed on Monday.");
  });
  it("keep the capital of a name and no other", () => {
    for (const { stem } of drafts) expect(stem).toMatch(/^In the story, (?:Mina|Jonas|\p{Ll})/u);
  });
  it("leave the weather alone", () => {
    expect(drafts.filter(({ stem }) => /wind|bird/.test(stem))).toEqual([]);
  });
  it("are false of the other person", () => {
    const wrong = drafts.find(({ pattern, stem }) => pattern === "false-doer" && stem.includes("found"));
    expect(wrong).toMatchObject({
      stem: "In the story, Jonas found an old lamp in the shed on Monday.",
      correction: "Mina found an old lamp in the shed on Monday.",
    });
  });
});

describe("another person as the doer", () => {
  const falsehoods = (text: string) => {
    const source = stock(text);
    return source.statements.flatMap((statement) => falsifyDoer(statement, source, 1)).map(({ text: words }) => words);
  };
  it("is nobody who does the same elsewhere, even as he or she", () => {
    expect(falsehoods(TALE).filter((words) => words.includes("found"))).toHaveLength(1);
    expect(falsehoods(`${TALE} Jonas found a ring.`).filter((words) => words.includes("an old lamp"))).toEqual([]);
    expect(falsehoods(`${TALE} He found a ring.`).filter((words) => words.includes("an old lamp"))).toEqual([]);
  });
  it("is nobody of the sentence itself, and no passer-by", () => {
    expect(falsehoods(TALE).filter((words) => words.includes("brush"))).toEqual([]);
    const passing = '# A\n\n"I am late," said Mina. Mina found a lamp in the shed. Mina slept. Tom Bell smiled.';
    expect(falsehoods(passing).filter((words) => words.includes("Bell"))).toEqual([]);
  });
});

describe("how somebody felt, right after something", () => {
  const facts = (text: string) => {
    const analysis = analyse(text, "markdown");
    return analysis.sentences.flatMap((sentence) => findFacts(sentence, analysis)).filter(({ type }) => type === "feeling");
  };
  it("is asked with the words that the story has before it", () => {
    expect(facts(TALE).map(({ stem, answer }) => [stem, answer])).toEqual([
      ["The story says: “No bird sang in the garden that evening.” How did Jonas feel then?", "ashamed"],
    ]);
  });
  it("is all that one sentence says of it", () => {
    const both = TALE.replace("Jonas was ashamed.", "Jonas was angry, but he was also sorry.");
    expect(both).not.toBe(TALE);
    expect(facts(both).map(({ answer, accepted }) => [answer, accepted])).toEqual([["angry, but also sorry", ["angry and sorry"]]]);
  });
  it("is proved by both sentences, and takes words of the same feeling", () => {
    expect(facts(TALE)[0]!.support!.map(({ text }) => text)).toEqual(["No bird sang in the garden that evening."]);
    expect(facts(TALE)[0]!.accepted).toContain("guilty");
  });
  it("is not asked behind a pronoun, across paragraphs, or outside a story", () => {
    expect(facts(TALE.replace("No bird sang in the garden that evening.", "He slept in the garden that evening."))).toEqual([]);
    expect(facts(TALE.replace("that evening. Jonas", "that evening.\n\nJonas"))).toEqual([]);
    expect(facts("# The moon\n\nIn 1969 astronauts reached the Moon. No bird sings there. Neil Armstrong was lonely.")).toEqual([]);
  });
});

describe("what somebody says", () => {
  const drafts = (text: string, pattern: string) => draftSpeakers(stock(text), 1).filter((draft) => draft.pattern === pattern);
  it("is an answer to another's question, whole", () => {
    expect(drafts(TALE, "what-answers").map(({ stem, key }) => [stem, key])).toEqual([
      ["In the story, what does Mina answer when Jonas asks: “Who will mend it?”", "“We will. Nobody else has the glue.”"],
    ]);
  });
  it("is no answer where something happens between, or the same person goes on", () => {
    expect(drafts(TALE.replace('"We will," said', 'The cat jumped out of the open window. "We will," said'), "what-answers")).toEqual([]);
    expect(drafts(TALE.replace('"We will," said Mina', '"We will," said Jonas'), "what-answers")).toEqual([]);
  });
  it("takes the longest sentence of a long speech, and what the same person says next", () => {
    const long =
      'The old woman smiled. "Look here. For two years I have picked the flowers beside the path," she said. "Without the crack there would be no flowers at all."';
    const said = drafts(`${TALE}\n\n${long}`, "who-says").filter(({ key }) => key === "the old woman");
    expect(new Set(said.map(({ stem }) => stem))).toEqual(
      new Set([
        "Who in the story says: “For two years I have picked the flowers beside the path”?",
        "Who in the story says: “Without the crack there would be no flowers at all”?",
      ]),
    );
    expect(said.every(({ evidence }) => evidence.length === 2)).toBe(true);
  });
  it("gives nobody the words of a pronoun that two may be meant by", () => {
    const two = 'The old woman and the young woman smiled. "For two years I have picked the flowers beside the path," she said.';
    expect(drafts(`${TALE}\n\n${two}`, "who-says").filter(({ stem }) => stem.includes("flowers"))).toEqual([]);
  });
  it("is asked of nobody where two say it", () => {
    const said = (text: string) => drafts(text, "who-says").filter(({ stem }) => stem.includes("Wait for me here"));
    expect(said(TALE)).not.toEqual([]);
    expect(said(`${TALE} "Wait for me here!" he answered.`)).toEqual([]);
  });
  it("is said by the person, and not by how", () => {
    const speakers = drafts(`${TALE}\n\n"The glue is on the shelf," the old master always answered.`, "who-says").map(({ key }) => key);
    expect(speakers).toContain("the old master");
    const aunt = drafts(`${TALE}\n\n"The glue is on the shelf," Aunt Emily said.`, "who-says").map(({ key }) => key);
    expect(aunt).toContain("Aunt Emily");
  });
  it("names whoever speaks by the name that the story gives", () => {
    const told = drafts(
      "# The ferry cat\n\nNuala took the ferry every Friday.\n\n“She does not do that for anybody,” said the deckhand, whose name was Fergus.\n\n“Could I take her home with me?” asked Nuala.\n\n“You could carry her off in a basket,” said Fergus.\n\n“She belongs to the ferry,” said Nuala.",
      "who-says",
    );
    expect(told.map(({ key }) => key)).toContain("Fergus");
    for (const { key, distractors } of told) expect([key, ...distractors]).not.toContain("the deckhand");
  });
});

describe("a story that is told by whoever was there", () => {
  const told = draftEssays(
    stock(
      "# The summer\n\nI was ten the summer we moved into the lighthouse. I sat at the window and counted ships. I saw a boat with a dog in it. I ran down the steps to the beach.\n\nDad was in town, buying brushes. I switched on the old signal lamp and flashed it. I pointed the lamp at the lobster boats. I waited on the beach until Dad came home. Dad put his arm around me.",
    ),
  );
  it("is told again in the student's words, with what the narrator did", () => {
    const [essay] = told;
    expect(essay?.stem).toMatch(/^Tell in your own words what happens in “The summer”\./);
    expect(essay?.key).toContain("I waited on the beach until Dad came home.");
    expect(essay?.parts?.sort === "essay" && essay.parts.levels.map(({ text }) => text).join(" ")).not.toContain("as that person sees them");
  });
});
