/**
 * Writes drafts to be rated: `npm run sample:drafts -- OUT.tsv [PER-PASSAGE] [SEED]`. One line each:
 * passage, kind, stem, options or key. Patterns and ranks are not shown, so that they cannot sway a reader.
 */
import { writeFileSync } from "node:fs";
import { overgenerate } from "../src/core/drafting/candidates";
import { createRandom, seedFrom } from "../src/core/lib/random";
import { openPassages } from "./quality/open-passages";
import { candidateKey, shownText } from "./quality/rated-drafts";

const [out = "to-rate.tsv", most = "28", seed = "1"] = process.argv.slice(2);
const lines: string[] = [];
for (const { name, analysis } of await openPassages()) {
  const all = overgenerate(analysis, 1);
  const shuffled = createRandom(seedFrom(name, Number(seed))).shuffle(all);
  // Kinds take turns, so that the common ones do not crowd out the rare.
  const byKind = new Map<string, typeof all>();
  for (const candidate of shuffled) byKind.set(candidate.kind, [...(byKind.get(candidate.kind) ?? []), candidate]);
  const chosen: typeof all = [];
  for (let turn = 0; chosen.length < Number(most) && turn < 40; turn++)
    for (const list of byKind.values()) if (list[turn] && chosen.length < Number(most)) chosen.push(list[turn]!);
  for (const candidate of chosen) lines.push([name, candidateKey(candidate), shownText(candidate)].join("\t"));
}
writeFileSync(out, `${lines.join("\n")}\n`);
process.stdout.write(`${lines.length} drafts in ${out}\n`);
process.exit(0);
