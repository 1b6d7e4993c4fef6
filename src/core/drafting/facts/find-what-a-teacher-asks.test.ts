import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("what stands at a place, and what happens each time", () => {
  finds({
    "what is at a place": ["At the head of every tube is a knot of thin threads.", "What is at the head of every tube?", "a knot of thin threads"],
    "so many of them": ["Between each pair of towers stood two lamps.", "What stood between each pair of towers?", "two lamps"],
    "to things": ["Ropes get wet. In dry weather the ropes shrink.", "What happens to the ropes in dry weather?", "they shrink"],
    "to something, done by nobody": [
      "The fish is sold at an auction. After the auction the fish is packed in ice.",
      "What happens to the fish after the auction?",
      "it is packed in ice",
    ],
    "what animals do": ["Crabs live in the bay. At high tide the crabs climb the rocks.", "What do the crabs do at high tide?", "climb the rocks"],
  });
  neverAsks({
    "of one that is met for the first time": ["After ten days a tiny crab creeps out of the egg.", /^What (?:happens|does a tiny)/],
    "who sits where": ["In the tower of the harbour lives an old keeper.", /What lives in the tower/],
    "of the sun": ["At noon the sun dries up the pools.", /What happens to the sun/],
  });
});

describe("on what it depends, what it is called, what somebody was", () => {
  finds({
    "on what it depends": [
      "How fast a rope wears depends on how often it is used.",
      "On what does it depend how fast a rope wears?",
      "how often the rope is used",
    ],
    "a word of another tongue": [
      'Dolphins breathe air. The word dolphin is Greek for "fish with a womb".',
      "What does the Greek word “dolphin” mean?",
      "“fish with a womb”",
    ],
    "a trade": ["Marta Selwyn was a ropemaker.", "What was Marta Selwyn’s profession?", "a ropemaker"],
    "what crime": ["A keeper who lies in court commits a crime called perjury.", "What crime does a keeper who lies in court commit?", "perjury"],
    "a weakness, behind a colon": [
      "The old plan of the town had one weakness: it needed a fast ship.",
      "What weakness did the old plan of the town have?",
      "it needed a fast ship",
    ],
    "a condition, behind a colon": [
      "Marta agreed on one condition: if the lamp was dim, it was to be replaced.",
      "On what condition did Marta agree?",
      "if the lamp was dim, it was to be replaced",
    ],
    "what somebody calls a deed": [
      "Marta Selwyn called knitting the quietest of all crafts.",
      "What did Marta Selwyn call knitting?",
      "the quietest of all crafts",
    ],
  });
  neverAsks({
    "how a captain was": ["Marta Selwyn was a harsh captain.", /profession/],
    "each of several things": ["Each remedy has a weakness: quotas, for instance, tempt crews to cheat.", /What weakness/],
    "who wrote a word": ["The word keeper first appeared in print in a letter of 1450.", /Who first appeared/],
  });
});

describe("reasons, purposes and conditions", () => {
  finds({
    "of a command, behind as": [
      "Put the oil on the shelf and put on an apron, as lamp oil does not wash out of clothes.",
      "Why should you put on an apron?",
      "because lamp oil does not wash out of clothes",
    ],
    "so that it can soak in": [
      "Drops of oil fall on the wick. Wait one minute, so that the oil can soak in.",
      "Why should you wait one minute?",
      "so that the oil can soak in",
    ],
    "or else": [
      "Make a lamp. The wick has to be even, or black smoke will rise from the lamp.",
      "Why does the wick have to be even?",
      "because otherwise black smoke will rise from the lamp",
    ],
    "even a small piece": [
      "If even a small piece of the root stays in the ground, a new plant grows.",
      "What happens if even a small piece of the root stays in the ground?",
      "a new plant grows",
    ],
    "with a therefore inside": [
      "Lamps are checked at dawn. If a keeper finds soot on the glass, therefore, she suspects that the wick is old.",
      "What does a keeper do if she finds soot on the glass?",
      "she suspects that the wick is old",
    ],
    "by its name beside a noun": ["The treatment, dialysis, takes about four hours.", "How many hours does dialysis take?", "about four"],
    "what controls it": [
      "Blushing is controlled by the same part of the body that steers your heart.",
      "What controls blushing?",
      "the same part of the body that steers your heart",
    ],
    "what was asked of somebody": ["Marta asked the council to plant apples and pears.", "What did Marta ask the council to do?", "plant apples and pears"],
  });
  finds({
    "what an agreement is, to the end": [
      "A boycott is an agreement not to buy from, work for or deal with somebody until he changes what he does.",
      "What is a boycott?",
      "an agreement not to buy from, work for or deal with somebody until he changes what he does",
    ],
    "when somebody was born, one of many": [
      "Marta Selwyn was born in Ravensholm in 1877, the seventh of eleven children.",
      "In what year was Marta Selwyn born?",
      "1877",
    ],
    "how much it cost to do so": [
      "It cost ten thousand pounds to save a harvest worth five hundred.",
      "How much did it cost to save a harvest worth five hundred?",
      "ten thousand pounds",
    ],
    "what was given, and what it is like": [
      "The builders gave the clocks sloping sides, like a flowerpot.",
      "What did the builders give the clocks?",
      "sloping sides, like a flowerpot",
    ],
    "the reason, and nothing that is said next": [
      "The plants stand in water instead of soil, because no soil may be brought to the rock, and they get their light from lamps.",
      "Why do the plants stand in water instead of soil?",
      "because no soil may be brought to the rock",
    ],
    "of Black passengers, as the source writes it": ["Black passengers stayed at home for a year.", "Who stayed at home for a year?", "Black passengers"],
    "of the one who pays, by a pronoun": [
      "Marta Selwyn had never been to school. She paid a tutor to give her lessons in grammar.",
      "Whom did Marta Selwyn pay to give her lessons in grammar?",
      "a tutor",
    ],
  });
  neverAsks({
    "who he is, of somebody": [
      "Marta Selwyn's brother was called Tom Selwyn. Tom Selwyn left the town. A strike is a refusal to help somebody until he pays more.",
      /until Tom/,
    ],
    "how they stood": ["A long line of people stood in silence at the well of the village.", /^How did/],
    "what never grows": ["A seed lands in the field. If the ground is damp, it starts to grow within ten days.", /^What happens if the ground is damp/],
  });
});

