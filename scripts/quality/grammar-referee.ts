import { spawnSync } from "node:child_process";

/** Stems that Debian's link-grammar read, and those of them that it could not read whole. */
export type Verdicts = { read: number; refused: string[] };

/** No grammar reads it: where this one is not refused, the referee is asleep. */
const CONTROL = "What does the lens shines bright of?";
/** Linkages and seconds for each stem. */
const OPTIONS = ["en", "-graphics=0", "-limit=100", "-timeout=2"];
const MOST_OUTPUT = 256 * 1024 * 1024;

/** The verdicts on stems, or a sentence that says why there are none. */
export function refereeStems(stems: readonly string[]): Verdicts | string {
  const input = [CONTROL, ...stems].map((stem) => stem.replace(/\s+/g, " ")).join("\n");
  const { error, stdout } = spawnSync("link-parser", OPTIONS, { input: `${input}\n`, encoding: "utf8", maxBuffer: MOST_OUTPUT });
  if (error) return "code" in error && error.code === "ENOENT" ? "link-parser is not installed" : `link-parser failed: ${error.message}`;
  const { read, refused } = verdictsIn(stdout, [CONTROL, ...stems]);
  if (refused[0] !== CONTROL) return "link-parser does not refuse what no grammar reads";
  return { read: read - 1, refused: refused.slice(1) };
}

/** link-parser says for each stem, in their order, how many linkages it found, and before that whether none was complete. */
export function verdictsIn(output: string, stems: readonly string[]): Verdicts {
  const refused: string[] = [];
  let read = 0;
  let isWhole = true;
  for (const line of output.split("\n")) {
    if (line.startsWith("No complete linkages found")) isWhole = false;
    if (!/^Found \d+ linkages?\b/.test(line)) continue;
    const stem = stems[read++];
    if (!isWhole && stem !== undefined) refused.push(stem);
    isWhole = true;
  }
  return { read, refused };
}
