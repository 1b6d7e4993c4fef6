import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("which ones do it, or to which it is done", () => {
  finds({
    "of many": [
      "Zoos that belong to the national association must be inspected every five years.",
      "Which zoos must be inspected every five years?",
      "Zoos that belong to the national association",
    ],
    "of a sort that behaves so": [
      "Two males met on a branch. The male whose tail is red usually keeps the branch.",
      "Which male usually keeps the branch?",
      "The male whose tail is red",
    ],
    "in which something was": [
      "Robert Smalls lived in Beaufort. After the war Robert Smalls bought the house in which his mother had been a slave.",
      "Which house did Robert Smalls buy after the war?",
      "the house in which his mother had been a slave",
    ],
    "of the best": [
      "Bo lit the lantern. The lantern that burned longest won the golden oar.",
      "Which lantern won the golden oar?",
      "The lantern that burned longest",
    ],
  });
  neverAsks({
    "of the only one there was": ["The empire that had been held together by its roads fell within a few years.", /^Which empire/],
    "of what everybody has": ["The air that we breathe in through the nostrils brings us the smell of the world outside.", /^Which air/],
    "of those that were counted": ["Ruben carried the three sticks that were left back to the shed.", /^Which three/],
    "of a name": ["Light that is produced by living things is known as bioluminescence.", /^Which light/],
  });
});
