import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("what a name stands for", () => {
  finds({
    "a place": ["Cordouan is a lighthouse at the mouth of a wide river in France.", "What is Cordouan?", "a lighthouse at the mouth of a wide river in France"],
    "a person": ["Ida Marrow was a keeper who drew the birds of the rock.", "Who was Ida Marrow?", "a keeper who drew the birds of the rock"],
    "a people": ["The Vikings were a people of sailors from the north.", "Who were the Vikings?", "a people of sailors from the north"],
  });
  neverAsks({
    "the only one of its kind": ["Skerry Bay is the oldest harbour on the coast.", /What is Skerry Bay/],
    "what was done, beside a name": ["The island was conquered by Rome, a conquest that took ten years.", /What (?:is|was) Rome/],
  });
});

describe("where, when and how long", () => {
  finds({
    "a named thing lies": ["Skerry Bay is located in a valley between two hills.", "Where is Skerry Bay located?", "in a valley between two hills"],
    "a place told twice": [
      "The keepers store their ropes in wooden boxes under the stairs.",
      "Where do the keepers store their ropes?",
      "in wooden boxes under the stairs",
    ],
    "a day": ["The harbour museum opened on 12 May 1931.", "When did the harbour museum open?", "on 12 May 1931"],
    "a year before Christ": [
      "The harbour of Skerry Bay was founded in the 3rd century BC.",
      "When was the harbour of Skerry Bay founded?",
      "in the 3rd century BC",
    ],
    "a year, of a long subject": ["Work on the new pier began in 1860.", "In what year did work on the new pier begin?", "1860"],
    "a length of time": ["It took Ida three years to finish the lens.", "How long did it take Ida to finish the lens?", "three years"],
    "by what": [
      "They made candles by dipping for hundreds of years. Keepers made candles by dipping for hundreds of years.",
      "How did keepers make candles?",
      "by dipping",
    ],
  });
});

describe("who did it and to what", () => {
  finds({
    "a people, in the passive": ["Skerry Bay was conquered by the Norse in the ninth century.", "Who conquered Skerry Bay in the ninth century?", "the Norse"],
    "a name that is a thing's": [
      "The 1848 Gold Rush brought thousands of sailors to the bay.",
      "What brought thousands of sailors to the bay?",
      "the 1848 Gold Rush",
    ],
    "of one verb of two": [
      "The miners dug a deep trench along the quay and built a brick tunnel under it.",
      "What did the miners dig along the quay?",
      "a deep trench",
    ],
    "with what belongs to the noun": ["The council dropped the old rule about the nets.", "What did the council drop?", "the old rule about the nets"],
  });
  neverAsks({
    "a mere number of people": ["A number of strict masters governed the town as a fortress.", /What did a number/],
    "examples said in passing": ["Deep harbours, such as Skerry Bay, stay open in winter and shelter the fleet.", /What such as/],
    "a time that does something": ["Twenty minutes with a good book every evening helps more than a page of sums.", /every evening help/],
  });
});

describe("what is to be done", () => {
  finds({
    "for an aim": ["- To open the hatch, turn the iron wheel.", "What should you do to open the hatch?", "turn the iron wheel"],
    "on an occasion": ["- Close the valve when you have filled the tank.", "When should you close the valve?", "when you have filled the tank"],
    "with what the command names": ["- Cover the lens when you are not using it.", "When should you cover the lens?", "when you are not using the lens"],
    "by duty": [
      "The school stands on the quay. Its bell is old. Its roof is flat. Its door is green. If the alarm rings, pupils must leave by the nearest door.",
      "What must pupils do if the alarm rings?",
      "leave by the nearest door",
    ],
    "as a method": ["A good method for keeping a rope dry is to hang it on a hook.", "What is a good method for keeping a rope dry?", "to hang it on a hook"],
  });
});

describe("what somebody is let do, and what becomes of things", () => {
  finds({
    "are held to be": [
      "The islanders are considered to be the best rowers of the coast.",
      "What are the islanders considered to be?",
      "the best rowers of the coast",
    ],
    "was used to": ["The old bell was used to warn the fishing boats.", "What was the old bell used for?", "to warn the fishing boats"],
    "in several ways": ["Taxes are used to mend the quay and to pay the pilots.", "What are taxes used for?", "to mend the quay and to pay the pilots"],
    "is not allowed": [
      "The harbour master did not allow the crews to sell fish on the quay.",
      "What did the harbour master not allow the crews to do?",
      "sell fish on the quay",
    ],
    became: ["Skerry Bay became a centre of the herring trade.", "What did Skerry Bay become?", "a centre of the herring trade"],
    "turned into, with an object": [
      "The cold air turns the water vapour back into tiny drops.",
      "What does the cold air turn the water vapour back into?",
      "tiny drops",
    ],
  });
});

describe("several verbs of one subject", () => {
  finds({
    "with a way in front": [
      "By trimming the wick, keepers saved oil and kept the glass clean.",
      "How did keepers save oil and keep the glass clean?",
      "by trimming the wick",
    ],
    "with a condition in front": ["If the rope is wet, the knot may slip and open.", "What may happen if the rope is wet?", "the knot may slip and open"],
    "and a pronoun in front": [
      "When he reached the rock, Thomas Marrow lit the lamp and rang the bell.",
      "What did Thomas Marrow do when he reached the rock?",
      "Thomas Marrow lit the lamp and rang the bell",
    ],
  });
});

describe("pronouns that might mean another", () => {
  neverAsks({
    "whoever is spoken of": [
      "Scientists think that puffins use the stars to steer. On cloudy nights, they may follow the coast.",
      /scientists (?:may )?follow/i,
    ],
    "two things beside an and": ["Long before cans were invented, people rubbed salt into meat and fish to stop them from rotting.", /stop cans/],
    "a machine whose name is also a person's": [
      "You need not copy these files on a home computer. If you are running a server, you should copy the files for the services that it is running.",
      /home computer is running/,
    ],
  });
});
