import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import type { Candidate } from "../../src/core/drafting/candidate";
import { seedFrom } from "../../src/core/lib/random";

const folder = path.resolve(import.meta.dirname, "../../quality/ratings");

/** Acceptable as is, acceptable after one small edit, or neither; and whether the key is at fault. */
export type Rating = { passage: string; draft: string; kind: string; asIs: boolean; afterEdit: boolean; keyFault: boolean; rater: string };

/** The same words, the same draft: kind, stem and key, however it was ranked. */
export function candidateKey({ kind, stem, key }: Pick<Candidate, "kind" | "stem" | "key">): string {
  return `${kind}:${seedFrom(`${kind}\n${stem}\n${key}`).toString(36)}`;
}

/** A draft on one line, the key marked with a star. */
export function shownText({ kind, stem, key, distractors, parts }: Candidate): string {
  if (parts?.sort === "select") return `${stem} [${[...parts.right.map((text) => `*${text}`), ...parts.wrong].join(" | ")}]`;
  if (parts?.sort === "two-part")
    return `${stem} [*${key} | ${distractors.slice(0, 3).join(" | ")}] PROOF [${parts.proofs.map((proof) => proof.text).join(" | ")}]`;
  if (kind === "multiple-choice" || kind === "word-in-context") return `${stem} [*${key} | ${distractors.slice(0, 3).join(" | ")}]`;
  return parts?.sort === "poll" ? `${stem} [${parts.options.join(" | ")}]` : `${stem} = ${key}`;
}

/** Files of lines "passage, draft, kind, verdict": + as is, ~ after an edit, - neither, ! key at fault. The file's name is the rater's. */
export function readRatings(): Rating[] {
  return readdirSync(folder)
    .filter((name) => name.endsWith(".tsv"))
    .flatMap((name) =>
      readFileSync(path.join(folder, name), "utf8")
        .split("\n")
        .filter((line) => line && !line.startsWith("#"))
        .map((line): Rating => {
          const [passage = "", draft = "", verdict = ""] = line.split("\t");
          return {
            passage,
            draft,
            kind: draft.split(":")[0]!,
            asIs: verdict === "+",
            afterEdit: verdict === "+" || verdict === "~",
            keyFault: verdict === "!",
            rater: name.replace(/\.tsv$/, ""),
          };
        }),
    );
}
