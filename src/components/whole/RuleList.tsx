"use client";
import { useState } from "react";
import type { Rule } from "@/core/checking/define-rule";
import { VERDICT_COLOUR, VERDICT_SIGN } from "../margin/verdict";
import { saveSetting } from "../shell/save-setting";

type Shown = Pick<Rule, "id" | "verdict" | "source" | "about" | "example">;

/** Each rule as its file says it, with a good and a bad example, to be switched off and on. */
export function RuleList({ rules, off: start }: { rules: readonly Shown[]; off: readonly string[] }) {
  const [off, setOff] = useState(start);
  const [problem, setProblem] = useState("");
  const turn = async (id: string, on: boolean) => {
    const before = off;
    const next = on ? off.filter((other) => other !== id) : [...off, id];
    setOff(next);
    const problem = await saveSetting("rules", { off: next });
    setProblem(problem);
    if (problem) setOff(before);
  };
  return (
    <>
      <p role="alert" className="text-brick text-sm">
        {problem}
      </p>
      <ul className="mt-4">
        {rules.map((rule) => (
          <li key={rule.id} className={`border-line border-t py-3 ${off.includes(rule.id) ? "opacity-60" : ""}`}>
            <label className="flex items-baseline gap-3">
              <input
                type="checkbox"
                className="accent-spruce"
                checked={!off.includes(rule.id)}
                onChange={(event) => void turn(rule.id, event.target.checked)}
              />
              <span className="flex-1 font-semibold">{rule.about}</span>
              <span className={`text-sm ${VERDICT_COLOUR[rule.verdict]}`}>
                {VERDICT_SIGN[rule.verdict]} {rule.verdict}
              </span>
            </label>
            <dl className="mt-1 ml-7 grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 text-sm">
              <dt className="text-spruce">Well</dt>
              <dd className="font-read">{rule.example.good}</dd>
              <dt className="text-ochre">Badly</dt>
              <dd className="font-read">{rule.example.bad}</dd>
            </dl>
            <p className="mt-1 ml-7 text-soft text-xs">
              {rule.source} · <code>{rule.id}</code>
            </p>
          </li>
        ))}
      </ul>
    </>
  );
}
