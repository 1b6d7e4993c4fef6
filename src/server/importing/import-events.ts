import { type AppProblem, problemText } from "@/messages/problems";
import { streamLines } from "../http/stream-lines";
import type { BroughtIn } from "./bring-in";
import type { Progress } from "./run-import";

/** What the page hears of a file on its way in, line by line. */
export type ImportEvent =
  | ({ type: "progress" } & Progress)
  | { type: "stored"; hash: string }
  | BroughtIn
  | { type: "failed"; problem: AppProblem["type"]; text: string; hash?: string };

/** Runs an import and streams its events; a problem is the last event, in words. */
export function streamImport(work: (send: (event: ImportEvent) => void) => Promise<BroughtIn | AppProblem | { type: "stored"; hash: string }>): Response {
  const { response, send, end } = streamLines<ImportEvent>();
  let hash: string | undefined;
  const note = (event: ImportEvent) => {
    if (event.type === "stored") hash = event.hash;
    send(event);
  };
  work(note)
    .then((outcome) => {
      if (outcome.type === "created" || outcome.type === "known" || outcome.type === "stored") send(outcome);
      else send({ type: "failed", problem: outcome.type, text: problemText(outcome), ...(hash ? { hash } : {}) });
    })
    .catch((error) => {
      console.error(error);
      send({
        type: "failed",
        problem: "request-not-understood",
        text: "Something went wrong on our side while reading it. Nothing was brought in; try again.",
      });
    })
    .finally(end);
  return response;
}
