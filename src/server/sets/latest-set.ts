import { desc } from "drizzle-orm";
import { db } from "../db/client";
import { sets } from "../db/schema";

/** The set worked on last. */
export function latestSetId(): string | undefined {
  return db().select({ id: sets.id }).from(sets).orderBy(desc(sets.updatedAt)).limit(1).get()?.id;
}
