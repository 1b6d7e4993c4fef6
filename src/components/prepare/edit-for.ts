import { bringBack, mergeWithNext, setKind, setText, splitAt, strikeOut } from "@/core/source/prepare/change-blocks";
import type { SourceEdit } from "@/core/source/prepare/source-edit";
import type { Block } from "@/core/source/schema";
import type { BlockTask } from "./PreparedBlock";

type Outcome = { edit: SourceEdit | undefined /** The block to go on with. */; next?: string };

/** The edit that does what was asked of a block. */
export function editFor(blocks: readonly Block[], blockId: string, task: BlockTask, value?: string | number): Outcome {
  const index = blocks.findIndex((block) => block.id === blockId);
  const block = blocks[index]!;
  switch (task) {
    case "strike":
      return { edit: strikeOut([block]) };
    case "bring-back":
      return { edit: bringBack([block]) };
    case "write":
      return { edit: value === "" ? undefined : setText(block, String(value)) };
    case "kind":
      return { edit: setKind(block, value as Block["kind"]) };
    case "merge":
      return { edit: mergeWithNext(blocks, index) };
    case "merge-before":
      return index > 0 ? { edit: mergeWithNext(blocks, index - 1), next: blocks[index - 1]!.id } : { edit: undefined };
    case "split": {
      const id = `n${crypto.randomUUID().slice(0, 8)}`;
      const edit = splitAt(blocks, index, Number(value), id);
      return edit ? { edit, next: id } : { edit };
    }
    case "after":
      return { edit: strikeOut(blocks.slice(index + 1)) };
    case "only-section":
      return { edit: strikeOut(outsideSection(blocks, index), "outside the chosen section") };
    default:
      return { edit: undefined };
  }
}

/** All but a heading's own section: up to the next heading of its level or above. The title may stay. */
function outsideSection(blocks: readonly Block[], index: number): Block[] {
  const level = blocks[index]!.level ?? 2;
  const end = blocks.findIndex((block, at) => at > index && block.kind === "heading" && (block.level ?? 2) <= level);
  return blocks.filter((_, at) => at < index || (end >= 0 && at >= end));
}
