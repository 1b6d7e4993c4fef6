import { describe, expect, it } from "vitest";
import { rankedCandidates } from "@/core/drafting/candidates";
import { analyse } from "../support/language-tools";

/** Every stem with its key that the engine would show for a text. */
function shown(text: string): string[] {
  return rankedCandidates(analyse(text, "markdown"), 1).map(({ candidate: { stem, key } }) => `${stem} = ${key}`);
}

/** What was drafted wrongly from prose that the engine had not seen: the words of the source, and what must never come of them again. */
const FAULTS: Record<string, Record<string, [text: string, never: RegExp]>> = {
  "taken for another": {
    "a climber for the rule": [
      "# Walking times\n\nCount the marks on the map. Add one hour for every six hundred metres of climbing. This rule was worked out by William Naismith, a Scottish climber, in 1892, and walkers still use it today.",
      /uses? the Scottish climber/,
    ],
    "one story for what was learned": [
      "# The Silk Road\n\nThe art of making paper spread to the west. According to one story, Arab soldiers learned it from Chinese papermakers whom they had captured in the year 751.",
      /learned? one story/,
    ],
    "truth for light": ["# Cats\n\nThe eyes of a cat seem to glow. In truth they produce no light at all. They only reflect it.", /truth/],
    "enough calcium for calcium": [
      "# Bones\n\nBones store calcium, a mineral that muscles need. If you do not eat enough calcium, your body takes it from your bones.",
      /takes enough/,
    ],
    "a boy for a woman": [
      "# The wind\n\nEmre hated noses. “Paint what it touches,” said the woman to Emre. When she had gone, Emre sat on the wall until evening.",
      /when (?:she|Emre) had gone/,
    ],
    "the dog for what happened": [
      "# Two letters\n\nDear Editor,\n\nLast Sunday my little brother was knocked over by a dog in Lime Park. The owner laughed and said that the dog only wanted to play. My brother did not think it was funny.\n\nHugo Lindqvist\n\nDear Editor,\n\nMy dog is old.\n\nAnders Moe",
      /dog (?:was|is) funny|What knocked the writer/,
    ],
    "the books for nobody knows what": [
      "# Books\n\nA monk could copy four pages a day, so a Bible took him a year. Books were so valuable that libraries chained them to the desks.",
      /chain(?:ed)? them/,
    ],
    "a son for his father": [
      "# The bridge\n\nJohn Roebling drew the bridge. John Roebling died in 1869. His son Washington Roebling took over. Washington Roebling fell ill. He watched the bridge through a telescope.",
      /John Roebling watch/,
    ],
    "those who use them for what is used": [
      "# Break the cup habit\n\nEvery day the town throws away 4,000 paper cups. I think that cafés in Skerry Bay should stop using them.",
      /stop using them/,
    ],
  },
  "read wrongly": {
    "a relative clause for what is taught": [
      "# Cooking\n\nCooking saves money. Cooking also teaches subjects that pupils often find dull.",
      /= That pupils often find dull/,
    ],
    "a likeness for a time": [
      "# Octopuses\n\nAn octopus has other tricks. Some species can drop an arm, much as a lizard drops its tail.",
      /What happens as|an arm, much/,
    ],
    "an amount for a clause": ["# Play\n\nDoctors recommend at least sixty minutes of active play a day.", /= That at least/],
    "a gift for a promise": [
      "# The comet\n\nThe king of Denmark had promised a gold medal to whoever first discovered a comet with a telescope.",
      /= That a gold medal/,
    ],
    "a Sunday for what it costs": [
      "# The library\n\nThe librarian has worked out the figures. Four hours every Sunday would cost 9,800 euros a year.",
      /^Every Sunday would|would every Sunday/m,
    ],
    "a century for a title": ["# Chocolate\n\nIn the sixteenth century Spanish ships carried cacao to Europe.", /century Spanish\b/],
    "a deck for a subject": [
      "# Pirates\n\nOn board a pirate ship around 1720, the crew had more rights than most citizens of Europe.",
      /pirate ship around 1720 had/,
    ],
    "rules for whoever made them": [
      "# Pirates\n\nEach man signed a set of rules. The articles of Bartholomew Roberts, who captured more than four hundred ships, have survived.",
      /articles[^?]* capture/,
    ],
    "how tall for how": ["# Codes\n\nThe codebreakers were helped by machines as tall as a wardrobe.", /codebreakers as tall/],
    "a stop for a no": [
      "Reporter: Do you fly the plane yourself?\n\nDr Yusuf: No, I have a pilot. His name is Josh.\n\nReporter: What do you do when it rains?\n\nDr Yusuf: We wait for the sun.",
      /pilot no\b/,
    ],
    "a while for a thing": [
      "# The purr\n\nA purr is a sound. Because the muscles work while the cat breathes in and while it breathes out, the sound hardly stops.",
      /work while(?:"|$)|breathe in\?/m,
    ],
  },
  "said more, or less, than the source": {
    "or told as and": [
      "# Bills\n\nA bill becomes a law when it is signed. If a law turns out to be unfair or impractical, parliament can amend or repeal it.",
      /amend and repeal/,
    ],
    "never again told as never": [
      "# Ada Lovelace\n\nAda Lovelace was born in London in 1815. Her father was the poet Lord Byron, who left the family when Ada was only a few weeks old and never saw her again.",
      /never saw (?:Ada|her)(?: Lovelace)?\. = true/,
    ],
    "a whole sentence's which as a place's": [
      "# Tea\n\nThis law allowed the East India Company to sell its tea directly in the colonies, which made the tea cheaper than smuggled tea.",
      /colonies made/,
    ],
    "accused without of what": ["# Trials\n\nWhen a person is accused of a crime, the case is heard in a criminal court.", /accused[?.]| accused\b(?! of)/],
    "words that two persons say": [
      "# The weaver\n\nTomas was a merchant. “How much do you want?” asked Tomas. “It is not for sale,” the weaver replied. Tomas worked for a month. “What will you ask for it?” said the weaver. “It is not for sale,” he answered.",
      /Who in the story says: “It is not for sale/,
    ],
    "how much was sent in": [
      "# The statue\n\nThe newspaper promised to print every name. Within five months more than 120,000 people had sent in about 100,000 dollars.",
      /In how many dollars/,
    ],
    "torn times": ["# A nesting box\n\nThin wood gets too hot in summer and too cold in winter.", /too cold\?/],
    "a case that was supposed": [
      "# Inflation\n\nIf a central bank raises the rate, loans become more expensive. Families then buy fewer houses and cars.",
      /fewer houses/,
    ],
  },
};

for (const [sort, faults] of Object.entries(FAULTS))
  describe(sort, () => {
    for (const [name, [text, never]] of Object.entries(faults))
      it(name, () => {
        const drafts = shown(text);
        expect(drafts.filter((draft) => never.test(draft))).toEqual([]);
      });
  });

it("something is drafted from most of these texts, so that they can be wrong at all", () => {
  const texts = Object.values(FAULTS).flatMap((faults) => Object.values(faults).map(([text]) => text));
  expect(texts.filter((text) => shown(text).length > 0).length).toBeGreaterThan(texts.length * 0.7);
});
