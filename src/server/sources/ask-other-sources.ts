import { and, isNull, notInArray } from "drizzle-orm";
import { askSource, type SaidElsewhere } from "@/core/checking/ask-source";
import type { Question } from "@/core/questions/question";
import { db } from "../db/client";
import { sources } from "../db/schema";
import { loadLanguageTools } from "../language/load-language-tools";

export type OtherSource = { id: string; title: string; said: SaidElsewhere[] };

/** What the teacher's other sources, those not in the set, say of a question's key; only those that say something. */
export function askOtherSources(question: Question, inSet: readonly string[]): OtherSource[] {
  const { lexicon } = loadLanguageTools();
  return db()
    .select({ id: sources.id, title: sources.title, blocks: sources.blocks })
    .from(sources)
    .where(and(isNull(sources.deletedAt), notInArray(sources.id, [...inSet])))
    .all()
    .map(({ id, title, blocks }) => ({ id, title, said: askSource(question, blocks, lexicon) }))
    .filter(({ said }) => said.length > 0);
}
