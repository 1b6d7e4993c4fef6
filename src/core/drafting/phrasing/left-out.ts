import { headTerminal, type Node, walkTree } from "../../language/tree";
import { CARRYING_ADVERBS } from "./hangs-on-another";

const DROPPED_ADVERBS = new Set(
  "also again therefore thereby thus hence however moreover furthermore nevertheless then next afterwards finally yet alternatively similarly likewise additionally consequently accordingly already soon itself himself herself themselves".split(
    " ",
  ),
);
const COMMENTS = new Set(
  "strangely funnily sure surprisingly unfortunately fortunately luckily sadly interestingly remarkably oddly amazingly curiously naturally obviously clearly incredibly astonishingly happily unsurprisingly importantly admittedly honestly ironically no yes well oh indeed exactly further besides still overall certainly undoubtedly apparently evidently presumably supposedly".split(
    " ",
  ),
);

const WAYS = /^(?:way|work|reason|manner|purpose|case|process)$/;

/** "for this work", "in this way": without it the clause says a little less, and nothing else. */
export function pointsBack(node: Node): boolean {
  const np = node.kids[1];
  return (
    node.cat === "pp" &&
    /^(?:for|in|with)$/.test(node.kids[0]?.lemma ?? "") &&
    np?.f.det === "dem" &&
    WAYS.test(headTerminal(np).lemma ?? "") &&
    node.end - node.start <= 4
  );
}

/** "four holes, *each one inch deep*", "paid well, *about three times what others earned*": a second measure, said in passing. */
function isMeasureInPassing(node: Node): boolean {
  const phrase = node.kids[1];
  if (node.cat === "c-pp" && /^(?:about|around)$/.test(phrase?.kids[0]?.lemma ?? ""))
    return walkTree(phrase!.kids[1]!).some(({ cat, lemma }) => cat === "n" && lemma === "time");
  return node.cat === "c-advp" && phrase?.f.sub === "measure";
}

/** What is left out of a question: comments, and words that join the sentence to the one before. */
export function isDropped(node: Node): boolean {
  if (isMeasureInPassing(node)) return true;
  // "*Unlike insects*, they have eight legs", "*Like every other member*, the mayor has one vote": said in passing of others.
  if (node.cat === "pp-c" && /^(?:un)?like$/.test(node.kids[0]?.kids[0]?.lemma ?? "")) return true;
  // "The Eighteenth, *of 1919*, made it illegal": when, said in passing.
  if (node.cat === "c-pp-c" && walkTree(node).find(({ cat }) => cat === "pp")?.kids[0]?.lemma === "of") return true;
  const head = headTerminal(node);
  const isAdverb = /^(?:c-)?advp?(?:-c)?$/.test(node.cat);
  // "get their colour from carotenoids, *too*", "With packing, *though*, the Greens could win"
  if (/^(?:c-advp?|advp-c)/.test(node.cat) && /^(?:too|though)$/.test(head.lemma ?? "")) return true;
  // "*Strangely*, octopuses are colour-blind": what the writer thinks of it.
  // "*Oddly enough*, people like the burn"
  const [opening] = head.lemma === "enough" ? walkTree(node).filter(({ cat }) => cat === "adv") : [head];
  if (node.cat === "advp-c" && COMMENTS.has(opening?.lemma ?? "")) return true;
  return isAdverb && (DROPPED_ADVERBS.has(head.lemma ?? "") || (head.flags?.[0] === "link" && !CARRYING_ADVERBS.has(head.lemma ?? "")));
}

/** "…, *while a human body contains trillions*": another statement beside this one. */
export function isContrast(node: Node): boolean {
  return (
    node.cat.startsWith("c-sb") &&
    walkTree(node).some((inner) => inner.cat === "sb" && (inner.f.sub === "while" || inner.f.sub === "though") && inner.f.form !== "ing")
  );
}
