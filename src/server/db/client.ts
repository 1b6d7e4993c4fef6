import { mkdirSync } from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { eq } from "drizzle-orm";
import { type BetterSQLite3Database, drizzle } from "drizzle-orm/better-sqlite3";
import { migrate } from "drizzle-orm/better-sqlite3/migrator";
import { dataFolder, projectFolder } from "../env";
import * as schema from "./schema";

export type Db = BetterSQLite3Database<typeof schema>;

/** One connection for the process; kept on globalThis so that a reload while developing does not open a second. */
const holder = globalThis as { vumoDb?: Db };

export function db(): Db {
  holder.vumoDb ??= openDatabase(dataFolder());
  return holder.vumoDb;
}

/** Opens (and brings up to date) the database of a data folder. */
export function openDatabase(folder: string): Db {
  mkdirSync(folder, { recursive: true });
  const connection = new Database(path.join(folder, "vumo.sqlite"));
  connection.pragma("journal_mode = WAL");
  connection.pragma("synchronous = NORMAL");
  connection.pragma("foreign_keys = ON");
  connection.pragma("busy_timeout = 5000");
  const opened = drizzle(connection, { schema });
  migrate(opened, { migrationsFolder: path.join(/* turbopackIgnore: true */ projectFolder(), "src/server/db/migrations") });
  // A run that was under way when the server was ended keeps what it had produced.
  opened.update(schema.runs).set({ status: "interrupted", endedAt: Date.now() }).where(eq(schema.runs.status, "running")).run();
  return opened;
}
