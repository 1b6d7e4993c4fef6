import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { rankedCandidates } from "../candidates";

/** What is asked of an answer in an interview. */
const asks = (answer: string) =>
  rankedCandidates(
    analyse(
      `# A talk with a vet\n\n**Reporter:** What do you do all day?\n\n**Amara Osei:** The zoo is large. ${answer}\n\n**Reporter:** Do you like it?\n\n**Amara Osei:** Very much.`,
      "markdown",
    ),
    1,
  ).map(({ candidate: { stem, key } }) => `${stem} ${key}`);

describe("what somebody says that they shall do", () => {
  it("is what they will do", () => {
    const found = asks("I shall sell the old table in May.").join("\n");
    expect(found).toMatch(/\bwill\b/);
    expect(found).not.toMatch(/\bshall\b/);
  });
});

describe("what somebody and others did", () => {
  it("is asked by name, where it was done once", () => {
    expect(asks("We once built a tiny cast for a flamingo.").join("\n")).toMatch(/What did Amara Osei and others once build for a flamingo\? A tiny cast/i);
  });
  it("is no question of who it was", () => {
    for (const asked of asks("We once built a tiny cast for a flamingo.")) expect(asked).not.toMatch(/and others$/);
  });
  it("is not asked of what everybody does", () => {
    expect(asks("We breathe in a litre of air.").join("\n")).not.toMatch(/and others/);
  });
});
