import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("what school texts say", () => {
  finds({
    "what else the same one does then": [
      "When the sun sets, the keeper climbs the tower, and he lights the lamp.",
      "What happens when the sun sets?",
      "the keeper climbs the tower and lights the lamp",
    ],
    "how many days old": [
      "Kits can swim when they are one day old, but they stay in the lodge for a month.",
      "How many days old are kits when they can swim?",
      "one",
    ],
    "where for the most part": [
      "Capsaicin is found mainly in the pale ribs of the pepper.",
      "Where is capsaicin found?",
      "mainly in the pale ribs of the pepper",
    ],
    "whom, and what she had to pay": [
      "The judge knew Susan Anthony. Later he fined her two hundred dollars.",
      "Who fined Susan Anthony two hundred dollars?",
      "the judge",
    ],
    "how long one has": [
      "In the United States, an agency has twenty working days to answer.",
      "How many working days does an agency have to answer in the United States?",
      "twenty",
    ],
    "by the writer's leave": [
      "Oddly enough, people are the only mammals that learn to like the burn of a pepper.",
      "What are the only mammals that learn to like the burn of a pepper?",
      "people",
    ],
    "for what reasons, in a row": [
      "A male bird sings for two reasons: to tell other males that his territory is taken, and to invite a female to share it.",
      "Why does a male bird sing?",
      "to tell other males that his territory is taken, and to invite a female to share it",
    ],
    "which tasks": [
      "A keeper has three tasks: to clean old lenses, to fill lamps with oil, and to write letters.",
      "Which three tasks does a keeper have?",
      "to clean old lenses, to fill lamps with oil, and to write letters",
    ],
    "how old the one is that somebody has": [
      "Imani Brooks rides the bus. Her mother has a car. It is nineteen years old, and it often stops.",
      "How old is the car?",
      "nineteen years",
    ],
    "one of many, told in passing": [
      "Every bill goes to a committee. A bill is sent to one of forty committees, each of which deals with a subject such as farming, taxes, or the armed forces.",
      "What is sent to one of forty committees?",
      "a bill",
    ],
    "what happens, without the month that belongs to the condition": [
      "Signe Aalto measures the ice of the lake. In April, when the ice goes soft, it stops talking.",
      "What happens when the ice goes soft?",
      "it stops talking",
    ],
    "what somebody was forced to do, and where": [
      "The government forced prisoners in a camp to make false pounds.",
      "What did the government force prisoners in a camp to do?",
      "make false pounds",
    ],
    "anywhere to park": [
      "The council says that shoppers cannot find anywhere to park.",
      "What does the council say about shoppers?",
      "that shoppers cannot find anywhere to park",
    ],
  });
});

describe("what school texts say, without what stands beside it", () => {
  finds({
    "without a though": [
      "With clever packing, though, the Greens could win three seats of five.",
      "How many seats of five could the Greens win with clever packing?",
      "three",
    ],
    "without a second price": [
      "# The trip\n\nThe trip to the island cost 40 dollars, about three times the usual price.",
      "How many dollars did the trip to the island cost?",
      "40",
    ],
    "what holds a thing": ["The washer is held by a brass screw.", "What holds the washer?", "a brass screw"],
    "a name for short": ["In a cooperative, or co-op for short, the owners are the people who use it.", "What is another name for a cooperative?", "co-op"],
    "bees and butterflies": [
      "In the first summer Ida Marrow counted nineteen kinds of bees and butterflies.",
      "How many kinds of bees and butterflies did Ida Marrow count in the first summer?",
      "nineteen",
    ],
  });
});

