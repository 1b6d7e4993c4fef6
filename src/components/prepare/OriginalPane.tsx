"use client";
import { ChevronLeft, ChevronRight } from "lucide-react";
import { useEffect, useState } from "react";
import type { Block } from "@/core/source/schema";
import { MediaPlayer } from "../player/MediaPlayer";
import type { Player } from "../player/use-player";
import type { Original } from "./original";
import { SlideCard } from "./SlideCard";

type Props = { original: Original; blocks: readonly Block[]; active: Block | undefined; player: Player };

/** The source as it was: the page as it looks, the slide, the web page, the picture, or the player. What is in hand is shown where it stands. */
export function OriginalPane({ original, blocks, active, player }: Props) {
  switch (original.sort) {
    case "pages":
      return <PagePane key={original.sourceId} {...original} active={active} />;
    case "picture":
      return <Boxed address={original.address} alt={original.title} active={active} page={1} />;
    case "slides":
      return <SlideCard blocks={blocks} slide={active?.locator.type === "slide" ? active.locator.slide : 1} slides={original.slides} />;
    case "page":
      return (
        <iframe
          title={`${original.title} as it was brought in`}
          src={original.address}
          sandbox=""
          className="h-full min-h-96 w-full border border-line bg-white"
        />
      );
    case "media":
      return <MediaPlayer player={player} address={original.address} isVideo={original.isVideo} title={original.title} />;
    case "text":
      return (
        <pre className="h-full overflow-auto whitespace-pre-wrap border border-line bg-sheet p-4 font-read text-[0.95rem] leading-relaxed">{original.text}</pre>
      );
  }
}

function PagePane({ sourceId, title, pages, active }: Extract<Original, { sort: "pages" }> & { active: Block | undefined }) {
  const wanted = active?.locator.type === "page" ? active.locator.page : undefined;
  const [page, setPage] = useState(wanted ?? 1);
  useEffect(() => {
    if (wanted) setPage(wanted);
  }, [wanted]);
  const turn = (by: 1 | -1) => setPage((old) => Math.min(pages, Math.max(1, old + by)));
  return (
    <div className="flex h-full flex-col">
      <div className="mb-2 flex items-center gap-2 text-sm">
        <button type="button" className="button min-h-7 px-2" aria-label="Page before" disabled={page === 1} onClick={() => turn(-1)}>
          <ChevronLeft size={16} aria-hidden />
        </button>
        <span className="tabular" aria-live="polite">
          Page {page} of {pages}
        </span>
        <button type="button" className="button min-h-7 px-2" aria-label="Next page" disabled={page === pages} onClick={() => turn(1)}>
          <ChevronRight size={16} aria-hidden />
        </button>
      </div>
      <Boxed address={`/api/sources/${sourceId}/pages/${page}`} alt={`Page ${page} of ${title}`} active={active} page={page} />
    </div>
  );
}

/** A page or picture with a frame round the place of the block in hand. */
function Boxed({ address, alt, active, page }: { address: string; alt: string; active: Block | undefined; page: number }) {
  const box = active?.box?.page === page ? active.box : undefined;
  const percent = (share: number) => `${share * 100}%`;
  return (
    <div className="min-h-0 flex-1 overflow-auto border border-line bg-white">
      <div className="relative">
        {/* biome-ignore lint/performance/noImgElement: drawn by our own server at the right size */}
        <img src={address} alt={alt} className="block w-full" />
        {box ? (
          <span
            aria-hidden
            data-box
            className="absolute border-2 border-[#1d5e55] bg-[#ffe6cc]/60 mix-blend-multiply"
            style={{ left: percent(box.left), top: percent(box.top), width: percent(box.width), height: percent(box.height) }}
          />
        ) : null}
      </div>
    </div>
  );
}
