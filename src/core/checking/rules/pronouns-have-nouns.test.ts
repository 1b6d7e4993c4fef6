import { gap, short, statement, testRule } from "../../../../tests/support/rule-tester";
import { pronounsHaveNouns } from "./pronouns-have-nouns";

testRule(pronounsHaveNouns, {
  passes: {
    "a pronoun after its noun": short("Why did the keepers polish the lens before they slept?", "so that it shone"),
    "it is … that": short("Why is it important to keep the lamp dry?", "rust"),
    "it that stands for nothing": short("How long did it take to wind the clockwork?", "ten minutes"),
    "a pronoun in front of its noun": statement("Because it floats on mercury, the lens turns easily.", true),
    "a word that takes up a quotation": short("Read: “The clerk writes down what is said.” What is this record called?", "the minutes"),
    "a later sentence of a text with gaps": gap(
      "Fill each gap with a word from the list. The clerk ____ down what is said. This record is called the ____.",
      "writes",
      { more: [{ key: "minutes", accepted: [] }] },
    ),
    "a pronoun that is quoted": short("What does “them” stand for?", "the keepers"),
  },
  flags: {
    "a pronoun in front of another": [
      statement("Because it floats on mercury, it turns easily.", true),
      "“it” has no noun before it in the question. Name who or what is meant.",
    ],
    "a pronoun alone": [short("What did he wind every night?", "the clockwork"), "“he” has no noun before it in the question. Name who or what is meant."],
    "a possessive that opens": [statement("Their lamp burned all night.", true), "“Their” has no noun before it in the question. Name who or what is meant."],
    "a word that points before what is quoted": [
      short("Why do these keepers say: “The lamp must burn”?", "for the boats"),
      "“these keepers” points to something outside the question.",
    ],
    "a text with gaps that opens by pointing": [
      gap("Fill each gap with a word from the list. This record is called the ____. The clerk keeps it.", "minutes"),
      "“This record” points to something outside the question.",
    ],
    "a word that points": [short("Why did the keepers use this machine?", "to turn the lens"), "“this machine” points to something outside the question."],
  },
});