describe("what school texts do not answer", () => {
  neverAsks({
    "for which of two": [
      "Building roads is expensive, and Congress gives the states billions of dollars each year to help pay for them.",
      /^Why does Congress give/,
    ],
    "any current": [
      "Westinghouse put his money on alternating current, which changes direction many times a second.",
      /^What changes|^What does current change/,
    ],
    "how long never": ["Rosa Tennant lived in a tower. Rosa Tennant had never spent a night alone in her life.", /^How long had Rosa Tennant never/],
    "where which mold is common": ["Scientists in Bolivia found that wild peppers are hotter where that mold is common.", /wild peppers/],
    "the strings before the morning": ["In the morning, two hundred strings had soaked up the damp.", /soaked up the damp in the morning|^When/],
    "before it dies": ["A trap can catch only three or four insects before it dies.", /^When/],
    "what is easy to watch": ["Garden snails are quiet, curious animals that are easy to watch.", /called|^What do we call/],
    "how many reasons": ["Woodpeckers hammer on trees for three reasons. They look for food.", /^For how many reasons/],
    "along whose edges": ["The strip is home to mud. A class of seventh graders counted fourteen kinds of wild plants along its edges.", /its edges/],
    "a fifth what": ["Ned Marrow sold fish. On the first day Ned Marrow sold four mackerel and dropped a fifth in front of the shop.", /a fifth/],
    "a list torn from its head": [
      "A bill is sent to one of forty committees, each of which deals with a subject such as farming, taxes, or the armed forces.",
      /committees,? taxes/,
    ],
    "who formed a flute": ["The archaeologists came upon twelve pieces of bone. Fitted together, they formed a flute.", /archaeologists form/],
    "a penny to cross with": ["Captain Grub charged one penny to cross with empty hands and two pennies to cross with a load.", /^Why did Captain Grub charge/],
    "a hint of what": ["The distances between the holes of the flute offer a hint.", /^What do the distances/],
    "the same region": ["Flutes made of mammoth ivory have been found in the same region.", /^Where/],
    "what a gesture is": [
      '# The bridge\n\nThere was once a bridge, and a man named Grub took a toll on it. One market day a tailor called Linnet came to the bridge. "A load is a load," said Grub, and he held out his hand.\n\nLinnet had only one penny. After her came a boy with a drum. "I have no load," said Linnet. When the boy had crossed, Linnet stood up. Grub looked at his coat.',
      /do when the boy/,
    ],
    "more of what": [
      "Melanin soaks up the rays of the sun. When you spend time in the sun, your skin makes more of it, and you get a tan.",
      /^What happens when you/,
    ],
    "the price of a lawyer": ["A sign costs less than a lawyer.", /^How much/],
    "as when one is awake": ["Ninety minutes after you closed your eyes, the brain becomes almost as active as when you are awake.", /awake\?/],
    "the oars of any man": [
      "# The fog\n\nAnders stood at the back. The fog was so thick that a man could not see his own oars. Anders closed his eyes.",
      /Anders[’'] own/,
    ],
    "why in a camp": ["The government forced prisoners in a camp to make false pounds.", /^Why/],
    "one of two groups": ["One group learned the list and was tested in the evening. The other was tested in the morning.", /one group/i],
    "an objection heard": ["# No fines\n\nI can already hear the objection. The library should stop charging fines.", /^What can the writer hear/],
    "what the borrower should do": [
      "# No fines\n\nThe library should stop charging fines. I think so. If a book is really lost, let the borrower replace it.",
      /^What should you do/,
    ],
    "what an idea rests on": ["Doctor Balmis had an idea. A person who is given cowpox develops a blister after nine days.", /^What idea/],
    "half a street": [
      "Next to the bus shelter on Harrow Road stands an oak that was already old when the road was a cart track.",
      /does Road stand|on Harrow\?/,
    ],
    "cases of what": ["In the United States, where the drug had never been approved, there were only seventeen cases.", /^How many cases/],
    "whose neck": [
      "# Make a hovercraft\n\n1. Push the cap shut.\n2. Blow up the balloon, twist its neck so that no air gets out, and stretch it over the cap.\n3. Pull the cap open.",
      /its neck/,
    ],
    "what was done next": ["Johnson wrote the report. Johnson went on to help plan the trip to the Moon.", /^Why did Johnson go on/],
    "how long for what": ["A truck cannot get there, and hikers would take two days.", /hikers take/],
    "a price said in passing": ["# The trip\n\nThe trip to the island cost 40 dollars, about three times the usual price.", /three times the usual/],
    "a worn thing as a term": ["Usually the culprit is a worn washer, a rubber ring that costs less than a dollar.", /worn washer|call a rubber ring/],
    "bothering to do what": ["Where cuckoos are rare, warblers hardly bother.", /^What happens where/],
    "by hand or with a rule": ["Simpson calculated the growth of a cloud by hand with a slide rule.", /^How did Simpson/],
    "needed for what": ["Simpson had an idea. To prove it Simpson needed measurements.", /^What did Simpson need/],
    "half of a reason": ["Scholars were welcome in Spain, since they could all read Arabic and all knew the same law.", /^Why were scholars/],
    "what comes of standing there": ["Stand at the corner of the street and listen. You will hear eleven lawn mowers.", /^How many lawn mowers/],
    "an answer as a command": [
      "# A talk\n\nLUIS: What kind of paint do you use?\n\nPARK: Acrylic, mostly. Spray paint for the edges.\n\nLUIS: Who decides what you paint?\n\nPARK: The neighborhood.",
      /should you spray/,
    ],
    "thought of everything": ["The people who wrote the Constitution knew that they had not thought of everything.", /^What did the people .* know/],
    "a kilo of what": ["Orris butter is made from roots. A kilo costs more than a car.", /does a kilo cost/],
    "the team that somebody led": ["According to Dr. Rao, who taught the team, the whale was old.", /^Whom did Dr\. Rao/],
    "ten of what": ["There are many amendments. The first ten were adopted together in 1791.", /first ten/],
    "alcohol of a year": ["The Eighteenth Amendment, of 1919, made it illegal to produce or sell alcohol.", /of 1919\?/],
    "sitting by law": ["In Norway pupils have sat on school boards by law since the 1970s.", /^How have pupils sat/],
    "begun before": ["Before the keeper has found a bandage, the body has already begun to repair the damage.", /^When has the body begun/],
    "plates as a place": ["The telescopes of the observatory took photographs of the sky on plates of glass.", /^Where did/],
    "not this but what": [
      "# Our bus needs belts\n\nI think that our school should buy belts. Ms. Kowalski, who has driven Bus 14 for twenty-two years, tells me that the worst part of her job is not the traffic but what goes on behind her back.",
      /not the traffic$/,
    ],
  });
});
