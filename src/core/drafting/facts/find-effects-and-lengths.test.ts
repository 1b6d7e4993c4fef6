import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("what something does to another", () => {
  finds({
    "an effect": ["Every knot makes a rope weaker.", "What effect does every knot have on a rope?", "it makes a rope weaker"],
    "what keeps it from harm": ["The tin kept the iron from rusting.", "What kept the iron from rusting?", "the tin"],
  });
  neverAsks({
    "a town's deed": ["The town of Ostby made all its buses free.", /^What effect/],
    "an effect on things at large": ["Salt makes matters worse.", /^What effect/],
    "somebody who keeps another": ["The captain kept the crew from leaving.", /^What kept/],
  });
});

describe("how long, how much, how many", () => {
  finds({
    "a few weeks": ["The butterflies born in spring live only a few weeks.", "How long do the butterflies born in spring live?", "only a few weeks"],
    "for a month": [
      "A meal can stay in a sloth's stomach for a month before it is digested.",
      "How long can a meal stay in a sloth's stomach before it is digested?",
      "a month",
    ],
    "less than another thing": ["A monarch butterfly weighs less than a paper clip.", "How much does a monarch butterfly weigh?", "less than a paper clip"],
    "worth something": ["In Rome silk was worth its weight in gold.", "What was silk worth in Rome?", "its weight in gold"],
    "so many every year": [
      "About eight million tons of plastic enter the ocean every year.",
      "How many tons of plastic enter the ocean every year?",
      "about eight million",
    ],
    "only one": ["A hive has only one queen.", "How many queens does a hive have?", "only one"],
  });
  neverAsks({
    "a rate as a length": ["A reef grows about one centimetre a year.", /^How long/],
    "how often so much does": ["About eight million tons of plastic enter the ocean every year.", /^How often/],
    "how many come to nobody knows what": ["Eleven thousand people come every year.", /^How many/],
    "a length beside its end": ["The seeds sleep for many years until rain falls.", /^How long|^Until when/],
    "a price that is told twice": ["A letter cost more than a shilling, about a day's wage for a labourer.", /cost about/],
  });
});

describe("when", () => {
  finds({
    "in the middle of a century": [
      "Coffee reached England in the middle of the seventeenth century.",
      "When did coffee reach England?",
      "in the middle of the seventeenth century",
    ],
    "not until a year": ["White phosphorus was not forbidden until 1910.", "In what year was white phosphorus forbidden?", "1910"],
    "first used": ["Salt water was not used until 1850.", "In what year was salt water first used?", "1850"],
  });
  neverAsks({ "a change of nothing": ["Russia did not change until 1918.", /^In what year/] });
});

describe("what goes on, how often and what for", () => {
  finds({
    "two or three": ["The female lays two or three eggs in May.", "How many eggs does the female lay in May?", "two or three"],
    "only once every so often": ["A python eats only once every three or four weeks.", "How often does a python eat?", "only once every three or four weeks"],
    "when it happens": ["Most bites happen when somebody tries to catch a snake.", "When do most bites happen?", "when somebody tries to catch a snake"],
    "what it does so for": [
      "Baboons yawn to show their teeth and frighten their rivals.",
      "Why do baboons yawn?",
      "to show their teeth and frighten their rivals",
    ],
    "one of two": [
      "Because the tongue is forked, the snake can tell whether a smell is stronger on the left or on the right.",
      "Why can the snake tell whether a smell is stronger on the left or on the right?",
      "because the tongue is forked",
    ],
  });
  neverAsks({ "those of whom even is said": ["Even unborn babies yawn in the womb in May.", /\beven\b/] });
});

describe("what is thought, and why", () => {
  finds({
    "convinced of": [
      "Most astronomers were convinced that the answer lay in the stars.",
      "What were most astronomers convinced of?",
      "that the answer lay in the stars",
    ],
    "which is why": [
      "Rye contains hardly any gluten, which is why rye bread is heavier than wheat bread.",
      "Why is rye bread heavier than wheat bread?",
      "because rye contains hardly any gluten",
    ],
    "a thing by its owner's name": ["The League's weapon was the boycott.", "What was the League's weapon?", "the boycott"],
    "a short meaning": ["An interview is a conversation with a purpose.", "What is an interview?", "a conversation with a purpose"],
  });
  neverAsks({ "a refusal of what another sentence told": ["The editors refused, because the owners held shares.", /^Why/] });
  finds({
    "an agreement before something": [
      "Five members must agree before a proposal becomes a rule.",
      "How many members must agree before a proposal becomes a rule?",
      "five",
    ],
  });
  neverAsks({ "a reason that was torn": ["Rain protects the plant, because a seedling would soon die of thirst.", /of thirst\?/] });
});
