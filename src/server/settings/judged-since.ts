import { z } from "zod";
import { readSetting, writeSetting } from "./setting";

const KEY = "judged-since";

/** Judgements before this time (ms since 1970) are not learnt from; 0 where all are. */
export function loadJudgedSince(): number {
  return z.number().safeParse(readSetting(KEY)).data ?? 0;
}

export function saveJudgedSince(at: number): void {
  writeSetting(KEY, at);
}
