import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from passages written as a textbook or a newspaper writes, and not made for the engine. */
neverDrafts({
  "of who does it": {
    "alone, as how it is done": ["# Cork\n\nCork oaks grow in warm countries. Portugal alone produces about half of the world's cork.", /is alone produced/],
    "a museum that orders, as a thing": ["# Sails\n\nSails were made of flax. Only the museum still orders flax.", /What still orders/],
    "suckers, as somebody": ["# The octopus\n\nThe octopus has no bones. Each of its eight arms is covered with suckers.", /Who is/],
    "the one who asks, for the one who answers": [
      "# Three questions for a sailmaker\n\nIda Marrin has sewn sails for thirty-one years. We asked her about her work.\n\nWhy do you need such a large room?\n\nMy sewing machine sits in a pit.\n\nIs a sail flat?\n\nI get the curve by cutting each panel wider in the middle.\n\nHow long does a sail last?\n\nMy father used flax for his sails.",
      /the writer’s/,
    ],
  },
  "of what is not told": {
    "a result, as a purpose of what can no longer be": [
      "# A cold\n\nA cold makes the nose swell. Vapours can no longer reach the receptors, so that only the five tastes are left.",
      /Why can/,
    ],
    "one of several reasons that there may be": [
      "# Attendance\n\nA pupil who misses a lot of school has a reason: he is looking after a little brother, or he is being bullied, or there is no money for the bus.",
      /looking after/,
    ],
    "how many by then, as how many in all": ["# The emus\n\nThe soldiers hid near a dam. After twelve birds had fallen, the gun jammed.", /^How many birds/],
    "what does not happen, as what happens": [
      "# The register\n\nA register records who owns land. When a house is sold, a buyer does not become its owner by paying, nor by moving in.",
      /What happens when/,
    ],
    "what may be so, as so": ["# The emus\n\nThe soldiers had two guns. The soldiers killed perhaps two hundred birds.", /perhaps two hundred .* = true/i],
  },
  "of what was torn": {
    "a smell from its world": [
      "# Smell\n\nAir that we breathe in through the nostrils brings us the smell of the world outside.",
      /bring us outside|= the smell of the world$/i,
    ],
    "a book from its year": [
      "# The painter\n\nEmilie Demant lived in the north. Emilie wrote a book of her own about her year in the mountains.",
      /write in the mountains|own about her year$/,
    ],
    "an example from what it shows": [
      "# The register\n\nEvery plot has a page. A neighbour may be allowed to walk across the garden to reach the road, for example, and a bank may sell a house.",
      /for example/,
    ],
    "flax from what rots": ["# Sails\n\nMy father used flax, which rots if it is stored wet.", /flax rots if it is stored(?! wet)/],
    "where it is, without its comma": [
      "# Gardens\n\nAt Lincoln School, where every class has a bed of its own, students plant seeds in spring.",
      /School where every/,
    ],
    "what this is": [
      "# The register\n\nDuring this time the seller could cheat by selling the house again. To prevent this, a note is put into the register.",
      /= to prevent this/i,
    ],
  },
});
