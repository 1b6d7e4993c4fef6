"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { FoundPassage } from "@/server/sources/search-passages";

type Props = { topic: string; groups: { name: string; passages: FoundPassage[] }[] };

/** Passages that speak of a topic, best first; those chosen become a source. */
export function FoundPassages({ topic, groups }: Props) {
  const router = useRouter();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [problem, setProblem] = useState("");
  const toggle = (id: string) => setChosen((old) => (old.has(id) ? new Set([...old].filter((other) => other !== id)) : new Set([...old, id])));
  const create = async () => {
    const passages = groups
      .flatMap((group) => group.passages)
      .filter(({ id }) => chosen.has(id))
      .map(({ from, title, text }) => ("url" in from ? { ...from, title, text } : from));
    const response = await fetch("/api/sources/excerpts", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ topic, passages }),
    }).catch(() => undefined);
    const answer = await response?.json();
    if (response?.ok) router.push(`/sets/${answer.setId}/prepare`);
    else setProblem(answer?.problem?.text ?? "The server does not answer. Your choice is still here; try again.");
  };
  return (
    <>
      {groups.map(({ name, passages }) =>
        passages.length === 0 ? null : (
          <section key={name} aria-label={name} className="mt-6">
            <h2 className="font-bold">{name}</h2>
            <ul>
              {passages.map((passage) => (
                <li key={passage.id} className="border-line border-t py-3">
                  <label className="flex cursor-pointer items-start gap-3">
                    <input type="checkbox" className="mt-1.5 accent-spruce" checked={chosen.has(passage.id)} onChange={() => toggle(passage.id)} />
                    <span className="min-w-0">
                      <span className="block text-soft text-sm">{passage.title}</span>
                      <span className="font-read leading-relaxed">
                        <Marked passage={passage} />
                      </span>
                    </span>
                  </label>
                </li>
              ))}
            </ul>
          </section>
        ),
      )}
      <div className="sticky bottom-0 flex items-center gap-3 border-line border-t bg-ground py-3">
        <button type="button" className="button button-main" disabled={chosen.size === 0} onClick={() => void create()}>
          Make a source of {chosen.size === 1 ? "this passage" : `${chosen.size || "the chosen"} passages`}
        </button>
        <p role="alert" className="text-brick text-sm">
          {problem}
        </p>
      </div>
    </>
  );
}

function Marked({ passage: { text, marks } }: { passage: FoundPassage }) {
  const parts: { text: string; found: boolean }[] = [];
  let at = 0;
  for (const { start, end } of marks) {
    parts.push({ text: text.slice(at, start), found: false }, { text: text.slice(start, end), found: true });
    at = end;
  }
  parts.push({ text: text.slice(at), found: false });
  return parts.map((part, index) =>
    part.found ? (
      <mark key={index} className="bg-evidence text-ink">
        {part.text}
      </mark>
    ) : (
      <span key={index}>{part.text}</span>
    ),
  );
}
