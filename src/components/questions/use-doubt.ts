import { createContext, useContext } from "react";
import type { Place, Verdict } from "@/core/checking/define-rule";

/** Where in a question something is doubtful, and how much: the worst at each place. */
export type Doubts = ReadonlyMap<string, Exclude<Verdict, "sound">>;
export const DoubtContext = createContext<Doubts>(new Map());

export function placeKey(place: Place): string {
  return place.part === "option" ? `option:${place.optionId}` : place.part;
}

/** The classes that mark a doubtful place: its words are underlined with dots. */
export function useDoubt(...places: string[]): string {
  const doubts = useContext(DoubtContext);
  const found = places.map((place) => doubts.get(place)).filter((verdict) => verdict !== undefined);
  if (found.length === 0) return "";
  return `underline decoration-dotted underline-offset-4 ${found.includes("wrong") ? "decoration-brick" : "decoration-ochre"}`;
}
