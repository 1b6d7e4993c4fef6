import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { speechesOf } from "./draft-speakers";
import { eventOf, heaviestEvents, sayings } from "./events-of-story";
import { weightiestPoints } from "./weightiest-sentences";

const points = (text: string, count = 3) => {
  const { analysis, facts } = stockSource(analyse(`# The pump\n\n${text}`, "markdown"));
  const prose = analysis.sentences.filter(({ block }) => block.kind !== "heading");
  return weightiestPoints(prose, facts, count, analysis).map(({ text: told }) => told);
};

const PUMP =
  "The pump stood in Broad Street. Many people drank water from the pump.\n\nJohn Snow was a doctor. In 1854 he marked every death on a map of the district. He did not agree.\n\nThe council removed the handle of the pump. This ended the sickness.";

describe("the weightiest sentences of a text", () => {
  it("come from all paragraphs, in the order of the text", () => {
    const told = points(PUMP);
    expect(told).toHaveLength(3);
    expect(told.map((text) => PUMP.split("\n\n").findIndex((block) => block.includes(text.split(" ").slice(-3).join(" "))))).toEqual([0, 1, 2]);
  });
  it("leave out how a text begins, and what people in general think", () => {
    const told = points(
      "A new pump lasts long. When people think of pumps, they seldom think of pipes. Water rises through the pipe of a pump when air is drawn out.\n\nThe pipe of an old pump is full of holes. A pump with holes in its pipe draws air.\n\nA pump that draws air gives no water. The council mends the pipes of its pumps every spring.",
    );
    expect(told).toHaveLength(3);
    expect(told.join(" ")).not.toMatch(/lasts long|people think/);
  });
  it("name whom an opening pronoun means", () => {
    expect(points(PUMP, 5)).toContain("In 1854 John Snow marked every death on a map of the district.");
  });
  it("leave out what says nothing by itself", () => {
    for (const text of points(PUMP, 9)) expect(text).not.toMatch(/did not agree|^This/);
  });
  it("are no more than the text has", () => {
    expect(points("The pump stood in Broad Street.", 4)).toEqual(["The pump stood in Broad Street."]);
  });
});

describe("the weightiest sentences of a longer text", () => {
  const JURY = `A letter may order your mother to come to the courthouse.

A jury is a group of citizens who listen to a trial and decide whether a person is guilty. The right to a trial by jury is guaranteed by the Sixth Amendment.

During the trial the jurors must follow strict rules. The jurors base their decision only on the evidence that is shown in the trial.

After both sides have finished, the judge explains the law, and the jurors go to a private room to talk the trial over.

Many people groan when the letter comes.`;
  const told = points(JURY, 4);

  it("say what the others speak of, though the question of a definite noun stays open", () => {
    expect(told).toContain("A jury is a group of citizens who listen to a trial and decide whether a person is guilty.");
    expect(told).toContain("After both sides have finished, the judge explains the law, and the jurors go to a private room to talk the trial over.");
  });
  it("are neither how a text takes its reader by the hand nor how it rounds itself off", () => {
    expect(told).not.toContain("A letter may order your mother to come to the courthouse.");
    expect(told).not.toContain("Many people groan when the letter comes.");
  });
});

describe("what a summary of a life and its deeds holds", () => {
  const told = points(
    "Frances Kelsey had been working at the agency for a month. The agency looked at every drug that a company wanted to sell.\n\nFrances Kelsey was born in Canada in 1914 and grew up on the island. A company in Ohio wanted to sell a sleeping pill called thalidomide.\n\nShe refused to approve the pill of the company. Her work has its rewards as well.\n\nThousands of babies were harmed by the pill in Europe. Frances Kelsey retired in old age.",
    3,
  );
  it("is what was decided and what came of it", () => {
    expect(told).toContain("Frances Kelsey refused to approve the pill of the company.");
    expect(told).toContain("Thousands of babies were harmed by the pill in Europe.");
  });
  it("is neither what happens in every life nor what only announces", () => {
    expect(told.join(" ")).not.toMatch(/born in Canada|retired|as well|had been working/);
  });
});

it("holds that thousands died, which is no life of one", () => {
  const told = points(
    "The pump stood in a street of the city.\n\nJohn Snow drew a map of the street. The council painted the doors of the city in spring.\n\nThousands of people died in the city because the water of the pump was bad. Boys played ball near the doors.",
  );
  expect(told).toContain("Thousands of people died in the city because the water of the pump was bad.");
});

describe("the events of a story", () => {
  const story =
    "# The lantern\n\nEvery autumn Tomas came home from the festival with nothing. He could not fold paper. Then he found a pile of broken bottles in the old barn.\n\nTomas pressed the pieces into a frame. He nodded. That took long.\n\nOn the night of the festival Tomas lit the candle in the frame. The crowd fell silent. But on the way home his sister asked Tomas whether she could keep it.";
  const analysis = analyse(story, "markdown");
  const events = analysis.sentences.flatMap((sentence) => eventOf(sentence, analysis) ?? []);

  it("name who does it, and drop what joins them", () => {
    const told = events.map(({ text }) => text);
    expect(told).toContain("Tomas found a pile of broken bottles in the old barn.");
    expect(told).toContain("On the way home his sister asked Tomas whether she could keep it.");
    expect(told).not.toContain("That took long.");
    expect(told).not.toContain("Tomas nodded.");
  });
  it("say when they happened in the row of what is told", () => {
    const later = analyse("# The lantern\n\nTomas pressed the glass into a frame. The next morning he carried the lantern to the harbour.", "markdown");
    expect(later.sentences.flatMap((sentence) => eventOf(sentence, later)?.text ?? [])).toContain("The next morning Tomas carried the lantern to the harbour.");
  });
  it("are also what somebody tells another, never what is asked or called", () => {
    const spoken = stockSource(
      analyse(
        "# The boats\n\nMina visited her grandfather.\n\n“Who made this little boat?” asked Grandfather.\n\n“I cannot fold a boat with one hand,” said Grandfather.\n\n“Look out!” cried Mina.",
        "markdown",
      ),
    );
    expect(sayings(speechesOf(spoken)).map(({ text }) => text)).toEqual(["Grandfather says: “I cannot fold a boat with one hand.”"]);
  });
  it("are taken from each stretch, the one that says most", () => {
    const told = heaviestEvents(events, 3, analysis).map(({ text }) => text);
    expect(told[0]).toBe("Every autumn Tomas came home from the festival with nothing.");
    expect(told).not.toContain("The crowd fell silent.");
    expect(told).toHaveLength(3);
  });
});
