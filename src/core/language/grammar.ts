import { addClauseRules } from "./grammar/clause-rules";
import { addEllipticalRules } from "./grammar/elliptical-rules";
import { addIdiomRules } from "./grammar/idiom-rules";
import { addModifierRules } from "./grammar/modifier-rules";
import { addNounPhraseRules } from "./grammar/noun-phrase-rules";
import { addNounRules } from "./grammar/noun-rules";
import { createRuleWriter, type Grammar } from "./grammar/rule-writer";
import { addVerbRules } from "./grammar/verb-rules";
import type { Lexicon } from "./lexicon";

/**
 * The grammar: weighted binary and unary rules over candidate parts of speech. A rule gives the new
 * node's features and cost, or undefined where agreement, case or the verb's frame forbids it. Roles
 * name what the other kid is to the head; clauses are read off them, so no rule is known elsewhere.
 *
 *   np  noun phrase      nb  noun without determiner   pp  preposition phrase   ap  adjective phrase
 *   vp  verb phrase      s   clause                    sb  adverb clause        rc  relative clause
 *   cs  that-clause      ws  wh-clause                 advp adverb              qn  number
 *   "c-x"  a comma and then x;  "x-c"  then another comma
 */
export function createGrammar(lexicon: Lexicon): Grammar {
  const writer = createRuleWriter(lexicon);
  addNounRules(writer);
  addNounPhraseRules(writer);
  addModifierRules(writer);
  addVerbRules(writer);
  addClauseRules(writer);
  addEllipticalRules(writer);
  addIdiomRules(writer);
  return { binary: writer.binary, unary: writer.unary };
}
