import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { nodeText } from "./node-text";

const clausesOf = (text: string) =>
  analyse(text).sentences.flatMap((sentence) =>
    sentence.clauses.map((clause) => ({
      subject: nodeText(sentence, clause.subject),
      verb: clause.verb.lemma,
      parts: clause.complements.map((part) => `${part.role}: ${nodeText(sentence, part.node)}`),
      clause,
    })),
  );

describe("the parse", () => {
  it("reads subject, verb and object", () => {
    expect(clausesOf("An electric motor replaced the clockwork in 1954.")[0]).toMatchObject({
      subject: "An electric motor",
      verb: "replace",
      parts: ["object: the clockwork"],
    });
  });
  it("takes a verb after a plural noun for what it is, and wound as the past of wind", () => {
    expect(clausesOf("Keepers wound the clockwork every four hours.")[0]).toMatchObject({ subject: "Keepers", verb: "wind" });
  });
  it("finds the passive", () => {
    expect(clausesOf("The tide is caused mainly by the moon.")[0]!.clause.passive).toBe(true);
  });
  it("finds the clause inside an adverb clause", () => {
    const clauses = clausesOf("Large ships enter the bay near high tide because the channel is too shallow.");
    expect(clauses.map(({ subject, clause }) => [subject, clause.rank])).toEqual([
      ["Large ships", "main"],
      ["the channel", "adverbial"],
    ]);
  });
  it("parts verb phrases that share a subject", () => {
    const clauses = clausesOf("The lens stood on a rock and held a thousand prisms.");
    expect(clauses.map(({ verb }) => verb)).toEqual(["stand", "hold"]);
    expect(clauses.every(({ clause }) => clause.shared)).toBe(true);
  });
  it("understands at least nine in ten sentences of plain prose", () => {
    const text =
      "The lens arrived in forty-one crates. It held a thousand prisms. A child could turn it with one hand. Sailors count the seconds between the flashes. The keepers left the tower because the light now switches itself on. When the moon and the sun pull together, the tide rises. A petition is a letter that many people sign. Wet rope is harder to untie than dry rope. The council, which meets on Mondays, has nine members. By counting the flashes, a captain can tell the lights apart.";
    const { sentences } = analyse(text);
    expect(sentences.filter((sentence) => sentence.tree).length).toBeGreaterThanOrEqual(9);
  });
});

describe("abstaining", () => {
  it.each([
    ["speech", "“The bell is ringing,” she whispered."],
    ["question", "Who rang the bell?"],
    ["not-parsed", "Lamp the of under quickly green because."],
  ])("gives %s as the reason", (reason, text) => {
    expect(analyse(text).sentences[0]!.abstained).toBe(reason);
  });
});

describe("pronouns", () => {
  it("stand for the subject of the sentence before when they open a sentence", () => {
    const analysis = analyse("The lens weighed three tonnes. It held a thousand prisms.");
    expect([...analysis.antecedents.values()].map((found) => found.text)).toEqual(["the lens"]);
  });
  it("stay open when they do not agree", () => {
    expect(analyse("The lens weighed three tonnes. They held a thousand prisms.").antecedents.size).toBe(0);
  });
});

describe("persons", () => {
  it("are found by given name, title and trade, and by surname alone afterwards", () => {
    const { persons } = analyse("In 1822 a French engineer, Augustin Fresnel, designed a lens. Fresnel lived in Paris. Dr. Edmund Hale read the notes.");
    expect(persons.get("Fresnel")?.name).toBe("Augustin Fresnel");
    expect(persons.get("Hale")?.name).toBe("Dr. Edmund Hale");
    expect(persons.has("Paris")).toBe(false);
  });
});

describe("the sort of text", () => {
  it.each([
    ["opinion", "I believe that the horn should stay. It costs little."],
    ["expository", "The tide is caused by the moon. It rises twice a day."],
    [
      "expository",
      'In 1901 Ida Marrow became the keeper. "I was never afraid," she said. She lit the lamp each night. She wrote a log. She kept bees. She retired in 1932. She had a cat. She grew beans. She died in 1940.',
    ],
    ["story", 'Jory ran to the quay. "Where is the boat?" he asked. She looked away. "Gone," she said. He sat down. "Then we walk," he said.'],
  ])("is %s", (sort, text) => {
    expect(analyse(text).sort).toBe(sort);
  });
});
