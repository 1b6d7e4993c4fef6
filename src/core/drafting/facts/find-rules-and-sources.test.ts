import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("who may, must or was", () => {
  finds({
    "anyone who": [
      "Anyone who took silkworms out of the country was punished by death.",
      "Who was punished by death?",
      "Anyone who took silkworms out of the country",
    ],
    "somebody, with a second verb": [
      "Somebody who does not report a wreck can be fined and loses the reward.",
      "Who can be fined?",
      "Somebody who does not report a wreck",
    ],
    "in few words": ["Anyone who is at least eighteen may vote.", "According to the text, who may vote?", "Anyone who is at least eighteen"],
  });
  neverAsks({
    "whom another sentence names": ["Foreign ships came to Selm. Anyone who sold rope to them was punished by the council.", /sold rope to them/],
    "a deed of once": ["Anyone who came early saw the boat.", /^Who saw/],
  });
});

describe("what somebody can do", () => {
  finds({
    "in several verbs": ["Witnesses may come and tell what they saw.", "What may witnesses do?", "come and tell what they saw"],
    "with a hyphen": ["Grown-ups can vote, sign contracts and go to court.", "What can grown-ups do?", "vote, sign contracts and go to court"],
  });
  neverAsks({
    "one deed of many": ["Pilots can climb a ladder.", /^What can pilots do/],
    "what is told of twice": ["Pilots can climb and swim well. At night pilots can read the lamps.", /^What can pilots do/],
  });
});

describe("where something is had from", () => {
  finds({
    "a list of sources": [
      "Most towns get their income from taxes, fees and the state.",
      "Where do most towns get their income from?",
      "from taxes, fees and the state",
    ],
    "behind a time": [
      "On Sunday the pupils gathered forty shells from the beach.",
      "From where did the pupils gather forty shells on Sunday?",
      "from the beach",
    ],
  });
  neverAsks({
    "what it is for": ["The farms take almost all of the water from the river for their fields.", /fields$/],
    hours: ["The keepers took their rest from nine to five.", /rest from/],
  });
});

describe("why something has to be so", () => {
  finds({
    "or else": ["The glass has to cool slowly, or it would crack.", "Why does the glass have to cool slowly?", "because otherwise it would crack"],
    "what is forbidden": ["Do not add meat or cheese, which attract rats.", "Why should you not add meat or cheese?", "because they attract rats"],
  });
  neverAsks({
    "of another it": ["The keeper must close the door, or it would bang all night.", /^Why must the keeper/],
    "a choice": ["The boat must turn, or the harbour stays empty.", /otherwise/],
  });
});

describe("what there is and where", () => {
  finds({
    "about so many": ["There are about 1,700 seed banks on Earth.", "How many seed banks are there on Earth?", "about 1,700"],
    "what is had on something": ["Tall buildings have lightning rods on their roofs.", "What do tall buildings have on their roofs?", "lightning rods"],
    "where something goes on": ["A thunderstorm begins in a tall, dark cloud.", "Where does a thunderstorm begin?", "in a tall, dark cloud"],
    "where something was": ["The first bank to print notes was in Sweden.", "Where was the first bank to print notes?", "in Sweden"],
    "a sort by its name": [
      "Materials that do not let electrons pass are insulators.",
      "What are materials that do not let electrons pass called?",
      "insulators",
    ],
    "the first of a kind": ["The earliest glass objects were beads.", "What were the earliest glass objects?", "beads"],
    "the first to do something": [
      "Selm became the first town in the valley to have electric light.",
      "What did Selm become?",
      "the first town in the valley to have electric light",
    ],
    "what a coat is of": [
      "Many viruses, including those of the flu, are wrapped in a thin coat of fat.",
      "What are many viruses wrapped in?",
      "a thin coat of fat",
    ],
  });
  neverAsks({
    "a role for a place": ["In a volcanic cloud particles of ash take over the role of the ice.", /^Where do particles/],
    "nights for an object": ["At the hospital the nurse worked nights.", /^What did the nurse work/],
    "a weekday for a part of somebody": ["Last Sunday volunteers gathered 600 kilograms of rubbish.", /last Sunday volunteers/i],
    "somebody in general": ["Somebody has to pay for the bridge.", /somebody/i],
  });
});

describe("what happened in a year, told with when", () => {
  finds({
    "as a sentence of its own": [
      "That changed in 1656, when Christiaan Huygens built the first pendulum clock.",
      "In what year did Christiaan Huygens build the first pendulum clock?",
      "1656",
    ],
  });
  neverAsks({
    "what was so": ["The post changed in 1901, when the bridge was old.", /In what year was the bridge/],
    "the next morning of another story": ["The next morning Nika walked up to the pass.", /next morning/i],
  });
});

describe("sentences that were not understood", () => {
  finds({
    "not this but that": ["For most of history people counted hours, not seconds.", "What did people count for most of history?", "hours, not seconds"],
    "made longer": ["Heat makes the rod longer.", "What makes the rod longer?", "heat"],
    "made too sour": ["Onions and lemons make the box too sour.", "What makes the box too sour?", "onions and lemons"],
    "one of two": [
      "If a person hides food under one of two cups, a dog goes to the right cup.",
      "What happens if a person hides food under one of two cups?",
      "a dog goes to the right cup",
    ],
    "a second thing of the same name": [
      "Towns like to put off repairs, because voters notice a new bridge and not a mended one.",
      "Why do towns like to put off repairs?",
      "because voters notice a new bridge and not a mended one",
    ],
  });
});
