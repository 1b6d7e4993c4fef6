"use client";
import type { Block } from "@/core/source/schema";
import { SourceBlock } from "../margin/SourceBlock";

const ignore = () => {};

/** The source as it was read, in numbered blocks, with nothing tied to it. */
export function StillBlocks({ blocks }: { blocks: Block[] }) {
  return (
    <div className="border border-line bg-sheet py-6 pr-6 pl-14 font-read text-[1.05rem] leading-[1.8rem]">
      {blocks.map((block) => (
        <SourceBlock key={block.id} block={block} marks={[]} activeId={undefined} onChoose={ignore} />
      ))}
    </div>
  );
}
