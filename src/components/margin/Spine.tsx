import { locatorLabel } from "@/core/source/locator-label";
import type { Block } from "@/core/source/schema";

type Props = { blocks: readonly Block[]; countByBlock: ReadonlyMap<string, { kept: number; drafts: number }>; activeBlock: string | undefined };

/** The map of the source at the left: what is asked about, and what the paper forgets. */
export function Spine({ blocks, countByBlock, activeBlock }: Props) {
  const paragraphs = blocks.filter((block) => block.kind !== "heading");
  const total = paragraphs.reduce((sum, block) => sum + Math.max(60, block.text.length), 0);
  return (
    <nav
      aria-label="Map of the source"
      className="sticky top-28 hidden h-[calc(100dvh-12rem)] w-6 flex-col lg:flex"
      style={{ gap: paragraphs.length > 40 ? 1 : 4 }}
    >
      {paragraphs.map((block) => {
        const count = countByBlock.get(block.id);
        const questions = (count?.kept ?? 0) + (count?.drafts ?? 0);
        const fill = Math.min(1, (count?.kept ?? 0) / 3 + (count?.drafts ?? 0) / 5);
        const label = `${locatorLabel(block.locator)}: ${questions === 0 ? "nothing is asked" : questions === 1 ? "1 question" : `${questions} questions`}${count?.kept ? `, ${count.kept} kept` : ""}`;
        return (
          <a
            key={block.id}
            href={`#block-${block.id}`}
            title={label}
            style={{ flexGrow: Math.max(60, block.text.length) / total, minHeight: 3, maxHeight: 64 }}
            className={`relative mx-auto block w-2.5 overflow-hidden rounded-xs border border-spruce bg-sheet ${activeBlock === block.id ? "outline-2 outline-ink outline-offset-2" : ""}`}
          >
            <span className="sr-only">{label}</span>
            <span aria-hidden className={`absolute inset-x-0 bottom-0 ${count?.kept ? "bg-spruce" : "bg-spruce/45"}`} style={{ height: `${fill * 100}%` }} />
          </a>
        );
      })}
    </nav>
  );
}
