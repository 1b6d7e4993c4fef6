"use client";
import { Fragment, useCallback, useMemo, useRef } from "react";
import type { Edit } from "@/core/questions/edit";
import type { QuestionKind } from "@/core/questions/question";
import type { Block, Span } from "@/core/source/schema";
import { MediaPlayer } from "../player/MediaPlayer";
import type { Player } from "../player/use-player";
import { countQuestions, groupMarks } from "./group-marks";
import { JoinLine } from "./JoinLine";
import type { MarginActionId } from "./margin-actions";
import type { PlacedSlip } from "./order-slips";
import { SelectionBar } from "./SelectionBar";
import { SlipCard } from "./SlipCard";
import { type Mark, SourceBlock } from "./SourceBlock";
import { Spine } from "./Spine";
import { useSelectedWords } from "./use-selected-words";
import { useSlipTops } from "./use-slip-tops";
import { useWide } from "./use-wide";
import type { SlipVerdict } from "./verdict";

type Props = {
  blocks: Block[];
  title: string;
  byline: string;
  placed: readonly PlacedSlip[];
  all: readonly PlacedSlip[];
  verdicts: ReadonlyMap<string, SlipVerdict>;
  activeId: string | undefined;
  change: (...edits: Edit[]) => void;
  act: (id: MarginActionId, slipId?: string) => void;
  onChoose: (slipId: string) => void;
  onWrite: (kind: QuestionKind, evidence: Span[]) => void;
  drafting: boolean;
  player: Player;
  media: MarginMedia | undefined;
  onPlaySpan: (span: Span) => void;
};

/** The film or sound of one of the set's sources. */
export type MarginMedia = { sourceId: string; address: string; isVideo: boolean; title: string };

const NO_MARKS: readonly Mark[] = [];

