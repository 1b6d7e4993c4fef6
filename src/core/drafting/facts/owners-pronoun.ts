import type { Clause } from "../../language/clause";
import { nodeText } from "../../language/node-text";

/** "When you pull seedlings out, *their finest roots* break": the question has named the seedlings. */
export function ownersPronoun({ sentence, subject }: Clause, named: string, told: string): string | undefined {
  const [owner, rest] = named.split(/[’']s? (?=\p{Ll})/u);
  const own = nodeText(sentence, subject);
  const isNamed = owner !== undefined && rest !== undefined && told.toLowerCase().includes(owner.toLowerCase());
  return isNamed && /^(?:its|their) /i.test(own) ? own.toLowerCase() : undefined;
}
