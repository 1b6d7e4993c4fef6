import { Worker } from "node:worker_threads";
import type { ImportProblem } from "@/core/importers/importer";
import { fail, ok, type Result } from "@/core/lib/result";
import type { ImportAnswer, ImportedSource, ImportJob } from "./import-message";

const AT_ONCE = 2;
const MAX_SECONDS = { document: 90, pictures: 900 };
const MAX_HEAP_MB = 900;
const holder = globalThis as { vumoImports?: { running: number; waiting: (() => void)[] } };
const queue = (holder.vumoImports ??= { running: 0, waiting: [] });

export type Progress = { what: string; done: number; total: number };

/** Reads a file in a worker of its own, within limits of time and memory; two at once, others wait. */
export async function runImport(
  job: Omit<Extract<ImportJob, { type: "import" }>, "type" | "stop">,
  onProgress: (progress: Progress) => void,
  signal?: AbortSignal,
): Promise<Result<ImportedSource, ImportProblem>> {
  const stop = new SharedArrayBuffer(4);
  // The first wish to stop ends a long reading with what came so far.
  const halt = () => Atomics.store(new Int32Array(stop), 0, 1);
  signal?.addEventListener("abort", halt);
  const answer = await inTurn(() => runJob({ type: "import", stop, ...job }, onProgress, signal));
  signal?.removeEventListener("abort", halt);
  return answer.type === "imported" ? ok(answer.imported) : answer.type === "failed" ? fail(answer.problem) : fail({ type: "import-stopped" });
}

/** A page of a PDF as a picture. */
export async function drawPage(path: string, page: number, width: number): Promise<Uint8Array | undefined> {
  const answer = await inTurn(() => runJob({ type: "draw-page", path, page, width }, () => {}));
  return answer.type === "drawn" ? answer.png : undefined;
}

async function inTurn<T>(work: () => Promise<T>): Promise<T> {
  if (queue.running >= AT_ONCE) await new Promise<void>((resolve) => queue.waiting.push(resolve));
  queue.running++;
  try {
    return await work();
  } finally {
    queue.running--;
    queue.waiting.shift()?.();
  }
}

function runJob(job: ImportJob, onProgress: (progress: Progress) => void, signal?: AbortSignal): Promise<ImportAnswer> {
  const seconds = job.type === "import" && job.readPictures ? MAX_SECONDS.pictures : MAX_SECONDS.document;
  return new Promise((resolve) => {
    if (signal?.aborted) return resolve({ type: "failed", problem: { type: "import-stopped" } });
    const worker = new Worker(new URL("./import-worker.ts", import.meta.url), { workerData: job, resourceLimits: { maxOldGenerationSizeMb: MAX_HEAP_MB } });
    const end = (answer: ImportAnswer) => {
      clearTimeout(timer);
      signal?.removeEventListener("abort", abort);
      void worker.terminate();
      resolve(answer);
    };
    const failed = (problem: ImportProblem) => end({ type: "failed", problem });
    const timer = setTimeout(() => failed({ type: "import-too-slow", seconds }), seconds * 1000);
    // What does not stop by itself within a few seconds is stopped.
    const abort = () => setTimeout(() => failed({ type: "import-stopped" }), job.type === "import" && job.readPictures ? 15_000 : 0);
    signal?.addEventListener("abort", abort);
    worker.on("message", (answer: ImportAnswer) => {
      if (answer.type === "progress") onProgress(answer);
      else end(answer);
    });
    worker.on("error", (error) =>
      failed(
        (error as NodeJS.ErrnoException).code === "ERR_WORKER_OUT_OF_MEMORY" ? { type: "import-too-hungry" } : { type: "document-broken", format: "file" },
      ),
    );
    worker.on("exit", () => failed({ type: "document-broken", format: "file" }));
  });
}
