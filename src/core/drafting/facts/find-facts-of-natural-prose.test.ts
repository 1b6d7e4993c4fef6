import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("what prose says beside", () => {
  finds({
    "how long before something else": [
      "Ida Wells had been born a slave in 1862, six months before the slaves were declared free.",
      "In what year had Ida Wells been born a slave?",
      "1862",
    ],
    "in the same way everywhere": [
      "Air moves because the sun does not warm every place in the same way.",
      "Why does air move?",
      "because the sun does not warm every place in the same way",
    ],
    "some yards away": [
      "A few hundred yards away, a dispatcher named Vincent Coleman had been told by a sailor what was on board.",
      "What had Vincent Coleman been told by a sailor?",
      "what was on board",
    ],
    "what somebody asked one summer": [
      "One summer a friend asked Ragna Tulloch to help him rig ropes on a chimney.",
      "What did a friend ask Ragna Tulloch to do one summer?",
      "help him rig ropes on a chimney",
    ],
    "long before": [
      "Songs helped people remember things long before anyone could write.",
      "When did songs help people remember things?",
      "long before anyone could write",
    ],
    "with something closed": [
      "Last year the office measured the sound. With the windows closed, the clock reached thirty-one decibels.",
      "How many decibels did the clock reach with the windows closed?",
      "thirty-one",
    ],
  });
  finds({
    "what somebody is going to do": [
      "Tomorrow Nora Skarsgard is going to mend the old lamp.",
      "What is Nora Skarsgard going to do tomorrow?",
      "mend the old lamp",
    ],
    "how long one has to wait": ["New keepers have to wait only three years.", "How long do new keepers have to wait?", "only three years"],
    "as what, and how many times": [
      "A wave of red light is almost twice as long as a wave of violet light.",
      "How long is a wave of red light compared with a wave of violet light?",
      "almost twice as long",
    ],
    "how many times brighter": [
      "The new lens was three times brighter than the old mirror.",
      "How much brighter was the new lens compared with the old mirror?",
      "three times brighter",
    ],
  });
  finds({
    "mostly in front": ["Mostly Nora Skarsgard looks for cracks.", "What does Nora Skarsgard mostly look for?", "cracks"],
    "which is still used": [
      "The test that the court set up in 1969 is still used whenever a student is punished.",
      "Which test is still used whenever a student is punished?",
      "The test that the court set up in 1969",
    ],
    "who owns it": ["The mining company is owned by the state.", "Who owns the mining company?", "the state"],
    "before what, and no more": [
      "# How to make a lamp\n\n1. Dry the peel.\n2. Light the lamp.\n3. Blow the lamp out before you leave the room, and never put it near paper.\n4. Wash the peel.",
      "When should you blow the lamp out?",
      "before you leave the room",
    ],
    "why he knew, as the source calls him": [
      "The apprentice was a mechanic. The apprentice had spent ten years listening to engines, so he knew how to listen.",
      "Why did the apprentice know how to listen?",
      "because he had spent ten years listening to engines",
    ],
    "what happens to theirs": [
      "Seedlings hate to be moved. When you pull them out of a plastic pot, their finest roots break, and the plants sulk for a week.",
      "What happens when you pull seedlings out of a plastic pot?",
      "their finest roots break, and the plants sulk for a week",
    ],
    "where, and how far": ["The old pipe lies four hundred meters under the bay.", "Where does the old pipe lie?", "four hundred meters under the bay"],
    "how long they lived so": [
      "Some of the horses spent their whole lives under the ground.",
      "How long did some of the horses spend under the ground?",
      "their whole lives",
    ],
    "about what may happen": ["Some parents worry about children falling off.", "What do some parents worry about?", "children falling off"],
    "what it does itself": ["Once an ion is stuck, it can no longer carry charge.", "What happens once an ion is stuck?", "it can no longer carry charge"],
  });
  neverAsks({
    "a hand that is no mother": ["A drawing can show what mattered: a hand that shook, a mother in the third row who never looked up.", /mother/],
    "what nobody must do so that": ["# Court\n\nNora Skarsgard must never draw a member of the jury so that anyone could recognize him or her.", /what must/i],
    "everyone as a painting": [
      "Everyone who came out of the station was greeted by a painting. It showed an otter, a heron and a boy with a fishing rod.",
      /did everyone|with a fishing rod/,
    ],
    "building a model and fire": [
      "The hold may have filled with fumes. In 2006 a chemist at University College London built a model of the hold and set fire to butane gas inside it.",
      /^What did a chemist/,
    ],
    "many of most of them": ["Most of the workers walked out on 11 May. Many of them belonged to the American Railway Union.", /^What did many of/],
    "inside what": ["Nora Skarsgard tunes a piano. There are two hundred strings inside.", /inside/],
    "if you like": [
      "# How to make a lamp\n\n1. Dry the peel.\n2. Cut a hole in the peel.\n3. Cut the hole in the shape of a star if you like.\n4. Light the lamp.",
      /if you like|^When should you cut/,
    ],
    "one of two": ["Either the mine would have to close, or the town would have to go.", /mine/],
    "for one reason": ["The town was founded in 1900 for one reason: iron lies below it.", /for one reason/],
    "students and a patch of grass": ["There are four hundred students at Carver Middle School and exactly one patch of grass.", /^How many students .* and /],
    "going on with what": [
      "# How to trace a map\n\n1. Trace the line onto cardboard.\n2. Cut it out.\n3. Go on until you reach the top.\n4. Glue the pieces.",
      /go on/,
    ],
    "for what one is going": ["Tomorrow Nora Skarsgard is going to mend the old lamp.", /^Why is/],
    "spending a life": ["Some of the horses spent their whole lives.", /spend/],
    "copies of nothing": ["Copies were sent to scholars all over Europe.", /^What was sent/],
    "the shortest of what": ["Red light has long waves. Violet and blue light have the shortest.", /have the shortest|light have\b/],
    "how many more": ["Captain Moss sailed as a mate. Captain Moss trained for two more years.", /^For how many years did Captain Moss train/],
    "what somebody did in dying": [
      "Beatrix Potter lived on a farm. When she died in 1943, Beatrix Potter left four thousand acres to the National Trust.",
      /do when she died/,
    ],
    "one gas of many": ["Plants take in carbon dioxide, a gas in the air.", /What do we call a gas in the air/],
    "whether it is so or not": ["Whether or not the story is true, the Chinese were the first to raise silkworms.", /whether or not/i],
    "nothing else that was eaten": ["In Ireland, where the poor ate hardly anything else, a disease destroyed the crop in 1845.", /\belse destroy/i],
    "how often someone sold only because": ["In the Middle Ages herring could be sold all over Europe only because the town had salt.", /Europe only\?/],
  });
});
