"use client";
import { bringBack } from "@/core/source/prepare/change-blocks";
import type { SourceEdit } from "@/core/source/prepare/source-edit";
import type { Block } from "@/core/source/schema";

type Props = { blocks: readonly Block[]; warnings: string[]; notice: string; change: (...edits: (SourceEdit | undefined)[]) => void };

/** What the reading of the file has to say, and what was left out by itself, to be brought back by its reason. */
export function PrepareNotes({ blocks, warnings, notice, change }: Props) {
  const byReason = new Map<string, Block[]>();
  for (const block of blocks) if (block.leftOut && block.leftOut !== "by hand") byReason.set(block.leftOut, [...(byReason.get(block.leftOut) ?? []), block]);
  return (
    <div className="mb-3 space-y-1 text-sm">
      <p role="status" className="text-ochre empty:hidden">
        {notice}
      </p>
      {warnings.map((warning) => (
        <p key={warning} className="text-soft">
          {warning}
        </p>
      ))}
      {byReason.size > 0 ? (
        <p className="flex flex-wrap items-baseline gap-x-3 gap-y-1 text-soft">
          <span>Left out:</span>
          {[...byReason].map(([reason, group]) => (
            <span key={reason} className="whitespace-nowrap">
              {reason} <span className="tabular">({group.length})</span>{" "}
              <button type="button" className="text-spruce underline" onClick={() => change(bringBack(group))}>
                bring back
              </button>
            </span>
          ))}
        </p>
      ) : null}
    </div>
  );
}
