import { expect, it } from "vitest";
import { tools } from "../../../tests/support/language-tools";
import { evidence, number, short, statement } from "../../../tests/support/rule-tester";
import type { Question } from "../questions/question";
import { howCarried } from "./how-carried";

const WOUND = { evidence: evidence("The keepers wound the clockwork every four hours.") };

it.each<[string, Question, [string, string, string][]]>([
  ["the very words", short("How often?", "every four hours", WOUND), []],
  ["another form of a word", short("What did they do?", "winding the clockwork", WOUND), []],
  ["a number in digits for one in words", number("After how many hours?", 4, "hours", WOUND), [["4", "four", "number"]]],
  [
    "a synonym",
    short("What is it?", "a missive that many people sign", { evidence: evidence("A petition is a letter that many people sign.") }),
    [["missive", "letter", "synonym"]],
  ],
  [
    "a true statement as a whole",
    statement("Many people sign this missive.", true, { evidence: evidence("A petition is a letter that many people sign.") }),
    [["missive", "letter", "synonym"]],
  ],
  ["nothing of a false statement", statement("Nobody signs this missive.", false, WOUND), []],
  ["no opposite", short("Which rope is harder to untie?", "the dry one", { evidence: evidence("Wet rope is harder to untie than dry rope.") }), []],
])("the key rests on %s", (_, question, wanted) => {
  expect(howCarried(question, tools().lexicon).map(({ key, evidence: said, how }) => [key, said, how])).toEqual(wanted);
});
