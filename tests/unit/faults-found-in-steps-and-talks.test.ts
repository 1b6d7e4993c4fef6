import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from steps, talks, speeches and stories, read after the batches of mixed texts. */
neverDrafts({
  "of steps": {
    "what should be woken up": [
      "# Mushrooms\n\nThe white threads need six months to grow through the wood. When they appear, the log is ready. To wake it up, put it in a tub of cold water for one night.",
      /wake it up/,
    ],
    "holes all": [
      "# How to Grow Mushrooms\n\nA log feeds mushrooms for five years.\n\n1. Drill holes all around the log.\n2. Melt the wax in a tin.",
      /holes all\?/,
    ],
    "when to do what is done once a week": [
      "# How to Grow Mushrooms\n\nA log feeds mushrooms for five years.\n\n1. Water the log once a week when it does not rain.\n2. Melt the wax in a tin.",
      /^When should you water/,
    ],
    "what is done when the last of three may be a command": [
      "# A path\n\nWhen you come to a curve, cut the bricks with a chisel, or let the gaps grow wider. A path needs a firm bed of sand.",
      /or let\?/,
    ],
  },
  "of talks": {
    "paper that makes wheat": [
      "# A talk\n\n**Jon: How do you mend a tear?**\n\n**Ines Calder:** With Japanese paper and paste made of wheat starch. The fibres of this paper are long.\n\n**Jon: What damages maps?**\n\n**Ines Calder:** A fold breaks the fibres of the paper.",
      /made of wheat starch with/,
    ],
    "colours that lie above the greens": [
      "# Light\n\nLight is an enemy of maps. Light bleaches the colours, above all the greens. A fold breaks the fibres of the paper.",
      /colours above all|above all the greens\?/,
    ],
    "whoever starts with nobody knows what": [
      "# A talk\n\n**Jon: What do you do first?**\n\n**Ines Calder:** If you start at once, you mend what is easy. A fold breaks the fibres of the paper.",
      /if you start at once/,
    ],
  },
  "of speeches": {
    "past no hour": [
      "# Lunch\n\nI think that we need a longer lunch. The bell rings at ten past twelve, the queue takes seven minutes, and at half past the doors are locked. It should stop.",
      /at half past/,
    ],
    "those who vote open to habits": [
      "# The vote\n\nI think that we should lower the age. Habits form early. Those who vote in the first election open to them usually continue to vote for the rest of their lives.",
      /open to habits/,
    ],
  },
  "of history": {
    "a vote that was argued": [
      "# The vote\n\nWhen parliaments grew up in Europe, the vote belonged to those who owned land. It was argued that only people with property had a lasting interest in the country.",
      /vote was argued|“it” stand for/,
    ],
    "supporters of nobody knows what": [
      "# The vote\n\nAustria lowered the age in 2007. Supporters say that young people will live longest with what is decided. Women had the vote in 1918.",
      /^What do supporters say/,
    ],
    "one who sit": [
      "# The street\n\nIn nearly every car sits one grown-up and one child with a school bag. Quay Street is blocked by cars at noon.",
      /(?:bag|child) sits|Where does one grown-up/,
    ],
    "redness before its flash": [
      "# Eyes\n\nThe eyes of cats shine at night. When our eyes look red in a photograph, the flash has lit up the vessels at the back of the eye.",
      /^What happens when our eyes/,
    ],
  },
});
