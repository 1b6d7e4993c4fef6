import { TIME_NOUNS } from "../data/noun-classes";
import { headTerminal, type Node } from "../tree";
import { firstWord, isPlace } from "./phrase-shapes";
import { agreeNumbers, type RuleWriter } from "./rule-writer";
import { formOf, lastWord } from "./verb-shapes";

/** "many of them", "each", "one": some of those who were named before. */
function isSomeOfThem(np: Node): boolean {
  const [of, them] = np.role === "determiner" ? np.kids : [];
  if (of && them) return (/ of$/.test(of.lemma ?? "") || of.flags?.includes("oneof") === true) && headTerminal(them).lemma === "them";
  return np.end - np.start === 1 && /^(?:each|both|some|most|many|few|several|all)$/.test(headTerminal(np).lemma ?? "");
}

/** What is said beside a clause without a verb that has its own tense, clauses of which only the auxiliary is left, lists behind a colon, and what a phrase is set against. */
export function addEllipticalRules({ rule, lift }: RuleWriter): void {
  // "were injured, *many of them blinded by glass*", "built three lamps, *each brighter than the last*"
  const isState = (vp: Node) => (vp.f.form === "participle" && vp.f.gap) || (vp.f.form === "ing" && !vp.f.gap);
  rule("abs", "np vp", 1, "subject", 0.2, (np, vp) => (isSomeOfThem(np) && isState(vp) ? {} : undefined));
  rule("abs", "np ap", 1, "subject", 0.3, (np, ap) => (isSomeOfThem(np) && ap.end - ap.start > 1 ? {} : undefined));
  // "died, *the dispatcher among them*"
  rule("abs", "np pp", 1, "subject", 0.3, (np, pp) => (np.f.kase === undefined && pp.f.sub === "among" && headTerminal(pp).lemma === "them" ? {} : undefined));
  rule("c-abs", "comma abs", 1, "mark", 0);
  rule("s", "s c-abs", 0, "aside", 0.6, (s) => (s.f.gap ? undefined : s.f));

  // "on garbage cans, not on bullets"
  rule("not-pp", "not pp", 1, "mark", 0);
  rule("c-not", "comma not-pp", 1, "mark", 0);
  rule("vp", "vp c-not", 0, "adjunct", 0.6);
  // "wanted to keep gases cold, *not to keep soup hot*"
  rule("not-to", "not vp", 1, "mark", 0, (_, vp) => (vp.f.form === "to" ? {} : undefined));
  rule("c-not", "comma not-to", 1, "mark", 0);
  // "chosen by parliament *and not by the government*"
  rule("c-not", "conj not-pp", 1, "mark", 0.2, (l) => (l.f.sub === "and" ? {} : undefined));
  // "lick their lips when they see it, *but not when they hear it*"
  rule("not-sb", "not sb", 1, "mark", 0);
  rule("but-not", "conj not-sb", 1, "mark", 0, (l) => (l.f.sub === "but" ? {} : undefined));
  rule("but-not", "conj not-pp", 1, "mark", 0, (l) => (l.f.sub === "but" ? {} : undefined));
  rule("c-not", "comma but-not", 1, "mark", 0);
  // "appeared on the chart *but not on the map*"
  rule("vp", "vp but-not", 0, "adjunct", 0.8);

  // "English kings claimed it, *and so did the colonies*", "it helps the plant, *as does the rain*"
  for (const cat of ["do", "be", "have", "modal"]) {
    rule("so-aux", `adv ${cat}`, 1, "modifier", 0, (adv, aux) => (adv.lemma === "so" ? (formOf(aux) ?? {}) : undefined));
    rule("as-aux", `sub ${cat}`, 1, "modifier", 0.3, (sub, aux) => (sub.f.sub === "as" ? (formOf(aux) ?? {}) : undefined));
  }
  for (const cat of ["so", "as"] as const)
    rule(`${cat}-do`, `${cat}-aux np`, 0, "subject", 0.3, (aux, np) =>
      np.f.kase !== "obj" && agreeNumbers(np.f.num ?? "any", aux.f.agr ?? "any") ? {} : undefined,
    );
  rule("j-so-do", "conj so-do", 1, "mark", 0, (conj) => (conj.f.sub === "and" ? {} : undefined));
  rule("c-so-do", "comma j-so-do", 1, "mark", 0);
  rule("c-so-do", "comma as-do", 1, "mark", 0);
  for (const cat of ["j-so-do", "c-so-do"]) rule("s", `s ${cat}`, 0, "aside", 0.3, (s) => (s.f.gap ? undefined : s.f));

  // "They live almost everywhere: *in hot springs, under ice, and in gutters*"
  rule("colon-pp", "colon pp", 1, "mark", 0, (_, pp) => (pp.role === "coordination" ? {} : undefined));
  rule("s", "s colon-pp", 0, "aside", 0.4, (s) => (s.f.gap ? undefined : s.f));

  // "sings for two reasons: *to warn other males, and to call a female*"
  rule("colon-vp", "colon vp", 1, "mark", 0, (_, vp) => (vp.f.form === "to" && !vp.f.gap ? {} : undefined));
  rule("s", "s colon-vp", 0, "aside", 0.4, (s) => (s.f.gap || !ANNOUNCES.test(lastWord(s).lemma ?? "") ? undefined : s.f));

  // "*With the windows closed*, the clock reached thirty-one decibels"
  rule("pp", "pp vp", 0, "state", 0, (pp, vp) =>
    pp.kids[0]?.lemma === "with" &&
    pp.role === "preposition" &&
    /^(?:def|poss)$/.test(pp.kids[1]?.f.det ?? "") &&
    pp.end - pp.start <= 4 &&
    vp.end - vp.start <= 3 &&
    vp.f.form === "participle" &&
    vp.f.gap
      ? pp.f
      : undefined,
  );
  // "detect five tastes: *sweet, sour and salty*"
  rule("colon-ap", "colon ap", 1, "mark", 0, (_, ap) => (ap.role === "coordination" ? {} : undefined));
  rule("s", "s colon-ap", 0, "aside", 0.4, (s) => (s.f.gap ? undefined : s.f));
  // "A society was founded *that would pay for lifeboats*"
  rule("s", "s rc", 0, "aside", 1.6, (s) => {
    const [subject, vp] = s.kids;
    return s.role === "subject" && subject?.f.det === "indef" && vp?.f.passive && vp.end - vp.start === 2 ? s.f : undefined;
  });
  // "Between the chambers *are valves*", "Among them *was a teacher*"
  rule("be-inv", "be np", 0, "subject", 2.2, (be, np) => {
    const { form, agr } = formOf(be) ?? {};
    const isThere = form === "fin" && np.f.kase === undefined && !/^(?:pron|clause|num)$/.test(np.f.det ?? "pron");
    return isThere && agreeNumbers(np.f.num ?? "any", agr ?? "any") ? {} : undefined;
  });
  rule("s", "pp be-inv", 1, "inverted", 0.3, (pp) => (pp.f.time || !isPlace(pp) ? undefined : { form: "fin" }));

  // "had been *told* by a sailor *what was on board*"
  const isTold = (vp: Node) => vp.f.form === "participle" && vp.f.gap && /^(?:tell|show|teach|ask)$/.test(headTerminal(vp).lemma ?? "");
  rule("vp", "vg ws", 0, "clause", 0.4, (vg) => (isTold(vg) ? vg.f : undefined));
  const isToldBy = (vp: Node) => isTold(vp) && vp.role === "adjunct" && vp.kids[1]?.f.sub === "by";
  for (const cat of ["ws", "cs"]) rule("vp", `vp ${cat}`, 0, "clause", 0.4, (vp) => (isToldBy(vp) ? vp.f : undefined));
  // "vote on *whether to silence the clock*"
  rule("cs", "comp vp", 1, "mark", 0.2, (comp, vp) => (comp.lemma === "whether" && vp.f.form === "to" && !vp.f.gap ? {} : undefined));
  // "is as old *as I am*"
  rule("as-self", "np be", 1, "subject", 0.2, (np, be) =>
    np.f.kase !== "obj" && (np.f.sub === "first" || agreeNumbers(np.f.num ?? "any", formOf(be)?.agr ?? "any")) ? {} : undefined,
  );
  rule("pp", "prep as-self", 1, "preposition", 0.4, (prep) => (prep.lemma === "as" ? { sub: "as" } : undefined));
  // "horseflies, whose bites hurt *and which can carry diseases*"
  rule("j-rc", "conj rc", 1, "mark", 0, (conj) => (conj.f.sub === "and" || conj.f.sub === "or" ? {} : undefined));
  rule("rc", "rc j-rc", 0, "coordination", 0.3);
  // "his wife and *several others*"
  rule("np", "det pro", 0, "determiner", 0.2, (l, r) =>
    /^(?:several|many|some|few)$/.test(l.lemma ?? "") && r.lemma === "others" ? { num: "pl", det: "quant" } : undefined,
  );
  // "He was *born a slave*"
  rule("vp", "vg np", 0, "predicate", 0.2, (vg, np) =>
    headTerminal(vg).lemma === "bear" && vg.f.form === "participle" && np.f.det === "indef" && np.f.num === "sg" ? vg.f : undefined,
  );
  // "Most of the countries *have not*"
  rule("vp", "have not", 0, "ellipsis", 3.2, (have) => (formOf(have)?.form === "fin" ? formOf(have) : undefined));
  // "what a house *is worth*"
  rule("vp", "be prep", 0, "predicate", 0.6, (be, prep) => (prep.lemma === "worth" ? { ...formOf(be), gap: true } : undefined));
  // "how much he earns *and whether he has paid*"
  rule("j-ws", "conj ws", 1, "mark", 0);
  rule("j-ws", "conj cs", 1, "mark", 0, (_, cs) => (firstWord(cs) === "whether" ? {} : undefined));
  rule("c-j-ws", "comma j-ws", 1, "mark", 0);
  for (const cat of ["j-ws", "c-j-ws"]) {
    rule("ws", `ws ${cat}`, 0, "coordination", 0.3);
    rule("cs", `cs ${cat}`, 0, "coordination", 0.3, (cs) => (firstWord(cs) === "whether" ? cs.f : undefined));
  }
  // "Red light has *the longest waves*, and violet light *the shortest*", "*The youngest* cannot fly": of what, another phrase says.
  lift("np", "best", "determiner", ({ end, start }) => (end - start === 2 ? { f: { num: "any", det: "dem" }, cost: 1.6 } : undefined));
  // "*Both my parents* are deaf"
  rule("np", "corr np", 1, "determiner", 0.3, (corr, np) =>
    corr.lemma === "both" && /^(?:poss|def|dem)$/.test(np.f.det ?? "") && np.f.num === "pl" && np.role !== "coordination" ? np.f : undefined,
  );
  // "*We both* screamed"
  rule("np", "np corr", 0, "both", 0.3, (np, corr) => (corr.lemma === "both" && np.f.kase === "subj" && np.f.num === "pl" ? np.f : undefined));
  // "curious *and not very shy*"
  rule("j-ap", "conj not-ap", 1, "mark", 0.3, (conj) => (conj.f.sub === "and" ? {} : undefined));
  // "*Nobody alive* knew it", "*everyone present* signed"
  rule("np", "np ap", 0, "modifier", 0.3, (np, ap) =>
    /^(?:some|any|no|every) ?(?:body|one)$/.test(headTerminal(np).lemma ?? "") &&
    np.end - np.start === 1 &&
    ap.end - ap.start <= 2 &&
    /^(?:alive|present|else|absent|awake|new|old|important|famous|special|responsible|available|interested)$/.test(headTerminal(ap).lemma ?? "")
      ? np.f
      : undefined,
  );
  // "*the few* who know the way"
  rule("np", "det pro", 0, "determiner", 1.2, (det, pro) => (det.flags?.includes("def") && pro.lemma === "few" ? { num: "pl", det: "dem" } : undefined));
  // "says, *among other things*, that dogs are allowed"
  rule("vp", "vp c-pp-c", 0, "adjunct", 2.6, (vp) => (vp.role === "verb" ? vp.f : undefined));
  // "that *very night*"
  rule("nb", "adv nb", 1, "modifier", 1, (adv, nb) =>
    adv.lemma === "very" && TIME_NOUNS.has(headTerminal(nb).lemma ?? "") && nb.end - nb.start === 1 ? nb.f : undefined,
  );
  // "hundreds of times, *but not forever*"
  rule("not-advp", "not advp", 1, "mark", 0);
  rule("but-not", "conj not-advp", 1, "mark", 0, (l) => (l.f.sub === "but" ? {} : undefined));
  // "found the name, *and for the first time in six years picked up* the telephone"
  rule("pp-vp", "pp vp", 1, "adjunct", 0.6, (pp, vp) =>
    vp.f.form === "fin" && headTerminal(vp).cat === "v" && pp.kids[1]?.f.det === "def" ? vp.f : undefined,
  );
  rule("j-vp", "conj pp-vp", 1, "mark", 0.2, (conj, vp) => (conj.f.sub === "and" ? vp.f : undefined));
}

const ANNOUNCES = /^(?:reason|purpose|aim|goal|job|task|duty|choice|use|thing|way|role|function|rule|plan|wish|dream)$/;
