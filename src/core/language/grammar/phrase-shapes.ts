import { TIME_NOUNS } from "../data/noun-classes";
import { headTerminal, type Node, walkTree } from "../tree";

/** "falls *each winter*": how often, and seldom what. */
export function isRecurringTime(np: Node): boolean {
  return opensTime(np, /^(?:each|every)$/);
}

/** "washed *several times*": how often, and seldom what. */
export function isTimes(np: Node): boolean {
  const head = headTerminal(np);
  return head.lemma === "time" && head.flags?.[0] === "pl" && (np.f.det === "quant" || np.f.det === "num") && np.kids.length === 2;
}

/** "fifteen minutes *a day*" */
export function isRate(np: Node): boolean {
  return np.end - np.start === 2 && opensTime(np, /^an?$/);
}

function opensTime(np: Node, determiner: RegExp): boolean {
  return TIME_NOUNS.has((headTerminal(np).lemma ?? "").toLowerCase()) && np.kids[0]?.cat === "det" && determiner.test(np.kids[0].lemma ?? "");
}

/** Whether a phrase is told to be as much so as something else. */
export function opensWithAs(ap: Node): boolean {
  const [first] = ap.kids;
  return ap.cat === "ap" && first !== undefined && ((first.cat === "adv" && first.lemma === "as") || opensWithAs(first));
}

/** "the British, who set up an office*,*": what is said in passing has its second comma. */
export function endsInComma(node: Node): boolean {
  const last = node.kids.at(-1);
  return last ? endsInComma(last) : node.cat === "comma";
}

/** "*killed* last month", "*reduced* hours" */
export function opensWithParticiple(node: Node): boolean {
  const first = node.kids[0];
  return first === undefined ? node.cat === "v" && node.flags?.[0] === "participle" : opensWithParticiple(first);
}

/** "on shoes, on jackets, and in space": each phrase with its own preposition; of any other the phrase itself. */
export function phrasesOf(pp: Node): Node[] {
  if (pp.cat === "pp" && pp.role === "preposition") return [pp];
  return pp.kids.flatMap((kid) => (/^(?:pp|ppl|c-pp|j-pp|c-j-pp)$/.test(kid.cat) ? phrasesOf(kid) : []));
}

export function firstWord(node: Node): string {
  return node.kids.length === 0 ? (node.lemma ?? "") : firstWord(node.kids[0]!);
}

/** "call *this state dormancy*": what it is called stands by itself. */
export function isPointedCompound(np: Node): boolean {
  return (np.f.det === "dem" || np.f.det === "poss") && np.kids[1]?.role === "compound";
}

/** "called *her Purser*", "fined *her one hundred dollars*": whom, and then what; no Purser and no dollars of hers. */
export function isHerAndMore(np: Node): boolean {
  const [her, more] = np.kids;
  if (her?.lemma !== "her" || !more || np.f.det !== "poss") return false;
  return headTerminal(more).cat === "pn" || walkTree(more).some(({ cat }) => cat === "num");
}

/** "call this trick *mimicry*": a name needs no article. */
export function isBareName(vo: Node, np: Node): boolean {
  const isTold = /^(?:dem|poss|pron)$/.test(vo.kids[1]?.f.det ?? "");
  return isTold && /^(?:call|name|term|dub)$/.test(headTerminal(vo).lemma ?? "") && np.f.det === "bare" && np.f.num === "sg" && np.end - np.start <= 2;
}

/** "believed *that cholera was spread by bad air*": seldom *that cholera* beside another. */
export function opensWithThat(s: Node): boolean {
  // "said *in May that* the boats had come"
  if (s.cat === "s" && s.role === "adjunct" && s.kids[1]) return opensWithThat(s.kids[1]);
  const first = s.kids[0];
  return first === undefined ? s.cat === "det" && s.lemma === "that" : opensWithThat(first);
}

/** "*war* did not end": one thing without an article as the subject. */
export function isBareSubject(s: Node): boolean {
  const [subject] = s.kids;
  return s.role === "subject" && subject?.f.det === "bare" && subject.f.num === "sg" && subject.end - subject.start === 1;
}

/** "in the box", "between the chambers": where something may be. */
export function isPlace(pp: Node): boolean {
  return /^(?:in|on|at|among|between|above|below|under|behind|beside|inside|near|along|around|infront|ontop|over|beneath|next|opposite)$/.test(pp.f.sub ?? "");
}
