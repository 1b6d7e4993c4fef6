"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { saveSetting } from "../shell/save-setting";

/** Begins anew, and takes that back. */
export function ForgetJudgements({ some, since }: { some: boolean; since: number }) {
  const router = useRouter();
  const [problem, setProblem] = useState("");
  const save = async (from: "now" | "ever") => {
    const problem = await saveSetting("judged-since", { from });
    setProblem(problem);
    if (!problem) router.refresh();
  };
  return (
    <div className="mt-5 flex flex-wrap items-center gap-3">
      {some ? (
        <button type="button" className="button" onClick={() => void save("now")}>
          Begin anew
        </button>
      ) : null}
      {since > 0 ? (
        <>
          <span className="text-sm text-soft">Begun anew: what you judged before does not count.</span>
          <button type="button" className="button" onClick={() => void save("ever")}>
            Count it again
          </button>
        </>
      ) : null}
      <p role="alert" className="text-brick text-sm">
        {problem}
      </p>
    </div>
  );
}
