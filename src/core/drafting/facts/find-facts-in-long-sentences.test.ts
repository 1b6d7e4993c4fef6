import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("who did it", () => {
  finds({
    "with a trade before the name": ["In 1920 British explorer James Cook sailed to Norway.", "Who sailed to Norway in 1920?", "James Cook"],
    "with a name behind the trade": ["An English doctor named Thomas Young made the first breakthrough.", "Who made the first breakthrough?", "Thomas Young"],
    "two peoples at once": ["British and French troops landed near the harbour.", "Where did British and French troops land?", "near the harbour"],
    "by his name in passing": ["It was a Frenchman, Jean Valcourt, who solved the puzzle in 1822.", "Who solved the puzzle in 1822?", "Jean Valcourt"],
    "after a while": [
      "Brandt taught in Selm. Two years later the Norwegians defeated the Danes near Selm.",
      "Who defeated the Danes near Selm?",
      "the Norwegians",
    ],
  });
});

describe("what belongs together stays together", () => {
  finds({
    "a first of its sort": [
      "Skerry Bay passed the first law on nets in the whole country.",
      "What did Skerry Bay pass?",
      "the first law on nets in the whole country",
    ],
    "the first woman to do something": [
      "On August 1, 1911, Oda Brandt became the first woman to earn a licence.",
      "When did Oda Brandt become the first woman to earn a licence?",
      "on August 1, 1911",
    ],
    "what parts something and into what": ["The harbour is divided into two basins by a wall.", "What is the harbour divided into by a wall?", "two basins"],
    "by whom it is examined": ["Every new rule involves a severe test by the council.", "What does every new rule involve?", "a severe test by the council"],
    "to whom one owes it": [
      "Every day, keepers meet their responsibilities to their families.",
      "What do keepers meet every day?",
      "their responsibilities to their families",
    ],
    "how long after something": [
      "Marta Brandt tried to sell the boat seven days after the term had ended.",
      "When did Marta Brandt try to sell the boat?",
      "seven days after the term had ended",
    ],
    "a date with its year": [
      "On the evening of February 2, 2000, Ola Berg was walking along the quay.",
      "When was Ola Berg walking along the quay?",
      "on the evening of February 2, 2000",
    ],
    "degrees with their scale": ["On a sunny day an oven can reach 90 degrees Celsius.", "How many degrees Celsius can an oven reach on a sunny day?", "90"],
    "whom one helps to found": ["In 1854 Berg helped found the town of Selm.", "In what year did Berg help found the town of Selm?", "1854"],
  });
});

describe("names", () => {
  finds({
    "of what happens": [
      "Without algae, coral turns white, a process known as bleaching.",
      "What do we call the process in which coral turns white without algae?",
      "bleaching",
    ],
    "after or": ["Molten rock, or magma, rises through the crust.", "What is another name for molten rock?", "magma"],
    "of a group told with its usual number": [
      "A jury is a group of ordinary citizens, usually twelve, who listen to the evidence and decide whether somebody is guilty.",
      "What is a jury?",
      "a group of ordinary citizens, usually twelve, who listen to the evidence and decide whether somebody is guilty",
    ],
  });
});

describe("why", () => {
  finds({
    "all of what was done": [
      "To keep strangers away, Oda Berg dressed as a man and sailed at sunrise.",
      "Why did Oda Berg dress as a man and sail at sunrise?",
      "to keep strangers away",
    ],
    "the strongest went first": ["Ola Brandt went first because he was the strongest.", "Why did Ola Brandt go first?", "because he was the strongest"],
    "they hoped for the other two": [
      "Because scholars could read Greek, they hoped that the stone would give them the key to the other two.",
      "Why did scholars hope that the stone would give them the key to the other two?",
      "because scholars could read Greek",
    ],
    "how far it is so": ["Skerry Bay is rich in fish partly because of its reefs.", "Why is Skerry Bay rich in fish?", "partly because of its reefs"],
    "for several reasons, told as examples": [
      "Some jurors are excused, for example because they are ill or because they care for a small child.",
      "Why are some jurors excused?",
      "because they are ill or because they care for a small child",
    ],
  });
  neverAsks({
    "a story to get into": ["The old tale had a terrific plot to get involved in.", /^Why/],
    "what to make sure of": ["Make sure not to fall into the water.", /^Why/],
    "a matter for the year in it": ["In three years Berta won four medals. In 1809 Oda Berg began.", /^In what year did Oda Berg begin/],
  });
});

describe("whoever is told of", () => {
  finds({
    "is no family": [
      "Harriet Brandt was born in Selm in 1875. Her family later moved to Bergen, where she began to write. In 1903 she took a job in Oslo as a reporter for a magazine.",
      "In what year did Harriet Brandt take a job in Oslo as a reporter for a magazine?",
      "1903",
    ],
    "is followed past a language": [
      "Luc Valcourt solved the puzzle in 1822. Valcourt had learned Latin. He recognized that the signs were a mixture of two sorts.",
      "Who recognized that the signs were a mixture of two sorts?",
      "Valcourt",
    ],
    "has the name behind the trade": [
      "An English doctor named Thomas Young made the first breakthrough. He proved that the signs spelled a name.",
      "What did Thomas Young prove?",
      "that the signs spelled a name",
    ],
    "may be what a condition has named": [
      "When you use a person's own words, put them inside quotation marks.",
      "What should you do when you use a person's own words?",
      "put a person's own words inside quotation marks",
    ],
  });
});

describe("when", () => {
  finds({
    "by the clock": ["The ferry leaves the old pier at 8:30.", "When does the ferry leave the old pier?", "at 8:30"],
    "before our era": ["In 431 BC war broke out between the two harbour towns.", "When did war break out between the two harbour towns?", "in 431 BC"],
    "again and again": [
      "The sea is rough. Each month the pilots put three new buoys on trial.",
      "How many new buoys do the pilots put on trial each month?",
      "three",
    ],
  });
  neverAsks({
    "whoever asks for whoever is told of": [
      "LENA: Where did you learn to cook?\n\nMR. BERG: From my mother, in Bergen. She ran a small restaurant with only five tables. When I was ten, she let me stir the soup.\n\nLENA: How do you decide what to serve?\n\nMR. BERG: The law says that every lunch must contain fruit.",
      /Lena let/,
    ],
  });
});
