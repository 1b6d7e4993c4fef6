import { fail, ok, type Result } from "../lib/result";
import { type Block, MAX_SOURCE_CHARACTERS } from "../source/schema";
import { readMarkdown } from "./read-markdown";
import { readPlainText } from "./read-plain-text";
import { titleOf } from "./title-of";

export type PassageProblem = { type: "passage-empty" } | { type: "passage-too-long"; characters: number; limit: number } | { type: "passage-not-text" };

export type Passage = { kind: "text" | "markdown"; title: string; blocks: Block[] };

/** Text as pasted or decoded from a file, into a titled list of blocks. */
export function readPassage(text: string, kind: Passage["kind"], name = "", limit = MAX_SOURCE_CHARACTERS): Result<Passage, PassageProblem> {
  if (text.length > limit) return fail({ type: "passage-too-long", characters: text.length, limit });
  if (looksBinary(text)) return fail({ type: "passage-not-text" });
  const blocks = kind === "markdown" ? readMarkdown(text) : readPlainText(text);
  if (!blocks.some((block) => /\p{L}/u.test(block.text))) return fail({ type: "passage-empty" });
  return ok({ kind, title: titleOf(blocks, name), blocks });
}

function looksBinary(text: string): boolean {
  const sample = text.slice(0, 20_000);
  const strange = sample.match(/[\u0000-\u0008\u000e-\u001f\ufffd]/g)?.length ?? 0;
  return strange > Math.max(2, sample.length / 200) || sample.includes("\u0000");
}
