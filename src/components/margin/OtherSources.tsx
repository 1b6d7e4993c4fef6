"use client";
import { useParams } from "next/navigation";
import { useState } from "react";
import type { OtherSource } from "@/server/sources/ask-other-sources";

/** "Does another of my sources say this?": asked on demand, with the sentences that say so or otherwise. */
export function OtherSources({ questionId }: { questionId: string }) {
  const { setId } = useParams<{ setId: string }>();
  const [found, setFound] = useState<OtherSource[] | "asking" | "failed">();
  const ask = async () => {
    setFound("asking");
    const options = { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify({ questionId }) };
    const answer = await fetch(`/api/sets/${setId}/elsewhere`, options).catch(() => undefined);
    setFound(answer?.ok ? ((await answer.json()) as { others: OtherSource[] }).others : "failed");
  };
  return (
    <details className="border-line border-t px-3.5 py-1.5 text-sm" onToggle={(event) => event.currentTarget.open && found === undefined && void ask()}>
      <summary className="cursor-pointer text-soft">Does another of my sources say this?</summary>
      <div role="status" className="pt-1">
        {found === "asking" ? <p className="text-soft">Searching your other sources …</p> : null}
        {found === "failed" ? <p className="text-brick">The sources could not be searched. Is Vumo still running?</p> : null}
        {Array.isArray(found) && found.length === 0 ? <p className="text-soft">No other source speaks of this.</p> : null}
        {Array.isArray(found)
          ? found.map((source) => (
              <div key={source.id} className="py-1">
                <a className="text-spruce underline" href={`/sources/${source.id}`}>
                  {source.title}
                </a>
                {source.said.map(({ sentence, says }) => (
                  <p key={sentence}>
                    <span className={says === "so" ? "font-semibold text-spruce" : "font-semibold text-ochre"}>
                      {says === "so" ? "✓ says so" : "◇ says otherwise"}
                    </span>{" "}
                    <span className="font-read">“{sentence}”</span>
                  </p>
                ))}
              </div>
            ))
          : null}
      </div>
    </details>
  );
}
