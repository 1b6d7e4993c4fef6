import { describe, expect, it } from "vitest";
import { tools } from "../../../../tests/support/language-tools";
import { tagCandidates } from "../tag-candidates";
import { tokenize } from "../tokenize";
import { headTerminal, type Node, walkTree } from "../tree";

const { lexicon, parser } = tools();

function parse(text: string): { tree: Node | undefined; words: ReturnType<typeof tagCandidates> } {
  const words = tagCandidates(tokenize(text), lexicon, { capitalised: new Set(), lowerCased: new Set() });
  return { tree: parser.parse(words), words };
}

/** The words of the first phrase of such a category and role. */
function phrase(text: string, cat: string, role?: string): string | undefined {
  const { tree, words } = parse(text);
  const node = tree && walkTree(tree).find((one) => one.cat === cat && (!role || one.role === role));
  return (
    node &&
    words
      .slice(node.start, node.end)
      .map((word) => word.text)
      .join(" ")
  );
}

describe("what is said beside a clause without a verb of its own", () => {
  it.each([
    ["Nine thousand people were injured, many of them blinded by flying glass.", "many of them blinded by flying glass"],
    ["Almost two thousand people died, Vincent Coleman among them.", "Vincent Coleman among them"],
    ["A camel can carry two slabs of salt, each as heavy as a grown man.", "each as heavy as a grown man"],
    ["One spring a captain came and ordered two ropes, each two hundred metres long.", "each two hundred metres long"],
  ])("%s", (text, aside) => expect(phrase(text, "abs")).toBe(aside));
});

describe("a clause of which only the auxiliary is left stands beside the whole", () => {
  it.each([
    ["English kings claimed it, and so did the colonies.", "so did the colonies"],
    ["Eleven pupils were in bed, and so was our teacher.", "so was our teacher"],
    ["More than a hundred countries have an ombudsman, and so do many cities and newspapers.", "so do many cities and newspapers"],
  ])("%s", (text, aside) => expect(phrase(text, "so-do")).toBe(aside));
});

describe("a list of places, or of what something is like, behind a colon", () => {
  it.each([
    [
      "They live in many places: in hot springs, under ice, and in the gutters of houses.",
      "colon-pp",
      ": in hot springs , under ice , and in the gutters of houses",
    ],
    [
      "We have always paid for them: with our time, with our lungs, and with our patience.",
      "colon-pp",
      ": with our time , with our lungs , and with our patience",
    ],
    ["The tongue knows three tastes: sweet, sour, and bitter.", "colon-ap", ": sweet , sour , and bitter"],
  ])("%s", (text, cat, list) => expect(phrase(text, cat)).toBe(list));
});

describe("what a noun of time or way goes on with belongs to it", () => {
  it.each([
    ["The club apologised for the way it had treated her.", "the way it had treated her"],
    ["The tank had leaked from the day it was built.", "the day it was built"],
    ["I was ten the summer we moved into the lighthouse.", "the summer we moved into the lighthouse"],
    ["That night I did something I had never done before.", "something I had never done before"],
    ["It gave him everything he cried for.", "everything he cried for"],
  ])("%s", (text, noun) => expect(phrase(text, "np", "relative")).toBe(noun));
});

describe("is accepted as a whole", () => {
  it.each([
    "Hardly anyone in the city knew what the ship was carrying.",
    "A dispatcher had been told by a sailor what was on board.",
    "He was born a slave in Missouri.",
    "Most of the countries with large navies have not.",
    "The tax is based on what a house is worth.",
    "The bank asks the borrower how much he or she earns and whether earlier loans were paid on time.",
    "A society was founded that would pay for lifeboats.",
    "Between the chambers are valves.",
    "The holes are the places where the bubbles were.",
    "Green hillsides turn yellow, orange, and red.",
    "It should be neither too easy nor too hard.",
    "When you are busy but not overwhelmed, they leave you alone.",
    "Museums all over the world need rope for their ships.",
    "Before and after each fight both fighters bow.",
    "News and ideas spread faster than ever before.",
    "Some twelve thousand people were killed by the eruption itself.",
    "They were popular, but he printed too many.",
    "It needs a path, usually a copper wire.",
    "Sounds above 20,000 hertz are called ultrasound.",
    "Within an hour or so the animal walks off as if nothing had happened.",
    "Every fall, millions of monarchs leave Canada.",
    "The birds sang, the frogs croaked and the crickets chirped all night long.",
    "Bruno the tailor had one rule.",
    "Clerks copied whatever looked important.",
    "Steam needs sixty times as much room as water.",
    "In Ireland, where the poor ate hardly anything else, a disease destroyed the crop.",
    "An army marches on its stomach, or so people say.",
    "If you see no drops at all in the morning, spray a little more.",
  ])("%s", (text) => expect(parse(text).tree).toBeDefined());
});

it.each([
  ["Add the fish and cook it for five more minutes.", "five more minutes"],
  ["The council should buy six more buses before it abolishes the ticket.", "six more buses"],
])("more of what is counted: %s", (text, counted) => expect(phrase(text, "np", "quantity")).toBe(counted));

it("tells somebody where it is, and does not tell the others of a place", () => {
  const { tree } = parse("The bee flies home and tells the others where it is.");
  const told = walkTree(tree!).find(({ cat, role }) => cat === "vp" && role === "clause");
  expect(told && headTerminal(told).lemma).toBe("tell");
});

describe("a phrase in an unusual place", () => {
  it.each([
    ["Most important, a garden would teach us things.", "ap-c", "Most important ,"],
    ["She set up her loom that very night.", "nb", "loom"],
    ["It was voted the most beautiful building in Sweden.", "np", "It"],
    ["Ions can make this trip hundreds of times, but not forever.", "but-not", "but not forever"],
    ["He found the name, and for the first time in six years picked up the telephone.", "pp-vp", "for the first time in six years picked up the telephone"],
  ])("%s", (text, cat, wanted) => expect(phrase(text, cat)).toBe(wanted));
});

describe("a few words that stand for many", () => {
  it.each([
    ["Red light has the longest waves, and violet light has the shortest.", "best", "the shortest"],
    ["The largest grow to two metres.", "best", "The largest"],
    ["Nobody alive knew how to read hieroglyphs.", "np", "Nobody alive"],
    ["Both my parents are deaf.", "np", "Both my parents"],
    ["We both screamed.", "np", "We both"],
    ["Birds are curious and not very shy.", "ap", "curious and not very shy"],
    ["The rule says, among other things, that dogs are allowed.", "cs", "that dogs are allowed"],
    ["It means that they pay their taxes.", "cs", "that they pay their taxes"],
  ])("%s", (text, cat, wanted) => expect(phrase(text, cat)).toBe(wanted));
});
