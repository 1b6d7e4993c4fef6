import { describe, expect, it } from "vitest";
import { asked, askedLed } from "../../../../tests/support/fact-tester";
import { analyse } from "../../../../tests/support/language-tools";
import { draftNumbers } from "../drafters/draft-numbers";
import { stockSource } from "../source-stock";

const RULE = "A council may not decide on anything that is not on the agenda. This rule protects citizens, because it gives them time to prepare.";

describe("facts that take up the sentence before", () => {
  const examples: Record<string, [text: string, stem: string, answer: string]> = {
    "by a noun for all it says": [
      RULE,
      "Read: “A council may not decide on anything that is not on the agenda.” Why does this rule protect citizens?",
      "because it gives citizens time to prepare",
    ],
    "behind a question": [
      "But what if everyone wants the money back on the same day? This is called a bank run.",
      "Read: “But what if everyone wants the money back on the same day?” What is this called?",
      "a bank run",
    ],
    "by a name": [
      "The town clerk writes down what is said. This record is called the minutes.",
      "Read: “The town clerk writes down what is said.” What is this record called?",
      "the minutes",
    ],
    "by the name of a deed": ["The coral turns white. This is known as bleaching.", "Read: “The coral turns white.” What is this called?", "bleaching"],
    "by a pronoun, that no noun was found for": [
      "The council has seven members. They are elected for four years.",
      "Read: “The council has seven members.” For how many years are they elected?",
      "four",
    ],
    "by such a": [
      "When people buy a home, the home serves as collateral. Such a loan is known as a mortgage.",
      "Read: “When people buy a home, the home serves as collateral.” What is such a loan called?",
      "a mortgage",
    ],
    "by a noun that is only named": [
      "People who borrow from a bank must pay back more than they received. The extra amount is called interest.",
      "Read: “People who borrow from a bank must pay back more than they received.” What is the extra amount called?",
      "interest",
    ],
    "by what it is called": [
      "Some harmless animals look like dangerous ones. Biologists call this trick mimicry.",
      "Read: “Some harmless animals look like dangerous ones.” What do biologists call this trick?",
      "mimicry",
    ],
    "by what is done to it": [
      "People used to think that we yawn because our blood needs oxygen. In the 1980s, Robert Provine tested this idea.",
      "Read: “People used to think that we yawn because our blood needs oxygen.” When did Robert Provine test this idea?",
      "in the 1980s",
    ],
    "by a day that was told": [
      "At noon on the longest day of the year the sun stood over the well. In Alexandria pillars cast a shadow on that day.",
      "Read: “At noon on the longest day of the year the sun stood over the well.” Where did pillars cast a shadow on that day?",
      "in Alexandria",
    ],
    "over two sentences": [
      "A frog does not look like its parents when it is born. It changes its shape as it grows. This change is called metamorphosis.",
      "Read: “A frog does not look like its parents when it is born. It changes its shape as it grows.” What is this change called?",
      "metamorphosis",
    ],
    "by a sentence whose pronoun is known": [
      "A newt lives under stones and rotten leaves in the ponds of the long valley behind the school at Skerry Bay. It keeps its gills for its whole life. Scientists call this condition neoteny.",
      "Read: “[A newt] keeps its gills for its whole life.” What do scientists call this condition?",
      "neoteny",
    ],
    "by what they do": [
      "First the milk is warmed, and bacteria are added. They turn the sugar of the milk into acid.",
      "Read: “First the milk is warmed, and bacteria are added.” What do they turn the sugar of the milk into?",
      "acid",
    ],
    "by he, where nobody else can be meant": [
      "In 46 BC the Roman ruler Julius Caesar decided to reform the calendar. On the advice of the astronomer Sosigenes he added a day to every fourth year.",
      "Read: “In 46 BC the Roman ruler Julius Caesar decided to reform the calendar.” What did he add to every fourth year on the advice of the astronomer Sosigenes?",
      "a day",
    ],
    "by whose it is": [
      "Merchants in the province of Sichuan had a problem. Their coins were made of iron.",
      "Read: “Merchants in the province of Sichuan had a problem.” What were their coins made of?",
      "iron",
    ],
  };
  for (const [name, [text, ...wanted]] of Object.entries(examples)) it(name, () => expect(askedLed(text)).toContainEqual(wanted));

  const never: Record<string, string> = {
    "what points further back": "The clerk waited. This year the council bought a horn because the fog was thick.",
    "a lead that points back itself": "They wrote it down. This record is called the minutes.",
    "somebody's words": "“A clerk writes down what is said,” said Ida Marrow. This record is called the minutes.",
    "what no noun of the lead can have done": "A variance is permission to break a rule. It must hold a hearing within two weeks.",
    "what is clear by itself": "The council has seven members. The town elects a council for four years.",
    "a day that no sentence told": "Workers ran to the shops. In November of that year a single egg cost 320 billion marks.",
    "what is told of in the sentence itself": "The freedom is not unlimited. When somebody spreads lies, this offence is called libel.",
    "whose it is by the sentence itself": "The horn makes a sound. When a whale calls, its voice travels for miles.",
    "what made it when it burst": "They found that the pop is heard after the hull has cracked. It is made by the steam when it bursts out of the kernel.",
    "what the reason in front names": "Rulers saw things differently. Since potatoes grow underground, they survive when an army tramples the fields.",
    "an answer that points back": "Nowhere does the law say that the court may strike it down. This court claimed this power in 1803.",
  };
  for (const [name, text] of Object.entries(never)) it(`leaves alone ${name}`, () => expect(askedLed(text)).toEqual([]));

  it("are drafted as numbers too, where they count something", () => {
    const numbers = draftNumbers(stockSource(analyse("The council has seven members. They are elected for four years.", "markdown")));
    expect(numbers.map(({ stem, parts }) => [stem, parts])).toContainEqual([
      "Read: “The council has seven members.” For how many years are they elected?",
      expect.objectContaining({ sort: "number", value: 4 }),
    ]);
  });
  it("never asks them without what they take up", () => {
    expect(asked(RULE).filter(([stem]) => /this rule/i.test(stem))).toEqual([]);
  });
});