describe("wills, companies, nobody and nothing", () => {
  finds({
    "a will is no verb": [
      "A will can be signed at home. In most countries a will must be signed by two witnesses.",
      "What must be signed by two witnesses in most countries?",
      "a will",
    ],
    "what happens where there is none": [
      "If no relative can be found, everything goes to the state.",
      "What happens if no relative can be found?",
      "everything goes to the state",
    ],
    "any, of what was named": ["A dog may not inherit money, since it cannot own any.", "Why may a dog not inherit money?", "because it cannot own any"],
    "who had done it": [
      "The sails of the ship had been sewn by women who normally made baby clothes.",
      "Who had sewn the sails of the ship?",
      "women who normally made baby clothes",
    ],
    "a company by its name": ["The third company, Playmaker, built a white suit in 1965.", "In what year did Playmaker build a white suit?", "1965"],
    "a deed behind so": [
      "A suit that is filled with air is as hard as a ball, so bending an elbow takes great strength.",
      "Why does bending an elbow take great strength?",
      "because a suit that is filled with air is as hard as a ball",
    ],
    "what there was around it": [
      "Around the mould there was a clear ring in which no bacteria grew.",
      "What was around the mould?",
      "a clear ring in which no bacteria grew",
    ],
    "what somebody read about": [
      "Tomas Reyne read about a camera that could take pictures through a microscope.",
      "What did Tomas Reyne read about?",
      "a camera that could take pictures through a microscope",
    ],
    "a mother with a trade, and his": [
      "Tomas Reyne grew up on a farm. His mother, who had been a teacher, gave him a microscope for his fifteenth birthday.",
      "What did Tomas Reyne’s mother give him for his fifteenth birthday?",
      "a microscope",
    ],
  });
  neverAsks({
    "what somebody candles": ["Food for three days, a sleeping bag, candles.", /candle/],
    "why no house": ["The waves were so high that no house on the shore showed a light.", /no house/],
    "what is in a mountain range": ["In the Bighorn Mountains there is a spring that stops.", /^What is in/],
    "what drove it": ["The wheel turned all day. In the evenings, when no corn was ground, it drove a pump.", /^What happened when no corn/],
  });
});

describe("what was torn, and is whole", () => {
  finds({
    "what somebody must not be": ["A witness may not be somebody who inherits.", "What may a witness not be?", "somebody who inherits"],
    "to what somebody led her there": [
      "Marta Selwyn travels far. In Ravensholm a boy of nine led Marta Selwyn to a wild apple tree that nobody had ever seen.",
      "What did a boy of nine lead Marta Selwyn to in Ravensholm?",
      "a wild apple tree that nobody had ever seen",
    ],
    "into what it was pushed": [
      "Tomas Reyne pushed a small round bead, cut from a shell, into the soft body of an oyster.",
      "What did Tomas Reyne push into the soft body of an oyster?",
      "a small round bead",
    ],
  });
  neverAsks({
    "whom a filling keeps quiet": [
      "Sixty women signed a letter. Marta Selwyn invented a filling for the soles of boots that kept them from squeaking.",
      /kept (?:the )?(?:sixty )?women/,
    ],
    "what is ground on a sports ground": [
      "The way from the school to the sports ground would shrink from half an hour to twelve minutes, and from the quay to the sports ground from nine to six.",
      /ground from/,
    ],
    "questions as what is asked": ["An auditor checks the books of a town, counts its chairs and asks questions.", /= questions$/],
    "a place, of nothing": ["A bridge without traffic becomes a place.", /= a place$/],
    "whom she returned with": [
      "Philibert Reyne was a doctor. Philibert Reyne died there. Marta Selwyn married a soldier and returned to France with him in 1775.",
      /with (?:Philibert|Reyne)/,
    ],
    "two who were told of apart": ["Sailors bring no women on board. So the two of them agreed on a trick.", /two of the women/],
    "how low, without its then": ["The flag must first be raised to the top and only then lowered to the middle of the pole.", /lowered to the middle/],
    "sure of nothing": ["For two years nobody on the ship was sure.", /was sure|was nobody/],
    "it, of whoever decides": [
      "The bridge is old. In May the council will decide whether to sell it for scrap.",
      /^When will the council decide whether to sell it/,
    ],
  });
});
