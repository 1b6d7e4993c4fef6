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
