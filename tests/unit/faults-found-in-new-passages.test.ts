import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from passages that nobody had drafted from before. */
neverDrafts({
  "of what was torn apart": {
    "a look, read as a deed of long ago": [
      "# Fingers in water\n\nIn the bath the tips of your fingers turn pale and wrinkled like raisins. Water enters the skin.",
      /wrinkled like raisins/,
    ],
    "half of what is suspected": [
      "# Fingers in water\n\nScientists suspect that wrinkled skin is less sensitive and more easily hurt.",
      /is less sensitive(?! and more easily hurt)/,
    ],
    "half of what is said": [
      "# The school paper\n\nThe editors say that paper is old-fashioned and that printing costs four hundred dollars a year.",
      /say\? = that paper is old-fashioned$/i,
    ],
    "one of two surgeons": [
      "# Fingers in water\n\nIn the 1930s two surgeons, Thomas Lewis and George Pickering, were treating patients with a damaged nerve in the hand.",
      /= Thomas Lewis$/,
    ],
    "the price of each": [
      "# The school paper\n\nThe baker pays for advertisements. Eight small advertisements at fifty dollars each would pay for the whole year.",
      /would each|dollars would/,
    ],
    "the next command, as a purpose": [
      "# Dip your own candles\n\n1. Melt the wax in a tin.\n2. Hang the wick over a stick.\n3. While the candles are still warm, roll them on a smooth board to make them even, and cut the bottoms flat with a knife.\n4. Hang the candles up for a day.",
      /= to make .* cut/i,
    ],
  },
  "of what it is not": {
    "a result, as a purpose": [
      "# The volcano\n\nThe fine dust stayed in the upper air for three years. The dust reflected sunlight back into space, so that the average temperature of the globe fell by half a degree.",
      /Why did the dust reflect/,
    ],
    "what the writer turns to, at the end": [
      "# The school paper\n\nThe paper costs money. As for the money, the shops on Quay Street used to pay for advertisements.",
      /advertisements as for/,
    ],
    "any newspaper, defined by what holds of some": [
      "# The school paper\n\nA newspaper that has to be looked for is a newspaper that nobody finds.",
      /What is a newspaper/,
    ],
    "people without salt": [
      "# Icebergs\n\nPeople have thought of using icebergs for drinking water. They contain no salt, because salt is pushed out when sea water freezes.",
      /people contain/,
    ],
    "easily, before a participle": ["# Fingers in water\n\nThe skin of a frog is thin. The skin is sensitive and easily hurt.", /with difficulty/],
    "at all, of what is so": ["# The raft\n\nThe raft did not move at all in the calm. The island has no trees at all.", /(?:moved|has trees) at all/],
    "when it was, within the reason": [
      "# The ferry\n\nThe captain was old. Then, one evening in December, fog came down so thick that the captain could not see the bow.",
      /one evening so thick/,
    ],
  },
  "of who or what is meant": {
    "neighbours of molecules": ["# Ice\n\nThe molecules inside a piece of ice are held in place by their neighbours on all sides.", /their neighbours$/i],
    "the world, for a map of it": [
      "# Maps\n\nIn 1977 Marie Tharp published a map of all the ocean floors of the world, which was painted by the artist Heinrich Berann.",
      /the world was painted|painted the world/i,
    ],
    "the valley, for what was believed of it": [
      "# Maps\n\nThe explorer Jacques Cousteau believed that the valley did not exist, and he set out to prove it.",
      /prove the valley/,
    ],
    "another traveller's year": [
      "# The Earth\n\nEratosthenes measured the Earth. Eratosthenes lived in Egypt.\n\nColumbus relied on a smaller figure when he set out for Asia in 1492.",
      /Eratosthenes set out/,
    ],
    "those who listen": [
      "# Talk: sand\n\nGood afternoon, everyone. I have brought you four jars of sand. I hope that you will change your minds.",
      /brought you|change your minds/,
    ],
  },
  "of when and how": {
    "a year that is only of a saying": [
      "# The court\n\nThe court took up the case, and in 1963 all nine judges decided that he had been right: without a lawyer, they said, a poor person cannot have a fair trial.",
      /fair trial/,
    ],
    "half of the night": [
      "# The pier\n\nThe town council wants to switch off the lights on the old pier between eleven at night and five in the morning.",
      /do in the morning|= in the morning/i,
    ],
    "a conclusion, as a duty": ["# Maps\n\nIf the map was right, the continents must be moving.", /must the continents do/],
  },
  "of passages with headings and lists": {
    "each of what was told by other words": ["# Hail\n\nStrong winds carry raindrops upward again and again. Each trip adds a new layer of ice.", /each trip/i],
    "a place, as one of three who made something": [
      "# Harlem\n\nThe newcomers changed American culture. Musicians brought jazz from New Orleans to Chicago, and in Harlem, a neighborhood of New York City, writers and painters created works that are still admired today.",
      /neighborhood of New York City, writers/,
    ],
    "a fee to enter, as a purpose": ["# The fee\n\nLondon and Stockholm charge drivers a fee to enter downtown during busy hours.", /= to enter/i],
    "what fewer of them did": ["# The war\n\nWhen World War I broke out in Europe in 1914, fewer immigrants arrived.", /What did fewer/],
    "a condition at the wrong end": [
      "# A law\n\nThe president can veto a bill. Congress can still turn the bill into law, but only if two thirds of the members vote for it.",
      /\?.*but only if|but only if.*\?/,
    ],
    "a verb of music": ["# Jazz\n\nMusicians such as Louis Armstrong brought jazz from New Orleans to Chicago.", /jazzes|Armstrong brought$/],
    "half of a case": ["# The Court\n\nThe Court decided the case Marbury v. Madison in 1803. The Court has nine judges.", /Marbury v(?:\.|\b)(?! Madison)/],
    "a second deed, as what the first was for": [
      "# Compost\n\n1. Choose a spot.\n2. Stand the four pallets on their edges to form a square and tie them together with wire.\n3. Add scraps.\n4. Water each layer.",
      /= to form a square and tie/i,
    ],
    "people who were hired by a thing": ["# Maps\n\nMarie Tharp was hired by a laboratory in New York in 1948.", /What hired/],
  },
  "of animals, treaties and paste": {
    "cells that lie about": ["# The octopus\n\nAn octopus has eight arms. About two thirds of the octopus's nerve cells lie in the arms.", /^Cells lie/],
    "else than what": [
      "# The octopus\n\nThe only hard part is its beak. Because everything else is soft, an animal as heavy as a cat can squeeze through a hole.",
      /everything else/,
    ],
    "all the way to": ["# The railroad\n\nAfter 1850 Harriet Tubman led her groups all the way to Canada.", /all the way .*to\?/],
    "two deeds in one question": [
      "# The moon\n\nIn 1980 Dennis Hope of California noticed that the treaty speaks only of nations and declared himself the owner of the moon.",
      /notice that .* and declared/,
    ],
    "long, torn from before": ["# Toothpaste\n\nPeople cleaned their teeth long before there were tubes of paste.", /= People cleaned their teeth long$/],
  },
  "of options": {
    "a government that runs to the coast": [
      "# The fence\n\nIn 1901 the government decided to keep the rabbits out with a fence. It was to run from the north coast to the south coast, right across the path of the animals.",
      /“it” stand for/,
    ],
    "a mob, as a what": ["# Cities\n\nIn the summer of 1919 white mobs attacked neighborhoods in more than two dozen cities.", /^What attacked/],
  },
  "of bells and genes": {
    "how it reacts, to what was told before": [
      "# The plateau\n\nEach breath contains little oxygen. The body reacts by making more red blood cells.",
      /How does the body react/,
    ],
    "as heavy as what was advised": [
      "# The bell\n\nThe clock's designer insisted on using a hammer twice as heavy as the founder had advised.",
      /= Using a hammer twice as heavy$/i,
    ],
    "a people in the singular": [
      "# Genes\n\nThe gene had been inherited from the Denisovans, an extinct kind of human who is known only from a few bones.",
      /What is the Denisovans/,
    ],
    "coming, for as long as it did not": [
      "# The rock\n\nIn the winter of 1962 the boat did not come for thirty-nine days. The keepers waited.",
      /boat came for thirty-nine days/,
    ],
  },
  "of codes and radios": {
    "most of them, who knew anything": [
      "# The radio\n\nAstronomers paid no attention. Few of them knew anything about radio, and the war had left them without money.",
      /Most of .* knew anything/,
    ],
    "staying, nobody knows where": [
      "# Codes\n\nGrace Hopper left the navy in 1966. Seven months later it called Grace Hopper back. Grace Hopper stayed for nineteen years.",
      /Hopper stay\?/,
    ],
    "years that were hers": [
      "# Codes\n\nGrace Hopper wrote a program. It took her years to convince companies that a program could be written in English.",
      /= her years/i,
    ],
    "somebody's name and surname in one question": [
      "# The radio\n\nKarl Jansky built an antenna. Jansky died in 1950, when he was only forty-four.",
      /Jansky when Jansky/,
    ],
  },
});
