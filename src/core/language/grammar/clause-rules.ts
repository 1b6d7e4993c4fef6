import { TIME_NOUNS } from "../data/noun-classes";
import { type Features, headTerminal, type Node } from "../tree";
import { firstWord, isBareSubject, isRecurringTime } from "./phrase-shapes";
import { agreeNumbers, type RuleWriter } from "./rule-writer";
import { lastWord } from "./verb-shapes";

/** "whose bell": a phrase that points back to the noun before it. */
export function isWhose(np: Node): boolean {
  return np.role === "possessor" && np.kids[0]?.cat === "relposs";
}

/** "turn the glass *with one finger*": these seldom open a sentence without a comma. */
const BEHIND = new Set("with of to for into onto".split(" "));

/** Verbs of being, standing and coming somewhere, which may stand in front of who does so. */
const STANDING = new Set("lie sit stand hang live lurk grow rise stretch run lead flow come go fall follow shine hide sleep wait rest float".split(" "));

/** "whether it is wide *or* narrow" */
function holdsChoice(node: Node): boolean {
  return (node.cat === "conj" && node.f.sub === "or") || node.kids.some(holdsChoice);
}

function holdsClause(node: Node): boolean {
  return node.cat === "rc" || node.cat === "s" || node.kids.some(holdsClause);
}

/** Second words of the names of places. */
const OF_PLACES = /^(?:Road|Street|Avenue|Lane|Square|Hill|Bridge|Bay|Island|River|Lake|Park|Place|House|Station|Point|Valley|Harbour|Harbor|Mountain|Beach)$/;

/** What a length of time does. */
const PASSING = /^(?:be|pass|go|follow|elapse|seem|feel|make|mean|fly|remain|become|separate|lie|have|do|will|would|can|may|must|should|might|could)$/;

