/** What a reader wants of the pages and captions in `files`, which were not used while the importers were built. */
export const WANTED_PAGES: Record<string, string[]> = {
  "blog.html": [
    "Counting seals at low water",
    "Every spring I sit on the wall with my binoculars and count the seals on the sandbank.",
    "It is harder than it sounds. Seals look like stones, and some stones look like seals. I count three times and take the middle number.",
    "This year there were forty-one of them. Last year I saw only twenty-eight, but on that day the wind blew hard from the north, and seals stay in the water when it is windy.",
    "A seal on a rock is a seal at rest. Do not go near it.",
    "So the old warden told me, and she was right: a seal that flees into the cold water loses warmth that it needs.",
    "Two kinds",
    "Most of ours are harbour seals with round heads. The larger ones with long noses are grey seals, which have their young in autumn.",
    "If you want to help, write down the day, the hour, the wind and your number, and send it to the warden.",
  ],
  "museum.html": [
    "The storm glass",
    "A storm glass is a sealed tube that holds water, alcohol, camphor and two salts. Crystals form in it and vanish again.",
    "Sailors believed that the crystals foretold the weather. A clear liquid was said to mean fine days, and stars of crystal on a sunny winter day were said to mean snow.",
    "Does it work?",
    "Today we know that the crystals grow and shrink with the temperature alone. The glass shows how warm it is now, not what the weather will be tomorrow.",
    "The keepers of Skerry Bay compared the glass with the weather for a whole year. It was right on about half of the days, which is as good as tossing a coin.",
  ],
  "news.html": [
    "New ferry takes twice as many cars",
    "The new ferry of Skerry Bay made its first crossing on Saturday. It carries sixty cars, twice as many as the old one, and needs only half of the fuel.",
    "The captain explained that the ferry has two bows. It does not have to turn around in the harbour, so the crossing is eight minutes shorter.",
    "The old ferry had served the town since 1974. It will be broken up, because its hull has become too thin. The brass bell, however, will hang in the museum.",
    "Fares stay the same until spring. Then the council will decide whether pupils may cross for nothing.",
    "The ferry runs on electricity for the last mile, since the people who live at the quay had complained about the smoke.",
  ],
};

export const WANTED_CAPTIONS: Record<string, string[]> = {
  "rolling.vtt": ["Today we look at ropes. A rope is made of three strands.", "Each strand is twisted from many yarns."],
  "interview.srt": [
    "Captain, how long does it take to become a pilot?",
    "It takes about ten years. First you must be a mate on a large ship. Then you learn every rock of the bay by heart.",
    "And what is the hardest part?",
    "The ladder. You climb it in the dark, while both ships roll.",
  ],
  "lesson.vtt": [
    "The sea rises and falls twice a day. The Moon pulls on the water, so the water on its side is raised.",
    "Does the Sun pull as well?",
    "It does, but its pull is weaker & we notice it only at new moon and at full moon.",
  ],
};
