"use client";
import { type RefObject, useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { Block } from "@/core/source/schema";

/** The sentence that is being spoken. */
export type Spoken = { blockId: string; start: number; end: number };
export type Player = {
  element: RefObject<HTMLMediaElement | null>;
  spoken: Spoken | undefined;
  /** Plays from a time on, and stops at `toMs` where it is given. */
  play(fromMs: number, toMs?: number): void;
  /** Moves to a time without playing; does nothing while it plays. */
  standAt(ms: number): void;
};

/** How often what is spoken is looked up; the browser's own timeupdate comes only four times a second. */
const FOLLOW_EVERY_MS = 60;

/** A film or sound with the text that is spoken in it. */
export function usePlayer(blocks: readonly Block[]): Player {
  const element = useRef<HTMLMediaElement | null>(null);
  const stopAt = useRef<number | undefined>(undefined);
  const [spoken, setSpoken] = useState<Spoken>();
  const times = useMemo(
    () => blocks.flatMap((block) => (block.leftOut ? [] : (block.timings ?? []).map((timing) => ({ ...timing, blockId: block.id })))),
    [blocks],
  );
  const follow = useCallback(() => {
    const media = element.current;
    if (!media) return;
    const now = media.currentTime * 1000;
    if (stopAt.current !== undefined && now >= stopAt.current) {
      media.pause();
      stopAt.current = undefined;
    }
    const at = times.find(({ startMs, endMs }) => now >= startMs - 50 && now < endMs);
    setSpoken((old) => (old?.blockId === at?.blockId && old?.start === at?.start ? old : at && { blockId: at.blockId, start: at.start, end: at.end }));
  }, [times]);
  useEffect(() => {
    const media = element.current;
    if (!media) return;
    const timer = setInterval(() => {
      if (!media.paused) follow();
    }, FOLLOW_EVERY_MS);
    media.addEventListener("seeked", follow);
    return () => {
      clearInterval(timer);
      media.removeEventListener("seeked", follow);
    };
  }, [follow]);
  const play = useCallback((fromMs: number, toMs?: number) => {
    const media = element.current;
    if (!media) return;
    stopAt.current = toMs;
    media.currentTime = fromMs / 1000;
    void media.play().catch(() => {});
  }, []);
  const standAt = useCallback((ms: number) => {
    if (element.current?.paused) element.current.currentTime = ms / 1000;
  }, []);
  return useMemo(() => ({ element, spoken, play, standAt }), [spoken, play, standAt]);
}

/** When the words from `start` to `end` of a block are spoken: whole sentences. */
export function spokenTime(block: Block, start: number, end: number): { startMs: number; endMs: number } | undefined {
  const touched = (block.timings ?? []).filter((timing) => timing.start < end && timing.end > start);
  if (touched.length > 0) return { startMs: touched[0]!.startMs, endMs: touched.at(-1)!.endMs };
  return block.locator.type === "time" ? { startMs: block.locator.startMs, endMs: block.locator.endMs } : undefined;
}
