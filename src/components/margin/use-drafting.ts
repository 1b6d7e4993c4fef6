import { useCallback, useEffect, useRef, useState } from "react";
import type { DraftReport } from "@/core/drafting/draft-questions";
import { shortfallText } from "@/messages/draft-reasons";
import type { RunEvent } from "@/server/jobs/draft-run";
import { readLines } from "../shell/read-lines";
import type { SetStore } from "../shell/use-set";

export type Drafting = {
  running: boolean;
  said: string;
  came: number;
  shortfalls: string[] /** Resolves to whether the server answers at the end. */;
  start: (seed: number) => Promise<boolean>;
  stop: () => void;
};

/** Runs the plan and takes drafts in as they come, one JSON object a line. */
export function useDrafting(store: SetStore, wasRunning: boolean, lastReport: DraftReport | null): Drafting {
  const [running, setRunning] = useState(wasRunning);
  const [said, setSaid] = useState("");
  const [came, setCame] = useState(0);
  const [shortfalls, setShortfalls] = useState(() => shortfallsOf(lastReport));
  const seen = useRef(0);

  const hear = useCallback(
    (event: RunEvent) => {
      switch (event.type) {
        case "reading":
          return setSaid(`Reading sentence ${event.done} of ${event.total}`);
        case "slip":
          store.receive(event.slip, event.checked);
          seen.current++;
          setCame(seen.current);
          return setSaid(seen.current === 1 ? "1 draft so far" : `${seen.current} drafts so far`);
        case "drafted":
          setShortfalls(shortfallsOf(event.report));
          return setSaid(`${event.stopped ? "Stopped" : "Done"}. ${seen.current} ${seen.current === 1 ? "draft" : "drafts"} came.`);
        case "failed":
          return setSaid("Drafting broke off. What came so far is kept; draft again to go on.");
      }
    },
    [store],
  );

  const start = useCallback(
    async (seed: number) => {
      await store.settled();
      seen.current = 0;
      setRunning(true);
      setCame(0);
      setSaid("Drafting …");
      setShortfalls([]);
      try {
        const response = await fetch(`/api/sets/${store.setId}/runs`, {
          method: "POST",
          headers: { "content-type": "application/json" },
          body: JSON.stringify({ seed }),
        });
        if (!response.ok || !response.body) setSaid(((await response.json()) as { problem: { text: string } }).problem.text);
        else for await (const event of readLines<RunEvent>(response.body)) hear(event);
      } catch {
        setSaid("The connection broke off. What came so far is kept; draft again to go on.");
      }
      setRunning(false);
      return (await store.refresh()) !== undefined;
    },
    [store, hear],
  );

  // A page that was reloaded while a run was under way looks for what came until it ends.
  useEffect(() => {
    if (!wasRunning) return;
    const timer = setInterval(async () => {
      const answer = await store.refresh();
      if (answer && !answer.drafting) {
        clearInterval(timer);
        setRunning(false);
      }
    }, 700);
    return () => clearInterval(timer);
  }, [wasRunning, store.refresh]);

  const stop = useCallback(() => void fetch(`/api/sets/${store.setId}/runs`, { method: "DELETE" }), [store.setId]);
  return { running, said, came, shortfalls, start, stop };
}

function shortfallsOf(report: DraftReport | null): string[] {
  return report?.rows.map(shortfallText).filter((text) => text !== undefined) ?? [];
}
