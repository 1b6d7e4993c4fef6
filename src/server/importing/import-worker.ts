import { readFileSync } from "node:fs";
import { parentPort, workerData } from "node:worker_threads";
import { importFile } from "@/core/importers/import-file";
import type { ImportProblem } from "@/core/importers/importer";
import { describeSource } from "@/core/source/readability/describe-source";
import { projectFolder } from "../env";
import { detectLanguage } from "./detect-language";
import { drawPdfPage } from "./draw-pdf-page";
import type { ImportAnswer, ImportJob } from "./import-message";
import { createImportTools } from "./import-tools";
import { closeReader } from "./read-picture-words";

/** One job, one worker: whatever a file does to it, the server lives on. */
async function work(job: ImportJob): Promise<ImportAnswer> {
  const bytes = readFileSync(job.path);
  if (job.type === "draw-page") return { type: "drawn", png: await drawPdfPage(bytes, job.page, job.width, projectFolder()) };
  const stop = new Int32Array(job.stop);
  const tools = createImportTools(projectFolder(), report, job.readPictures);
  const { name, contentType, url } = job;
  const hint = { name, ...(contentType ? { contentType } : {}), ...(url ? { url } : {}) };
  const imported = await importFile({ bytes, ...hint }, { ...tools, isStopped: () => Atomics.load(stop, 0) === 1 });
  await closeReader();
  if (!imported.ok) return { type: "failed", problem: imported.problem };
  const language = await detectLanguage(imported.value.blocks, imported.value.language);
  return { type: "imported", imported: { ...imported.value, language, description: describeSource(imported.value.blocks) } };
}

let reportedAt = 0;
function report(what: string, done: number, total: number): void {
  if (Date.now() - reportedAt < 80) return;
  reportedAt = Date.now();
  parentPort?.postMessage({ type: "progress", what, done, total } satisfies ImportAnswer);
}

const BROKEN: ImportProblem = { type: "document-broken", format: "file" };

work(workerData as ImportJob)
  .catch((error): ImportAnswer => {
    console.error(error);
    return { type: "failed", problem: BROKEN };
  })
  .then((answer) => parentPort?.postMessage(answer));
