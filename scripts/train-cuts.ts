/**
 * Learns where speech without full stops is cut, from the passages of the corpus with their stops taken
 * out: `npm run train:cuts`. Prints how well it does on passages it has not seen, and writes
 * src/core/language/speech/cut-weights.json.
 */
import { writeFileSync } from "node:fs";
import path from "node:path";
import { cutPieces } from "../src/core/language/speech/cut-pieces";
import { type CutWeights, weightOf } from "../src/core/language/speech/weigh-piece";
import { fitCuts } from "./quality/fit-cuts";
import { type SpokenWindow, spokenPassages } from "./quality/spoken-passages";

const HELD_OUT = 5;
const passages = spokenPassages();
const names = [...new Set(passages.map(({ passage }) => passage))];
const held = new Set(names.filter((_, index) => index % HELD_OUT === 0));
const learnt = fitCuts(passages.filter(({ passage }) => !held.has(passage)));
const unseen = passages.filter(({ passage }) => held.has(passage));
for (const sure of [0.7, 0.8, 0.85, 0.9, 0.95]) report(unseen, learnt, sure);

const weights = fitCuts(passages);
const out = path.resolve(import.meta.dirname, "../src/core/language/speech/cut-weights.json");
writeFileSync(out, `${JSON.stringify({ trainedOn: { passages: names.length }, weights: Object.fromEntries(weights) }, null, 1)}\n`);
process.exit(0);

function report(windows: readonly SpokenWindow[], by: CutWeights, sure: number): void {
  let [words, inSure, clauses, across] = [0, 0, 0, 0];
  for (const window of windows) {
    words += window.words.length;
    const weighed = window.pieces.map((piece) => ({ ...piece, weight: weightOf(piece, by) }));
    for (const { from, to } of cutPieces(window.words, weighed, sure).filter(({ isSure }) => isSure)) {
      clauses++;
      inSure += to - from;
      if ([...window.bounds].some((bound) => bound > from && bound < to)) across++;
    }
  }
  const percent = (part: number, whole: number) => `${((part / whole) * 100).toFixed(1)} %`;
  process.stdout.write(
    `sure from ${sure}: ${percent(inSure, words)} of the words in ${clauses} clauses, ${percent(across, clauses)} of them across a full stop\n`,
  );
}