/** Spine, page and margin side by side; in a narrow window each paragraph is followed by its slips. */
export function MarginSheet(props: Props) {
  const { blocks, title, byline, placed, all, verdicts, activeId, change, act, onChoose, onWrite, player, media, onPlaySpan } = props;
  const wide = useWide();
  const frame = useRef<HTMLDivElement>(null);
  const page = useRef<HTMLElement>(null);
  const layout = useSlipTops(frame, placed, wide ? activeId : undefined);
  const [selected, clearSelection] = useSelectedWords(page, blocks);
  const marksByBlock = useMemo(() => groupMarks(placed), [placed]);
  const countByBlock = useMemo(() => countQuestions(all), [all]);
  const active = placed.find(({ slip }) => slip.question.id === activeId);
  const tie = (add: boolean) => {
    if (!active || !selected) return;
    const { question } = active.slip;
    change({ type: "set-evidence", questionId: question.id, from: question.evidence, to: add ? [...question.evidence, selected.span] : [selected.span] });
    if (media) onPlaySpan(selected.span);
    clearSelection();
  };
  const card = ({ slip, number }: PlacedSlip) => (
    <SlipCard
      slip={slip}
      number={number}
      verdict={verdicts.get(slip.question.id)!}
      active={slip.question.id === activeId}
      blocks={blocks}
      change={change}
      act={act}
      onChoose={onChoose}
      onPlay={media ? onPlaySpan : undefined}
    />
  );
  const { play } = player;
  const onPlay = useCallback((block: Block) => block.locator.type === "time" && play(block.locator.startMs), [play]);
  const blockOf = (block: Block) => (
    <SourceBlock
      block={block}
      marks={marksByBlock.get(block.id) ?? NO_MARKS}
      activeId={activeId}
      onChoose={onChoose}
      spoken={player.spoken?.blockId === block.id ? player.spoken : undefined}
      onPlay={media ? onPlay : undefined}
    />
  );
  const empty =
    all.length === 0 && !props.drafting ? (
      <p className="text-soft">
        Drafts stand here beside the words that prove them. Choose Draft, or select words in the source and write a question of your own.
      </p>
    ) : null;
  const anchor = activeId === undefined ? undefined : layout.anchors.get(activeId);
  const cardTop = activeId === undefined ? undefined : layout.tops.get(activeId);
  return (
    <div className="grid flex-1 grid-cols-1 gap-x-0 px-3 pb-6 lg:grid-cols-[2.5rem_minmax(0,1fr)] lg:pl-1">
      <Spine blocks={blocks} countByBlock={countByBlock} activeBlock={active?.spans[0]?.blockId} />
      <div
        ref={frame}
        className="relative grid min-w-0 grid-cols-1 items-start min-[900px]:grid-cols-[minmax(0,44.5rem)_minmax(20rem,1fr)]"
        style={wide ? { minHeight: layout.height + 24 } : undefined}
      >
        <section
          ref={page}
          aria-label="Source"
          className="border-line bg-sheet px-5 py-6 font-read text-[1.05rem] leading-[1.8rem] min-[900px]:border-x min-[900px]:py-8 min-[900px]:pr-9 min-[900px]:pl-14"
        >
          {media ? (
            <div className="sticky top-[var(--bar,0px)] z-[5] -mx-2 mb-3 border-line border-b bg-sheet px-2 pb-2 [@media(max-height:560px)]:static">
              <MediaPlayer player={player} address={media.address} isVideo={media.isVideo} title={media.title} small />
            </div>
          ) : null}
          {blocks[0]?.kind === "heading" ? null : (
            <div className="mb-4">
              <h2 className="mb-2 font-semibold text-[1.65rem] leading-snug">{title}</h2>
              <p className="font-ui text-sm text-soft">{byline}</p>
            </div>
          )}
          {blocks.map((block, index) => (
            <Fragment key={block.id}>
              <PageMark block={block} before={blocks[index - 1]} />
              {wide ? blockOf(block) : <div className="pl-7">{blockOf(block)}</div>}
              {index === 0 && byline && block.kind === "heading" ? <p className="-mt-2 mb-4 font-ui text-sm text-soft">{byline}</p> : null}
              {wide
                ? null
                : placed
                    .filter(({ spans }) => spans[0]?.blockId === block.id)
                    .map((item) => (
                      <div key={item.slip.question.id} className="mb-3 rounded bg-ground font-ui leading-normal">
                        {card(item)}
                      </div>
                    ))}
            </Fragment>
          ))}
          {wide
            ? null
            : placed
                .filter(({ spans }) => spans.length === 0)
                .map((item) => (
                  <div key={item.slip.question.id} className="mb-3 rounded bg-ground font-ui leading-normal">
                    {card(item)}
                  </div>
                ))}
          {wide ? null : empty}
        </section>
        {wide ? (
          <section aria-label="Slips" className="relative min-w-0">
            {empty ? <div className="p-7">{empty}</div> : null}
            {placed.map((item) => (
              <div
                key={item.slip.question.id}
                className="absolute right-0 left-6"
                style={{ top: layout.tops.get(item.slip.question.id) ?? 0, zIndex: item.slip.question.id === activeId ? 5 : 1 }}
              >
                {card(item)}
              </div>
            ))}
            {anchor && cardTop !== undefined ? (
              <JoinLine frameTop={anchor.top + 16} fromLeft={anchor.left} page={page.current?.offsetWidth ?? 0} cardTop={cardTop + 22} />
            ) : null}
          </section>
        ) : null}
        {selected ? (
          <SelectionBar
            selected={selected}
            hasActive={active !== undefined}
            onTie={tie}
            onWrite={(kind) => {
              onWrite(kind, [selected.span]);
              clearSelection();
            }}
          />
        ) : null}
      </div>
    </div>
  );
}

/** "page 3" and "slide 2" where one begins. */
function PageMark({ block, before }: { block: Block; before: Block | undefined }) {
  const placeOf = (other: Block | undefined) => (other?.locator.type === "page" ? `page ${other.locator.page}` : undefined);
  const place = placeOf(block);
  return place && place !== placeOf(before) ? <p className="tabular -ml-11 font-ui text-soft text-xs">{place}</p> : null;
}
