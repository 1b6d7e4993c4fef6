import type { Clause } from "../../language/clause";
import { TIME_NOUNS } from "../../language/data/noun-classes";
import { walkTree } from "../../language/tree";

/** Words that can be read as a clause, and that say something else. */
export function mayBeMisread(clause: Clause): boolean {
  return isPairOfNouns(clause) || tellsOfWholeDeed(clause);
}

/** "What kind of paint do you use?" – "*Spray paint* for the edges.": an answer, and no command. */
function isPairOfNouns({ imperative, verb, complements, sentence }: Clause): boolean {
  const [object] = complements;
  const mayBeNoun = sentence.words[verb.start]?.candidates.some(({ cat, cost }) => cat === "n" && cost < 2.5) === true;
  return (
    imperative &&
    sentence.speaker !== undefined &&
    mayBeNoun &&
    verb.start === 0 &&
    object?.role === "object" &&
    object.node.start === verb.end &&
    object.node.end === verb.end + 1 &&
    object.node.f.det === "bare"
  );
}

/** "I walked up to Heron Falls, *which takes two hours*": the walk does, and not the falls. */
function tellsOfWholeDeed({ rank, verb, complements }: Clause): boolean {
  return (
    rank === "aside" &&
    verb.lemma === "take" &&
    complements.some(({ role, node }) => role === "object" && walkTree(node).some(({ cat, lemma }) => cat === "n" && TIME_NOUNS.has(lemma ?? "")))
  );
}
