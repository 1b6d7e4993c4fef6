import { readFileSync } from "node:fs";
import path from "node:path";
import { expect, it } from "vitest";
import { stockOf } from "@/core/drafting/candidates";
import { findDistractors } from "@/core/drafting/distractors/find-distractors";
import { draftQuestions } from "@/core/drafting/draft-questions";
import { draftMultipleChoice } from "@/core/drafting/drafters/draft-multiple-choice";
import { numberValue } from "@/core/drafting/phrasing/number-forms";
import { asked } from "../support/fact-tester";
import { neverDrafts } from "../support/fault-tester";
import { analyse, root } from "../support/language-tools";

/** What was drafted wrongly from passages written for a trial after statements were turned round in more ways. */
neverDrafts({
  "of statements": {
    "useless in many ways": ["# Lichens\n\nLichens grow on walls. Lichens are useful in many ways.", /useless in/],
    "all of those who did it, told of the thing": [
      "# The machine\n\nMany people tried to build a machine that could sew, but they all copied the movements of the hand, and they all failed.",
      /were all copied|people all copy/,
    ],
    "both kinds, told behind a colon": [
      "# Books for the library\n\nI think that the council should leave the books of the library to us. It is an expensive habit, and it should stop. In my opinion nobody needs it. A library needs both kinds of books: those that children want and those that they do not know they want.",
      /both kinds/,
    ],
    "a class for some": [
      "# Lichens\n\nOn old walls grow grey, yellow and orange patches that many people take for dirt. They are lichens.",
      /patches are lichens/,
    ],
  },
  "of who or how many is meant": {
    "kinds of nobody knows what": [
      "# Lichens\n\nLichens tell us about the air. Today, after laws against coal smoke, more than a hundred kinds have come back.",
      /How many kinds/,
    ],
    "most kinds": ["# Lichens\n\nLichens tell us about the air. Most kinds die where the air holds much sulphur.", /most kinds/],
    "a person among machines": [
      "# The machine\n\nHowe found that others were making and selling machines with his stitch. The most successful of them was Isaac Singer.",
      /successful of machines/,
    ],
  },
  "of what comes of what": {
    "what explains it for what happens": [
      "# The gauge\n\nA rain gauge measures rain. If your numbers are always lower, a tree or a wall is probably keeping some of the rain away.",
      /What happens if your numbers/,
    ],
    "one duty of several": [
      "# The notary\n\nA notary does not take sides. He or she must advise the buyer and the seller alike. The notary must also explain any words that the buyer does not understand.",
      /what must the notary do/i,
    ],
  },
  "of limits and amounts": {
    "what holds of less as well": ["# Yeast\n\nYeast is alive. Below ten degrees yeast hardly works.", /below (?!ten)\S+ degrees/],
    "what is done sooner as well": ["# Mushrooms\n\nSmall grey caps push out of the bark within ten days.", /within (?!ten|_)\S+ days/],
    "a number of times that comes home": [
      "# The bridge\n\nIn summer the bridge opens twelve times a day. In winter only two or three times, when the fishing boats go out and come home.",
      /times come home/,
    ],
    "nearly all of them in one place": [
      "# Glaciers\n\nToday nearly all glaciers are growing shorter. In the Alps they have lost more than half of their ice since 1850.",
      /nearly all glaciers lost/,
    ],
  },
  "of what is only supposed or not yet so": {
    "what would be so in that case": [
      "# Ice\n\nIf ice were heavier than water, lakes would freeze from the bottom up. In winter the whole lake might turn into a block of ice.",
      /might (?:the whole lake )?turn/,
    ],
    "a so without its far": ["# Icebergs\n\nPeople have thought of using icebergs. So far the plans of the icebergs have failed.", /failed far/],
    "what is so already": ["# Warm coats\n\nA warm coat costs nothing if you already own the coat.", /What happens if you/],
    "a share that lie": ["# Icebergs\n\nAbout nine tenths of an iceberg lie below the surface of the sea.", /What share of an iceberg lie /],
    "both languages": ["# The book\n\nTuri wrote a book about his people. In 1910 the book appeared in both languages.", /both languages/],
    "two nouns torn apart": [
      "# Coins\n\nChoose a dry place. In a damp cellar copper coins grow green spots, which collectors call bronze disease.",
      /cellar copper\?/,
    ],
  },
  "of deeds and their objects": {
    "two duties in one sentence": [
      "# Silence\n\nThe right has limits. A driver must give his name, and in most countries he must take a breath test.",
      /what must a driver do/i,
    ],
    "what is learnt for why it is learnt": [
      "# Metal\n\nMetal feels cold. In cold countries people learn early not to touch a metal fence with wet hands.",
      /^Why do people learn/,
    ],
    "one of two things carried": [
      "# Metal\n\nIn metals there are free electrons, which move about and carry the heat with them. These electrons also carry electricity.",
      /What do the free electrons carry/,
    ],
    "what the title says": ["# The Girl Who Counted Birds\n\nFlorence Merriam was born on a farm. She watched birds.", /What did .* watch/],
    "a name again behind its owner's": [
      "# Florence\n\nFlorence Merriam was born in 1863 on a farm. Her mother taught her the names of the stars.",
      /mother(?: teach| taught) (?:Florence )?Merriam/,
    ],
    "what somebody will not, nobody knows": ["# Close the shop?\n\nThe council wants to close the shop. I hope that the council will not.", /That .* will not/],
    "the whole sum of what": [
      "# The pupils of the shop\n\nI think that the council should keep the shop. It is an expensive habit, and it should stop. In my opinion nobody needs it. Last year the pupils made a profit of four hundred pounds, and the whole sum went to the animal shelter of the pupils.",
      /the whole sum/,
    ],
  },
  "of forms": {
    "a space before a comma": ["# The mayor\n\nA mayor is elected by the people of a town, usually for five years.", /mayor ,/],
    "one of two measures with the other": [
      "# The ropewalk\n\nThe longest building in Skerry Bay was 310 metres long and only six metres wide.",
      /How many metres long and/,
    ],
    "a thing told as a deed": [
      "# How to make an eye\n\n1. Bend the rope into a loop of the size you want.\n2. Pull the strands of the rope tight.\n3. Tape the ends of the strands.\n4. Make a permanent eye at the end of the rope.",
      /= They a /,
    ],
  },
  "of lists": {
    "a part of a list of places": [
      "# Lichens\n\nOn old walls, on gravestones and on the bark of trees grow grey patches.",
      /walls on gravestones|^Where do grey patches grow on/,
    ],
  },
});

