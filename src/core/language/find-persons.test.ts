import { describe, expect, it } from "vitest";
import { analyse, tools } from "../../../tests/support/language-tools";
import { MENS_NAMES, WOMENS_NAMES } from "./data/noun-classes";
import { isPersonNoun, mayNamePerson } from "./find-persons";

const persons = (text: string) => [...new Set([...analyse(text).persons.values()])].map((person) => [person.name, person.gender]);

describe("a name is a person's with positive evidence", () => {
  it.each([
    ["a given name", "The board gave Ida Marrow the post.", [["Ida Marrow", "she"]]],
    ["a title", "The notes went to Dr. Hale at last.", [["Dr. Hale", undefined]]],
    ["a trade before it", "The engineer Fresnel drew the lens.", [["Fresnel", undefined]]],
    ["a trade and a comma", "A French engineer, Augustin Fresnel, drew the lens.", [["Augustin Fresnel", "he"]]],
    ["a pronoun of its own, whatever lists of names say", "One day Raven turned himself into a needle.", [["Raven", "he"]]],
    [
      "whoever reporters met, in the sentence behind the name",
      "The engineer Kestrel paints clocks in a cellar. Our reporters met him beside his newest clock.",
      [["Kestrel", "he"]],
    ],
    ["a verb that only persons do", "Fresnel believed the reports.", [["Fresnel", undefined]]],
  ])("%s", (_, text, wanted) => {
    expect(persons(text)).toEqual(wanted);
  });
  it.each([
    "The fort stood near the town of Rosetta. Rosetta knew the river.",
    "Other Cherokees believed the tale. A Cherokee village stood there.",
    "On Black Sunday the dust rose.",
    "The oven reached 90 degrees Celsius.",
    "Mark the best line of the page.",
    "The boats came to Skerry Bay.",
    "In January the wind rose.",
    "People who live near Gull Point say little.",
    "The ship reached Paris.",
    "The bell had been cast two years earlier at Stockton.",
    "On New Year's Eve the lamp burned.",
    "The keepers rested on Christmas Day.",
  ])("and not in %j", (text) => {
    expect(persons(text)).toEqual([]);
  });
});

describe("one person", () => {
  it("keeps the fullest name for every form of it", () => {
    const { persons: found } = analyse("Ida Marrow kept the light. Marrow wrote a book. Ida slept.");
    expect(["Ida", "Marrow", "Ida Marrow"].map((form) => found.get(form)?.name)).toEqual(["Ida Marrow", "Ida Marrow", "Ida Marrow"]);
  });
  it("is not what a pronoun says that is somebody else's", () => {
    expect(persons("Ida Marrow kept her notes. When Quillon died, she was alone on the rock. Quillon believed in the light.")).toEqual([
      ["Ida Marrow", "she"],
      ["Quillon", undefined],
    ]);
  });
  it("is he or she by the pronouns that follow", () => {
    expect(persons("Ida Marrow kept her notes. Thomas Hale slept. He was tired.")).toEqual([
      ["Ida Marrow", "she"],
      ["Thomas Hale", "he"],
    ]);
  });
});

describe("a name that no list has, beside a woman who has one", () => {
  const TOLD = "Mrs. Bruun kept the shop. Sanna needed the money, because her mother had been ill for a month.";
  const genderOf = (text: string) => analyse(text).persons.get("Sanna")?.gender;
  it("is a she where the text says so twice", () => {
    expect(genderOf(`${TOLD} Sanna put her ear to the lock. Sanna slept.`)).toBe("she");
  });
  it("stays open where it says so once", () => {
    expect(genderOf(`${TOLD} Sanna slept.`)).toBeUndefined();
  });
  it("is nothing that somebody says of him", () => {
    expect(
      analyse("Nell slept. “Merrick chose well,” she said. Merrick had made the locks, so that he could tell them apart.").persons.get("Merrick")?.gender,
    ).toBe("he");
  });
});

