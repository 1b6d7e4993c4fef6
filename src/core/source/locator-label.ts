import { assertNever } from "../lib/assert-never";
import type { Block, Locator } from "./schema";

/** "¶ 3", "page 2, ¶ 1", "2:05": the short form that stands beside evidence. */
export function locatorLabel(locator: Locator): string {
  switch (locator.type) {
    case "heading":
      return `heading ${locator.number}`;
    case "paragraph":
      return `¶ ${locator.number}`;
    case "page":
      return `page ${locator.page}, ¶ ${locator.paragraph}`;
    case "slide":
      return `slide ${locator.slide}`;
    case "time":
      return timeCode(locator.startMs);
    default:
      return assertNever(locator);
  }
}

/** The place of words in a block: for what is spoken, the time of their own sentence. */
export function placeLabel(block: Block, start: number): string {
  const spoken = block.timings?.find((timing) => timing.start <= start && start < timing.end);
  return spoken ? timeCode(spoken.startMs) : locatorLabel(block.locator);
}

/** The number in a block's own edge: short, since page and slide stand above it. */
export function edgeLabel(locator: Locator): string {
  switch (locator.type) {
    case "heading":
      return "";
    case "paragraph":
      return String(locator.number);
    case "page":
      return String(locator.paragraph);
    case "slide":
      return locator.part === "title" ? String(locator.slide) : "";
    case "time":
      return timeCode(locator.startMs);
    default:
      return assertNever(locator);
  }
}

/** "2:05", "1:02:09". */
export function timeCode(ms: number): string {
  const seconds = Math.floor(ms / 1000);
  const two = (value: number) => String(value).padStart(2, "0");
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60];
  return hours > 0 ? `${hours}:${two(minutes)}:${two(seconds % 60)}` : `${minutes}:${two(seconds % 60)}`;
}
