"use client";
import { useState } from "react";
import type { ListedRule } from "@/core/checking/all-rules";
import type { RuleWeight, RuleWeights } from "@/core/checking/check-question";
import { VERDICT_COLOUR, VERDICT_SIGN } from "../margin/verdict";
import { saveSetting } from "../shell/save-setting";

const WEIGHTS = ["look", "wrong", "off"] as const satisfies readonly RuleWeight[];
const SAID: Record<RuleWeight, string> = { look: `${VERDICT_SIGN.look} look`, wrong: `${VERDICT_SIGN.wrong} wrong`, off: "nothing" };

/** Each rule as its file says it, with a good and a bad example, and what it is to say for this teacher. */
export function RuleList({ rules, weights: start }: { rules: readonly ListedRule[]; weights: RuleWeights }) {
  const [weights, setWeights] = useState(start);
  const [problem, setProblem] = useState("");
  const weigh = async (rule: ListedRule, to: RuleWeight) => {
    const { [rule.id]: _, ...others } = weights;
    const next = to === rule.verdict ? others : { ...others, [rule.id]: to };
    setWeights(next);
    const found = await saveSetting("rules", { weights: next });
    setProblem(found);
    if (found) setWeights(weights);
  };
  return (
    <>
      <p role="alert" className="text-brick text-sm">
        {problem}
      </p>
      <ul className="mt-4">
        {rules.map((rule) => {
          const weight = weights[rule.id] ?? rule.verdict;
          return (
            <li key={rule.id} id={rule.id} className={`scroll-mt-16 border-line border-t py-3 ${weight === "off" ? "opacity-60" : ""}`}>
              <div className="flex flex-wrap items-baseline justify-between gap-x-3 gap-y-1">
                <h2 className="min-w-60 flex-1 font-semibold">{rule.about}</h2>
                <select
                  aria-label={`What “${rule.about}” says`}
                  className={`field py-0.5 text-sm ${weight === "off" ? "" : VERDICT_COLOUR[weight]}`}
                  value={weight}
                  onChange={(event) => void weigh(rule, event.target.value as RuleWeight)}
                >
                  {WEIGHTS.map((option) => (
                    <option key={option} value={option}>
                      {SAID[option]}
                      {option === rule.verdict ? " (as usual)" : ""}
                    </option>
                  ))}
                </select>
              </div>
              <dl className="mt-1 grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 text-sm">
                <dt className="text-spruce">Well</dt>
                <dd className="font-read">{rule.example.good}</dd>
                <dt className="text-ochre">Badly</dt>
                <dd className="font-read">{rule.example.bad}</dd>
              </dl>
              <p className="mt-1 text-soft text-xs">
                {rule.source} · <code>{rule.id}</code>
              </p>
            </li>
          );
        })}
      </ul>
    </>
  );
}