describe("a name that lists give to one sex only", () => {
  const MAPS = "Marie Tharp drew maps for a geologist called Bruce Heezen. Heezen dismissed her idea.";
  it("is not changed by whose idea somebody dismisses", () => {
    expect(analyse(MAPS).persons.get("Heezen")).toMatchObject({ name: "Bruce Heezen", gender: "he" });
  });
  it("is what the text says twice", () => {
    expect(persons("Clara Rowley had never said that he was afraid. Clara shook his head.")).toEqual([["Clara Rowley", "he"]]);
  });
  it("is open where the text says the other once", () => {
    expect(persons("Clara Rowley had never said that he was afraid.")).toEqual([["Clara Rowley", undefined]]);
  });
});

describe("two of one family", () => {
  const TOLD = "Thomas Reyne built the tower. His son Edmund Reyne kept the lamp.";
  it("share the surname, which then names neither, but somebody", () => {
    const { persons: known } = analyse(`${TOLD} Reyne slept. Reyne wrote a book.`);
    expect(["Thomas", "Edmund", "Reyne"].map((form) => known.get(form)?.name)).toEqual(["Thomas Reyne", "Edmund Reyne", "Reyne"]);
    expect(known.get("Reyne")).toMatchObject({ gender: "he", firstSeen: 2 });
  });
  it("are not spoken of by the surname where it stands alone once", () => {
    expect(analyse(`${TOLD} Reyne slept.`).persons.get("Reyne")).toBeUndefined();
  });
});

describe("a letter or a number in a name", () => {
  it("is a part of it, by which nobody is called", () => {
    const { persons: known } = analyse("Booker T. Washington wrote letters. Ivan III believed him.");
    expect([...known.keys()]).toEqual(["Booker T. Washington", "Booker", "Washington", "Ivan III", "Ivan"]);
  });
});

describe("a noun is a person's", () => {
  const { lexicon } = tools();
  it.each([
    ["keeper", true, true],
    ["founder", true, true],
    ["twelve-year-old", true, true],
    ["star", false, true],
    ["lamp", false, false],
  ])("%s: first of all %s, in some sense %s", (noun, first, some) => {
    expect([isPersonNoun(noun, lexicon), mayNamePerson(noun, lexicon)]).toEqual([first, some]);
  });
});

describe("names in headings", () => {
  it("are no part of a title", () => {
    const { persons: known } = analyse("# Idris Learns to Draw\n\nIdris wanted a pen. He asked the keeper. Idris said that he was tired.", "markdown");
    expect([...new Set([...known.values()].map(({ name }) => name))]).toEqual(["Idris"]);
  });
  it("are no common words with a capital", () => {
    const { persons: known } = analyse("# Galileo Looks Up\n\nGalileo was born in Selm. Galileo wrote a book.", "markdown");
    expect([...new Set([...known.values()].map(({ name }) => name))]).toEqual(["Galileo"]);
  });
  it("are counted wherever they stand", () => {
    const { persons: known } = analyse("Mistress Vane drew. She frowned. The map that Mistress Vane drew was old.");
    expect(known.get("Mistress Vane")).toMatchObject({ gender: "she", mentions: 2 });
  });
});

describe("given names", () => {
  it("are a woman's or a man's, never both by mistake", () => {
    const both = [...WOMENS_NAMES].filter((name) => MENS_NAMES.has(name));
    expect(both).toEqual([]);
  });
  it("are known from the first mention on", () => {
    const { persons: known } = analyse("Twelve-year-old Dana Ruiz read the plan. The council met in March. Dana explained it to her class.");
    expect(known.get("Dana")).toMatchObject({ name: "Dana Ruiz", gender: "she", firstSeen: 0 });
  });
});

