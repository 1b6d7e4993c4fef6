import { eq } from "drizzle-orm";
import { type PassageProblem, readPassage } from "@/core/importers/read-passage";
import { fail, ok, type Result } from "@/core/lib/result";
import { anchorSpan } from "@/core/source/anchor-span";
import { describeSource } from "@/core/source/readability/describe-source";
import { db } from "../db/client";
import { setSources, slips, sources } from "../db/schema";

export type Reanchored = { moved: number; lost: number };

/** Replaces a source's text; evidence moves along with its words, and what is lost is counted and left as it was. */
export function changeSourceText(sourceId: string, text: string): Result<Reanchored, PassageProblem | { type: "source-not-found" }> {
  const source = db().select().from(sources).where(eq(sources.id, sourceId)).get();
  if (!source) return fail({ type: "source-not-found" });
  const passage = readPassage(text, source.kind, source.title);
  if (!passage.ok) return passage;
  const { blocks } = passage.value;
  const result = { moved: 0, lost: 0 };
  db().transaction((tx) => {
    tx.update(sources)
      .set({ original: text, blocks, description: describeSource(blocks), updatedAt: Date.now() })
      .where(eq(sources.id, sourceId))
      .run();
    const rows = tx.select({ slip: slips }).from(slips).innerJoin(setSources, eq(setSources.setId, slips.setId)).where(eq(setSources.sourceId, sourceId)).all();
    for (const { slip } of rows) {
      const evidence = slip.question.evidence.map((span) => {
        const anchored = anchorSpan(span, blocks);
        if (anchored.found === "lost") result.lost++;
        if (anchored.found === "moved") result.moved++;
        return anchored.found === "lost" ? span : anchored.span;
      });
      tx.update(slips)
        .set({ question: { ...slip.question, evidence } })
        .where(eq(slips.questionId, slip.questionId))
        .run();
    }
  });
  return ok(result);
}
