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
    "that something is so": [
      "A pond without striders may be a sign that the water is polluted.",
      "What may a pond without striders be a sign of?",
      "that the water is polluted",
    ],
    "for a use": ["A commercial zone is for shops and offices.", "What is a commercial zone for?", "shops and offices"],
  });
  neverAsks({
    "a meaning": ["Fresh paint is a sign that the crew has worked.", /called|call |^What is fresh paint\?/],
    "for sale": ["A small boat is for sale.", /for\?/],
    "for a person": ["A captain is for peace.", /for\?/],
  });
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

describe("what keeps something from harm", () => {
  finds({
    "a part that it has": ["Many seeds have a hard coat that keeps them from drying out.", "What keeps many seeds from drying out?", "a hard coat"],
    "what it has on its shell": ["Grease on an egg would keep the color out.", "What would keep the color out?", "grease on an egg"],
  });
  neverAsks({ "what it owns besides": ["Camels have long lashes that protect their eyes.", /protects/] });
});

describe("what a step is for", () => {
  finds({
    "told by the next sentence": [
      "# Beans\n\n1. Soak the beans in water overnight. This softens their skin.\n2. Fold a towel.\n3. Pour in water.",
      "Why should you soak the beans in water overnight?",
      "because this softens their skin",
    ],
  });
  neverAsks({
    "how long it takes": ["# Beans\n\n1. Soak the beans in water. This takes a night.\n2. Fold a towel.\n3. Pour in water.", /^Why should you soak/],
    "whose is not known": ["# Beans\n\n1. Put the bean into water. This softens their skin.\n2. Fold a towel.\n3. Pour in water.", /^Why should you put/],
  });
});

describe("how often, about", () => {
  finds({
    "by a number": [
      "Old Faithful, the best known geyser, erupts about every ninety minutes.",
      "How often does Old Faithful erupt?",
      "about every ninety minutes",
    ],
  });
});

describe("what the next sentence takes up", () => {
  finds({
    "says which": ["The seeds of a poppy need a signal to wake up. That signal is rain.", "What signal do the seeds of a poppy need to wake up?", "rain"],
    "the best of what": ["Leaves with deep cuts make the prettiest prints.", "What makes the prettiest prints?", "leaves with deep cuts"],
  });
  neverAsks({
    "another of its name": ["The seeds of a poppy need a signal to wake up. Another signal is light.", /What signal/],
    "a judgement": ["The council has a plan for the marsh. The plan is a mistake.", /What plan/],
  });
});

describe("what is found or told", () => {
  finds({
    "by everybody in former times": [
      "For almost two thousand years, people believed that nature hated empty space.",
      "What did people believe for almost two thousand years?",
      "that nature hated empty space",
    ],
    "compared with other times": [
      "A study found that children smiled more when guinea pigs were in the classroom.",
      "What did a study find out about children?",
      "that children smiled more when guinea pigs were in the classroom",
    ],
    "in what way": ["Nellie Bly's reports told how the patients were beaten.", "What did Nellie Bly's reports tell?", "how the patients were beaten"],
  });
});

describe("read as", () => {
  finds({
    "what is found out": [
      "Ida Marrow first finds out whether the complaint is serious.",
      "What does Ida Marrow first find out?",
      "whether the complaint is serious",
    ],
    "spoken words": ["Lena Voss spoke with Ida Marrow.", "Who spoke with Ida Marrow?", "Lena Voss"],
    "an hour": ["The doors were locked at six o'clock in the evening.", "When were the doors locked?", "at six o'clock in the evening"],
    "where it comes from": ["A vane shows where the wind comes from.", "What does a vane show?", "where the wind comes from"],
    "what came of so much": [
      "The station used so much hot water that all the geysers of the valley died.",
      "Why did all the geysers of the valley die?",
      "because the station used so much hot water",
    ],
    "time spent on a deed": [
      "Karl Frisch spent decades working out what the dances mean.",
      "How long did Karl Frisch spend working out what the dances mean?",
      "decades",
    ],
    "minutes that are left": ["There are ten minutes left to eat in peace.", "How many minutes are left to eat in peace?", "ten"],
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
