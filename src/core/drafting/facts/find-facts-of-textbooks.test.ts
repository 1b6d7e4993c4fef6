import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("measures, rates and shares", () => {
  finds({
    "how high": ["The harbour tower is 45 metres high.", "How many metres high is the harbour tower?", "45"],
    "how long, of several": ["The piers are more than two hundred metres long.", "How many metres long are the piers?", "more than two hundred"],
    "beside another verb": ["The anchor of the Hope is three metres long and weighs a tonne.", "How many metres long is the anchor of the Hope?", "three"],
    "how many times": [
      "A hunting bat shouts through its mouth about ten times a second.",
      "How many times a second does a hunting bat shout through its mouth?",
      "about ten",
    ],
    "how fast": ["The harbour train runs at 60 kilometres an hour.", "At what speed does the harbour train run?", "60 kilometres an hour"],
    "by how much": ["The catch of herring fell by sixteen percent.", "By how many percent did the catch of herring fall?", "sixteen"],
    "a fraction": [
      "A third of the world's lighthouses have been sold in the last fifty years.",
      "What share of the world's lighthouses have been sold in the last fifty years?",
      "a third",
    ],
    "so many out of so many": [
      "Four out of five of the boats in the bay depend on the harbour light.",
      "What share of the boats in the bay depend on the harbour light?",
      "four out of five",
    ],
    "how many there are": ["There are three kinds of knots in a net.", "How many kinds of knots are there in a net?", "three"],
  });
  neverAsks({
    "a year of what was so for long": ["In 1850 the harbour wall was six metres thick.", /In what year/],
    "tenths as if they were things": ["The valves keep out more than nine tenths of the salt.", /How many tenths/],
    "some of many": ["Some piers in the bay are two hundred metres long.", /How many metres/],
  });
});

describe("lists that a number announces", () => {
  finds({
    "what one needs": [
      "You need two things to see a lighthouse: a clear night and a good pair of eyes.",
      "Which two things do you need to see a lighthouse?",
      "a clear night and a good pair of eyes",
    ],
    "what there is": [
      "There are three kinds of lamps in the museum: oil lamps, gas lamps and electric lamps.",
      "Which three kinds of lamps are there in the museum?",
      "oil lamps, gas lamps and electric lamps",
    ],
    "the most of their kind": [
      "The museum shows the three oldest lenses in the country: the Hope, the Star and the Gull.",
      "What are the three oldest lenses in the country?",
      "the Hope, the Star and the Gull",
    ],
  });
  neverAsks({
    "another number than the list has": ["The keeper has three tools: a file and a brush.", /Which three/],
    "what is largest torn from where": ["The museum holds the three oldest lenses in the country: the Hope, the Star and the Gull.", /hold in the country/],
  });
});

describe("reasons and conditions of textbooks", () => {
  finds({
    "behind a colon": ["Use hemp rather than wire: wire rusts in salt water.", "Why should you use hemp rather than wire?", "because wire rusts in salt water"],
    "only if": ["A lighthouse works only if sailors know its pattern.", "Under what condition does a lighthouse work?", "only if sailors know its pattern"],
    "a purpose to its end": [
      "Choose a rope with a rough surface, so that you can hold on standing up.",
      "Why should you choose a rope with a rough surface?",
      "so that you can hold on standing up",
    ],
    "now, where now and then look the same": [
      "Sea plants put oxygen back, because cells in their leaves catch the light.",
      "Why do sea plants put oxygen back?",
      "because cells in their leaves catch the light",
    ],
  });
});

describe("terms that are explained in passing", () => {
  finds({
    "with you in the meaning": [
      "A logbook is a book in which you record what you see from the tower.",
      "What is a logbook?",
      "a book in which you record what you see from the tower",
    ],
    "one of a sort beside one of a sort": [
      "Most boats also carry a drogue, a bag that the crew must drop before the waves turn the boat.",
      "What is a drogue?",
      "a bag that the crew must drop before the waves turn the boat",
    ],
    "a trade": ["The museum employs conservators, craftsmen who clean what is old.", "What are conservators?", "craftsmen who clean what is old"],
    "with us in the meaning": ["Waves carry spray, the water that wets us on the pier.", "What is spray?", "the water that wets us on the pier"],
    "said in passing of several": [
      "The lamp needs wicks, which are cords that soak up oil and carry it to the flame.",
      "What are wicks?",
      "cords that soak up oil and carry it to the flame",
    ],
    "a rare word beside what it is": [
      "The part of the shell that we can see, the carapace, works like a shield.",
      "What is the part of the shell that we can see called?",
      "the carapace",
    ],
    "the name to its end, the phrase without its aside": [
      "In 1896 Anna T. Marrow invited Hale to lead the workshop at Selm, a school for keepers on the coast.",
      "In what year did Anna T. Marrow invite Hale to lead the workshop at Selm?",
      "1896",
    ],
  });
  neverAsks({
    "where we did something": ["We cleaned the lens. The lens throws a beam, the light that guides us.", /What is a beam/],
    "the owner by the owned": ["Maria's father, a schoolteacher, repaired the sailors' instruments.", /= Maria$/],
  });
});

describe("what verbs of more kinds are about", () => {
  finds({
    "what it is measured in": ["The depth of the harbour is measured in fathoms.", "What is the depth of the harbour measured in?", "fathoms"],
    "what it is turned into": ["The dry seaweed is crushed into a fine powder.", "What is the dry seaweed crushed into?", "a fine powder"],
    "what somebody hoped for": ["The crew of the Hope hoped for a strong wind.", "What did the crew of the Hope hope for?", "a strong wind"],
    "what stands on what": [
      "The old lamp stands on long curved legs that look like stilts.",
      "What does the old lamp stand on?",
      "long curved legs that look like stilts",
    ],
    "the main one of its kind": ["The main danger for ships in the bay is the sandbank.", "What is the main danger for ships in the bay?", "the sandbank"],
    "what a court ruled": [
      "The court ruled that the old path to the light stays open to the public.",
      "What did the court rule?",
      "that the old path to the light stays open to the public",
    ],
    "where, with more said of the place": ["Cod is salted mainly in Selm, where women work in long sheds.", "Where is cod salted?", "mainly in Selm"],
  });
});

describe("whose it is", () => {
  finds({
    "of one thing that was told of": [
      "The Vikings were great sailors. Their harbour was three kilometres long.",
      "How many kilometres long was the Vikings’ harbour?",
      "three",
    ],
    "of the one she that was told of": ["Each colony of bees has a queen. Her only job is to lay eggs.", "What is the queen’s only job?", "to lay eggs"],
    "of an animal that alone can do so": [
      "A puffin does not build a nest in a tree. It digs a tunnel in the soft ground.",
      "What does a puffin dig in the soft ground?",
      "a tunnel",
    ],
  });
  neverAsks({
    "of one of two": ["The roof of the tower leaks. Its beams were thirty metres long.", /the (?:roof|tower)’s beams/],
    "what both can do": ["The cat chased a mouse. It climbed into a box on the pier.", /cat climb|Where did the (?:cat|mouse)/],
  });
});
