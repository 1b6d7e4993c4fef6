import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { findDistractors } from "./find-distractors";

/** The wrong options that a source has for the question that holds these words. */
const options = (text: string, stem: RegExp) => {
  const stock = stockSource(analyse(text, "markdown"));
  const fact = stock.facts.find((other) => stem.test(other.stem));
  if (!fact) throw new Error(`Not asked: ${stem}`);
  return findDistractors(fact, stock, 12, 1);
};

const MILLS = `# The mills

Lawyers wrote the law about the mills of the town. Every judge read the law. Some doctors visited the mills, and many teachers complained of them. Bakers and butchers fed the town. Weavers wove cloth in the mills. Merchants sold the cloth to the shops. Sailors carried the cloth over the sea. Children swept the floors of the mills.`;

describe("wrong options that are nouns", () => {
  it("are other trades for a trade", () => {
    const found = options(MILLS, /^Who wrote the law/);
    expect(found.length).toBeGreaterThanOrEqual(2);
    for (const option of found) expect(option).toMatch(/^(?:bakers|butchers|weavers|merchants|sailors)$/i);
  });
  it("are no amounts of anybody", () => {
    expect(options(MILLS, /^Who wrote the law/).join(" ")).not.toMatch(/some|many|every/i);
  });
  it("are none for children, who may be anything else too", () => {
    expect(options(MILLS, /^Who swept/)).toEqual([]);
  });
  it("are never named by the deed that is asked about", () => {
    const found = options(`${MILLS} Monks taught the alphabet in the tower. Teachers liked the tower.`, /^Who taught/);
    expect(found.length).toBeGreaterThanOrEqual(2);
    expect(found.map((option) => option.toLowerCase())).not.toContain("teachers");
  });
  it("are no single persons beside a people", () => {
    const text =
      "# Silk\n\nThe Chinese kept the secret of silk for two thousand years. Pliny wrote that silk grew on trees. Justinian sent two monks to China. Ida Marrow wore a scarf of silk.";
    expect(options(text, /^Who kept the secret/)).toEqual([]);
  });
});

describe("wrong options that are reasons", () => {
  const text = (first: string) =>
    `# Keep the paper\n\nI believe that the town should keep its paper. The first reason is ${first}. The second reason is that print teaches care. The third reason is that paper lasts for centuries. The town should print it.`;
  it("are whole sentences beside a sentence", () => {
    const stock = stockSource(analyse(text("money"), "markdown"));
    const reasons = stock.facts.filter(({ pattern }) => pattern === "which-reason");
    expect(reasons.length).toBeGreaterThanOrEqual(2);
    for (const fact of reasons)
      for (const option of findDistractors(fact, stock, 3, 1)) expect(option.split(" ").length > 2).toBe(fact.answer.split(" ").length > 2);
  });
});

describe("wrong options for the name of a sort of thing", () => {
  const LOOKOUT =
    "# A fire lookout\n\nRosa Tennant was a teacher. A friend broke a leg. A visitor comes once a week. A teacher likes quiet. A friend likes company. In the middle of the cabin stands an instrument called a fire finder.";
  it("are no persons, though the name ends as theirs do", () => {
    expect(options(LOOKOUT, /instrument/).join(" ")).not.toMatch(/teacher|friend|visitor/);
  });
});
