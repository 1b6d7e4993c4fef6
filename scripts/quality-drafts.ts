/**
 * The regression run over the corpus: `npm run quality:drafts`. For each kind: how many drafts that readers
 * accepted are still made and still shown, how many that they refused came back; the share of sentences
 * understood, by sort of text; how many drafts a balanced plan gets; and, where Debian's link-grammar is
 * installed, how many stems its parser cannot read (with `--refused`, which).
 */
import { overgenerate, rankedCandidates } from "../src/core/drafting/candidates";
import { draftQuestions } from "../src/core/drafting/draft-questions";
import { fillPlan } from "../src/core/drafting/fill-plan";
import { QUESTION_KINDS } from "../src/core/questions/kinds";
import { refereeStems } from "./quality/grammar-referee";
import { openPassages } from "./quality/open-passages";
import { candidateKey, readRatings } from "./quality/rated-drafts";

const WANTED = 12;
const ratings = readRatings();
const made = new Map<string, Set<string>>();
const shown = new Map<string, Set<string>>();
const bySort = new Map<string, { passages: number; sentences: number; parsed: number; words: number; drafts: number }>();
const stems: string[] = [];

for (const { name, analysis } of await openPassages()) {
  made.set(name, new Set(overgenerate(analysis, 1).map(candidateKey)));
  shown.set(name, new Set(rankedCandidates(analysis, 1).map(({ candidate }) => candidateKey(candidate))));
  const prose = analysis.sentences.filter((sentence) => !["heading", "speech", "question", "list-item"].includes(sentence.abstained ?? ""));
  const plan = fillPlan(analysis, WANTED, { grade: 5, rows: [] }, 1);
  const drafts = [...draftQuestions({ analysis, plan, seed: 1, newId: String })];
  stems.push(...drafts.map(({ question }) => question.stem).filter((stem) => stem.endsWith("?") && !stem.includes("“")));
  const row = bySort.get(analysis.sort) ?? { passages: 0, sentences: 0, parsed: 0, words: 0, drafts: 0 };
  row.passages++;
  row.sentences += prose.length;
  row.parsed += prose.filter((sentence) => sentence.tree).length;
  row.words += analysis.blocks.reduce((sum, block) => sum + (block.leftOut ? 0 : block.text.split(/\s+/).length), 0);
  row.drafts += drafts.length;
  bySort.set(analysis.sort, row);
}

const table = (rows: string[][]) => process.stdout.write(`${rows.map((row) => `| ${row.join(" | ")} |`).join("\n")}\n\n`);
const percent = (part: number, all: number) => (all === 0 ? "–" : `${((100 * part) / all).toFixed(1)} %`);

table([
  ["kind", "rated", "as is", "after an edit", "key at fault", "accepted, still made", "and shown", "refused, still shown"],
  ["---", "---", "---", "---", "---", "---", "---", "---"],
  ...[...QUESTION_KINDS.filter((kind) => ratings.some((rating) => rating.kind === kind)), "all"].map((kind) => {
    const own = ratings.filter((rating) => kind === "all" || rating.kind === kind);
    const good = own.filter((rating) => rating.asIs);
    const bad = own.filter((rating) => !rating.afterEdit);
    const among = (list: typeof own, where: typeof made) => list.filter((rating) => where.get(rating.passage)?.has(rating.draft)).length;
    return [
      kind,
      String(own.length),
      percent(good.length, own.length),
      percent(own.filter((rating) => rating.afterEdit).length, own.length),
      percent(own.filter((rating) => rating.keyFault).length, own.length),
      percent(among(good, made), good.length),
      percent(among(good, shown), good.length),
      `${among(bad, shown)} of ${bad.length}`,
    ];
  }),
]);
table([
  ["sort of text", "passages", "sentences understood", `drafts of a plan of ${WANTED}`, "drafts for 100 words"],
  ["---", "---", "---", "---", "---"],
  ...[...bySort].map(([sort, row]) => [
    sort,
    String(row.passages),
    `${row.parsed} of ${row.sentences} (${percent(row.parsed, row.sentences)})`,
    (row.drafts / row.passages).toFixed(1),
    ((100 * row.drafts) / row.words).toFixed(1),
  ]),
]);
const verdicts = refereeStems(stems);
if (typeof verdicts === "string") process.stdout.write(`Grammar referee: ${verdicts}; ${stems.length} questions not read.\n`);
else {
  const { read, refused } = verdicts;
  process.stdout.write(`Grammar referee: ${refused.length} of ${read} questions could not be read whole (${percent(refused.length, read)}).\n`);
  if (process.argv.includes("--refused")) process.stdout.write(`${refused.join("\n")}\n`);
}
process.exit(0);
