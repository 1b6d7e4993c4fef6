import { eq } from "drizzle-orm";
import { db } from "../db/client";
import { settings } from "../db/schema";

/** What a teacher has set for all sets, by its name; unchecked. */
export function readSetting(key: string): unknown {
  return db().select().from(settings).where(eq(settings.key, key)).get()?.value;
}

export function writeSetting(key: string, value: unknown): void {
  db().insert(settings).values({ key, value }).onConflictDoUpdate({ target: settings.key, set: { value } }).run();
}
