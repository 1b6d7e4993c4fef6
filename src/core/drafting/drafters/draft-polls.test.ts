import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { draftPolls } from "./draft-polls";

const polls = (text: string) =>
  draftPolls(stockSource(analyse(text, "markdown"))).map(({ pattern, stem, parts }) => [pattern, stem, parts?.sort === "poll" ? parts.options : []]);

const LETTER =
  "# Keep the horn\n\nI believe that the council should keep the horn. Many boats carry no radio. The horn is loud. Some people say that the horn should be sold.";

describe("a poll on what a writer wants", () => {
  it("quotes it without its I believe, with room for doubt", () => {
    expect(polls(LETTER)).toEqual([
      [
        "poll-claim",
        "The writer says: “The council should keep the horn.” What do you think?",
        ["I agree.", "I agree in part.", "I disagree.", "I would need to know more first."],
      ],
    ]);
  });
  it.each([
    ["of those who are against it", LETTER.replace("I believe that the council should keep the horn.", "The horn was lit in 1902.")],
    ["that opens on somebody named before", LETTER.replace("the council should keep", "they should keep")],
    ["that ends on something named before", LETTER.replace("keep the horn.", "stop selling them.")],
    ["that asks", LETTER.replace("I believe that the council should keep the horn.", "Should the council keep the horn?")],
  ])("is none on a demand %s", (_, text) => {
    expect(polls(text).filter(([pattern]) => pattern === "poll-claim")).toEqual([]);
  });
});

describe("a poll on the parts of a text", () => {
  const PARTS =
    "# The light\n\n## The lamp\n\nThe lamp burns oil. It is old.\n\n## The lens\n\nThe lens is heavy. It is clean.\n\n## The bell\n\nThe bell rings. It is loud.";
  it("names each part that has more than one sentence", () => {
    expect(polls(PARTS)).toEqual([["poll-parts", "Which part of the passage would you like to know more about?", ["The lamp", "The lens", "The bell"]]]);
  });
  it("is none with two of them", () => {
    expect(polls(PARTS.split("## The bell")[0]!)).toEqual([]);
    expect(polls(PARTS.replace("The bell rings. It is loud.", "The bell rings."))).toEqual([]);
  });
});

describe("a poll on the persons of a story", () => {
  const TALE = '# The lamp\n\n"I am late," said Mina Holm. Jonas laughed. "Wait for me!" said Jonas. Mina ran home. Jonas slept. "I am here," said Mina.';
  it("names each of them once, by the whole name", () => {
    expect(polls(TALE)).toEqual([["poll-persons", "Which person in the story would you most like to talk to?", ["Mina Holm", "Jonas"]]]);
  });
  it("is none of one person, or of a life", () => {
    expect(polls(TALE.replaceAll("Jonas", "Mina"))).toEqual([]);
    expect(polls("# A life\n\nIda Marrow was born in 1831. Tom Reyne met Ida Marrow in 1850. Ida Marrow died in 1902.")).toEqual([]);
  });
});
