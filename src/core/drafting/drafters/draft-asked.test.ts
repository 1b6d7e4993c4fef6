import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { draftAsked } from "./draft-asked";

const drafts = (text: string) => draftAsked(stockSource(analyse(text, "markdown")));
const asked = (text: string) => drafts(text).flatMap(({ kind, stem, key }) => (kind === "short-answer" ? [[stem, key]] : []));
const GREETING = ["Good morning, Dora.", "Good morning, Amir."];
const talk = (...turns: string[]) =>
  `# At the quay\n\n${[...GREETING, ...turns].map((turn, index) => `${index % 2 === 0 ? "Amir" : "Dora"}: ${turn}`).join("\n\n")}`;

describe("what somebody is asked and answers", () => {
  it.each([
    ["an amount", "How many nets do you own?", "About forty.", "“About forty.”"],
    ["a time", "When do you go out?", "At four in the morning.", "“At four in the morning.”"],
    ["a reason", "Why do you wear gloves?", "Because the ropes burn my hands.", "“Because the ropes burn my hands.”"],
    ["a thing", "What is the hardest part of your work?", "The fog.", "“The fog.”"],
    ["a deed of whoever is asked", "What do you do when a net tears?", "We mend it on the quay.", "“We mend it on the quay.”"],
    ["advice", "What should children do near the water?", "Wear a life jacket and stay together.", "“Wear a life jacket and stay together.”"],
    ["advice on how", "How can our readers help?", "Leave the nets on the quay at night.", "“Leave the nets on the quay at night.”"],
    ["a way", "How do you handle an eel?", "Very carefully.", "“Very carefully.”"],
    ["an amount, however the rest is read", "How much honey do you get?", "About twenty kilograms from each hive.", "“About twenty kilograms from each hive.”"],
    ["what advice there is", "What advice do you have for beginners?", "Study science, but also learn to watch.", "“Study science, but also learn to watch.”"],
    ["what exactly it is", "What exactly is glass made of?", "Mostly sand.", "“Mostly sand.”"],
    ["a means", "How do you find the fish?", "With an echo sounder.", "“With an echo sounder.”"],
  ])("is asked as a question of the talk: %s", (_, question, answer, key) => {
    expect(asked(talk(question, answer))).toEqual([[`Amir asks: “${question}” What does Dora answer?`, key]]);
  });

  it.each([
    ["yes or no", "Do you like fog?", "No, nobody does."],
    ["what a word points back to", "How long does it take?", "About an hour."],
    ["the hardest part of nobody knows what", "What is the hardest part?", "The fog."],
    ["a reply that only says something of the question", "Why do you wear gloves?", "That is a good question."],
    ["a reply of another shape", "How many nets do you own?", "My father left them to me."],
    ["an answer that is taken back", "How many nets do you own?", "About forty. But only ten are whole."],
    ["a reply that says nothing", "How much fish do you sell?", "A lot. On Fridays more than two boxes."],
    ["the first sentence of a tale", "How did you become a skipper?", "With a borrowed boat. A teacher lent it to me."],
    ["what others do", "What do you do in winter?", "The boats lie on the shore."],
  ])("is not asked: %s", (_, question, answer) => {
    expect(asked(talk(question, answer))).toEqual([]);
  });

  it("is matched where three questions have an answer", () => {
    const turns = [
      "How many nets do you own?",
      "About forty.",
      "When do you go out?",
      "At four in the morning.",
      "How do you find the fish?",
      "With an echo sounder.",
    ];
    const match = drafts(talk(...turns)).find(({ kind }) => kind === "match");
    expect(match?.parts).toEqual({
      sort: "match",
      pairs: [
        ["How many nets do you own?", "“About forty.”"],
        ["When do you go out?", "“At four in the morning.”"],
        ["How do you find the fish?", "“With an echo sounder.”"],
      ],
    });
    expect(match?.evidence).toHaveLength(6);
    expect(drafts(talk(...turns.slice(0, 4))).some(({ kind }) => kind === "match")).toBe(false);
  });

  it("is proved by the question and the answer", () => {
    for (const { evidence, key } of drafts(talk("How many nets do you own?", "About forty.")))
      expect([evidence[0]!.abstained, key.includes(evidence[1]!.text)]).toEqual(["question", true]);
  });
});

describe("what a text asks and answers itself", () => {
  it("is asked in its own words", () => {
    expect(asked("# Crabs\n\nWhat does a crab do when it outgrows its shell? It creeps out and hides under a stone.")).toEqual([
      ["What does a crab do when it outgrows its shell?", "It creeps out and hides under a stone"],
    ]);
  });
  it("is not asked where it needs the readers, or is an opinion or a story", () => {
    expect(asked("# Crabs\n\nWhat do we do when a crab bites us? We let it hang over the water.")).toEqual([]);
    expect(
      asked("# Crabs\n\nI believe that we should leave crabs alone. What does a crab do in a bucket? It hides in a corner. We should let them go."),
    ).toEqual([]);
  });
});
