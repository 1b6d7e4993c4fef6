import type { PassageProblem } from "@/core/importers/read-passage";
import { assertNever } from "@/core/lib/assert-never";
import type { EditProblem } from "@/core/questions/apply-edit";

export type AppProblem =
  | PassageProblem
  | EditProblem
  | { type: "set-not-found" }
  | { type: "source-not-found" }
  | { type: "file-kind-unknown"; name: string }
  | { type: "file-too-large"; name: string; megabytes: number }
  | { type: "request-not-understood" }
  | { type: "nothing-to-undo" }
  | { type: "already-drafting" }
  | { type: "plan-empty" };

/** What happened and what to do, in words. */
export function problemText(problem: AppProblem): string {
  switch (problem.type) {
    case "passage-empty":
      return "There is no text in it. Paste the passage, or choose a text file.";
    case "passage-too-long":
      return `The text has ${problem.characters.toLocaleString("en-US")} characters. At most ${problem.limit.toLocaleString("en-US")} fit; take out a part and bring in the rest as a second source.`;
    case "passage-not-text":
      return "This does not look like text: it holds bytes that no writing has. Choose a .txt or .md file, or paste the passage.";
    case "file-kind-unknown":
      return `“${problem.name}” is not a .txt or .md file. Save it as plain text, or paste the passage.`;
    case "file-too-large":
      return `“${problem.name}” has ${problem.megabytes} MB. A text file of up to 2 MB can be brought in; take out a part.`;
    case "question-gone":
      return "This question is no longer in the set. Reload the page to see what is there.";
    case "edit-does-not-fit":
      return "This change does not fit the question as it is now. Reload the page and try again.";
    case "set-not-found":
      return "There is no such set. Go to Sources and open one.";
    case "source-not-found":
      return "There is no such source. Go to Sources and open one.";
    case "request-not-understood":
      return "The request could not be read. Reload the page and try again.";
    case "nothing-to-undo":
      return "There is nothing to undo.";
    case "already-drafting":
      return "Drafting is under way. Wait until it is done, or stop it.";
    case "plan-empty":
      return "The plan asks for nothing. Set a number in at least one row.";
    default:
      return assertNever(problem);
  }
}
