import { assertNever } from "../../lib/assert-never";
import type { Block, Choice, Stretch, Timing } from "../schema";
import { joinStretches } from "./move-stretches";

/**
 * The blocks as they are read, asked about and printed: what lies outside the chosen part is left
 * out with its reason, and what was struck out is gone from the text, with every offset moved along.
 */
export function readingBlocks(blocks: readonly Block[], choice: Choice | null): Block[] {
  return blocks.map((block) => {
    if (block.leftOut) return withoutStruck(block, []);
    const cut = choice ? outsideChoice(block, choice) : [];
    if (cut === "all") return { ...withoutStruck(block, []), leftOut: OUTSIDE[choice!.unit] };
    const kept = withoutStruck(block, cut);
    return /[\p{L}\d]/u.test(kept.text) ? kept : { ...withoutStruck({ ...block, struck: [] }, []), leftOut: "struck out" };
  });
}

export const OUTSIDE: Record<Choice["unit"], string> = {
  page: "outside the chosen pages",
  slide: "outside the chosen slides",
  time: "outside the chosen minutes",
};

/** Stretches of the block outside the choice, or "all" of it. */
function outsideChoice(block: Block, choice: Choice): Stretch[] | "all" {
  const { locator } = block;
  switch (choice.unit) {
    case "page": {
      const page = locator.type === "page" ? locator.page : block.box?.page;
      return page === undefined || isWithin(page, choice) ? [] : "all";
    }
    case "slide":
      return locator.type !== "slide" || isWithin(locator.slide, choice) ? [] : "all";
    case "time": {
      if (locator.type !== "time") return [];
      const outside = (block.timings ?? []).filter((timing) => !isSpokenWithin(timing, choice));
      if (outside.length === (block.timings?.length ?? 0)) return isSpokenWithin(locator, choice) && outside.length === 0 ? [] : "all";
      return outside;
    }
    default:
      return assertNever(choice.unit);
  }
}

function isWithin(value: number, { from, to }: Choice): boolean {
  return value >= from && value <= to;
}

/** A sentence belongs to the minutes in which its middle is spoken. */
function isSpokenWithin({ startMs, endMs }: Pick<Timing, "startMs" | "endMs">, choice: Choice): boolean {
  return isWithin((startMs + endMs) / 2, choice);
}

function withoutStruck(block: Block, more: readonly Stretch[]): Block {
  const { struck, ...rest } = block;
  const gone = joinStretches([...(struck ?? []), ...more]);
  if (gone.length === 0) return rest;
  const kept = keptPositions(block.text, gone);
  const text = kept.map((at) => block.text[at]).join("");
  const move = <T extends Stretch>(stretches: readonly T[] | undefined) => stretches?.flatMap((stretch) => moveInto(stretch, kept));
  const [words, timings, restored] = [move(block.words), move(block.timings), move(block.restored)];
  return { ...rest, text, ...(words ? { words } : {}), ...(timings ? { timings } : {}), ...(restored ? { restored } : {}) };
}

/** Where each character that stays stood before, without the spaces that a cut leaves over. */
function keptPositions(text: string, gone: readonly Stretch[]): number[] {
  const kept: number[] = [];
  for (let at = 0; at < text.length; at++) {
    const cut = gone.find(({ start, end }) => start <= at && at < end);
    if (cut) {
      at = cut.end - 1;
      continue;
    }
    const last = kept.at(-1);
    if (text[at] === " " && (last === undefined || text[last] === " ")) continue;
    if (last !== undefined && text[last] === " " && last !== at - 1 && /[,.;:!?]/.test(text[at]!)) kept.pop();
    kept.push(at);
  }
  while (kept.length > 0 && text[kept.at(-1)!] === " ") kept.pop();
  return kept;
}

function moveInto<T extends Stretch>(stretch: T, kept: readonly number[]): T[] {
  const start = kept.findIndex((at) => at >= stretch.start && at < stretch.end);
  if (start < 0) return [];
  const end = kept.findLastIndex((at) => at >= stretch.start && at < stretch.end) + 1;
  return [{ ...stretch, start, end }];
}
