import { ForgetJudgements } from "@/components/learnt/ForgetJudgements";
import { LeaningTable } from "@/components/learnt/LeaningTable";
import { TopBar } from "@/components/shell/TopBar";
import { learnLeanings } from "@/core/drafting/ranking/learn-leanings";
import { loadJudgements } from "@/server/sets/load-judgements";
import { loadJudgedSince } from "@/server/settings/judged-since";

export const dynamic = "force-dynamic";
export const metadata = { title: "What was learnt" };

export default function LearntPage() {
  const judgements = loadJudgements();
  return (
    <>
      <TopBar
        steps={[
          { href: "/sources", name: "Sources" },
          { href: "/learnt", name: "What was learnt" },
        ]}
      />
      <main id="main" className="mx-auto max-w-4xl px-4 py-7 sm:px-6">
        <h1 className="font-read font-semibold text-2xl">What was learnt</h1>
        <p className="mt-1 max-w-2xl text-soft">
          What you keep and set aside, in all your sets, moves like drafts forward or back when a plan is drafted the next time. It changes their order only:
          what is doubtful is never shown for it. Nothing of this leaves this machine.
        </p>
        {judgements.length === 0 ? (
          <p className="mt-5">Nothing yet. Keep or set aside drafts in a margin, and this page tells what follows from it.</p>
        ) : (
          <LeaningTable leanings={learnLeanings(judgements)} judgements={judgements} />
        )}
        <ForgetJudgements some={judgements.length > 0} since={loadJudgedSince()} />
      </main>
    </>
  );
}
