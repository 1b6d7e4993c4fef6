import { TIME_NOUNS } from "../data/noun-classes";
import { headTerminal, type Node } from "../tree";
import { isWhose } from "./clause-rules";
import { JOINED_BY } from "./noun-phrase-rules";
import { firstWord, isPlace, isRate, opensWithAs } from "./phrase-shapes";
import { agreeNumbers, type Made, type RuleWriter } from "./rule-writer";

const MEASURES = new Set("degree mile metre meter kilometre kilometer foot inch step pace knot fathom".split(" "));

/** "a little later", "a mile away", "an hour long" */
function isLength(noun: string): boolean {
  return MEASURES.has(noun) || TIME_NOUNS.has(noun) || /^(?:little|bit|lot|way|dozen|hundred|thousand)$/.test(noun);
}

/** "played marbles that *spring*": the time, and no marbles that spring. */
function isLoneTime(vp: Node): boolean {
  return vp.end - vp.start === 1 && /^spring$/.test(headTerminal(vp).lemma ?? "");
}

/** What is hard or easy to do something with. */
const HARD_TO = /^(?:hard|easy|difficult|impossible|dangerous|safe|simple|pleasant|cheap|expensive)$/;

/** "half of its weight", "a third of the money" */
function isFraction(np: Node): boolean {
  const [share, whole] = np.kids;
  const isShare = np.role === "postmodifier" && whole?.f.sub === "of" && /^(?:half|third|quarter|fifth|sixth|tenth)$/.test(headTerminal(share!).lemma ?? "");
  return isShare || /^half\b/.test(firstWord(np));
}

