import { index, integer, primaryKey, sqliteTable, text } from "drizzle-orm/sqlite-core";
import type { DraftReport } from "@/core/drafting/draft-questions";
import type { Plan } from "@/core/drafting/plan";
import type { ImportWarning } from "@/core/importers/importer";
import type { AsideReason, Edit, PaperSettings, Slip } from "@/core/questions/edit";
import type { Question } from "@/core/questions/question";
import type { SourceEdit } from "@/core/source/prepare/source-edit";
import type { SourceDescription } from "@/core/source/readability/describe-source";
import type { Block, Choice, SourceKind } from "@/core/source/schema";

/** What was brought in, as it was, and the blocks made of it. */
export const sources = sqliteTable("sources", {
  id: text("id").primaryKey(),
  title: text("title").notNull(),
  kind: text("kind").$type<SourceKind>().notNull(),
  language: text("language").notNull(),
  /** Pasted text as it was; empty where a file holds the original. */
  original: text("original").notNull(),
  /** As read and asked about: prepared, without what is struck or outside the choice. */
  blocks: text("blocks", { mode: "json" }).$type<Block[]>().notNull(),
  /** As a teacher prepares them; null in data of the first version, where `blocks` were all there was. */
  prepared: text("prepared", { mode: "json" }).$type<Block[]>(),
  choice: text("choice", { mode: "json" }).$type<Choice>(),
  description: text("description", { mode: "json" }).$type<SourceDescription>().notNull(),
  /** SHA-256 of the original file, of the film or sound it belongs to, and of the sanitised page to show. */
  fileHash: text("file_hash"),
  mediaHash: text("media_hash"),
  viewHash: text("view_hash"),
  url: text("url"),
  fetchedAt: integer("fetched_at"),
  byline: text("byline"),
  published: text("published"),
  pages: integer("pages"),
  slides: integer("slides"),
  durationMs: integer("duration_ms"),
  warnings: text("warnings", { mode: "json" }).$type<ImportWarning[]>(),
  folder: text("folder"),
  archivedAt: integer("archived_at"),
  deletedAt: integer("deleted_at"),
  createdAt: integer("created_at").notNull(),
  updatedAt: integer("updated_at").notNull(),
});

/** Files as they were brought in; the bytes lie in the data folder under their SHA-256. */
export const files = sqliteTable("files", {
  hash: text("hash").primaryKey(),
  name: text("name").notNull(),
  type: text("type").notNull(),
  bytes: integer("bytes").notNull(),
  createdAt: integer("created_at").notNull(),
});

/** Every change of a source in Prepare, in order, like `edits` of a set. */
export const sourceEdits = sqliteTable(
  "source_edits",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    sourceId: text("source_id")
      .notNull()
      .references(() => sources.id, { onDelete: "cascade" }),
    edit: text("edit", { mode: "json" }).$type<SourceEdit>().notNull(),
    undone: integer("undone", { mode: "boolean" }).notNull(),
    at: integer("at").notNull(),
  },
  (table) => [index("source_edits_by_source").on(table.sourceId, table.id)],
);

export const sets = sqliteTable("sets", {
  id: text("id").primaryKey(),
  title: text("title").notNull(),
  plan: text("plan", { mode: "json" }).$type<Plan>().notNull(),
  paper: text("paper", { mode: "json" }).$type<PaperSettings>().notNull(),
  createdAt: integer("created_at").notNull(),
  updatedAt: integer("updated_at").notNull(),
});

export const setSources = sqliteTable(
  "set_sources",
  {
    setId: text("set_id")
      .notNull()
      .references(() => sets.id, { onDelete: "cascade" }),
    sourceId: text("source_id")
      .notNull()
      .references(() => sources.id),
    position: integer("position").notNull(),
  },
  (table) => [primaryKey({ columns: [table.setId, table.sourceId] })],
);

/** One question of a set with the teacher's judgement. */
export const slips = sqliteTable(
  "slips",
  {
    setId: text("set_id")
      .notNull()
      .references(() => sets.id, { onDelete: "cascade" }),
    questionId: text("question_id").notNull(),
    position: integer("position").notNull(),
    status: text("status", { enum: ["draft", "kept", "aside"] }).notNull(),
    asideReason: text("aside_reason").$type<AsideReason>(),
    lookAgain: integer("look_again", { mode: "boolean" }).notNull(),
    answered: text("answered", { mode: "json" }).$type<Record<string, string>>().notNull(),
    question: text("question", { mode: "json" }).$type<Question>().notNull(),
    origin: text("origin", { mode: "json" }).$type<NonNullable<Slip["origin"]>>(),
  },
  (table) => [primaryKey({ columns: [table.setId, table.questionId] }), index("slips_by_position").on(table.setId, table.position)],
);

/** A drafting run keeps its plan, its seed and what came of it. */
export const runs = sqliteTable(
  "runs",
  {
    id: text("id").primaryKey(),
    setId: text("set_id")
      .notNull()
      .references(() => sets.id, { onDelete: "cascade" }),
    seed: integer("seed").notNull(),
    plan: text("plan", { mode: "json" }).$type<Plan>().notNull(),
    engine: text("engine").notNull(),
    /** What judgements added to the score then; without it the same seed would not give the same drafts. */
    shifts: text("shifts", { mode: "json" }).$type<Record<string, number>>(),
    status: text("status", { enum: ["running", "done", "stopped", "interrupted", "failed"] }).notNull(),
    produced: text("produced", { mode: "json" }).$type<Question[]>().notNull(),
    report: text("report", { mode: "json" }).$type<DraftReport>(),
    startedAt: integer("started_at").notNull(),
    endedAt: integer("ended_at"),
  },
  (table) => [index("runs_by_set").on(table.setId, table.startedAt)],
);

/** Every change a teacher made, in order; undone ones stay until something new is done. */
export const edits = sqliteTable(
  "edits",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    setId: text("set_id")
      .notNull()
      .references(() => sets.id, { onDelete: "cascade" }),
    edit: text("edit", { mode: "json" }).$type<Edit>().notNull(),
    undone: integer("undone", { mode: "boolean" }).notNull(),
    at: integer("at").notNull(),
    /** Edits with the same step were made by one act, and are taken back together. */
    step: text("step"),
  },
  (table) => [index("edits_by_set").on(table.setId, table.id)],
);

/** What a teacher has set for all sets, by name. */
export const settings = sqliteTable("settings", { key: text("key").primaryKey(), value: text("value", { mode: "json" }).$type<unknown>().notNull() });
