import { headTerminal, type Node } from "../tree";
import { firstWord } from "./phrase-shapes";
import { agreeNumbers, type RuleWriter } from "./rule-writer";
import { formOf } from "./verb-shapes";
import { CALLING, DEMANDING, LETTING } from "./verb-sorts";

const CHILD =
  /^(?:son|daughter|child|grandson|granddaughter|first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|eleventh|youngest|eldest|oldest)$/;
const VAGUE_THING = /^(?:some|any|every|no)thing$/;

/** Constructions that belong to a few verbs and nouns. */
export function addIdiomRules({ rule, lift }: RuleWriter): void {
  // "makes your heart beat faster *and your breath come quicker*"
  rule("does", "np vp", 1, "subject", 0, (np, vp) => (vp.f.form === "base" && !vp.f.gap && !vp.f.passive && np.f.kase !== "subj" ? {} : undefined));
  // "Only when the boat pulled away *did Selkirk change his mind*"
  for (const aux of ["do", "modal"])
    rule("asks", `${aux} np`, 0, "subject", 0, ({ flags, cat }, np) => {
      if (np.f.kase === "obj") return undefined;
      return cat === "modal" || agreeNumbers(np.f.num ?? "any", flags?.includes("past") ? "any" : flags?.includes("third") ? "sg" : "pl") ? {} : undefined;
    });
  rule("turned", "asks vp", 0, "auxiliary", 0, (_, vp) => (vp.f.form === "base" && !vp.f.gap && !vp.f.passive ? {} : undefined));
  for (const front of ["sb", "pp", "advp"])
    rule("s", `${front} turned`, 1, "turned", -1, (part) => (firstWord(part).toLowerCase() === "only" ? { form: "fin" } : undefined));
  // "proposes *that the school leave it open*", "insisted *that she stay*": what should be so, in the plain form of the verb.
  rule("should", "np vp", 1, "subject", 0, (np, vp) =>
    vp.f.form === "base" && !vp.f.gap && np.f.kase !== "obj" && (np.f.num !== "pl" || firstWord(vp) === "be") ? {} : undefined,
  );
  rule("cs", "comp should", 1, "mark", 5, (comp) => (comp.lemma === "that" ? { sub: "demand" } : undefined));
  rule("vp", "v cs", 0, "clause", -4.6, (v, cs) => (cs.f.sub === "demand" && DEMANDING.has(v.lemma ?? "") ? (formOf(v) ?? undefined) : undefined));
  rule("j-does", "conj does", 1, "mark", 0, (conj) => (conj.f.sub === "and" ? {} : undefined));
  const lets = (vp: Node) => vp.role === "infinitive" && vp.kids[1]?.f.form === "base" && LETTING.has(headTerminal(vp).lemma ?? "");
  rule("vp", "vp j-does", 0, "adjunct", 0.4, (vp) => (lets(vp) ? vp.f : undefined));
  // "*had the servants take* the candles away": whoever is told to does it.
  rule("had", "have np", 0, "object", 0, (have, np) =>
    np.f.kase === undefined && /^(?:def|poss|proper|indef)$/.test(np.f.det ?? "") ? (formOf(have) ?? undefined) : undefined,
  );
  rule("vp", "had vp", 0, "infinitive", 1, (had, vp) => (vp.f.form === "base" && !vp.f.gap && !vp.f.passive ? had.f : undefined));
  // "called *blushing* the most human of all expressions"
  rule("vo", "v np", 0, "object", -1.5, (v, np) =>
    CALLING.has(v.lemma ?? "") && np.role === "gerund" && np.end - np.start === 1 ? (formOf(v) ?? undefined) : undefined,
  );
  // "*two thirds of the water* has turned to ice": so much, and not so many.
  rule("np", "np pp", 0, "postmodifier", -0.4, (np, pp) =>
    /^(?:half|third|quarter|fourth|fifth|sixth|seventh|eighth|ninth|tenth|percent)$/.test(headTerminal(np).lemma ?? "") &&
    pp.f.sub === "of" &&
    headTerminal(pp.kids[1]!).flags?.includes("mass")
      ? { ...np.f, num: "sg" }
      : undefined,
  );
  // "At its root, *however*, lies a small sac of blood"
  rule("pp", "pp c-advp-c", 0, "aside", 0.6, (pp, aside) =>
    pp.start === 0 && /^(?:however|too|though)$/.test(headTerminal(aside).lemma ?? "") ? pp.f : undefined,
  );
  // "told him *over the fence* that she was ill"
  rule("vp", "vp cs", 0, "clause", 0.6, (vp) =>
    vp.role === "adjunct" &&
    vp.head === 0 &&
    vp.kids[0]?.role === "object" &&
    vp.kids[1]?.cat === "pp" &&
    /^(?:tell|show|warn|promise|remind|assure)$/.test(headTerminal(vp).lemma ?? "")
      ? vp.f
      : undefined,
  );
  // "admitted *later* that he had not understood it"
  rule("vp", "vp cs", 0, "clause", 0.4, (vp) =>
    vp.role === "adjunct" && vp.kids[0]?.role === "verb" && /^(?:later|afterwards)$/.test(headTerminal(vp.kids[1]!).lemma ?? "") ? vp.f : undefined,
  );
  // "turned out *to be a thief*": what came to be known of him, and nothing that he wanted.
  rule("vp", "vp vp", 0, "infinitive", 0.2, (vp, to) =>
    vp.role === "adjunct" &&
    vp.kids[0]?.role === "verb" &&
    headTerminal(vp).lemma === "turn" &&
    headTerminal(vp.kids[1]!).lemma === "out" &&
    to.f.form === "to" &&
    !to.f.gap
      ? vp.f
      : undefined,
  );
  // "*something called* algebra", "*nothing made* by hand"
  rule("np", "np vp", 0, "reduced", 0.5, (np, vp) =>
    np.end - np.start === 1 && VAGUE_THING.test(headTerminal(np).lemma ?? "") && vp.f.form === "participle" && vp.f.gap ? np.f : undefined,
  );
  // "Engineers have copied *all this*"
  rule("np", "predet pro", 1, "determiner", 0.4, (all, pro) =>
    all.lemma === "all" && pro.flags?.includes("dem") && /^(?:this|that)$/.test(pro.lemma ?? "") ? { num: "sg", det: "dem" } : undefined,
  );
  // "*All of them together* could carry a man", "*one hair alone* holds an ant"
  rule("np", "np adv", 0, "postmodifier", 0.5, (np, adv) =>
    (adv.lemma === "together" && np.f.num === "pl") || (adv.lemma === "alone" && /^(?:num|dem)$/.test(np.f.det ?? "")) ? np.f : undefined,
  );
  // "stands in one place *all its life*"
  lift("advp", "np", "time", (np) => (headTerminal(np).lemma === "life" && /^all$/i.test(firstWord(np)) ? { f: { sub: "time" }, cost: 0.3 } : undefined));
  // "was born in Ohio in 1877, *the seventh of eleven children*"
  rule("vp", "vp c-np", 0, "adjunct", 0.2, (vp, aside) => {
    const np = aside.kids[1];
    const isChild = np?.role === "postmodifier" && np.kids[1]?.f.sub === "of" && /^(?:def|dem)$/.test(np.f.det ?? "");
    const isKin = isChild && (CHILD.test(headTerminal(np).lemma ?? "") || np.kids[0]?.role === "ordinal" || np.kids[0]?.cat === "best");
    return isKin && headTerminal(vp).lemma === "bear" ? vp.f : undefined;
  });
  // "…, *the youngest of nine children*"
  rule("vp", "vp c-best", 0, "adjunct", 0.2, (vp) => (headTerminal(vp).lemma === "bear" ? vp.f : undefined));
  // "has ten days, *not counting Sundays*, to decide"
  rule("vp", "vp c-pp-c", 0, "adjunct", 1, (vp, pp) =>
    /^not (?:counting|including)$/.test(headTerminal(pp.kids[0]?.kids[1]?.kids[0] ?? pp).lemma ?? "") ? vp.f : undefined,
  );
  // "found Gideon *not guilty*"
  rule("vp", "vo not-ap", 0, "predicate", 0.4, (vo) => (/^(?:find|prove|declare|consider|call)$/.test(headTerminal(vo).lemma ?? "") ? vo.f : undefined));
  // "learn in small groups, *which is a good way to meet*": the whole, and no group.
  rule("vp", "vp c-rc", 0, "adjunct", 1.6, (vp, rc) => (vp.f.form === "fin" && rc.f.agr === "sg" && rc.kids[1]?.kids[0]?.lemma === "which" ? vp.f : undefined));
}
