import { readFileSync } from "node:fs";
import path from "node:path";
import { draftQuestions, ENGINE_VERSION } from "@/core/drafting/draft-questions";
import { createDefaultPlan } from "@/core/drafting/plan";
import { readCaptions } from "@/core/importers/captions/read-captions";
import { decodeText } from "@/core/importers/decode-text";
import { importFile } from "@/core/importers/import-file";
import { analyseText } from "@/core/language/analyse-text";
import { ok } from "@/core/lib/result";
import type { Slip } from "@/core/questions/edit";
import { db } from "@/server/db/client";
import { runs, sets } from "@/server/db/schema";
import { projectFolder, standinOrigin } from "@/server/env";
import { fetchLink } from "@/server/fetching/fetch-link";
import { storeBytes } from "@/server/files/file-store";
import { createImportTools } from "@/server/importing/import-tools";
import { closeReader } from "@/server/importing/read-picture-words";
import { loadLanguageTools } from "@/server/language/load-language-tools";
import { loadSet } from "@/server/sets/load-set";
import { saveState } from "@/server/sets/save-state";
import { createSource, storeImported } from "@/server/sources/create-source";
import { DEMO_FILES, DEMO_PASSAGES, type DemoFile } from "./passages";

const SEED = 1;
/** Kept in the demo from the start, so that paper and key have something on them. */
const KEPT_OF_FIRST = 6;

/** Fills an empty database with the demo scenario; does nothing where there are sets already. */
async function seedDemo(): Promise<void> {
  if (db().select({ id: sets.id }).from(sets).limit(1).get()) return;
  for (const file of DEMO_FILES) await seedFile(file);
  await seedWebPage();
  // The last one made stands at the top of the list and is opened first.
  for (const passage of [...DEMO_PASSAGES].reverse()) {
    const text = readFileSync(path.join(import.meta.dirname, "passages", passage.file), "utf8");
    const created = createSource({
      text,
      kind: "markdown",
      name: passage.file,
      ids: { sourceId: `s-${passage.id}`, setId: `demo-${passage.id}` },
      grade: passage.grade,
    });
    if (!created.ok) throw new Error(`${passage.file}: ${created.problem.type}`);
    if (passage.drafts) seedDrafts(created.value.setId, passage.grade, passage.id === "lens" ? KEPT_OF_FIRST : 0);
  }
  seedDrafts("demo-film", 5, 0);
}

/** A file, through the same importers as in the application; a film comes with its captions. */
async function seedFile({ id, file, captions, folder }: DemoFile): Promise<void> {
  const bytes = readFileSync(path.join(import.meta.dirname, file));
  const name = path.basename(file);
  const stored = storeBytes(bytes, name, "application/octet-stream");
  const ids = { sourceId: `s-${id}`, setId: `demo-${id}` };
  if (captions) {
    const text = readFileSync(path.join(import.meta.dirname, captions));
    const read = readCaptions(decodeText(text), name);
    if (!read.ok) throw new Error(`${captions}: ${read.problem.type}`);
    const kind = /\.webm$/.test(name) ? "video" : "audio";
    const fileHash = storeBytes(text, path.basename(captions), "text/vtt").hash;
    storeImported({ ...read.value, kind, language: "en" }, { fileHash, mediaHash: stored.hash, folder, ids });
    return;
  }
  const imported = await importFile(
    { bytes, name },
    createImportTools(projectFolder(), () => {}, false),
  );
  if (!imported.ok) throw new Error(`${file}: ${imported.problem.type}`);
  const { view, ...rest } = imported.value;
  const viewHash = view ? storeBytes(Buffer.from(view), `${name}.view.html`, "text/html").hash : null;
  storeImported({ ...rest, language: "en" }, { fileHash: stored.hash, viewHash, folder, ids });
}

/** An article of the stand-in site, where that runs. */
async function seedWebPage(): Promise<void> {
  const site = standinOrigin();
  if (!site) return;
  // There is no bundled worker outside the application, so the page is read right here.
  const fetched = await fetchLink(
    `${site}/articles/fog-horn`,
    () => {},
    undefined,
    async ({ path: file, name, url, contentType }) => {
      const hint = { name, ...(url ? { url } : {}), ...(contentType ? { contentType } : {}) };
      const read = await importFile(
        { bytes: readFileSync(file), ...hint },
        createImportTools(projectFolder(), () => {}, false),
      );
      return read.ok ? ok({ ...read.value, language: "en" }) : read;
    },
  );
  if (!fetched.ok) throw new Error(fetched.problem.type);
  const { imported, url, fileHash, viewHash } = fetched.value;
  storeImported(imported, { url, fetchedAt: Date.now(), fileHash, viewHash: viewHash ?? null, ids: { sourceId: "s-page", setId: "demo-page" } });
}

function seedDrafts(setId: string, grade: number, keptCount: number): void {
  const set = loadSet(setId)!;
  const plan = createDefaultPlan(grade);
  const analysis = analyseText(set.blocks, loadLanguageTools());
  const runId = `run-${setId}`;
  const drafts = draftQuestions({ analysis, plan, seed: SEED, newId: (index) => `${runId}-${index + 1}` });
  const slips: Slip[] = [];
  let step = drafts.next();
  for (; !step.done; step = drafts.next())
    slips.push({ question: step.value.question, status: "draft", lookAgain: false, answered: {}, origin: { runId, ...step.value.origin } });
  const kept = slips.map((slip, index): Slip => (index % 2 === 0 && index / 2 < keptCount ? { ...slip, status: "kept" } : slip));
  db().transaction((tx) => {
    tx.insert(runs)
      .values({
        id: runId,
        setId,
        seed: SEED,
        plan,
        engine: ENGINE_VERSION,
        status: "done",
        produced: slips.map((slip) => slip.question),
        report: step.done ? step.value : null,
        startedAt: Date.now(),
        endedAt: Date.now(),
      })
      .run();
    saveState(tx, setId, set.state, { ...set.state, plan, slips: kept });
  });
}

await seedDemo();
await closeReader();
