import { assertNever } from "../lib/assert-never";
import type { Locator } from "./schema";

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
    case "time": {
      const seconds = Math.floor(locator.startMs / 1000);
      return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
    }
    default:
      return assertNever(locator);
  }
}
