import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { rankedCandidates } from "./candidates";
import { withSurnames } from "./third-person";

const stems = (text: string) => rankedCandidates(analyse(text, "markdown"), 1).map(({ candidate }) => candidate.stem);

describe("what a speaker tells of their own", () => {
  const talk =
    "Amir: What do you do in summer?\n\nDora: Every August I treat my hives with an acid that kills the mites.\n\nAmir: Do they thank you?\n\nDora: They never do.";
  it("is hers or his where the name says which", () => {
    expect(stems(talk).join("\n")).toMatch(/How often does Dora treat her hives/);
    expect(stems(talk).join("\n")).not.toMatch(/Dora’s hives/);
  });
});

describe("a name that stands twice in a question", () => {
  const analysis = analyse("Benjamin Banneker was born in 1731. A traveller lent Benjamin Banneker a watch. Banneker took it apart.");
  it("is the surname the second time", () => {
    expect(withSurnames("How old was Benjamin Banneker when a traveller lent Benjamin Banneker a watch?", analysis)).toBe(
      "How old was Benjamin Banneker when a traveller lent Banneker a watch?",
    );
  });
  it("stays whole where it stands once, or is somebody's whom nobody knows", () => {
    expect(withSurnames("Who was Benjamin Banneker?", analysis)).toBe("Who was Benjamin Banneker?");
    expect(withSurnames("Did Ida Marrow know Ida Marrow?", analysis)).toBe("Did Ida Marrow know Ida Marrow?");
  });
});

describe("what belongs to all of them", () => {
  const letter =
    "# Give us ten more minutes\n\nI believe that our school should have a longer break. Our morning break lasts fifteen minutes. I left my scarf in my locker. For these reasons the council should vote for it.";
  it("is no writer's own", () => {
    expect(stems(letter).join("\n")).not.toMatch(/writer’s (?:school|morning)/);
    expect(stems(letter).join("\n")).toMatch(/the morning break|the school/);
  });
});

it("says whose it is only once", () => {
  const tale =
    '# The mine\n\n"Hang it up," said Bevan. "I will," I said. I was sixteen. I ran home. That evening I found my disc under the bed. My brother slept. I laughed.';
  const found = stems(tale).filter((stem) => stem.includes("disc"));
  expect(found.length).toBeGreaterThan(0);
  for (const stem of found) expect(stem).not.toMatch(/narrator’s/);
});
