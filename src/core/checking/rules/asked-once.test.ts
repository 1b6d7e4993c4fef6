import { essay, match, open, order, short, testRule } from "../../../../tests/support/rule-tester";
import { askedOnce } from "./asked-once";

const question = short("How often did the keepers wind the clockwork?", "every four hours");
const twin = { ...short("How often was the clockwork wound by the keepers?", "every four hours"), id: "q2" };
const other = { ...short("What does the lens float on?", "mercury"), id: "q3" };

const events = { ...order("Put these events in order.", ["Ida Marrow drew the map.", "The bell fell into the sea."]), id: "q4" };
const years = {
  ...match("Match each year with its event.", [
    ["1871", "Ida Marrow drew the map."],
    ["1904", "The bell fell into the sea."],
  ]),
  id: "q5",
};
const year = { ...short("In what year did Ida Marrow draw the map?", "1871"), id: "q6" };
const who = { ...short("Who drew the map?", "Ida Marrow"), id: "q7" };

const POINTS = ["The lens was made in Paris.", "The lens floats on mercury."];
const summary = {
  ...open("In your own words, tell the most important things that the passage says. Write three or four sentences with three details.", POINTS),
  id: "q8",
};
const writing = essay(
  "Explain the most important things that the passage tells its readers. Write three paragraphs with four details in your own words.",
  [{ side: "", text: POINTS.join(" ") }],
  POINTS,
);
const summaryAgain = { ...summary, id: "q9" };

testRule(askedOnce, {
  passes: {
    "an essay beside a summary, in nearly the same words": { question: writing, others: [summary] },
    "a year beside an order of events without years": { question: year, others: [events] },
    "a question of its own": { question, others: [other] },
    itself: { question, others: [question] },
  },
  flags: {
    "what an order of events tells": [{ question: who, others: [events] }, "Another question asks much the same: “Put these events in order.”"],
    "an order beside a match with its years": [{ question: events, others: [years] }, "Another question asks much the same: “Match each year with its event.”"],
    "a summary twice": [
      { question: summary, others: [summaryAgain] },
      "Another question asks much the same: “In your own words, tell the most important things that the passage says. Write three or four sentences with three details.”",
    ],
    "the same in other words": [
      { question, others: [other, twin] },
      "Another question asks much the same: “How often was the clockwork wound by the keepers?”",
    ],
  },
});
