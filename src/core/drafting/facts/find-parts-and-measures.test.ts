import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("who or what alone", () => {
  finds({
    "may do it": ["In a residential zone, only homes may be built.", "What may be built in a residential zone?", "only homes"],
    "does it": ["Only the queen lays eggs in a hive.", "What lays eggs in a hive?", "only the queen"],
  });
  neverAsks({
    "what is left of it": ["Only the square outlines of the pans can be seen today.", /can be seen/],
    "what belongs to the verb": ["A crab only leaves its hole at night.", /only a crab/],
  });
});

describe("measured by itself or by something that is known", () => {
  finds({
    "by its length": ["A flea can jump two hundred times its own length.", "How far can a flea jump?", "two hundred times its own length"],
    "by its weight": ["An ant can lift fifty times its own weight.", "How much can an ant lift?", "fifty times its own weight"],
    "like something": ["A water strider is about as long as a fingernail.", "How long is a water strider?", "about as long as a fingernail"],
  });
  neverAsks({
    "two rates in one": ["A child's heart beats about ninety times a minute at rest and up to two hundred times in a race.", /^How many times/],
    "like somebody of whom nothing is known": ["The tower is as tall as this one.", /^How tall/],
  });
});

describe("what a part is", () => {
  finds({
    "of a kind": ["The living part of a tree is a thin layer under the bark.", "What is the living part of a tree?", "a thin layer under the bark"],
  });
  neverAsks({
    "a judgement": ["The purpose of a horn is a mystery.", /mystery/],
    "one of several": ["The capital of trade was one of the richest towns.", /^What was the capital/],
  });
});

describe("signs, and what something is for", () => {
  finds({
    "of a thing": ["A red sky is a sign of good weather.", "What is a red sky a sign of?", "good weather"],
    "for a use": ["A commercial zone is for shops and offices.", "What is a commercial zone for?", "shops and offices"],
  });
  neverAsks({ "for sale": ["A small boat is for sale.", /for\?/], "for a person": ["A captain is for peace.", /for\?/] });
});

describe("a verb with its particle", () => {
  finds({
    "says enough for its object": ["The charcoal takes away bad smells.", "What does the charcoal take away?", "bad smells"],
  });
  neverAsks({ "is no idiom": ["The forests put on a show every autumn.", /^What do the forests put/] });
});

describe("what is told of a name in passing", () => {
  finds({
    "of the name, and not of its kind": [
      "Towns have a set of rules called zoning laws, which say how each piece of land may be used.",
      "What do zoning laws say?",
      "how each piece of land may be used",
    ],
  });
});

describe("what is found or told", () => {
  finds({
    "compared with other times": [
      "A study found that children smiled more when guinea pigs were in the classroom.",
      "What did a study find?",
      "that children smiled more when guinea pigs were in the classroom",
    ],
    "in what way": ["Nellie Bly's reports told how the patients were beaten.", "What did Nellie Bly's reports tell?", "how the patients were beaten"],
  });
});

describe("read as", () => {
  finds({
    "an opinion about a deed": [
      "Since it was not thought proper for women to sign their own names, Nellie Bly took the name Flint from a popular song.",
      "Where did Nellie Bly take the name Flint from?",
      "from a popular song",
    ],
    "washed again and again": [
      "Soft cheeses must be turned and washed several times a week because mould grows fast.",
      "According to the writer, why must soft cheeses be washed several times a week?",
      "because mould grows fast",
    ],
  });
  neverAsks({ "no washing by the cheese": ["Soft cheeses must be turned and washed several times a week.", /cheeses wash/] });
});