describe("names that are taken as a whole, or as nobody's", () => {
  it.each([
    ["a name with a particle", "Ferdinand de Lesseps dug the canal.", [["Ferdinand de Lesseps", "he"]]],
    ["a people with its article", "Ida Marrow and four Inuit companions stopped there. She learned the language of the Inuit.", [["Ida Marrow", "she"]]],
    [
      "a thing with its article",
      "Ida Marrow spent a year on a single Bible. The great Bible on which he was working was nearly finished.",
      [["Ida Marrow", "she"]],
    ],
    ["a union that begins like a name", "Ida Marrow joined the Christian Temperance Union.", [["Ida Marrow", "she"]]],
    [
      "an adjective of a people",
      "The petition bore 32,000 signatures, nearly a quarter of all the adult European women in the colony. Ida Marrow wrote it.",
      [["Ida Marrow", "she"]],
    ],
    [
      "a name behind a time with its article",
      "In the morning Grandfather found the wire. Grandfather smiled at Ida.",
      [
        ["Grandfather", "he"],
        ["Ida", "she"],
      ],
    ],
  ])("%s", (_, text, wanted) => {
    expect(persons(text).sort()).toEqual(wanted.sort());
  });
});

describe("whether somebody is a he or a she", () => {
  const gender = (text: string, name: string) => analyse(text).persons.get(name)?.gender;
  it.each([
    ["by the pronoun that opens the next sentence", "One day Sorrel wept. Then she slept. At noon Sorrel ran to the sea. She swam.", "Sorrel", "she"],
    [
      "not by whom the person does something to",
      "One day Sorrel watched him. He slept. At noon Sorrel wept. She slept. Then Sorrel whispered.",
      "Sorrel",
      "she",
    ],
    ["not by whoever is named beside", "Ayoka told Sequoyah what to do. She slept. Sequoyah wept. He slept. Sequoyah said that he was cold.", "Sequoyah", "he"],
    ["not by whose apprentice it is", "Rosalind was nineteen and had been his apprentice for years. Rosalind said that she was late.", "Rosalind", "she"],
    ["by whose name it is", "Her name was Tarn, and the house was small. Tarn said that it rained. Tarn slept.", "Tarn", "she"],
  ])("is told %s", (_, text, name, wanted) => {
    expect(gender(text, name)).toBe(wanted);
  });
  it("is asked of each of a family, and of nobody by the surname", () => {
    const { persons } = analyse("John Roebling drew the bridge. Washington Roebling built it. Emily Roebling helped him. Roebling was ill.");
    expect(new Set([...persons.values()].map(({ name }) => name)).size).toBe(3);
    expect(persons.get("Roebling")).toBeUndefined();
    expect(persons.get("Washington Roebling")?.name).toBe("Washington Roebling");
  });
  it("is asked of one person under a title and a first name", () => {
    const { persons } = analyse("Dr Hale came. Edmund Hale read the notebook. Hale slept.");
    expect([...new Set([...persons.values()].map(({ name }) => name))]).toEqual(["Edmund Hale"]);
  });
  it("is asked of a name from its title on", () => {
    const { persons } = analyse('"Tell Captain Brandt that his boat is old," said Finn. Captain Brandt said that he was late.');
    expect(persons.get("Captain Brandt")?.name).toBe("Captain Brandt");
  });
  it("is not asked of a parliament", () => {
    expect(analyse("The British Parliament decided to vote. Parliament thought that the law was good.").persons.size).toBe(0);
  });
});

it("knows a name that is a woman's or a man's only, and whom a place does not hide", () => {
  const genders = (text: string) => Object.fromEntries([...analyse(text).persons.values()].map(({ name, gender }) => [name, gender]));
  expect(genders("In the north Emilie Demant met Johan Turi, a hunter. Emilie Demant wrote a book.")).toEqual({ "Emilie Demant": "she", "Johan Turi": "he" });
  expect(genders("When Robin Vane was a child in Denmark, she dreamed of the north. Robin Vane said so.")).toEqual({ "Robin Vane": "she" });
});
