import { and, eq } from "drizzle-orm";
import { anchorSpan } from "@/core/source/anchor-span";
import type { Block, Span } from "@/core/source/schema";
import { setSources, slips } from "../db/schema";
import { loadSetSources } from "../sets/load-set";
import type { Writer } from "../sets/save-state";

export type Reanchored = { moved: number; lost: number };

/**
 * Evidence in every set of a source moves along with its words. What is lost is counted and left as
 * it was, so that it is found again when its words are brought back.
 */
export function moveEvidence(tx: Writer, sourceId: string): Reanchored {
  const result: Reanchored = { moved: 0, lost: 0 };
  for (const { setId } of tx.select({ setId: setSources.setId }).from(setSources).where(eq(setSources.sourceId, sourceId)).all()) {
    const { blocks } = loadSetSources(tx, setId);
    for (const row of tx.select().from(slips).where(eq(slips.setId, setId)).all()) {
      const evidence = row.question.evidence.map((span) => followed(span, blocks, result));
      if (evidence.every((span, index) => span === row.question.evidence[index])) continue;
      tx.update(slips)
        .set({ question: { ...row.question, evidence } })
        .where(and(eq(slips.setId, setId), eq(slips.questionId, row.questionId)))
        .run();
    }
  }
  return result;
}

function followed(span: Span, blocks: readonly Block[], result: Reanchored): Span {
  const anchored = anchorSpan(span, blocks);
  if (anchored.found === "lost") result.lost++;
  if (anchored.found !== "moved") return span;
  result.moved++;
  return anchored.span;
}
