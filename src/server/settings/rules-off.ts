import { eq } from "drizzle-orm";
import { z } from "zod";
import { db } from "../db/client";
import { settings } from "../db/schema";

const KEY = "rules-off";
const offSchema = z.array(z.string());

/** The rules that the teacher has switched off. */
export function loadRulesOff(): string[] {
  const row = db().select().from(settings).where(eq(settings.key, KEY)).get();
  return offSchema.safeParse(row?.value).data ?? [];
}

export function saveRulesOff(off: readonly string[]): void {
  db()
    .insert(settings)
    .values({ key: KEY, value: off })
    .onConflictDoUpdate({ target: settings.key, set: { value: off } })
    .run();
}