it("keeps the commas of a list of phrases", () => {
  expect(asked("# Lichens\n\nOn old walls, on gravestones and on the bark of trees grow grey patches.")).toContainEqual([
    "What grows on old walls, on gravestones and on the bark of trees?",
    "grey patches",
  ]);
});

it("does not give a statement to choose and again to call true or false", () => {
  const text = readFileSync(path.join(root, "quality/passages/the-machine-that-sewed.md"), "utf8");
  const rows = (["select-all", "true-false"] as const).map((kind) => ({ kind, count: 6, depth: "any" as const, points: 1 }));
  const questions = [...draftQuestions({ analysis: analyse(text, "markdown"), plan: { grade: 5, rows }, seed: 1, newId: String })].map(
    ({ question }) => question,
  );
  const options = questions.flatMap((question) => (question.kind === "select-all" ? question.options.map(({ text: option }) => option) : []));
  const stated = questions.flatMap((question) => (question.kind === "true-false" ? [question.stem] : []));
  expect(options.length).toBeGreaterThan(0);
  expect(stated.length).toBeGreaterThan(0);
  for (const statement of stated) expect(options).not.toContain(statement);
});

it("offers nothing that is done to whoever wants it, and no wish, for what somebody is advised to do", () => {
  const text =
    "# Florence\n\nFlorence Merriam advised her readers to keep a notebook. Her friends wore hats with feathers. Her doctors sent Florence Merriam to the dry West. Florence Merriam wanted to watch birds alive. The readers made a list of birds.";
  const stock = stockOf(analyse(text, "markdown"));
  const advice = stock.facts.find(({ stem }) => stem.startsWith("What did Florence Merriam advise"))!;
  const offered = findDistractors(advice, stock, 6, 1);
  expect(offered).toContain("wear hats with feathers");
  expect(offered.filter((option) => /Merriam|want/.test(option))).toEqual([]);
});

it("offers no place of another sort than the right one", () => {
  const text =
    "# Cholera\n\nIn August 1854 cholera broke out in Soho. Nobody had fallen ill in a brewery. John Snow drew black bars on a map. A family had died in Hampstead. John Snow was born in York.";
  const stock = stockOf(analyse(text, "markdown"));
  const place = stock.facts.find(({ stem }) => stem.startsWith("Where did cholera break out"))!;
  expect(findDistractors(place, stock, 6, 1).sort()).toEqual(["in Hampstead", "in York"]);
});

it("offers only fewer where something is done within so many", () => {
  const stock = stockOf(analyse("# The crew\n\nThe crew of the lifeboat must reach the station within eight minutes.", "markdown"));
  const within = stock.facts.find(({ stem }) => stem.startsWith("Within how many minutes"))!;
  const offered = findDistractors(within, stock, 3, 1);
  expect(offered.length).toBeGreaterThanOrEqual(2);
  for (const option of offered) expect(numberValue(option)).toBeLessThan(8);
});

it("names nobody by the it of another matter among the options", () => {
  const text =
    "# Puffins\n\nPuffins come back to Gull Stack every April. Hundreds of puffins need dry land because it is time to lay an egg. Puffins have bright beaks in spring. Puffins eat small fish from the sea. Puffins dig their nests in the soft ground.";
  const choices = draftMultipleChoice(stockOf(analyse(text, "markdown")), 1).filter(({ stem }) => stem.includes("need dry land"));
  expect(choices).toHaveLength(1);
  expect(choices[0]!.distractors.filter((option) => option.startsWith("It "))).toEqual([]);
});

it("offers no more per cent than a hundred, in words too", () => {
  const stock = stockOf(analyse("# Votes\n\nIn 1893 the party received about forty percent of the votes.", "markdown"));
  const share = stock.facts.find(({ answer }) => answer === "about forty")!;
  const offered = findDistractors(share, stock, 6, 1);
  expect(offered.length).toBeGreaterThan(0);
  for (const option of offered) expect(numberValue(option.replace(/^about /, ""))).toBeLessThanOrEqual(100);
});
