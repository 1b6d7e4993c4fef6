import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from passages written for lessons of grades 4 to 8. */
neverDrafts({
  "of what stands beside it": {
    "a result of what stands before, as how often": [
      "# Let the gulls go hungry\n\nI believe that the council should fine people. A gull that is fed from the hand learns that hands mean food. Its chicks learn it too, and so there are more thieves every year.",
      /thieves so/,
    ],
    "at once, as what for": [
      "# Make a bag\n\n1. Lay the shirt flat.\n2. Cut through both layers at once so that the strips match.\n3. Turn the bag over.\n4. Tie a knot.",
      /= at once/i,
    ],
    "doctors of today, for those of then": [
      "# Semmelweis\n\nSemmelweis understood. Every morning the doctors cut open dead bodies to learn from them. Afterwards they went to the mothers.",
      /do the doctors cut/,
    ],
    "a family, for its kings": [
      "# The library\n\nAlexandria had the largest library. It was founded by the kings of the Ptolemy family, who wanted to own a copy of every book.",
      /the Ptolemy family want/,
    ],
    "a part of a number, as a gap": [
      "# The canal\n\nThe Erie Canal was opened in 1825. Clinton rode to New York City by boat and poured a barrel of water from Lake Erie into the ocean. The cost of moving a ton of goods fell from a hundred dollars to ten. New York became the busiest port in the country.",
      /a\(n\) ____ dollars/,
    ],
    "a wage, without where it was paid": ["# Gold\n\nMiners slept in tents. An egg cost as much as a day's wage at home.", /How much did an egg cost at home/],
    "what anybody can say": ["# Lights\n\nAnybody can write to the city engineer and say that a crossing is dangerous.", /What can anybody say/],
  },
  "of who is meant": {
    "her back, as what was called": [
      "# Grace\n\nGrace Hopper wrote programs. Hopper joined the navy. In 1967 the navy called her back for six months. Hopper was glad.",
      /Hopper’s back/,
    ],
    "an octopus with a small letter": [
      "# Olga\n\nKeeper: Our octopus is called Olga. Olga is three years old.\n\nGuest: What does she eat?\n\nKeeper: She eats crabs. After a meal she hides for days.",
      /, olga/,
    ],
    "the next meeting, as a deed that was told of": ["# Rules\n\nThe pupils meet on Mondays. Owen had a new idea at the next meeting.", /at the next meeting/],
  },
});
