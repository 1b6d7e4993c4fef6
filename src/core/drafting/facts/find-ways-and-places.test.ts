import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("where something goes on", () => {
  finds({
    "a clause": ["Most earthquakes occur where two plates meet.", "Where do most earthquakes occur?", "where two plates meet"],
    "only there": [
      "The cacao tree grows only in hot, rainy places close to the equator.",
      "Where does the cacao tree grow?",
      "only in hot, rainy places close to the equator",
    ],
    "a building by its second sense": ["Alum is sold in pharmacies.", "Where is alum sold?", "in pharmacies"],
    "where it is sent": ["A bill that passes is sent to a committee.", "Where is a bill that passes sent?", "to a committee"],
    "a side of a whole": ["A second bulge forms on the far side of the Earth.", "Where does a second bulge form?", "on the far side of the Earth"],
  });
  neverAsks({
    "what is known of a place": ["Every pilot knows where the old wreck lies.", /^Where/],
    "places that are no answer": ["The smugglers were hidden in strange places.", /^Where/],
    "a home for whom": ["Young sailors without a ship were sent to a home for boys.", /sent for boys/],
  });
});

describe("in what way", () => {
  finds({
    "through a part of the body": ["Frogs drink through their skin.", "How do frogs drink?", "through their skin"],
    "as what it is shown": ["A cold front is drawn as a line with blue triangles.", "How is a cold front drawn?", "as a line with blue triangles"],
  });
  neverAsks({ "what it passes": ["Sound travels through air at the same speed.", /^How does sound travel/] });
});

describe("two that are compared", () => {
  finds({
    "by a quality": ["Wet rope is harder to untie than dry rope.", "Which is harder to untie: dry rope or wet rope?", "wet rope"],
    "by an amount": ["Warm air can hold more vapour than cold air.", "Which can hold more vapour: cold air or warm air?", "warm air"],
    "without how much": ["The sun is far larger than the moon.", "Which is larger: the moon or the sun?", "the sun"],
  });
  neverAsks({
    "persons and things": ["A keeper is taller than a barrel.", /^Which is taller/],
    "a thing and what everybody expected": ["The storm was worse than they had expected.", /^Which was worse/],
  });
});

describe("what belongs to a quality, a right or a verb", () => {
  finds({
    "good for": ["A high ratio is good for going fast on level ground.", "What is a high ratio good for?", "going fast on level ground"],
    "a right to": ["Every child has a right to a name.", "What does every child have a right to?", "a name"],
    "the power to": ["The council had the power to dissolve the guild.", "What did the council have the power to do?", "dissolve the guild"],
    "people of a sort": ["Search dogs look for people who are lost under the snow.", "Who do search dogs look for?", "people who are lost under the snow"],
  });
  neverAsks({
    "two rights, each of them an answer": ["Every child has a right to a name. Every child has the right to go to school.", /have (?:a|the) right/],
    "a verb of three words": ["A rider may run out of strength on a hill.", /run (?:out )?on/],
  });
});

describe("what is promised or cannot be known", () => {
  finds({
    promised: [
      "Ranchers around the park were promised that they would be paid for every sheep.",
      "What were ranchers around the park promised?",
      "that they would be paid for every sheep",
    ],
    "what nobody can tell": [
      "Nobody can predict exactly when an earthquake will strike.",
      "What can nobody predict exactly?",
      "when an earthquake will strike",
    ],
  });
  neverAsks({ "what nobody knew, which is much": ["Nobody knew why the cure worked.", /^What did nobody know/] });
});

describe("what one sentence announces and the next tells", () => {
  finds({
    "with a pronoun": ["Soap has one weakness. In hard water it forms a grey scum.", "What weakness does soap have?", "in hard water it forms a grey scum"],
    "of what it has": ["The lamp had a serious fault. Its wick burned unevenly.", "What serious fault did the lamp have?", "its wick burned unevenly"],
  });
  neverAsks({
    "something else": ["Soap has one weakness. But people still buy it.", /What weakness/],
    "several at once": ["Wind power has several advantages. It is clean.", /advantage/],
  });
});

describe("what a longer sentence is cut for", () => {
  finds({
    "a reason behind what has to be done": [
      "Bridges have to be looked after because salt eats the steel.",
      "Why do bridges have to be looked after?",
      "because salt eats the steel",
    ],
    "a reason behind a thing with a clause of its own": [
      "Do not use wood that has been treated, since the fumes harm the chicks.",
      "Why should you not use wood that has been treated?",
      "because the fumes harm the chicks",
    ],
    "a purpose that takes up what the question names": [
      "The Romans counted the citizens in order to tax them.",
      "Why did the Romans count the citizens?",
      "in order to tax them",
    ],
    "what a command went before": [
      "Hang the box above the ground. If it faces south, the chicks may overheat.",
      "What may happen if the box faces south?",
      "the chicks may overheat",
    ],
  });
  neverAsks({
    "two things that a command names": ["Put the oil and the salt in a pan. If it smokes, the pan is too hot.", /if the (?:oil|salt|pan) smokes/],
    "a horn of which a council speaks": ["The horn is old. The council says that ships no longer need it.", /^What does the council say/],
  });
});

describe("prices, places to raise young, and what some of a trade believe", () => {
  finds({
    "a price": ["The company charges 3.80 for each meal.", "How much does the company charge for each meal?", "3.80"],
    "given for a deed": [
      "A nest box gives small birds a dry, safe place to raise their young.",
      "What does a nest box give small birds?",
      "a dry, safe place to raise their young",
    ],
    "some biologists": [
      "Some biologists believe that red works as a screen and protects the leaf.",
      "What do some biologists believe about red?",
      "that red works as a screen and protects the leaf",
    ],
    "by what one goes": ["Young puffins steer by the light of the moon.", "How do young puffins steer?", "by the light of the moon"],
    "how often, by a number": ["The horn sounds every thirty seconds.", "How often does the horn sound?", "every thirty seconds"],
  });
  neverAsks({
    "some who are not alone": [
      "Some biologists believe that red protects the leaf. Other biologists believe that it warns insects.",
      /^What do some biologists believe/,
    ],
    "coins that are counted": ["A meal costs two pounds.", /^How much does a meal cost/],
  });
});
