import { expect, it } from "vitest";
import type { Clause } from "../../language/clause";
import { ownerAgain } from "./owner-again";

/** A clause whose last word is a pronoun that stands for a name. */
function clauseWith(pronoun: string, name: string): Clause {
  const words = ["owner", "taught", pronoun].map((lower) => ({ lower }));
  return { start: 0, end: 3, sentence: { words, resolved: new Map([[2, { text: name }]]) } } as unknown as Clause;
}

it.each([
  ["a name behind its owner's", "Ada Voss’s mother", "Voss the names", "her", "Voss", "her the names"],
  ["another name", "Ida Marrow’s father", "Voss the names", "her", "Voss", "Voss the names"],
  ["a thing, whatever it is called", "the C++ club’s owner", "C++ programs (and games", "them", "C++ programs (and games", "C++ programs (and games"],
  ["a name with signs that mean something elsewhere", "V.* (Voss’s mother", "V.* (Voss the names", "her", "V.* (Voss", "her the names"],
])("%s", (_, subject, rest, pronoun, name, told) => {
  expect(ownerAgain(subject, rest, clauseWith(pronoun, name))).toBe(told);
});
