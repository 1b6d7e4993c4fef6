import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from passages that were written as prose comes, without a look at what can be read. */
neverDrafts({
  "of how it is read": {
    "the dispatcher that named somebody": [
      "# The ship\n\nA few hundred yards away, a railway dispatcher named Vincent Coleman had been told by a sailor what was on board.",
      /dispatcher name\b/,
    ],
    "long, torn from its before": ["# Songs\n\nSongs helped people remember things long before anyone could write.", /things long\?/],
    "before long": ["# Mushrooms\n\nBefore long, Beatrix Potter wanted to know how mushrooms grow.", /\blong\?/],
    "a time that stands between the ask and the asked": [
      "# A painter\n\nOne summer a friend asked Ragna Tulloch to help him rig ropes on a chimney.",
      /Tulloch one summer to do/,
    ],
    "in front of the him": ["# Marbles\n\nTomas sat by the wall. Tomas had no other marble. Tomas looked at the heap of marbles in front of him.", /the him\b/],
    "marbles that spring": [
      "# Marbles\n\nEverybody at Quayside School played marbles that spring, and nobody played better than Oona Flett. She smiled. “Well played,” he said.",
      /= Marbles that spring/,
    ],
    "windows, without what they were": [
      "# The clock\n\nLast year the office measured the sound. With the windows closed, the clock reached thirty-one decibels.",
      /with the windows\?/,
    ],
    "a night when it may happen": [
      "# The pilot\n\nRobert Smalls planned the escape for months. Then he waited for a night when the white officers would sleep ashore.",
      /do when the white officers/,
    ],
    "where forts lie, as where somebody was hired": [
      "# The pilot\n\nRobert Smalls was born into slavery in Beaufort in 1839. In 1861 the Confederate navy hired him to steer the Planter, a fast steamer that carried guns and supplies between the forts around Charleston.",
      /around Charleston in 1861/,
    ],
    "so, in front of when": [
      "# The postman\n\nFerdinand Cheval built a palace. So, at seventy-eight, Ferdinand Cheval started over and built a tomb in the village cemetery.",
      /\bso at seventy-eight/,
    ],
  },
  "of what is not said": {
    "what is only supposed": [
      "# Land\n\nImagine that your family has farmed the same land for years. One day a letter arrives. The state plans to build a highway, and the highway will run straight through your barn.",
      /state plan|letter arrives/,
    ],
    "another number of votes": ["# A case\n\nSusette Kelo sued. By five votes to four, the court disagreed.", /three votes to four|six votes to four/],
    "whose size it is": [
      "# Candy\n\nPour the syrup into the jar. Hang the stick in it. When you are happy with their size, lift the stick out.",
      /happy with their size/,
    ],
    "whose skin it is": ["# Zebras\n\nHorseflies bite. Zebras have short, thin hair, so biting flies can easily reach their skin.", /reach their skin/],
    "one of the ideas": ["# Zebras\n\nAll of these ideas sound reasonable. The ideas fail. One idea, however, keeps passing its tests.", /does one idea/],
    "what is not done at all": [
      "# Courts\n\nIn some other democracies, such as the Netherlands, judges are not allowed to test laws against the constitution at all.",
      /= Test laws against the constitution at all/,
    ],
    "which gap": [
      "# Wind\n\nThe land cools down faster than the sea. The air over the sea rises, and air from the land flows out to fill the gap.",
      /= To fill the gap/,
    ],
  },
  "of whoever tells it": {
    "his own boots": [
      "# The Night of the Hive\n\nThe summer I turned ten, my grandfather gave me a hive.\n\n“They're yours now,” he said. “You have to tell them.”\n\nI thought he was joking, but he wasn't. So every evening I knocked three times on the lid. I told the bees that I had lost a tooth.\n\nIn September my grandfather fell from a ladder. I sat on the stairs until it was dark. I put on his rubber boots, which came up to my knees, and took the flashlight. I found the lid in the nettles. I carried it back, set it in its place, and laid two bricks on top.\n\n“You told them,” he said.",
      /putting on his rubber boots/,
    ],
    "what somebody thought, and what was so": [
      "# The Night of the Hive\n\nThe summer I turned ten, my grandfather gave me a hive.\n\n“They're yours now,” he said. “You have to tell them.”\n\nI thought he was joking, but he wasn't. So every evening I knocked three times on the lid. I told the bees that I had lost a tooth.\n\nIn September my grandfather fell from a ladder. I sat on the stairs until it was dark. I put on his rubber boots, which came up to my knees, and took the flashlight. I found the lid in the nettles. I carried it back, set it in its place, and laid two bricks on top.\n\n“You told them,” he said.",
      /but he wasn/,
    ],
    "how many answers there are": [
      "# Give every street a bench\n\nSome shopkeepers fear that benches attract young people. I have two answers. The council should put a bench on every street.",
      /How many answers/,
    ],
    "one good answer": ["# Bread\n\nThe smell goes. But really there is only one good answer. Eat it today.", /one good answer/],
  },
  "of what may be, and of what one does on other days": {
    perhaps: [
      "# Weather\n\nDraw a graph. Perhaps clear nights are followed by cold mornings, because without clouds the ground loses its heat to the sky.",
      /clear nights/,
    ],
    "what heaps are fond of": [
      "# Weather\n\nLook at the sky. Then note the shape of the clouds: heaps like cotton, sheets like a blanket, or thin feathers high up.",
      /heaps like/,
    ],
    "half of a condition": ['# Weather\n\nEmpty the jar. Write "trace" if the bottom is wet but there is too little to measure.', /= If the bottom is wet$/],
    "usually, behind once a year": [
      "# A meeting\n\nOnce a year, usually in March, everyone who is registered to vote may come to the town hall.",
      /once a year usually/,
    ],
  },
  "of what a pronoun stands for": {
    "time, and no issue of a paper": [
      "# Bring back the paper\n\nIn 2009 the last issue was printed. I think that it is time to sound the horn again. The council should act.",
      /last issue is time/,
    ],
    "a mistake in an article, and in no essay": [
      "# Bring back the paper\n\nIf you write an essay for your teacher, one person reads it. If you write an article with a mistake in it, four hundred people will tell you.",
      /mistake in the essay/,
    ],
    "when a train is due, as when somebody remembered": [
      "# The ship\n\nVincent Coleman started to run. Then Vincent Coleman remembered that a passenger train was due within minutes.",
      /How soon did Vincent/,
    ],
    "what would happen if one did something": [
      "# Bumps\n\nStep out of a warm shower into a cold bathroom, and tiny bumps spring up all over your arms.",
      /iny bumps spring up/,
    ],
    "a visa as well": [
      "# Passports\n\nThe other country decides, and often the other country demands a visa as well, a permission that is stamped or glued into the book.",
      /visa as well$|as well is/,
    ],
  },
  "of words in context": {
    "a border that is left around something": [
      "# A stage\n\nDraw a rectangle on the bottom of the box, leaving a border about two inches wide. The border will hold the screen. Cut the rectangle out.",
      /the line between two countries/,
    ],
  },
});
