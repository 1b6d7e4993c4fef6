import { inArray } from "drizzle-orm";
import { z } from "zod";
import { db } from "../db/client";
import { sources } from "../db/schema";

const ids = z.array(z.string()).min(1).max(500);

/** What can be done with sources in the list, with one or with many; each can be taken back by its opposite. */
export const manageSchema = z.discriminatedUnion("action", [
  z.object({ action: z.literal("move"), ids, folder: z.string().trim().max(80).nullable() }),
  z.object({ action: z.literal("archive"), ids }),
  z.object({ action: z.literal("unarchive"), ids }),
  z.object({ action: z.literal("delete"), ids }),
  z.object({ action: z.literal("bring-back"), ids }),
]);
export type Manage = z.infer<typeof manageSchema>;

/** Nothing is really taken away: a deleted source, with its sets, waits under "Deleted". */
export function manageSources(wanted: Manage): void {
  const now = Date.now();
  const set = {
    move: () => ({ folder: wanted.action === "move" ? wanted.folder || null : null }),
    archive: () => ({ archivedAt: now }),
    unarchive: () => ({ archivedAt: null }),
    delete: () => ({ deletedAt: now }),
    "bring-back": () => ({ deletedAt: null }),
  }[wanted.action]();
  db().update(sources).set(set).where(inArray(sources.id, wanted.ids)).run();
}
