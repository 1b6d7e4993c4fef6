import { assertNever } from "../../lib/assert-never";
import { fail, ok, type Result } from "../../lib/result";
import { renumberBlocks } from "./renumber-blocks";
import type { SourceEdit, SourceState } from "./source-edit";

export type SourceEditProblem = { type: "block-gone"; blockId: string } | { type: "source-edit-does-not-fit"; edit: SourceEdit["type"] };

/** The source after an edit, or why it cannot be made. The source given is not touched. */
export function applySourceEdit(state: SourceState, edit: SourceEdit): Result<SourceState, SourceEditProblem> {
  switch (edit.type) {
    case "set-source-title":
      return ok({ ...state, title: edit.to });
    case "set-language":
      return ok({ ...state, language: edit.to });
    case "set-choice":
      return ok({ ...state, choice: edit.to });
    case "set-left-out": {
      const toByBlock = new Map(edit.changes.map(({ blockId, to }) => [blockId, to]));
      return ok({ ...state, blocks: state.blocks.map((block) => (toByBlock.has(block.id) ? withReason(block, toByBlock.get(block.id)!) : block)) });
    }
    case "set-block": {
      const index = state.blocks.findIndex((block) => block.id === edit.blockId);
      if (index < 0) return fail({ type: "block-gone", blockId: edit.blockId });
      if (edit.to.id !== edit.blockId) return fail({ type: "source-edit-does-not-fit", edit: edit.type });
      const blocks = state.blocks.with(index, edit.to);
      return ok({ ...state, blocks: edit.from.kind === edit.to.kind ? blocks : renumberBlocks(blocks) });
    }
    case "replace-blocks": {
      const replaced = state.blocks.slice(edit.index, edit.index + edit.from.length);
      const fits = replaced.length === edit.from.length && replaced.every((block, at) => block.id === edit.from[at]!.id);
      if (!fits) return fail({ type: "source-edit-does-not-fit", edit: edit.type });
      const blocks = state.blocks.toSpliced(edit.index, edit.from.length, ...edit.to);
      if (blocks.length === 0 || new Set(blocks.map((block) => block.id)).size < blocks.length)
        return fail({ type: "source-edit-does-not-fit", edit: edit.type });
      return ok({ ...state, blocks: renumberBlocks(blocks) });
    }
    default:
      return assertNever(edit);
  }
}

function withReason<T extends { leftOut?: string | undefined }>(block: T, reason: string | null): T {
  const { leftOut: _, ...rest } = block;
  return (reason === null ? rest : { ...rest, leftOut: reason }) as T;
}
