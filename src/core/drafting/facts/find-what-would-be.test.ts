import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("what would be", () => {
  finds({
    "if there were something": [
      "If there were time for everyone, nobody would need to push.",
      "What would happen if there were time for everyone?",
      "nobody would need to push",
    ],
    "if something failed": [
      "If machines failed, the frozen ground would keep the seeds cold for years.",
      "What would happen if machines failed?",
      "the frozen ground would keep the seeds cold for years",
    ],
    "with the second thing that hangs on it": [
      "If machines failed, lamps would go out and ships would run aground.",
      "What would happen if machines failed?",
      "lamps would go out and ships would run aground",
    ],
    "with the second deed of the same one": [
      "If you hurry, you mend what is easy and you miss what is important.",
      "What happens if you hurry?",
      "you mend what is easy and you miss what is important",
    ],
    "in the words of the text": [
      "# An octopus\n\nAn octopus has no bones. If the beak of an octopus fits through a gap, the rest of the animal can follow.",
      "What happens if the beak of an octopus fits through a gap?",
      "the rest of the animal can follow",
    ],
  });
  neverAsks({
    "what nobody may do": ["When it rains, nobody may play football.", /^What may happen/],
    "what was before": ["When our eyes look red, the flash has lit up the vessels.", /^What happens when our eyes/],
  });
});

describe("those who do something", () => {
  finds({
    "to whom a thing belonged": [
      "# The vote\n\nEvery vote is a choice. When parliaments grew up in Europe, the vote belonged to those who owned land.",
      "Who did the vote belong to when parliaments grew up in Europe?",
      "those who owned land",
    ],
    "what they may lose": ["Those who stayed learned to farm in a different way.", "What did those who stayed learn to do?", "farm in a different way"],
  });
  neverAsks({ "those that were named before": ["These apples keep well, and those rot.", /\bthose\b/] });
});

describe("what somebody holds or says, told whole", () => {
  finds({
    "what a word means": ['In the forecast there are fixed words. "Later" means after twelve hours.', "What does “Later” mean?", "after twelve hours"],
    "a comparison that somebody worries about": [
      "Some teachers worry that a longer break means a longer day.",
      "What do some teachers worry about?",
      "that a longer break means a longer day",
    ],
    "a pronoun for one of two things that it names": [
      "Doctors at the clinic say that the stomach needs twenty minutes to tell the brain that it is full.",
      "What do doctors at the clinic say about the stomach?",
      "that the stomach needs twenty minutes to tell the brain that it is full",
    ],
    "when something goes on": ["Turn off the tap while you brush your teeth.", "When should you turn off the tap?", "while you brush your teeth"],
  });
});
