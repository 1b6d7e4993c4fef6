import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from passages as reading lessons have them: science, history, civics, stories, letters, talks, instructions. */
neverDrafts({
  "of how it is read": {
    "what somebody says, cut after its first word": [
      "# A later bell\n\nOur school starts early. The American Academy of Pediatrics says middle and high schools should not start before 8:30.",
      /says middle\.|= Middle$/,
    ],
    "how full, torn from what is filled": [
      "# A worm bin\n\n1. Tear the paper.\n2. Fill the bin three-quarters full with the damp strips.\n3. Add the worms.\n4. Close the lid.",
      /= The bin three-quarters|three-quarters empty/,
    ],
    "whose it is, as who does it": [
      "# Paper\n\nWhat finally made paper popular was the printing press. Gutenberg's press, built around 1450, could print hundreds of pages a day, and there were simply not enough sheep.",
      /Gutenberg's could/,
    ],
    "which state it was, as why": [
      "# The vote\n\nCongress passed the amendment in 1919. On August 18, 1920, Tennessee became the thirty-sixth state to approve it.",
      /Why did Tennessee become/,
    ],
    "an assembly in small letters": ["# The vote\n\nThe women marched for years. Congress passed the Nineteenth Amendment in 1919.", /\bcongress\b/],
  },
  "of a number or a time": {
    "six feet, and more": [
      "# Grass\n\nGrass held the soil in place. The roots of the grass went down six feet and more, so they survived droughts.",
      /How many feet .*= six$/i,
    ],
    "nine months of rain a year, as what it had a year": [
      "# The canal\n\nThe desert was easy. Panama had mountains, mud slides and nine months of rain a year.",
      /things did Panama have a year/,
    ],
    "hours, as things": [
      "# Silk\n\nSilk was dear. Women and girls fed the caterpillars fresh mulberry leaves every few hours, day and night, for about a month.",
      /Which three things did women/,
    ],
    "the last of five times": [
      "# The vote\n\nA candidate may win with fewer votes than the opponent. This has happened five times, most recently in 2016.",
      /In what year/,
    ],
    "an hour that blew": [
      "# The bridge\n\nThe bridge was new. On the morning of November 7, a steady wind of 42 miles an hour blew through the Narrows.",
      /An hour blew|= An hour$/,
    ],
    "how many of all": [
      "# Bananas\n\nBananas are cheap. A single vessel can carry 50 million bananas, which ripen only when they are sprayed with ethylene gas at the end of the trip.",
      /How many bananas ripen|million bananas ripen/,
    ],
  },
  "of who and what is meant": {
    "who leaves nothing": [
      "# Otters\n\nNot everyone is pleased. Otters also eat crabs, and fishermen complain that they leave nothing for people.",
      /What do fishermen complain/,
    ],
    "the navy, fifteen metres long": [
      "# A computer\n\nThe navy sent Grace Hopper to Harvard University to work on the Mark I, one of the first computers. It was fifteen meters long and weighed almost five tons.",
      /long was the navy|navy was fifteen|navy weigh/,
    ],
    "a machine, without its name": [
      "# A computer\n\nThe first machine was slow. In 1947 a later machine, the Mark II, stopped working.",
      /A later machine stopped|a later machine stop/,
    ],
    "those who are spoken to": [
      "# A tree\n\nMembers of the council, my name is Tessa Okafor, and I am in the seventh grade. The oak on Mill Street is old.",
      /Members of the council is/,
    ],
    "which pup it was, as a word for one": [
      "# A rescue\n\nA pup lay in the car park. The pup, a female about seven weeks old, weighed 31 kilograms.",
      /What do we call|What is the pup/,
    ],
    "to singe, of one who sings": ["# A tale\n\nThe people were surprised, for the stonecutter was singing. He never stopped.", /singe/],
  },
  "of what is asked": {
    "one, of what": [
      "# A lawyer\n\nIn 1961 a man named Clarence Gideon was charged with theft. He was too poor to hire a lawyer, so he asked the judge to give him one.",
      /give (?:Clarence )?Gideon one\?/,
    ],
    "with what it is decided to do something": [
      "# The lot\n\nI believe that the lot should be a garden. The city is now deciding what to do with it.",
      /= What to do with it$/i,
    ],
    "what was signed": [
      "# The lot\n\nI believe that the lot should be a garden. The plan asks each family to sign up for a plot. Ninety-one families have already signed.",
      /How many families have signed\?/,
    ],
    "what is granted before a but": [
      "# Plants\n\nA tree grows in a tub. Plants do need water, but most of their weight comes from the air.",
      /What do plants need\?/,
    ],
    "what comes of it, as why": [
      "# Sharks\n\nSharks live in the sea. Most bites happen because a shark mistakes a surfer for a seal, and it usually lets go.",
      /usually lets go$/,
    ],
    "a jar that is covered, for the glass": [
      "# A bottle garden\n\n1. Wash the jar.\n2. Add soil.\n3. Watch the glass during the first week. If it is covered with drops all day long, there is too much water in the jar.\n4. Close the lid.",
      /jar if it is covered/,
    ],
    "who pushed a thread": [
      "# Silk\n\nA cocoon fell into her cup. Lady Leizu pulled until a single shining thread stretched all the way across her garden.",
      /pushed until/,
    ],
    "what is wanted, as what happens": [
      "# A cell\n\nA cell divides into two. If each new cell is to receive a complete set of instructions, every thread has to be duplicated first.",
      /What happens if each new cell/,
    ],
    "so much that, without the that": [
      "# The spider\n\nAnansi stole the beans. Anansi was so ashamed that he ran away and hid in the tall grass.",
      /was so ashamed$|was so ashamed,/,
    ],
    "with whom it is done so": [
      "# Choking\n\n1. Call for help.\n2. Stand behind the person.\n3. Give five blows.\n4. With a baby, lay the child face down along your forearm.",
      /with a baby\?/,
    ],
    "what is had, without what it has": [
      "# The bridge\n\nThe old bridge fell. The bridge that replaced it in 1950 has a deck 33 feet deep with open trusses that let the wind blow through.",
      /have with open trusses/,
    ],
    "half of what one should do": [
      "# Soda bread\n\n1. Mix the flour.\n2. Bake the bread.\n3. Let the bread cool.\n4. Soda bread goes stale quickly, so eat it the same day or toast it the next.",
      /Why should you eat/,
    ],
    "a preposition behind what one does it for": [
      "# Soda bread\n\n1. Mix the flour.\n2. Bake the bread.\n3. Let the bread cool.\n4. To find out whether it is done, tap the bottom of the loaf with a knuckle.",
      /done with\?/,
    ],
    "fields that lie full": ["# The plague\n\nThe plague killed many peasants. Afterward, fields lay empty for lack of workers.", /lay full/],
    "a report, as a story": [
      '# Seal Pup Rescued\n\nSKERRY BAY, 14 March – A guest noticed a seal pup when she went to fetch her luggage. "I thought it was a carpet," she said. She called the station. She was surprised. The station sent three volunteers. They put up a fence.',
      /in the story|SKERRY BAY/i,
    ],
    "what explains it, as what happens": [
      "# A worm bin\n\nFeed your worms once a week. If the bin begins to smell, you are probably feeding too much. The worms like fruit.",
      /What happens if the bin/,
    ],
    "once, beside its year": [
      "# Ice\n\nThe cores are kept cold. Once, in 2017, a freezer at a university in Canada broke down, and part of a collection melted.",
      /break down once/,
    ],
    "how long it took, as when": ["# Ice\n\nA freezer broke down. Ice that had lasted 20,000 years was gone in a weekend.", /= In a weekend/i],
    "at what they look": ["# Watching\n\nA vet must learn to watch. Most people look for two minutes and walk on.", /do most people look|people look for ____/],
    "a change, and which": ["# Paper\n\nThe craft spread to Baghdad. The Arabs made one important change.", /One important change was made/],
    "two parks, as what it stands for": [
      "# The city\n\nOf all the levels of government, the local one touches people's lives most often. It collects the garbage, repairs the roads, runs the parks and libraries, and pays the police and firefighters.",
      /What does “it” stand for/,
    ],
    "what is told once, among what was always so": [
      "# The boats\n\nMina's grandfather folded frogs that jumped. Every Sunday they sailed their boats. Mina's boats turned in circles.\n\nOne Sunday Grandfather broke his wrist. Mina sat down at the table with a stack of paper. Mina pressed each crease with her thumbnail. Mina carried eleven boats to the canal. Grandfather put on his coat.",
      /order in which they happen\. = .*turned in circles/,
    ],
  },
});
