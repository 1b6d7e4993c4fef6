import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from steps, talks, speeches and stories, read after the batches of mixed texts. */
neverDrafts({
  "of steps": {
    "a purpose for which nobody should": [
      "# How to Make a Sundial\n\nA sundial shows the time by a shadow.\n\n1. Push the pencil through the plate.\n2. Never look straight into the sun to check your work.",
      /To check your work/i,
    ],
    "what should be woken up": [
      "# Mushrooms\n\nThe white threads need six months to grow through the wood. When they appear, the log is ready. To wake it up, put it in a tub of cold water for one night.",
      /wake it up/,
    ],
    "a wait after nobody knows which step": [
      "# How to Mend a Puncture\n\nA flat tyre can be mended at home.\n\n1. Spread a thin layer of glue and wait five minutes.\n2. Press the patch down for one minute.",
      /How many minutes should you wait\?/,
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
    "what an interviewer says to somebody": [
      "# A talk\n\n**Kai: You get up at four every day. Why so early?**\n\n**Edda:** The fishing boats leave at half past five. If I overslept, forty boats would stay in the harbour.",
      /get up at four/,
    ],
    "minutes for nobody knows what": [
      "# A talk\n\n**Kai: How long is a forecast?**\n\n**Edda:** I have three minutes, and the fishing boats leave at half past five. Forty boats wait in the harbour.",
      /How many minutes does Edda have\?/,
    ],
    "a meaning as a number": [
      '# A talk\n\n**Kai: What do the words mean?**\n\n**Edda:** "Soon" means within six to twelve hours. "Later" means after twelve hours.',
      /how many hours does/,
    ],
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
  "of nature": {
    "weeks that it is only sometimes": [
      "# Bees\n\nTrembling makes bees thirsty. Bees wait for a mild day, sometimes for six weeks. A colony needs fifteen kilograms of honey to survive a winter.",
      /weeks .*sometimes/,
    ],
    "what goes for others too": [
      "# Clocks\n\nA sundial shows the time of its place. In summer most clocks are put forward by an hour as well. Clocks show the same time in one country.",
      /as well\?/,
    ],
  },
  "of stories": {
    "half of what would be": [
      "# The clock\n\nMr Ode found a nest in the clock. He thought for a long time. If he took the nest away, the clock would be right and the birds would die. He told the mayor a lie.",
      /= The clock would be right$/m,
    ],
    "that a hall locked": [
      "# The mayor\n\nMrs Hargreave owned three watches. On her first morning she found the town hall locked. She sent for the clockmaker. She was angry.",
      /That the town hall locked/i,
    ],
  },
  "of history": {
    "a gap that any noun fills": [
      "# The river\n\nThe engineer Joseph Bazalgette was given the task. London had argued about sewers for ten years.",
      /^The engineer Joseph Bazalgette was given the ____/,
    ],
    "houses that flush": [
      "# The river\n\nAround 1800 the houses of the rich were fitted with water closets. They were clean and convenient, but they flushed everything into old drains.",
      /houses of the rich (?:flushed|were clean)/,
    ],
    "the only survivor of nobody knows what": [
      "# The boats\n\nCork jackets came into use in 1854. In 1861 a boat turned over in a gale. The only survivor was Henry Freeman, and he wore a jacket.",
      /^Who was the only survivor\?/,
    ],
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
