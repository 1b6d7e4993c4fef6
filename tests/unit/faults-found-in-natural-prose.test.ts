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
    "in front of the him": [
      "# Marbles\n\nTomas sat by the wall. Tomas had no other marble. Tomas looked at the heap of marbles in front of him.",
      /the him\b/,
    ],
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
    "which gap": ["# Wind\n\nThe land cools down faster than the sea. The air over the sea rises, and air from the land flows out to fill the gap.", /= To fill the gap/],
  },
  "of words in context": {
    "a border that is left around something": [
      "# A stage\n\nDraw a rectangle on the bottom of the box, leaving a border about two inches wide. The border will hold the screen. Cut the rectangle out.",
      /the line between two countries/,
    ],
  },
});
