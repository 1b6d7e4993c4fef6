import { readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { analyse, root } from "../../../../tests/support/language-tools";
import type { QuestionKind } from "../../questions/question";
import { draftQuestions } from "../draft-questions";
import { stockSource } from "../source-stock";
import { draftMatches } from "./draft-matches";
import { draftNumbers } from "./draft-numbers";
import { draftOpenResponses } from "./draft-open-responses";
import { draftOrders } from "./draft-orders";
import { draftTwoParts } from "./draft-two-parts";

const stock = (text: string) => stockSource(analyse(text, text.startsWith("#") ? "markdown" : "text"));
const draft = (text: string, kind: QuestionKind) => {
  const rows = [{ kind, count: 2, depth: "any" as const, points: 3 }];
  return [...draftQuestions({ analysis: analyse(text, "markdown"), plan: { grade: 5, rows }, seed: 1, newId: String })].map(({ question }) => question);
};

const HISTORY =
  "# The light\n\nThe council of Skerry Bay built a lighthouse in 1871. The builders used granite from the island.\n\nIn 1904 an engineer installed a fog horn. In 1954 an electric motor replaced the clockwork.\n\nThe lens of Skerry Bay held 1,016 prisms. The tower of Skerry Bay has about forty steps.";
const STEPS =
  "# How to coil a rope\n\n## What you need\n\nYou need a rope.\n\n## Steps\n\n1. First, hold one end in your left hand.\n2. Then make a loop with your right hand.\n3. Lay the loop in your left hand.\n4. Finally, wind the end around the loops.\n\nA coiled rope dries well.";
const TERMS =
  "# Tides\n\nThis slow rise and fall of the sea is called the tide. High tide is the moment when the water stands highest. The difference in height between high water and low water is called the tidal range.\n\nThe Moon pulls on the sea.";

describe("match", () => {
  const pairs = (text: string, pattern: string) => {
    const found = draftMatches(stock(text)).find((candidate) => candidate.pattern === pattern);
    return found?.parts?.sort === "match" ? found.parts.pairs : [];
  };
  it("sets persons beside what they did", () => {
    const text = "Ida Marrow drew the birds of the rock. Thomas Reyne built the first museum. Nell Hale repaired the old clock.";
    expect(pairs(text, "match-deeds")).toEqual([
      ["Ida Marrow", "drew the birds of the rock"],
      ["Thomas Reyne", "built the first museum"],
      ["Nell Hale", "repaired the old clock"],
    ]);
    expect(pairs(`${text.split(". ").slice(0, 2).join(". ")}.`, "match-deeds")).toEqual([]);
  });
  it("sets parts beside what they do, all one or all many", () => {
    const text = "The hook twists the fibres. The sledge carries the tools. The paddle spreads the tar. The wheels turn the drum.";
    expect(pairs(text, "match-functions").map(([left]) => left)).toEqual(["The hook", "The sledge", "The paddle"]);
  });
  it("sets effects beside causes that are clear by themselves", () => {
    const text =
      "Keepers wore linen because buttons could scratch the glass. Ships struck the rock because the lamp was weak. The bell was moved because the tower was cracked. Nets rot because they stay wet.";
    expect(pairs(text, "match-causes")).toEqual([
      ["Keepers wore linen.", "Buttons could scratch the glass."],
      ["Ships struck the rock.", "The lamp was weak."],
      ["The bell was moved.", "The tower was cracked."],
    ]);
  });
});

describe("events in order", () => {
  it("leave out what lasted", () => {
    const text =
      "In 1871 the council built a lighthouse. In 1904 an engineer installed a fog horn. In 1930 the harbour remained closed to large ships. In 1954 a motor replaced the clockwork.";
    const [order] = draftOrders(stock(text));
    expect(order?.parts?.sort === "order" && order.parts.items).toHaveLength(3);
    expect(order?.key).not.toContain("remained");
  });
});

describe("events of a story", () => {
  it("are what persons do, and nothing that there was to see", () => {
    const text =
      '# The lamp\n\n"It is late," said Ida. One evening Ida Marrow climbed the old tower. The trees made strange noises in the wind. Ida lit the lamp with a match. In the middle of the bay floated a silver ship. Tom Berg carried a pot of tea upstairs. The gulls circled the tower all night. Ida opened the heavy door for him. "You are wet," she said. Tom poured the tea into two cups.';
    const [order] = draftOrders(stock(text));
    const items = order?.parts?.sort === "order" ? order.parts.items : [];
    expect(items.length).toBeGreaterThanOrEqual(4);
    expect(items.filter((item) => !/^(?:Ida|Tom|One evening)/.test(item))).toEqual([]);
  });
  it("are one where two go on at once, and never what somebody did to whoever came", () => {
    const text =
      '# The gate\n\n"Who is there?" said Nell. Nell shouted at children who came near the gate. Nell opened the gate. Nell held her breath behind the bench. Nell waited for a shout from the tower. "Go home," she said. Nell fed the cat under the bench. Nell climbed on the harbour wall.';
    const [order] = draftOrders(stock(text));
    expect(order?.key).toContain("Nell held her breath");
    expect(order?.key).not.toMatch(/waited|children who/);
  });
  it("are no asking without the words that were asked", () => {
    const text =
      '# The play\n\nNell opened the gate. Nell fed the cat under the bench. "Can you do it?" Mr. Okoro asked Nell. Nell carried the lamp to the boat. Nell climbed on the harbour wall.';
    const [order] = draftOrders(stock(text));
    expect(order?.key).toContain("Nell carried the lamp to the boat.");
    expect(order?.key).not.toContain("asked");
  });
});

describe("steps", () => {
  const list = (heading: string, items: string[]) =>
    `# Ropes\n\n## ${heading}\n\n${items.map((item, index) => `${index + 1}. ${item}`).join("\n")}\n\nRopes last long.`;
  it("are put in order, but never advice that holds at any time", () => {
    const steps = ["Hold one end in your hand.", "Make a loop with the other hand.", "Lay the loop in your hand."];
    expect(draftOrders(stock(list("How to coil", steps)))).toHaveLength(1);
    expect(draftOrders(stock(list("Tips", steps)))).toEqual([]);
    // A step under a condition is a step.
    expect(draftOrders(stock(list("How to coil", [...steps, "If the rope is wet, hang it in the shed.", "When it is dry, tie the coil."])))).toHaveLength(1);
    expect(draftOrders(stock(list("Care", [...steps, "Never leave a rope in the sun."])))).toEqual([]);
  });
});

describe("number", () => {
  it("takes exact quantities with their unit, not those that are only bounded", () => {
    const parts = draftNumbers(stock(HISTORY))
      .filter((candidate) => candidate.pattern === "number-how-many")
      .map((candidate) => candidate.parts);
    expect(parts).toEqual([{ sort: "number", value: 1016, unit: "prisms" }]);
  });
  it("asks for the years between two dated events, with both sentences as evidence", () => {
    const between = draftNumbers(stock(HISTORY)).find((candidate) => candidate.pattern === "years-between" && candidate.key === "50")!;
    expect(between.stem).toBe(
      "How many years passed between the year in which an engineer installed a fog horn and the year in which an electric motor replaced the clockwork?",
    );
    expect(between.evidence).toHaveLength(2);
    expect(between.parts).toEqual({ sort: "number", value: 50, unit: "years" });
  });
});

describe("put in order", () => {
  it("takes the steps of a list, without the words that tell their place", () => {
    const [order] = draftOrders(stock(STEPS));
    expect(order!.stem).toBe("Put the steps of “How to coil a rope” in the right order, from the first to the last.");
    expect(order!.parts).toEqual({
      sort: "order",
      items: ["Hold one end in your left hand.", "Make a loop with your right hand.", "Lay the loop in your left hand.", "Wind the end around the loops."],
    });
  });
  it("takes dated events by their years, which the items do not show", () => {
    const [order] = draftOrders(stock(HISTORY));
    expect(order!.parts).toEqual({
      sort: "order",
      items: ["The council of Skerry Bay built a lighthouse.", "An engineer installed a fog horn.", "An electric motor replaced the clockwork."],
    });
  });
  it("never takes a list of things for steps", () => {
    expect(draftOrders(stock("# A kit\n\nYou need:\n\n- a long rope\n- a strong post\n- a good friend\n- an old cork"))).toEqual([]);
  });
  it("stands in another order on the sheet, and the key puts it right", () => {
    const [question] = draft(STEPS, "order");
    if (question?.kind !== "order") throw new Error("no order");
    const inOrder = question.key.map((id) => question.items.find((item) => item.id === id)!.text);
    expect(inOrder[0]).toBe("Hold one end in your left hand.");
    expect(question.items.map((item) => item.text)).not.toEqual(inOrder);
  });
});

describe("match", () => {
  it("pairs terms with their meanings, each with its own evidence", () => {
    const [match] = draftMatches(stock(TERMS));
    expect(match!.stem).toBe("Match each term with its meaning.");
    const { pairs } = match!.parts as { pairs: [string, string][] };
    expect(pairs.map(([term]) => term)).toEqual(["Tide", "High tide", "Tidal range"]);
    expect(match!.evidence.length).toBe(pairs.length);
  });
  it("needs three pairs", () => {
    expect(draftMatches(stock("# Tides\n\nThe moment when the water stands highest is called high water."))).toEqual([]);
  });
  it("keeps every pair in the key when the right column is shuffled", () => {
    const [question] = draft(HISTORY, "match");
    if (question?.kind !== "match") throw new Error("no match");
    const pairs = question.key.map(([from, to]) => [question.left.find((item) => item.id === from)!.text, question.right.find((item) => item.id === to)!.text]);
    expect(pairs).toContainEqual(["1904", "An engineer installed a fog horn."]);
    expect(pairs).toHaveLength(3);
  });
});

describe("two-part with evidence", () => {
  const text = readFileSync(path.join(root, "demo/passages/the-lens-that-saved-ships.md"), "utf8");
  const questions = draft(text, "two-part").flatMap((question) => (question.kind === "two-part" ? [question] : []));
  it("asks, and then which sentence proves it, all four of them the source's own", () => {
    expect(questions.length).toBe(2);
    for (const { proofs, options } of questions) {
      expect([options.length, proofs.length]).toEqual([4, 4]);
      for (const proof of proofs) expect(text.replace(/\s+/g, " ")).toContain(proof.text);
    }
  });
  it("keys the evidence itself, and no other sentence holds the answer's words", () => {
    for (const { key, options, proofs, evidence } of questions) {
      const answer = options.find((option) => option.id === key[0])!.text.toLowerCase();
      const content = answer.match(/[a-z]{5,}/g) ?? [];
      expect(proofs.find((proof) => proof.id === key[1])!.text).toBe(evidence[0]!.quote);
      for (const proof of proofs) if (proof.id !== key[1]) for (const word of content) expect(proof.text.toLowerCase()).not.toContain(word);
    }
  });
  it("offers no sentence that leans on the one before it", () => {
    for (const { proofs } of draftTwoParts(stock(text), 1).flatMap(({ parts }) => (parts?.sort === "two-part" ? [parts] : [])))
      for (const { text: sentence } of proofs) expect(sentence).not.toMatch(/^(?:But|They|It|This|In this way)\b/);
  });
  it("is not drafted where there are too few sentences to choose from", () => {
    expect(draft("# A\n\nShips wait because the channel is shallow. A prism is a block of glass that bends light.", "two-part")).toEqual([]);
  });
});

describe("open response", () => {
  const SECTION =
    "# The bay\n\nShips call here.\n\n## Rope\n\nSpinners walked backwards because a rope can never be longer than its room. Nylon replaced hemp in 1955, since nylon does not rot. Skerry Bay sold its ropewalk in 1961. The ropewalk of Skerry Bay held forty wheels.";
  it("asks to tell a section, with the points to look for in the source's own words", () => {
    const [open] = draftOpenResponses(stock(SECTION));
    expect(open!.stem).toBe("In your own words, tell what the passage says under “Rope”. Write three or four sentences with at least three details.");
    const { points } = open!.parts as { points: string[] };
    expect(points.length).toBeGreaterThanOrEqual(3);
    for (const point of points) expect(SECTION).toContain(point);
  });
  it("has a model answer, and levels from full marks down", () => {
    const [question] = draft(SECTION, "open-response");
    if (question?.kind !== "open-response") throw new Error("no open response");
    expect(question.key.model).toBe(question.key.points.join(" "));
    expect(question.rubric!.map((level) => level.points)).toEqual([3, 2, 1]);
  });
  it("asks for a writer's claim and reasons where the text argues", () => {
    const opinion =
      "# Keep the horn\n\nI believe that the council should keep the horn.\n\nThe town should not remove it. The horn saves lives because small boats carry no radar. The radar on large ships fails in storms, since ice covers it. The horn costs forty pounds a year.";
    expect(draftOpenResponses(stock(opinion)).map((candidate) => candidate.stem)).toEqual([
      "What does the writer want, and why? Name at least two of the writer's reasons.",
    ]);
  });
  it("is not drafted on a text that gives too little", () => {
    expect(draftOpenResponses(stock("# The bay\n\n## Rope\n\nRope is strong. It floats."))).toEqual([]);
  });
});

describe("a two-part question on a sentence whose pronoun was told by the one before", () => {
  it("keys the sentence that holds the answer as proof", () => {
    const text = `# The lens\n\nThe lens for the harbour arrived in forty-one crates. It held 1,016 prisms of glass. The lens floated on a ring of mercury. Keepers polished the brass of the lens each morning. A clockwork machine turned the lens all night.`;
    for (const candidate of draftTwoParts(stock(text), 1)) {
      const parts = candidate.parts as { proofs: { text: string }[] };
      if (candidate.key.includes("1,016")) expect(parts.proofs[0]!.text).toContain("1,016");
    }
  });
});
