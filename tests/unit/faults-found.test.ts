import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from prose that the engine had not seen. */
neverDrafts({
  "taken for another": {
    "a penny for what it was paid to see": [
      "# The tunnel\n\nThe tunnel had been planned for carts, but there was no money left for ramps, and so it became a street of stalls. They paid a penny each. In 1865 a railway company bought it.",
      /penny/,
    ],
    "the cold for the sugar that it slows": ["# Leaves\n\nSun makes sugar, and cold slows its journey out of the leaf.", /[Cc]old slows? its|its journey/],
    "a barrel for the rain that it collects": [
      "# Water\n\nRain costs nothing. Put a barrel under the gutter to collect it, and cover the barrel so that no insects get in.",
      /[Tt]o collect it/,
    ],
    "a council for the horn that it speaks of": [
      "# The horn\n\nThe horn has sounded for ninety years. The council says that modern ships no longer need it.",
      /no longer need it/,
    ],
    "miners for what they stand in": [
      "# The shield\n\nThe shield had thirty-six cells. The miners dug out a few inches of clay in front of them.",
      /in front of the (?:thirty-six )?cells/,
    ],
    "water for its channel": [
      "# Channels\n\nFor this reason the channel had to slope downward all the way, but only very slightly. If it was too steep, the rushing water would damage the stone.",
      /damage the stone if it/,
    ],
    "the end of a month for somebody": ["# The role\n\nOda Berg was confirmed for the role by the end of the month.", /^Wh(?:at|o) confirmed/m],
    "a book for any of them": ["# Books\n\nA single Bible kept a monk busy for more than a year, and it cost as much as a small farm.", /[Tt]he single Bible/],
    "a hive for its honey": [
      "How much honey do you get? A good hive gives about thirty kilograms a year. I never take all of it, because the bees need about half to survive the winter.",
      /all of the (?:good )?hive/,
    ],
    "a state for a suburb": [
      "The Marsh District in Houston, Texas, United States, an old suburb of painters, is named after Berg.",
      /What is (?:the )?United States/,
    ],
    "a person for an act between two": ["Contact between Selm and Brandt resulted in several errors in the list.", /Who resulted/],
    "an end for its own": [
      "What has moved? The weather in many northern countries has moved too close for comfort to a storm at the other end.",
      /at the other end/,
    ],
    "a land for the work with it": ["# Aid\n\nThey will resume their work with Norway, which was stopped by a storm.", /Norway was stopped/],
    "a giver for whom he gives": [
      "# The canal\n\nFerdinand Brandt had served in Selm. He drew a canal. He asked for leave. When Osric became ruler of Selm in 1854, he gave Brandt permission to form a company.",
      /Brandt gave/,
    ],
    "some fun for a walk": ["# Days out\n\nChoose a walk with some fun in it.", /in some fun/],
    "algae for those they live in": [
      "# Coral\n\nPolyps are animals. Inside their tissues live small algae, which use sunlight.",
      /live inside their|Inside their/,
    ],
    "unions for what they were promised": [
      "# Pay\n\nUnions agreed to lower their claims, in exchange for reduced hours and improved prospects for the future.",
      /unions improved?/i,
    ],
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
    "a waste for what a way is to": [
      "# Pay\n\nStrong firms like Berg see higher pay as the smart way to raise output and reduce waste.",
      /= Waste$|firms like Berg reduce/m,
    ],
    "the first of its sort for a place": ["Skerry Bay passed the first municipal law on nets in the whole country.", /pass on nets/],
    "a name that had something": ["The arrival of convoy HX 79 in the bay had diverted the fishing boats.", /in the bay had\b/],
    "what is kept for what it is subject to": [
      "Banks in Norway retain the right to print their own notes, subject to keeping enough gold in the cellar to cover their value.",
      /retain to keeping/,
    ],
    "a doer inside what is divided": ["# The harbour\n\nThe harbour is divided into two basins by a wall.", /= Two basins by a wall/],
    "a deed for what somebody was": ["# Dan Marsh\n\nDan Marsh was killed last month fighting the sea in Bergen.", /What was Dan Marsh|Who was Dan Marsh/],
    "a purpose for what was refused": ["# Rules\n\nThe board cited the letter as evidence of Berg's refusal to follow the rules.", /= To follow the rules/],
    "a purpose for what one is moved to": ["# Lenses\n\nStrong lenses enable scientists to discover new stars.", /Why do strong lenses/],
    "a purpose for a chance": ["# The choir\n\nThe singers were given the opportunity to tell their side of the story.", /Why were the singers given/],
    "a purpose for the only one": ["# Queens\n\nLike Queen Oda, the only woman to rule the island, Queen Berta built a harbour.", /= To rule the island/],
    "a thing done for a happening": [
      "# The party\n\nWhen the army took the town, the party had no more than a thousand members.",
      /What happened when the army/,
    ],
    "a name for whatever is the only one": [
      "# The hall\n\nThe only light is a gloomy blue that falls through a few high windows.",
      /called the only light|What do we call a gloomy/,
    ],
    "better for something done": ["# Pairs\n\nSome pairs do better if work is kept out of the house.", /Some pairs better/],
    "suit for a thing": ["# Ships\n\nTwo more ships will follow suit in the coming months.", /What will two more ships follow|= In the coming months/],
    "a date for a crew": [
      "# The patrol\n\nOn the evening of February 2, 2000, Officers Ola Berg and Gary Marsh were walking along the quay.",
      /2000, Officers/,
    ],
    "by vote for a doer": ["# Elections\n\nMembers are elected by single vote in small wards that choose three of them.", /What elects|Who elects/],
    "the second deed for what is monitored": [
      "# The count\n\nObservers would be needed for two weeks in order to monitor and verify the count.",
      /would verify|to monitor\./,
    ],
    "help for found": ["# Selm\n\nIn 1854 Berg helped found the town of Selm.", /helped find/],
    "white bleaching": ["# Coral\n\nWithout algae, the coral turns white, a process known as bleaching.", /white bleaching/],
    "a step for what somebody became": ["# Flight\n\nOn August 1, 1911, Oda Brandt became the first woman to earn a licence.", /become to earn/],
    "a lamp for an angle": ["# Weirs\n\nThe gates crack open in the middle of the weir.", /crack closed/],
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
    "an example for what is asked": ["# Circuits\n\nEvery circuit needs a source of energy, such as a battery.", /need such as/],
    "one of two that are needed": ["# Circuits\n\nEvery circuit needs a battery. Every circuit needs a path.", /What does every circuit need/],
    "what is so for what happens": ["# Frogs\n\nA frog does not look like its parents when it is born.", /What happens when a frog is born/],
    "what one thinks of for what happens": ["# Sand\n\nWhen people think of the desert, they imagine endless waves of sand.", /What happens when people think/],
    "half a reason": [
      "# Spring\n\nBecause of the bad weather with strong winds, Skerry Bay is having a slow spring.",
      /= Because of the bad weather$|spring with strong winds/m,
    ],
    "only when told as when": ["# Bees\n\nBees sting only when they think that the hive is in danger.", /What happens when bees think/],
    "no longer afraid told as afraid": ["# Berg\n\nOda Berg kept bees. After a week Oda Berg was no longer afraid.", /feel no longer/],
    "not only without its but": ["# Causes\n\nThe causes of rust are not only salt and rain, but can also include the wrong paint.", /not only(?!.*\bbut\b)/],
    "an age at one time": ["# Oda\n\nOda Berg was killed in a fall. She was thirty-seven years old.", /was (?:twenty|thirty|forty)-\w+ years old\. = false/],
    "who is to be encouraged told as what to do": [
      "# Guilds\n\nThe guilds must be encouraged, as more work will strengthen the town.",
      /What must the guilds do/,
    ],
    "a name's lower end": ["# Recent years\n\nIn recent years, the town has grown quickly along the western quay.", /= In recent years/],
    "what the readers are told to do together": ["# The plan\n\nLet’s sit down together and draw a map of the bay.", /^Let/m],
    "all of several": ["# Signs\n\nHe had thousands of signs, and nobody could remember them all.", /signs all\b/],
    "anyone for it": ["# Juries\n\nAnyone who ignores a summons can be fined.", /= It can be fined/],
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
});
