/** How fast it is, on the built application: `npm run bench` prints a table. Times are medians. */
import { readFileSync } from "node:fs";
import path from "node:path";
import { createDefaultPlan } from "@/core/drafting/plan";
import type { SetState } from "@/core/questions/edit";
import { median } from "@/core/source/readability/reading-grade";
import { DEMO_PASSAGES } from "../demo/passages";
import { type App, startApp } from "../tests/support/app";
import { benchCheck } from "./bench-check";
import { benchEngine } from "./bench-engine";
import { benchImports } from "./bench-imports";

const RUNS = 5;
export type Row = { what: string; measured: string; wanted: string };
const rows: Row[] = [];

/** Passages of the demo one after the other until there are about `words` words, each time with other names and numbers of its own. */
function textOf(words: number): string {
  const passages = DEMO_PASSAGES.map(({ file }) => readFileSync(path.join(import.meta.dirname, "../demo/passages", file), "utf8"));
  const parts: string[] = [];
  for (let count = 0, index = 0; count < words; index++) {
    const part = passages[index % passages.length]!.replace(/Skerry Bay/g, index < passages.length ? "Skerry Bay" : `Skerry Bay ${index}`);
    const wanted = part
      .split(/\s+/)
      .slice(0, words - count)
      .join(" ");
    parts.push(words - count >= part.split(/\s+/).length ? part : part.slice(0, part.lastIndexOf("\n\n", wanted.length)) || part);
    count += parts.at(-1)!.split(/\s+/).length;
  }
  return parts.join("\n\n");
}

async function bringIn(app: App, text: string, counts: [number, number, number, number]): Promise<string> {
  const { setId } = (await post(app, "/api/sources", { text })) as { setId: string };
  const plan = createDefaultPlan(5);
  const to = { ...plan, rows: plan.rows.map((row, index) => ({ ...row, count: counts[index]! })) };
  const { state } = (await (await fetch(`${app.url}/api/sets/${setId}/state`)).json()) as { state: SetState };
  await post(app, `/api/sets/${setId}/edits`, { edits: [{ type: "set-plan", from: state.plan, to }] });
  return setId;
}

async function post(app: App, address: string, body: object): Promise<unknown> {
  const response = await fetch(app.url + address, { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify(body) });
  if (!response.ok) throw new Error(`${address}: ${await response.text()}`);
  return response.json();
}

/** Milliseconds to the first draft and to the last, and how many came. */
async function draft(app: App, setId: string, seed: number): Promise<{ first: number; all: number; count: number }> {
  const start = performance.now();
  const response = await fetch(`${app.url}/api/sets/${setId}/runs`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ seed }),
  });
  let first = 0;
  let count = 0;
  const decoder = new TextDecoder();
  for await (const chunk of response.body!) {
    const slips = decoder.decode(chunk as Uint8Array, { stream: true }).split('{"type":"slip"').length - 1;
    if (slips > 0 && first === 0) first = performance.now() - start;
    count += slips;
  }
  return { first, all: performance.now() - start, count };
}

async function main(): Promise<void> {
  benchEngine((row) => rows.push(row));
  benchCheck((row) => rows.push(row));
  const app = await startApp();
  try {
    // Warm: the workers have their dictionary and the code is compiled.
    await draft(app, await bringIn(app, textOf(400), [4, 4, 2, 4]), 1);
    const short: { first: number; all: number; count: number }[] = [];
    for (let run = 0; run < RUNS; run++) short.push(await draft(app, await bringIn(app, textOf(1000 + run), [6, 5, 4, 5]), 1));
    rows.push({ what: "1,000 words: first draft", measured: ms(short.map((run) => run.first)), wanted: "500 ms" });
    rows.push({ what: `1,000 words: ${short[0]!.count} of 20 drafts`, measured: ms(short.map((run) => run.all)), wanted: "2,000 ms" });
    const longId = await bringIn(app, textOf(10_000), [12, 10, 8, 10]);
    const long = await draft(app, longId, 1);
    rows.push({ what: `10,000 words: ${long.count} of 40 drafts`, measured: ms([long.all]), wanted: "10,000 ms" });
    const again = await draft(app, longId, 2);
    rows.push({ what: `10,000 words, drafting again: ${again.count}`, measured: ms([again.all]), wanted: "–" });
    const { state } = (await (await fetch(`${app.url}/api/sets/${longId}/state`)).json()) as { state: SetState };
    const { question } = state.slips[0]!;
    const checks: number[] = [];
    for (let run = 0; run < 20; run++) {
      const start = performance.now();
      await post(app, `/api/sets/${longId}/edits`, {
        edits: [{ type: "set-stem", questionId: question.id, from: question.stem, to: `${question.stem} ${run}` }],
      });
      checks.push(performance.now() - start);
    }
    rows.push({ what: `Save and check one of ${state.slips.length} questions, 10,000 words`, measured: ms(checks), wanted: "50 ms" });
    await benchImports(app, rows);
    rows.push({ what: "Most memory of the server", measured: `${Math.round(peakMegabytes(app.pid()))} MB`, wanted: "1,000 MB" });
  } finally {
    await app.end();
  }
  const width = Math.max(...rows.map((row) => row.what.length));
  for (const row of rows) console.log(`${row.what.padEnd(width)}  ${row.measured.padStart(9)}  wanted ${row.wanted}`);
}

function ms(values: number[]): string {
  return `${Math.round(median(values)).toLocaleString("en-US")} ms`;
}

/** The high-water mark that Linux keeps of a process. */
function peakMegabytes(pid: number): number {
  const line = /VmHWM:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, "utf8"));
  return Number(line?.[1] ?? 0) / 1024;
}

await main();
