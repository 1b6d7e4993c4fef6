import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from passages in the manner of reading books, with much told in passing. */
neverDrafts({
  "of how it is read": {
    "complete, as what one should do": [
      "# The salamander\n\nThe axolotl lives in a lake. If a predator bites off one of its legs, the axolotl grows a new one within a few weeks, complete with bones and nerves.",
      /What should you do/,
    ],
    "the first of two adjectives, as a thing": [
      "# The salamander\n\nThe axolotl lives in a lake. The axolotl keeps its feathery gills and its broad, finned tail for its whole life.",
      /and its broad\.|its broad$/,
    ],
    "a second look, as a time": [
      "# The festival\n\nTomas had made a lantern of glass. On the night of the festival, people walked past Tomas's lantern without a second look.",
      /do people walked|without a second\b(?! look)/,
    ],
    "the first two of three places": [
      "# The fastener\n\nAn engineer invented a fastener. Today the fastener is used on shoes, on jackets, and even in spacecraft, where it keeps tools from floating away.",
      /= On shoes, on jackets$/i,
    ],
    "the inventor's years": [
      "# The fastener\n\nAn engineer invented a fastener. It took the inventor years to find out how, and many makers told him that it was impossible.",
      /= The inventor years/i,
    ],
    "what children learn only then": [
      "# Cooking\n\nEvery child should cook. Children learn to be careful only if somebody shows them how.",
      /= Be careful only/i,
    ],
  },
  "of a number or a time": {
    "twelve minutes, as what a bag is for": ["# Bags\n\nA bag is light. A bag is used for an average of twelve minutes.", /used for\?/],
    "how long it takes, and what it is": [
      "# Bags\n\nPlastic is strong. A bag is used for twelve minutes, but it can take hundreds of years to break down.",
      /How long can it take to break down/,
    ],
    "the year of her coming, for what she had": [
      "# Watching\n\nWhen Jane Goodall arrived at Gombe, on the shore of a lake, in July 1960, she had no college degree and almost no equipment.",
      /In what year did Jane Goodall have/,
    ],
    "layers, as a place": [
      "# A path\n\n1. Dig a trench.\n2. Fill the trench with stone.\n3. Spread the stone in two layers.\n4. Lay the bricks.",
      /Where should you spread/,
    ],
  },
  "of who and what is meant": {
    "the city of another half": [
      "# Bags\n\nMany cities have banned bags. In San Jose, California, litter in storm drains dropped by 89 percent after the city banned bags in 2012.",
      /did the city ban/,
    ],
    "an example, as a point": [
      "# Juries\n\nJurors are chosen at random from lists of voters. A woman whose brother is a police officer, for instance, might be excused from a case. During the trial, jurors look at the evidence. The judge explains the law to the jurors. The jurors choose a leader of their own.",
      /= [^=]*for instance/,
    ],
    "whom he sang to, left behind": [
      "# Raven\n\nThe world was dark. One evening Raven heard an old man singing to his daughter. He kept the light in a box.",
      /hear to his daughter/,
    ],
  },
  "of what it hangs on": {
    "what he had to do, and when": [
      "# The telegraph\n\nMorse built a telegraph. Samuel Morse ran out of money and had to live on crackers and cheese.",
      /What did Samuel Morse have to do/,
    ],
    "which letter it is": [
      "# The telegraph\n\nMorse invented a code. The most common letter, E, got the shortest signal, a single dot.",
      /got the shortest signal\? = The most common letter$/,
    ],
    "the highest, and since when": [
      "# The flood\n\nThe Tarn River flooded the town. The river reached a height of 21 feet at 3 a.m. on Wednesday, the highest level since 1955.",
      /on Wednesday since 1955/,
    ],
    "hours, and before what": [
      "# The flood\n\nVolunteers formed a human chain on Tuesday night to rescue 14,000 books from the library, hours before the river flooded the building.",
      /library, hours$/,
    ],
    "half of what stands between": [
      "# A vote\n\nTeenagers can vote well. Psychologists distinguish between quick decisions made in the heat of the moment and calm ones made after thinking.",
      /heat of the moment\. =/,
    ],
    "within a few decades, of what": [
      "# Silk\n\nTwo monks returned with eggs. Within a few decades, workshops in Constantinople were producing silk of their own.",
      /within a few decades/i,
    ],
    "most bakeries, for most of those that close": [
      "# Bakers\n\nMost bakeries that close have wonderful bread. They close because the owner does not know what a loaf costs him.",
      /ost bakeries close/,
    ],
    "both at the same time, of one": [
      "# The filters\n\nFarmers built filters of rock. The filters keep out the fish and clean the water at the same time.",
      /The filters clean the water at the same time/,
    ],
    "how soon, and after what": [
      "# The strike\n\nThe workers walked out on May 11. Within days, rail traffic west of the city had come to a standstill.",
      /How soon/,
    ],
  },
});
