import type { Clause } from "../../language/clause";
import type { Node } from "../../language/tree";

/** A deed of a few words that opens its sentence, and what it does always. */
export function opensWithDeed({ subject, verb, auxiliaries, sentence, linkedBy, start }: Clause, deed: Node): boolean {
  const length = deed.end - deed.start;
  const isAlways = verb.cat === "v" && (auxiliaries.length === 0 ? verb.flags?.[0] === "third" : auxiliaries.every(({ cat }) => cat === "modal"));
  return (
    subject === deed &&
    // "…, so *bending an elbow* takes great strength"
    (deed.start === 0 || (linkedBy === "so" && deed.start === start)) &&
    length <= 6 &&
    (auxiliaries[0] ?? verb).start === deed.end &&
    isAlways &&
    sentence.words[verb.start]?.lower !== "means"
  );
}

/** A first word that is a participle here and a command by its form: "Put", "Cut", "Set". */
export function opensWithCommand({ subject, sentence }: Clause): boolean {
  let first = subject;
  while (first.kids.length > 0) first = first.kids[0]!;
  return first.cat === "v" && first.flags?.[0] === "participle" && sentence.words[first.start]!.lower === first.lemma;
}
