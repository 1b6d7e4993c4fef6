import { choice, short, statement, testRule } from "../../../../tests/support/rule-tester";
import { sentencesAreWhole } from "./sentences-are-whole";

testRule(sentencesAreWhole, {
  passes: {
    "a question": short("Why does the lens turn?", "x"),
    "a statement": statement("The lens turns.", true),
    "an unfinished stem of a choice": choice("The lens floats on", ["mercury", "oil", "water"]),
  },
  flags: {
    "a small letter": [short("why does the lens turn?", "x"), "The stem begins with a small letter."],
    "no mark at the end": [short("Why does the lens turn", "x"), "The stem ends without a mark."],
    "a word twice": [short("Why does the the lens turn?", "x"), "“the” stands twice in a row."],
    "stops on some options": [choice("Why?", ["It is hot.", "It is heavy", "It is wet."]), "Some options end with a full stop and some do not."],
  },
});
