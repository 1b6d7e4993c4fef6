import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { isAnimalNoun } from "../../language/find-persons";
import { midSentence, nodeText } from "../../language/node-text";
import { coreOf, headTerminal, type Node } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factOf } from "./fact";
import { predicateOf } from "./find-definition";
import { bareForms } from "./find-participant";

const MOST_WORDS = 4;
/** What somebody thinks of a thing, and no sort of it. */
const JUDGING =
  /\b(?:good|bad|great|important|special|small|big|large|huge|tiny|new|old|long|short|real|true|beautiful|wonderful|useful|simple|common|strange|different|difficult|hard|easy|serious|perfect|famous|popular|rare|risky|dangerous|better|worse|poor|rich|clever|safe|cheap|expensive|sad|happy|first|last|little|fine|kind|heavy|slow|fast|quick|fair|nice)\b/i;
const NO_SORTS =
  /^(?:problem|exception|mistake|secret|challenge|gift|success|failure|surprise|mystery|idea|story|question|danger|risk|threat|sign|symbol|shame|pity|crime|fact|promise|lesson|help|job|task|sight|event|moment|day|year|hour|home|place|part|piece|matter)$/;

/** "Tower Bridge is *a bascule bridge*": what sort of bridge? "An inquest is *a public hearing*": what is it? */
export function findSort(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause, subject } = phrasing;
  const { sentence } = clause;
  const predicate = predicateOf(clause);
  if (!predicate || clause.adjuncts.length > 0 || predicate.f.det !== "indef" || predicate.role !== "determiner") return [];
  const words = predicate.end - predicate.start;
  const answer = nodeText(sentence, predicate);
  const head = headTerminal(predicate);
  const noun = head.lemma ?? "";
  if (
    words < (analysis.sort === "story" ? 2 : 3) ||
    words > MOST_WORDS ||
    head.cat !== "n" ||
    THIN_NOUNS.has(noun) ||
    NO_SORTS.test(noun) ||
    JUDGING.test(answer)
  )
    return [];
  if (findUnclear(predicate, sentence, analysis, phrasing.binder) || clause.subject.f.det === "pron" || clause.subject.f.det === "dem") return [];
  const own = (headTerminal(coreOf(clause.subject)).lemma ?? "").toLowerCase();
  const names = nodeText(sentence, coreOf(clause.subject)).toLowerCase().split(" ");
  const isSame = own === noun || names.includes(noun);
  const isTerm = clause.subject.f.det === "indef" && clause.subject.end - clause.subject.start <= 3 && clause.verb.flags?.[0] === "third";
  // "Tam was *a hermit crab*", in a fable: somebody, and an animal.
  const isBeast = analysis.sort === "story" && phrasing.binder.human && clause.subject.f.det === "proper" && isAnimalNoun(noun, analysis.lexicon);
  if (isBeast) return [animalFact(phrasing, predicate, answer)];
  if (!isSame && !isTerm) return [];
  // "A boat is *a wooden boat*" of any boat says nothing of its sort.
  if (isSame && clause.subject.f.det === "indef") return [];
  const be = phrasing.inverted;
  return [
    factOf(
      phrasing,
      predicate.start,
      {
        type: "thing",
        stem: isSame ? `What sort of ${noun} ${be} ${subject}?` : `What ${be} ${midSentence(sentence, clause.subject)}?`,
        answer,
        answerNode: predicate,
        accepted: bareForms(answer),
        depth: isSame ? "recall" : "understanding",
        worth: isSame ? 2 : 2.6,
        pattern: isSame ? "what-sort" : "what-is-it",
      },
      "definition",
    ),
  ];
}

function animalFact(phrasing: Phrasing, predicate: Node, answer: string): Fact {
  return factOf(
    phrasing,
    predicate.start,
    {
      type: "thing",
      stem: `What sort of animal ${phrasing.inverted} ${phrasing.subject}?`,
      answer,
      answerNode: predicate,
      accepted: bareForms(answer),
      depth: "recall",
      worth: 2.2,
      pattern: "what-sort",
    },
    "definition",
  );
}
