import { z } from "zod";
import { fail, ok, type Result } from "@/core/lib/result";
import { numberBlocks, type RawBlock } from "@/core/source/number-blocks";
import { MAX_SOURCE_CHARACTERS } from "@/core/source/schema";
import { detectLanguage } from "../importing/detect-language";
import { type CreatedSource, storeImported } from "./create-source";
import { loadSource } from "./load-source";

export const excerptsSchema = z.object({
  topic: z.string().trim().min(1).max(200),
  passages: z
    .array(
      z.union([
        z.object({ sourceId: z.string(), blockId: z.string() }),
        z.object({ url: z.string().max(2000), title: z.string().max(300), text: z.string().max(20_000) }),
      ]),
    )
    .min(1)
    .max(60),
});
export type Excerpts = z.infer<typeof excerptsSchema>;

/** Passages that were found on a topic, as a source of their own: each under the title of where it stands. */
export async function createExcerpts({
  topic,
  passages,
}: Excerpts): Promise<Result<CreatedSource, { type: "source-not-found" } | { type: "passage-too-long"; characters: number; limit: number }>> {
  const raw: RawBlock[] = [{ kind: "heading", level: 1, text: topic.charAt(0).toUpperCase() + topic.slice(1) }];
  let heading = "";
  for (const passage of passages) {
    const found = "url" in passage ? passage : findBlock(passage);
    if (!found) return fail({ type: "source-not-found" });
    if (found.title !== heading) raw.push({ kind: "heading", level: 2, text: found.title });
    heading = found.title;
    raw.push({ kind: "paragraph", text: found.text });
  }
  const blocks = numberBlocks(raw);
  const characters = blocks.reduce((sum, block) => sum + block.text.length, 0);
  if (characters > MAX_SOURCE_CHARACTERS) return fail({ type: "passage-too-long", characters, limit: MAX_SOURCE_CHARACTERS });
  return ok(storeImported({ kind: "excerpts", title: blocks[0]!.text, blocks, warnings: [], language: await detectLanguage(blocks, undefined) }));
}

function findBlock({ sourceId, blockId }: { sourceId: string; blockId: string }): { title: string; text: string } | undefined {
  const source = loadSource(sourceId);
  const block = source?.blocks.find((other) => other.id === blockId && !other.leftOut);
  return source && block ? { title: source.title, text: block.text } : undefined;
}
