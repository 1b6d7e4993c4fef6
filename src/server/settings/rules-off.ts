import { z } from "zod";
import { readSetting, writeSetting } from "./setting";

const KEY = "rules-off";
const offSchema = z.array(z.string());

/** The rules that the teacher has switched off. */
export function loadRulesOff(): string[] {
  return offSchema.safeParse(readSetting(KEY)).data ?? [];
}

export function saveRulesOff(off: readonly string[]): void {
  writeSetting(KEY, off);
}