/** Relative and wh-clauses, adjectives, adverbs, prepositions. */
export function addModifierRules({ rule, lift }: RuleWriter): void {
  rule("rc", "rel vp", 1, "mark", 0, (l, r) =>
    r.f.form === "fin" && !r.f.gap && l.f.sub !== "time" && l.f.sub !== "place" && !(l.lemma === "that" && isLoneTime(r))
      ? { ...(l.lemma === "that" ? { sub: "that" } : {}), agr: r.f.agr ?? "any" }
      : undefined,
  );
  rule("rc", "np vp", 1, "mark", 0.2, (np, vp) => (isWhose(np) && vp.f.form === "fin" && !vp.f.gap ? { sub: "whose" } : undefined));
  // "the oldest treaty *whose text we still have*"
  rule("rc", "np s", 1, "mark", 0.3, (np, s) => (isWhose(np) && s.f.form === "fin" && s.f.gap && s.role === "subject" ? { sub: "object" } : undefined));
  rule("rc", "rel s", 1, "mark", 0.1, (l, r) => {
    const adverbial = l.f.sub === "time" || l.f.sub === "place";
    // "the places *where the bubbles were*"
    const isBe = l.f.sub === "place" && r.f.gap && headTerminal(r).cat === "be";
    return isBe || adverbial === !r.f.gap ? { f: { sub: l.lemma === "that" ? "that" : "object" }, cost: isBe ? 1.5 : 0 } : undefined;
  });
  rule("prel", "prep rel", 1, "mark", 0);
  // "thousands of soldiers, *many of whom* had never farmed", "three lamps, *each of which* burns oil"
  rule("ofrel", "predet rel", 1, "determiner", 0, (l) =>
    / of$/.test(l.lemma ?? "") ? { num: /^(?:each|one) /.test(l.lemma ?? "") ? "sg" : "pl" } : undefined,
  );
  rule("ofrel", "det rel", 1, "determiner", 0, (l) => (l.flags?.includes("oneof") ? { num: "sg" } : undefined));
  rule("ofrel", "num prel", 1, "determiner", 0, (_, r) => (r.kids[0]?.lemma === "of" ? { num: "pl" } : undefined));
  rule("rc", "ofrel vp", 1, "mark", 0.2, (l, r) =>
    r.f.form === "fin" && !r.f.gap && agreeNumbers(l.f.num ?? "any", (r.f.agr as "any") ?? "any") ? { sub: "object" } : undefined,
  );
  rule("rc", "prel s", 1, "mark", 0.2, (_, r) => (r.f.gap ? undefined : { sub: "object" }));
  rule("ws", "wh vp", 1, "mark", 0.6, (_, r) => (r.f.form === "to" || (r.f.form === "fin" && !r.f.gap) ? {} : undefined));
  // "Nobody knew *why*."
  lift("ws", "wh", "mark", (l) => (l.lemma === "why" || l.lemma === "how" ? { f: {}, cost: l.lemma === "how" ? 2 : 1.5 } : undefined));
  rule("ws", "wh s", 1, "mark", 0.2, (l, r) => {
    if (l.f.sub === "thing" || l.f.sub === "person") return r.f.gap ? { f: {}, cost: 0 } : undefined;
    // "asks *where the picture has been*"
    const isBe = l.lemma === "where" && headTerminal(r).cat === "be";
    // "did not know where they lived, *so he shouted*": what is joined on mostly stands beside the whole.
    return r.f.gap && !isBe ? undefined : { f: {}, cost: r.role === "conjunct" ? 1 : 0 };
  });
  rule("wap", "wh ap", 1, "mark", 0.1);
  rule("wap", "wh advp", 1, "mark", 0.3);
  rule("wap", "det nb", 1, "mark", 0.3, (l) => (l.flags?.includes("wh") ? {} : undefined));
  rule("wap", "wh np", 1, "mark", 0.4, (l) => (l.f.sub === "way" ? {} : undefined));
  rule("ws", "wap s", 1, "mark", 0.2, () => ({}));
  // "would know *whose fault it was*"
  rule("ws", "np s", 1, "mark", 0.5, (np, s) => (isWhose(np) && s.f.form === "fin" && s.f.gap && s.role === "subject" ? {} : undefined));
  rule("ws", "np vp", 1, "mark", 0.6, (np, vp) => (isWhose(np) && vp.f.form === "fin" && !vp.f.gap ? {} : undefined));
  // "*which of the two* carries your voice better"
  rule("whof", "wh pp", 0, "determiner", 0, (l, r) => (l.lemma === "which" && r.f.sub === "of" ? {} : undefined));
  rule("ws", "whof vp", 1, "mark", 0.2, (_, vp) => (vp.f.form === "fin" && !vp.f.gap ? {} : undefined));
  rule("ws", "whof s", 1, "mark", 0.3, (_, s) => (s.f.gap ? {} : undefined));

  rule("ap", "adv ap", 1, "modifier", 0.2, (l, r) => (/^(?:deg|manner|approx|freq|only)$/.test(l.f.sub ?? "") ? r.f : undefined));
  // "the most feared diseases", "a well known song"
  rule("ap", "adv v", 1, "modifier", 0.7, (l, r) => (r.flags?.[0] === "participle" && (l.f.sub === "deg" || l.f.sub === "manner") ? {} : undefined));
  // "*half* full", "*two-thirds* finished"
  rule("ap", "share ap", 1, "modifier", 0.2);
  rule("ap", "share v", 1, "modifier", 0.7, (_, r) => (r.flags?.[0] === "participle" ? {} : undefined));
  // "*more easily hurt*", "*so well kept* that …"
  rule("ap", "advp v", 1, "modifier", 0.7, (l, r) =>
    r.flags?.[0] === "participle" && l.role === "modifier" && (l.f.sub === "manner" || headTerminal(l).lemma === "well") && l.kids[0]?.f.sub === "deg"
      ? {}
      : undefined,
  );
  // "as long as possible"
  rule("ap", "asap asposs", 0, "measure", -0.5);
  rule("asap", "prep ap", 1, "mark", 0, (l) => (l.lemma === "as" ? {} : undefined));
  rule("advp", "asadv asposs", 0, "measure", -0.5);
  rule("asadv", "prep advp", 1, "mark", 0, (l) => (l.lemma === "as" ? {} : undefined));
  rule("j-ap", "conj ap", 1, "mark", 0);
  rule("ap", "ap j-ap", 0, "coordination", 0.4);
  // "until it is damp *but not wet*"
  rule("not-ap", "not ap", 1, "mark", 0);
  rule("not-ap", "not v", 1, "mark", 0.4, (_, v) => (v.flags?.[0] === "participle" ? {} : undefined));
  rule("j-ap", "conj not-ap", 1, "mark", 0, (l) => (l.f.sub === "but" ? {} : undefined));
  rule("ap", "corr ap", 1, "correlative", -0.2, (l, r) => {
    // "neither *too easy nor too hard*"
    const pair = r.role === "modifier" && r.kids[1]?.cat === "ap" ? r.kids[1] : r;
    return pair.role === "coordination" && pair.kids[1]?.cat === "j-ap" && JOINED_BY[l.lemma ?? ""] === pair.kids[1].kids[0]?.f.sub ? r.f : undefined;
  });
  rule("c-ap", "comma ap", 1, "mark", 0);
  rule("ap", "ap c-ap", 0, "coordination", 0.5);
  // "yellow, orange*, and red*"
  rule("c-j-ap", "comma j-ap", 1, "mark", 0);
  rule("ap", "ap c-j-ap", 0, "coordination", 0.1, (ap) => (ap.role === "coordination" ? ap.f : undefined));
  // "*as tall as* a wardrobe"
  rule("ap", "ap pp", 0, "complement", 0, (l, r) => ({ f: l.f, cost: r.f.sub === "than" || (r.f.sub === "as" && opensWithAs(l)) ? -0.2 : 0.5 }));
  // "places that are *hard to reach*"
  rule("ap", "ap vp", 0, "complement", 0.6, (l, r) =>
    r.f.form === "to" ? { f: l.f, cost: r.f.gap && HARD_TO.test(headTerminal(l).lemma ?? "") ? -0.5 : 0 } : undefined,
  );
  // "admitted *later* that he had not understood": when, and no way to be.
  rule("ap", "ap cs", 0, "complement", 0.8, (l) => (/^(?:later|late|early|earlier)$/.test(headTerminal(l).lemma ?? "") ? undefined : {}));
  // "were not certain *what it meant*"
  rule("ap", "ap ws", 0, "complement", 0.3, (l) =>
    /^(?:sure|certain|unsure|uncertain|clear|unclear|curious|doubtful|aware)$/.test(headTerminal(l).lemma ?? "") ? l.f : undefined,
  );
  rule("ap", "np ap", 1, "measure", 0.5, (l, r) => {
    // "a crack more than *a meter* long"
    const isOne = l.f.det === "indef" && MEASURES.has(headTerminal(l).lemma ?? "");
    return (l.f.det === "num" || isOne) && r.f.sub !== "ord" ? r.f : undefined;
  });
  // "less than a quarter": a bound belongs to its number.
  lift("advp", "adv", "adverb", (n) => ({
    f: n.f.sub ? { sub: n.f.sub } : {},
    cost: n.f.sub === "deg" ? 0.4 : n.f.sub === "approx" && headTerminal(n).flags?.includes("bound") ? 1.5 : 0,
  }));
  rule("advp", "adv advp", 1, "modifier", 0.2, (l, r) => (["deg", "approx", "only"].includes(l.f.sub ?? "") ? r.f : undefined));
  lift("advp", "np", "time", (n) => {
    const head = headTerminal(n).lemma ?? "";
    // "*The winter my parents divided the house*, I was eleven"
    if (n.role === "relative" && !headTerminal(n.kids[1]!).f.gap && n.kids[1]?.cat === "s" && TIME_NOUNS.has(head))
      return { f: { sub: "time", time: true }, cost: 0.3 };
    // "*This way*, nobody is hurt"
    if (head === "way" && n.f.det === "dem" && n.end - n.start === 2) return { f: { sub: "dem" }, cost: 1 };
    // "*Every fall*, millions of monarchs leave"
    if (head === "fall" && n.kids[0]?.lemma === "every") return { f: { sub: "time" }, cost: 0.4 };
    // "*The next morning* she walked up to the pass"
    const isNext = n.f.det === "def" && n.end - n.start === 3 && /^(?:next|following|same|previous)$/.test(headTerminal(n.kids[1]?.kids[0] ?? n).lemma ?? "");
    if (isNext && TIME_NOUNS.has(head.toLowerCase())) return { f: { sub: "time", time: true }, cost: 0 };
    if (!TIME_NOUNS.has(head.toLowerCase()) || n.f.det === "def" || n.f.det === "pron") return undefined;
    return { f: { sub: "time" }, cost: n.f.det === "bare" ? 1.5 : 0.4 };
  });
  rule("advp", "np adv", 1, "measure", 0.3, (l, r) =>
    ["num", "quant", "indef"].includes(l.f.det ?? "") &&
    l.role !== "postmodifier" &&
    // "a town far to the south": no town long
    (l.f.det !== "indef" || r.f.sub === "dem" || isLength(headTerminal(l).lemma ?? "")) &&
    // "skates, two sizes *too small*": too what, stands behind.
    r.lemma !== "too" &&
    (["dem", "particle", "manner", "deg"].includes(r.f.sub ?? "") || r.lemma === "afterwards")
      ? { sub: r.f.sub === "dem" || r.lemma === "afterwards" ? "dem" : "measure" }
      : undefined,
  );
  // "*The year before*, a tower had been built": counted from what the text has told.
  rule("advp", "np adv", 1, "measure", 0.3, (l, r) =>
    l.f.det === "def" && l.end - l.start === 2 && TIME_NOUNS.has(headTerminal(l).lemma ?? "") && /^(?:before|after)$/.test(r.lemma ?? "")
      ? { sub: "dem" }
      : undefined,
  );
  // "*more than once* a minute"
  rule("advp", "adv np", 0, "rate", 0.1, (l, r) => (/^(?:once|twice|more than once)$/.test(l.lemma ?? "") && isRate(r) ? { sub: "freq" } : undefined));
  // "Violet bends *the most*"
  rule("advp", "det adv", 1, "determiner", 1.2, (l, r) => (l.flags?.includes("def") && /^(?:most|least)$/.test(r.lemma ?? "") ? { sub: "manner" } : undefined));
  // "up and out"
  rule("j-advp", "conj advp", 1, "mark", 0, (l) => (l.f.sub === "and" || l.f.sub === "or" ? {} : undefined));
  // "cools *soon enough*"
  rule("advp", "adv adv", 1, "modifier", 0.1, (l, r) => (r.lemma === "enough" && l.lemma !== "enough" ? l.f : undefined));
  // "cannot find *anywhere to park*"
  rule("advp", "adv vp", 0, "infinitive", -0.6, (l, r) =>
    /^(?:any|some|no)where$/.test(l.lemma ?? "") && r.f.form === "to" && !r.f.passive ? { sub: "place" } : undefined,
  );
  rule("advp", "advp j-advp", 0, "coordination", 0.5);
  rule("advp", "advp pp", 0, "complement", 0.3, (l, r) => (r.f.sub === "than" && l.f.sub !== "time" ? l.f : undefined));
  // "so quickly that nothing else can grow"
  rule("advp", "advp cs", 0, "complement", 0.4, (l) => (l.role === "modifier" && l.kids[0]?.lemma === "so" ? l.f : undefined));
  // "rotated 180 degrees", "walked three miles"
  lift("advp", "np", "measure", (n) =>
    // "a few kilometres"
    (n.f.det === "num" || (n.f.det === "quant" && /^(?:a few|several|many)$/.test(n.kids[0]?.lemma ?? ""))) && MEASURES.has(headTerminal(n).lemma ?? "")
      ? { f: { sub: "measure" }, cost: n.f.det === "num" ? 0.8 : 1 }
      : undefined,
  );
  // "the issues *from five years ago*": the years are ago, and no issues.
  rule("advp", "np ago", 1, "measure", 0, (np) => (np.f.det === "def" ? undefined : { sub: "time" }));
  rule("pp", "prep advp", 1, "preposition", 0.4, (l, r) =>
    l.lemma === "from" && r.cat === "advp" && headTerminal(r).cat === "ago" ? { sub: "from" } : undefined,
  );
  // "took in 2,300 things, *among them a false leg*": said in passing of some of them.
  rule("pp", "pp np", 0, "listed", 0.3, (l, r) =>
    l.kids[0]?.lemma === "among" && headTerminal(l).lemma === "them" && r.f.kase === undefined ? { sub: "among" } : undefined,
  );
  // "one *of the best*"
  rule("pp", "prep best", 1, "preposition", 0.2, (l) => (/^(?:of|among)$/.test(l.lemma ?? "") ? { sub: l.lemma! } : undefined));
  rule("pp", "prep np", 1, "preposition", 0, (l, r) => {
    // "*But* four hundred trays cost more": at the head of a sentence it joins.
    if (l.lemma === "but" && l.start === 0) return undefined;
    if (r.f.kase === "subj") return undefined;
    return {
      f: { sub: l.f.sub ?? "", ...(isTimeNoun(r) || r.f.time || isPartOfTime(r) ? { time: true as const } : {}) },
      // "lost *about half* of its weight": nearly.
      cost: (r.f.det === "clause" ? 0.6 : 0) + (l.lemma === "about" && isFraction(r) ? 2 : 0),
    };
  });
  rule("pp", "prep vp", 1, "preposition", 0.4, (l, r) => (r.f.form === "ing" && !r.f.gap ? { sub: l.f.sub ?? "", form: "ing" } : undefined));
  // "better to prevent illness *than to cure it*"
  rule("pp", "prep vp", 1, "preposition", 0.4, (l, r) => (l.f.sub === "than" && r.f.form === "to" && !r.f.gap ? { sub: "than" } : undefined));
  rule("pp", "prep ap", 1, "preposition", 0.6, (l) => (l.f.sub === "than" ? { sub: "than" } : undefined));
  // "wider than was necessary", "more than the town could pay"
  rule("pp", "prep vp", 1, "preposition", 0.4, (l, r) =>
    l.f.sub === "than" && r.f.form === "fin" && !r.f.gap && r.role === "predicate" && headTerminal(r).cat === "be" ? { sub: "than" } : undefined,
  );
  rule("pp", "prep s", 1, "preposition", 0.6, (l, r) => (l.f.sub === "than" && r.f.form === "fin" && r.role === "subject" ? { sub: "than" } : undefined));
  // "from abroad", "until now"
  rule("pp", "prep adv", 1, "preposition", 0.8, (l, r) =>
    ["from", "until", "since"].includes(l.lemma ?? "") && r.f.sub !== "deg" && r.f.sub !== "approx" ? { sub: l.f.sub ?? "" } : undefined,
  );
  rule("pp", "prep pp", 1, "preposition", 1.5, (l) => ({ sub: l.f.sub ?? "" }));
  // "voted *on whether women should vote*"
  rule("pp", "prep cs", 1, "preposition", 0.2, (l, r) =>
    firstWord(r).toLowerCase() === "whether" && /^(?:on|about|of|over)$/.test(l.lemma ?? "") ? { sub: l.f.sub ?? "" } : undefined,
  );
  // "spread faster *than ever before*"
  rule("pp", "prep adv", 1, "preposition", 0.3, (l, r) =>
    l.f.sub === "than" && /^(?:ever|before|now|ever before)$/.test(r.lemma ?? "") ? { sub: "than" } : undefined,
  );
  // "*all* over the world"
  rule("pp", "adv pp", 1, "modifier", -1.8, (l, r) => (l.lemma === "all" && /^(?:over|around|through|along)$/.test(r.f.sub ?? "") ? r.f : undefined));
  // "*before and after* each fight"
  rule("j-prep", "conj prep", 1, "mark", 0, (l, r) => (l.f.sub === "and" || l.f.sub === "or" ? r.f : undefined));
  rule("prep", "prep j-prep", 0, "coordination", 0.3, (l) =>
    /^(?:before|during|above|inside|in|on|toward|towards|over)$/.test(l.lemma ?? "") ? l.f : undefined,
  );
  rule("pp", "adv pp", 1, "modifier", 0.5, (l, r) => (["particle", "only", "approx", "manner", "deg"].includes(l.f.sub ?? "") ? r.f : undefined));
  // "looked at the mast, *and then at the book*", "forms between the cells *and never inside them*"
  rule("then-pp", "adv pp", 1, "modifier", 0.3, (l, r) => (/^(?:then|never|sometimes|often|later|finally)$/.test(l.lemma ?? "") ? r.f : undefined));
  rule("j-pp", "conj then-pp", 1, "mark", 0, (l, r) => (l.f.sub === "and" ? r.f : undefined));
  rule("j-pp", "conj pp", 1, "mark", 0);
  rule("c-j-pp", "comma j-pp", 1, "mark", 0);
  rule("pp", "pp c-j-pp", 0, "coordination", 1, (l, r) => (l.f.sub === r.f.sub ? l.f : undefined));
  // "on shoes, on jackets, and even in spacecraft"
  const alike = (l: Node, r: Node): Made =>
    l.f.sub === r.f.sub ? { f: l.f, cost: 0 } : isPlace(l) && isPlace(r.kids[1] ?? r) ? { f: l.f, cost: 0.9 } : undefined;
  rule("ppl", "pp c-pp", 0, "listed", 0.3, alike);
  rule("ppl", "ppl c-pp", 0, "listed", 0.2, alike);
  rule("pp", "ppl c-j-pp", 0, "coordination", 0);
  rule("pp", "ppl j-pp", 0, "coordination", 0);
  rule("pp", "pp j-pp", 0, "coordination", 0.8, (l, r) => (l.f.sub === r.f.sub ? l.f : { f: l.f, cost: 0.6 }));
}

/** "in *the middle of the seventeenth century*" */
function isPartOfTime(np: Node): boolean {
  const [part, of] = np.role === "postmodifier" ? np.kids : [];
  const isPart = part !== undefined && /^(?:middle|beginning|start|end|turn|half|rest)$/.test(headTerminal(part).lemma ?? "");
  return isPart && of?.f.sub === "of" && of.kids[1] !== undefined && isTimeNoun(of.kids[1]);
}

function isTimeNoun(np: Node): boolean {
  const lemma = headTerminal(np).lemma ?? "";
  return TIME_NOUNS.has(lemma.toLowerCase()) || /^\d{4}s$/.test(lemma);
}