/** Clauses, what stands in front of them, and how they are joined. */
export function addClauseRules({ rule, lift, isVerbToo }: RuleWriter): void {
  rule("s", "np vp", 1, "subject", 0, (np, vp) => {
    // "whose bell was rung" opens a relative clause, never a sentence.
    if (vp.f.form !== "fin" || np.f.kase === "obj" || isWhose(np)) return undefined;
    const agreed = np.f.sub === "first" && np.f.det === "pron" ? true : vp.f.agr !== "first" && agreeNumbers(np.f.num ?? "any", vp.f.agr ?? "any");
    // "Four hours *every Sunday* would cost much": how often, and seldom what costs it.
    const f: Features = { form: "fin", ...(vp.f.gap ? { gap: true as const } : {}) };
    // "After exactly *twenty minutes* blow out the flame": minutes blow out nothing.
    const isLength = np.role === "quantity" && TIME_NOUNS.has(headTerminal(np).lemma ?? "") && !PASSING.test(headTerminal(vp).lemma ?? "");
    return agreed ? { f, cost: isRecurringTime(np) ? 1.5 : isLength ? 2 : 0 } : undefined;
  });
  // "there *were printing* presses": what there is stands behind the verb, and does nothing before it is named.
  rule("s", "there vp", 1, "expletive", 0, (_, vp) => (vp.f.form === "fin" && !vp.f.gap && vp.f.sub !== "ing" ? { form: "fin" } : undefined));
  // "At the bottom lay a big round shell", "Out came a slow tune": who does it stands behind the verb.
  rule("inv", "v np", 0, "subject", 0.4, (v, np) => {
    const form = v.flags?.[0];
    if (!STANDING.has(v.lemma ?? "") || (form !== "past" && form !== "third" && form !== "plain") || np.f.kase || np.f.det === "pron") return undefined;
    return form === "past" || agreeNumbers(np.f.num ?? "any", form === "third" ? "sg" : "pl") ? { form: "fin" } : undefined;
  });
  rule("s", "pp inv", 1, "inverted", 0.3, () => ({ form: "fin" }));
  // "Then *came the war*"
  const comesThen = (advp: Node, inv: Node) => headTerminal(advp).lemma === "then" && /^(?:come|follow|begin)$/.test(inv.kids[0]?.lemma ?? "");
  rule("s", "advp inv", 1, "inverted", 0.3, (advp, inv) =>
    advp.f.sub === "particle" || advp.f.sub === "dem" || comesThen(advp, inv) ? { form: "fin" } : undefined,
  );
  lift("s", "vp", "imperative", (vp) => (vp.f.form === "base" && !vp.f.gap && !vp.f.passive ? { f: { form: "base" }, cost: 3.5 } : undefined));
  // "the pond where they were born, and the story begins again": what is joined on mostly stands beside the whole.
  rule("sb", "sub s", 1, "mark", 0, (sub, s) =>
    s.f.gap || s.f.form !== "fin" || (sub.f.sub === "whether" && !holdsChoice(s) && lastWord(s).lemma !== "or not")
      ? undefined
      : { f: { sub: sub.f.sub ?? "" }, cost: sub.f.sub !== "cause" && s.role === "conjunct" && s.kids[1]?.cat === "c-j-s" ? 1 : 0 },
  );
  // "see in the dark just *as owls do*"
  rule("asdo", "np do", 1, "subject", 0, (np, { flags }) =>
    np.f.kase !== "obj" && agreeNumbers(np.f.num ?? "any", flags?.includes("past") ? "any" : flags?.includes("third") ? "sg" : "pl") ? {} : undefined,
  );
  rule("sb", "sub asdo", 1, "mark", 0.6, (sub) => (sub.f.sub === "as" ? { sub: "as" } : undefined));
  rule("sb", "sub vp", 1, "mark", 0.6, (sub, vp) =>
    ["when", "while", "before", "after", "since", "until", "if", "once", "though"].includes(sub.f.sub ?? "") &&
    ((vp.f.form === "ing" && !vp.f.gap) || (vp.f.form === "participle" && vp.f.gap))
      ? { sub: `${sub.f.sub}`, form: "ing" }
      : undefined,
  );
  // "could be sold *only because* the town had salt"
  rule("sb", "adv sb", 1, "modifier", 0.3, (adv, sb) =>
    adv.f.sub === "particle" || adv.f.sub === "deg" ? undefined : { f: sb.f, cost: adv.f.sub === "only" && sb.f.sub === "cause" ? -0.3 : 0 },
  );
  // "*seven days* after the term had ended"
  rule("sb", "np sb", 1, "measure", -0.3, (np, sb) =>
    (np.f.det === "num" || np.f.det === "indef" || np.f.det === "quant") &&
    TIME_NOUNS.has(headTerminal(np).lemma ?? "") &&
    /^(?:after|before)$/.test(sb.f.sub ?? "")
      ? sb.f
      : undefined,
  );
  // "while it breathes in *and while it breathes out*"
  rule("j-sb", "conj sb", 1, "mark", 0);
  // "when they are hurt, *and even when they are dying*"
  const isSame = (l: Node, r: Node) => l.f.sub === r.f.sub || (l.f.sub === "when" && /^even when$/i.test(r.kids[1]?.kids[0]?.lemma ?? ""));
  rule("sb", "sb j-sb", 0, "coordination", 0.3, (l, r) => (isSame(l, r) ? l.f : undefined));
  // "If a fire destroyed the papers, *or if a thief forged them*, …"
  rule("c-j-sb", "comma j-sb", 1, "mark", 0);
  rule("sb", "sb c-j-sb", 0, "coordination", 0.3, (l, r) => (r.kids[1] && isSame(l, r.kids[1]) && l.f.sub !== "cause" ? l.f : undefined));
  // "noticed that they made mistakes, so they began …": what is joined on mostly stands beside the whole.
  rule("cs", "comp s", 1, "mark", 0, (_, s) => (s.f.gap || s.f.form !== "fin" ? undefined : { f: {}, cost: s.role === "conjunct" ? 1 : 0 }));
  rule("j-cs", "conj cs", 1, "mark", 0);
  rule("cs", "cs j-cs", 0, "coordination", 0.4);
  // "say that paper is old, *that printing costs money, and that everybody has a screen*"
  rule("c-cs", "comma cs", 1, "mark", 0, (_, cs) => (cs.role === "mark" ? {} : undefined));
  rule("csl", "cs c-cs", 0, "coordination", 0.2);
  rule("csl", "csl c-cs", 0, "coordination", 0.1);
  rule("c-j-cs", "comma j-cs", 1, "mark", 0);
  rule("cs", "csl c-j-cs", 0, "coordination", 0.1);
  rule("cs", "csl j-cs", 0, "coordination", 0.1);
  rule("cs", "cs c-j-cs", 0, "coordination", 0.5);
  for (const [cat, bare, withComma] of [
    ["pp", 0.5, 0.1],
    ["advp", 0.4, 0.1],
    ["sb", 1.2, 0.1],
  ] as const) {
    // "in a desert that is why people float salt water is denser": what holds a clause needs its comma.
    rule("s", `${cat} s`, 1, "adjunct", bare, (part, s) =>
      s.f.gap || part.f.sub === "approx"
        ? undefined
        : {
            f: s.f,
            cost:
              // "*Fifteen minutes a day* add up to forty hours": no command.
              (cat === "advp" && s.role === "imperative" && part.f.time ? 2 : 0) +
              // "*On* land fireflies use light": on land
              (part.f.sub === "particle" && s.role === "subject" ? 3 : 0) +
              (cat === "pp" ? (holdsClause(part) ? 1.5 : BEHIND.has(part.kids[0]?.lemma ?? "") ? 1 : 0) : 0) +
              // "*About* two thirds of the animal's nerve cells lie in the arms": nearly so many.
              (cat === "pp" && part.kids[0]?.lemma === "about" ? 2 : 0) +
              // "on *Harrow Road*": the second word is the rest of the name.
              (cat === "pp" && lastWord(part).cat === "pn" && OF_PLACES.test(firstWord(s)) ? 3 : 0) +
              (part.kids[0]?.lemma === "for" && isBareSubject(s) ? 1.5 : 0),
          },
    );
    rule(`${cat}-c`, `${cat} comma`, 0, "mark", 0);
    // "accused *of a crime*, the case is heard": what is of something stands behind it.
    rule("s", `${cat}-c s`, 1, "adjunct", withComma, (part, s) =>
      s.f.gap || part.f.sub === "approx" ? undefined : { f: s.f, cost: cat === "pp" && part.f.sub === "of" && s.role === "subject" ? 0.8 : 0 },
    );
  }
  // "because, *like the Day of Judgement*, it allowed no appeal"
  rule("s", "c-pp-c s", 1, "adjunct", 0.8, (_, s) => (s.f.gap || s.role !== "subject" ? undefined : s.f));
  // "*Tired and hungry,* the men rowed home"
  // "*Most important*, a garden would teach us things"
  const isRank = (ap: Node) =>
    /^(?:most|more|equally|least)$/.test(firstWord(ap)) && /^(?:important|interesting|surprising)$/.test(headTerminal(ap).lemma ?? "");
  rule("ap-c", "ap comma", 0, "mark", 0, (ap) => (ap.role === "coordination" || isRank(ap) ? ap.f : undefined));
  rule("s", "ap-c s", 1, "adjunct", 1.2, (_, s) => (s.f.gap || s.role !== "subject" ? undefined : s.f));
  rule("vp-c", "vp comma", 0, "mark", 0);
  rule("s", "vp-c s", 1, "adjunct", 0.7, (vp, s) =>
    !s.f.gap && ((vp.f.form === "ing" && !vp.f.gap) || (vp.f.form === "participle" && vp.f.gap) || (vp.f.form === "to" && !vp.f.gap)) ? s.f : undefined,
  );
  // "*To save his life* he confessed"
  rule("s", "vp s", 1, "adjunct", 1.8, (vp, s) =>
    vp.f.form === "to" && vp.end - vp.start > 2 && !vp.f.gap && !s.f.gap && s.role === "subject" ? s.f : undefined,
  );
  rule("j-s", "conj s", 1, "mark", 0, (l, s) => (s.f.gap ? undefined : { form: "fin", sub: l.f.sub ?? "" }));
  rule("c-j-s", "comma j-s", 1, "mark", 0);
  const clauses = (l: Node, r: Node): Features | undefined => (l.f.gap || r.f.gap ? undefined : { form: "fin" });
  // "broke his collarbone and ribs in an accident with a water pump": seldom one clause of the past and one of today.
  const turnsTense = (l: Node, r: Node) => headTerminal(l).flags?.[0] === "past" && /^(?:plain|third)$/.test(headTerminal(r).flags?.[0] ?? "");
  rule("s", "s j-s", 0, "conjunct", 0.6, (l, r) => {
    const f = clauses(l, r);
    // "through notices and *telephone calls*": one thing without an article seldom does anything.
    const [, told] = r.kids;
    // "say that paper is old *and that printing* costs money": said as well, and no printing that was spoken of.
    const isSaid = told !== undefined && firstWord(told) === "that" && l.kids[1]?.role === "clause";
    // "less sensitive and *more easily hurt*": by how much, and nobody who hurts.
    const isHowMuch = told !== undefined && /^(?:more|less|most)$/.test(firstWord(told)) && told.kids[0]?.f.det === "pron";
    // "closes the vents and *blows* compressed air into the tanks": the next deed, and no blows that compressed anything.
    const isDeed = told?.kids[0]?.f.det === "bare" && told.kids[0].end - told.kids[0].start === 1 && isVerbToo(headTerminal(told.kids[0]), 1 / 3);
    const isNextDeed = isDeed && headTerminal(l).flags?.[0] === "third" && headTerminal(r).flags?.[0] === "past";
    return f && { f, cost: (turnsTense(l, r) || isNextDeed ? 1.5 : 0) + (told && isBareSubject(told) ? 1 : 0) + (isSaid || isHowMuch ? 2 : 0) };
  });
  rule("s", "s c-j-s", 0, "conjunct", 0.2, clauses);
  // "Ana built the hull, Ben sewed the sails, and Cy carved the mast"
  rule("c-s", "comma s", 1, "mark", 0, (_, s) => (s.role === "subject" && !s.f.gap ? s.f : undefined));
  rule("sl", "s c-s", 0, "conjunct", 0.5, (l, r) => (l.role === "subject" ? clauses(l, r) : undefined));
  rule("sl", "sl c-s", 0, "conjunct", 0.2, clauses);
  rule("s", "sl c-j-s", 0, "conjunct", 0.2, clauses);
  // "The birds sang, the frogs croaked *and the crickets chirped*"
  rule("s", "sl j-s", 0, "conjunct", 0.3, clauses);
  rule("semi-s", "semi s", 1, "mark", 0);
  rule("s", "s semi-s", 0, "conjunct", 0.2, clauses);
  rule("colon-np", "colon np", 1, "mark", 0);
  rule("s", "s colon-np", 0, "list", 0.4, (s) => (s.f.gap ? undefined : s.f));
  rule("colon-s", "colon s", 1, "mark", 0);
  // "three shapes: *heaps like cotton*": what they look like, and nothing that heaps are fond of.
  const likes = (s: Node) => headTerminal(s).lemma === "like" && s.kids[0]?.f.det === "bare";
  rule("s", "s colon-s", 0, "conjunct", 0.4, (l, r) => (r.kids[1] && likes(r.kids[1]) ? undefined : clauses(l, r)));
  rule("root", "s stop", 0, "mark", 0, (s) => (s.f.gap ? undefined : {}));
  lift("root", "s", "clause", (s) => (s.f.gap ? undefined : { f: {}, cost: 0.5 }));
  lift("root", "j-s", "clause", () => ({ f: { sub: "linked" }, cost: 0.3 }));
  rule("root", "j-s stop", 0, "mark", 0.1, () => ({ sub: "linked" }));
}
