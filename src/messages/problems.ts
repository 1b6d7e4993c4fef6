import type { ImportProblem } from "@/core/importers/importer";
import type { EditProblem } from "@/core/questions/apply-edit";
import type { SourceEditProblem } from "@/core/source/prepare/apply-source-edit";
import type { LinkProblem } from "@/server/fetching/guarded-fetch";
import { importProblemText, linkProblemText } from "./import-problems";
import { languageName } from "./languages";

export type AppProblem =
  | ImportProblem
  | LinkProblem
  | EditProblem
  | SourceEditProblem
  | { type: "set-not-found" }
  | { type: "source-not-found" }
  | { type: "file-too-large"; name: string; megabytes: number; limit: number }
  | { type: "file-gone" }
  | { type: "not-media"; name: string }
  | { type: "last-source" }
  | { type: "not-in-english"; languages: string[] }
  | { type: "request-not-understood" }
  | { type: "nothing-to-undo" }
  | { type: "already-drafting" }
  | { type: "plan-empty" };

/** What happened and what to do, in words. */
export function problemText(problem: AppProblem): string {
  switch (problem.type) {
    case "file-too-large":
      return `“${problem.name}” has ${problem.megabytes === problem.limit ? `more than ${problem.limit}` : problem.megabytes} MB; at most ${problem.limit} MB are taken. Bring in a part of it.`;
    case "file-gone":
      return "The file is no longer kept here. Choose it once more.";
    case "not-media":
      return `“${problem.name}” is no video or sound that a browser plays. Choose MP4, WebM, MP3 or OGG.`;
    case "last-source":
      return "A set needs at least one source. Add another one before you take this one out.";
    case "not-in-english":
      return `Vumo drafts from English and, in a first form, from Spanish; this is ${problem.languages.map(languageName).join(" and ")}. You can still write questions of your own on it. If the language is wrong, correct it in Prepare.`;
    case "block-gone":
      return "This paragraph is no longer there. Reload the page to see the source as it is.";
    case "source-edit-does-not-fit":
      return "This change does not fit the source as it is now. Reload the page and try again.";
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
      return problem.type.startsWith("link-") ? linkProblemText(problem as LinkProblem) : importProblemText(problem as ImportProblem);
  }
}
