import type { Block } from "@/core/source/schema";

/** A slide's own text, as it was brought in: title, points, and the speaker's notes under it. */
export function SlideCard({ blocks, slide, slides }: { blocks: readonly Block[]; slide: number; slides: number }) {
  const of = (part: "title" | "text" | "notes") => blocks.filter(({ locator }) => locator.type === "slide" && locator.slide === slide && locator.part === part);
  const notes = of("notes");
  return (
    <div>
      <p className="tabular mb-2 text-sm">
        Slide {slide} of {slides}
      </p>
      <div className="flex aspect-video flex-col overflow-auto border border-line bg-white p-6 text-[#1f2b33]">
        {of("title").map((block) => (
          <p key={block.id} className="font-read font-semibold text-xl">
            {block.text}
          </p>
        ))}
        <ul className="mt-3 list-disc space-y-1 pl-5">
          {of("text").map((block) => (
            <li key={block.id} className={block.kind === "list-item" ? "" : "-ml-5 list-none"}>
              {block.text}
            </li>
          ))}
        </ul>
      </div>
      {notes.length > 0 ? (
        <div className="mt-2 border border-line bg-sheet p-3 text-sm">
          <p className="text-soft">Speaker notes</p>
          {notes.map((block) => (
            <p key={block.id}>{block.text}</p>
          ))}
        </div>
      ) : null}
    </div>
  );
}
