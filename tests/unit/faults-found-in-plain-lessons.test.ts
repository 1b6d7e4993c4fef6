import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from passages in the plain, varied prose of reading lessons, or never clear enough to be asked. */
neverDrafts({
  "of who is meant": {
    "a librarian for an old man": [
      "# The umbrella\n\nNadia thanked the librarian, Mr. Achterberg, and ran. Nadia had hardly reached the bridge when an old man stopped her. “Excuse me,” he said. “Where did you get that?” He pointed at the handle. Nadia told him the whole story. “My wife made that,” he said.",
      /Mr\. Achterberg (?:pointed|point)/,
    ],
    "whoever sells, for the notary": [
      "# What a notary does\n\nA notary is an official. Suppose Mrs. Lind sells her cottage to Mr. Okafor. The notary checks that they really are who they say they are. Then she reads the contract aloud, every word of it. She explains anything that is hard to understand and asks whether anyone is being forced to sign.",
      /Mrs\. Lind (?:ask|explain)/,
    ],
    "people, for hours": [
      "# Avalanches\n\nPeople get angry. Last year a man waited here for nine hours, and he told the ranger what he thought of her for about eight of them.",
      /eight of people/,
    ],
    "half of the voters, for a change": [
      "# Referendums\n\nSwitzerland holds many votes. If 100,000 citizens sign within eighteen months, they can propose a change to the constitution. For such a change, a majority of voters is not enough: it must also win in a majority of the cantons, as the Swiss states are known.",
      /majority of voters must/,
    ],
    "the town, for a sign": [
      "# The river\n\nThe sign is still there.\n\nI believe the town should take it down and open a bathing place by next summer. I think that we must act.",
      /= Take it down/,
    ],
  },
  "of how it is read": {
    "blows that compress air": [
      "# Diving\n\nA submarine dives. To rise again, the crew closes the vents and blows compressed air into the tanks.",
      /did blows compress|= Blows$/,
    ],
    "grass that holds grass down": ["# Soil\n\nWithout grass to hold it down, the dry soil simply blew away.", /grass down/],
    "the feathers before, and what one of them feels like": [
      "# Owls\n\nOwls have feathers of three sorts. The first is stiff. The third covers the whole wing. If you stroke an owl's feather, it feels like velvet.",
      /Read: “The third/,
    ],
  },
  "of what stands beside it": {
    "what it costs, as what can be fine": [
      "# A beach\n\nA red flag is flying. Anyone who swims in spite of a red flag can be fined two hundred dollars.",
      /can be fine\?/,
    ],
    "samples, for bacteria": [
      "# A beach\n\nIn the laboratory the samples are kept warm overnight, and the next morning a technician counts the bacteria that have grown. If a sample contains more than 104 of them in a hundred milliliters, the beach must be closed. Bathers wait. The sea is cold.",
      /104 of the samples/,
    ],
    "how it is in the library, as what happens": [
      "# A nap room\n\nOur school should have a nap room. Phones can be left in a basket at the door, as they are in the library. I believe that naps help.",
      /what happens as phones/,
    ],
    "what somebody means, cut short": [
      "# A talk\n\nI was punished for speaking. I don't mean for talking in class. I mean for speaking my own language. My cousin and I whispered.",
      /means? for talking in class/,
    ],
    "whoever prints a talk, as the speaker": [
      "# Saving voices: a talk\n\nTeresa Winfield is one of the last speakers of a language. She spoke to our seventh-grade class by video.\n\nGood morning. When I was your age, I was punished. I want you to know why. My cousin and I whispered.",
      /the speaker[’']s seventh-grade/,
    ],
    "of whom it is a part, as how soon": [
      "# Votes\n\nA petition is a letter. If 50,000 citizens sign a petition within a hundred days, the law must be put to a vote.",
      /^How soon must/,
    ],
  },
  "of what is no deed": {
    "how many hairs one should stand": [
      "# The flytrap\n\nEach leaf ends in a trap. On the inside of each lobe stand three hairs, as fine as eyelashes. An insect bumps into a hair.",
      /should you stand/,
    ],
    "fields, as what a postman does": [
      "# The postman\n\nFerdinand Cheval was a country postman. For thirty-three years he walked the same twenty miles every day, over hills and along dusty lanes, with nothing to look at but fields.",
      /Cheval field\b/,
    ],
    "worth something": ["# Leaves\n\nWe should leave the leaves. The leaves themselves are worth something. I believe that they help.", /= Something$/],
    "hens that are let down": [
      "# The hens\n\nThomas Causby raised chickens on a small farm in North Carolina. The farm was near an airfield.",
      /lowered chickens/,
    ],
    "altogether, of the wrong deed": [
      "# The hens\n\nThomas Causby was a farmer. Altogether he lost a hundred and fifty hens and had to give up his business.",
      /business altogether/,
    ],
    "reading with sound": ["# Movies\n\nMovies were silent. With sound, movies no longer depended on reading.", /reading with sound/],
  },
  "of what is said in passing": {
    "where he was, for what he heard of": [
      "# A hoax\n\nA famous astronomer, Sir John Herschel, had built a telescope in South Africa, the paper reported. The story was not true.\n\nHerschel, who really was in South Africa, laughed when he first heard of it.",
      /heard of South Africa/,
    ],
    "soup of hers": [
      "# The loom\n\nGrandmother Ysolde fell ill. “Teach me,” said Tam. Tam brought her soup and sat beside her bed. “It takes years,” said Grandmother Ysolde. “Then let's begin,” said Tam.",
      /Ysolde[’']s soup/,
    ],
    "enough to pay for it": [
      "# A library\n\nVolunteers sell old books. Last year they earned $9,300, enough to pay for the summer reading program.",
      /earn, enough|, enough last year/,
    ],
    "the best-selling paper, without the world": [
      "# A hoax\n\nThe Sun was a newspaper. In 1835 the Sun became the best-selling newspaper in the world.",
      /become in 1835 in the world|become in the world/,
    ],
  },
  "of what was told before": {
    "weeds, for goats": [
      "# Goats\n\nGoats can climb slopes where no tractor can go. And since they swallow the seeds and destroy them in their stomachs, the weeds do not come back as quickly. We should hire goats. I believe that they help.",
      /why do the weeds|Because they swallow|Since they swallow/,
    ],
    "what the city costs": [
      "# Goats\n\nWe should hire goats. Every July the city sends a crew with tractors into the ravine. It takes them nine days, and it costs $24,000. I believe that goats help.",
      /does the city cost|The city costs/,
    ],
    "digits that come": [
      "# Banknotes\n\nEach banknote has a number. On a bill, the first letter stands for the series. Then come eight digits and a final letter.",
      /digits and a final letter come/,
    ],
    "so lucky": ["# Hiccups\n\nHiccups stop by themselves. Charles Osborne was not so lucky. He hiccupped until 1990.", /was so lucky/],
    rather: ["# Goats\n\nWe should hire goats. Goats smell. I would rather smell a goat than a tractor. I believe that goats help.", /rather smell\?/],
  },
  "of too little told": {
    "what a town pays, and not what for": ["# Flags\n\nTowns apply for the flag every year. A town pays a small fee.", /What does a town pay/],
    "which sound": ["# Visitors\n\nThe horn sounds in fog. Visitors from the city record the sound on their phones. Children wave.", /record|= The sound$/],
    "like which chain": ["# The pier\n\nThe pier hangs on a chain. In Norvik a similar chain sank half a metre within ten years.", /similar chain/],
    "where an explanation lies": ["# The ship\n\nPeople have blamed pirates. A more likely explanation lies in the barrels.", /more likely explanation/],
    "until when he may have ordered": [
      "# The ship\n\nBenjamin Briggs feared an explosion. Captain Briggs may have ordered everyone into the lifeboat until the air had cleared.",
      /Until when/,
    ],
  },
  "of what is done with it": {
    "a council, asked for as a thing": ["# Streets\n\nStreets get new names. A council usually asks the residents of a street first.", /^What usually asks/],
  },
});
