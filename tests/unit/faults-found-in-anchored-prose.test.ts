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
  "of what it hangs on": {
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
