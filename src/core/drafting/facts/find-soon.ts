import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { isLength } from "./find-duration";

const SPAN =
  /^within (?!(?:the|this|that|these|those|its|their)\b)(?:[\p{L}\d-]+ ){1,4}?(?:seconds?|minutes?|hours?|days?|nights?|weeks?|months?|years?|decades?|centur(?:y|ies))(?: or (?:two|so))?$|^within (?:seconds|minutes|hours|days|weeks|months|years|decades)$/u;

/** "A herring begins to spoil *within a day*": how soon? The length stands last, be it of the verb or of what is begun. */
export function findSoon(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || !sentence.tree) return [];
  if (!/\bwithin\b/i.test(sentence.text)) return [];
  // "Within days traffic *had come* to a standstill": after what, the sentence before says.
  if (clause.auxiliaries[0]?.cat === "have" && clause.auxiliaries[0].flags?.includes("past")) return [];
  const part = walkTree(sentence.tree).find(
    ({ cat, kids, start, end }) =>
      cat === "pp" && kids[0]?.lemma === "within" && kids[1] !== undefined && isLength(kids[1]) && start >= clause.start && end <= clause.end,
  );
  // "die *within minutes* when they are taken out": what follows is told behind it.
  const isOwn = part !== undefined && clause.adjuncts.some(({ node }) => node === part) && part.end < clause.end;
  const told = phraseRest(phrasing, analysis, [...(isOwn ? [part] : []), ...reasonsOf(clause)]);
  const answer = part ? nodeText(sentence, part).replace(/^Within/, "within") : "";
  // "If many sign *within a hundred days*, there must be a vote": how soon they have to sign.
  if (part && !isOwn && part.end <= clause.subject.start) return [];
  if (!part || isUnclear(told) || !(isOwn || told.endsWith(answer)) || !SPAN.test(answer)) return [];
  // "remembered that a train was due *within minutes*": when it was due.
  if (clause.complements.some(({ role, node }) => role === "clause" && node.start < part.start)) return [];
  const rest = isOwn ? told : told.slice(0, -answer.length).trim();
  // "The news spread within hours"
  const fewest = clause.subject.f.det === "def" ? 2 : 3;
  if (/,$/.test(rest) || `${phrasing.subject} ${rest}`.trim().split(" ").length < fewest) return [];
  return [
    factOf(
      phrasing,
      part.start,
      {
        type: "frequency",
        stem: askClause(phrasing, "How soon", rest),
        answer,
        answerNode: part,
        accepted: [answer.replace(/^within /, "")],
        depth: "recall",
        worth: 2,
        pattern: "how-soon",
      },
      "quantity",
    ),
  ];
}
