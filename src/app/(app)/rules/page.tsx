import { TopBar } from "@/components/shell/TopBar";
import { RuleList } from "@/components/whole/RuleList";
import { ALL_RULES } from "@/core/checking/all-rules";
import { loadRuleWeights } from "@/server/settings/rule-weights";

export const dynamic = "force-dynamic";
export const metadata = { title: "The rules" };

export default function RulesPage() {
  return (
    <>
      <TopBar
        steps={[
          { href: "/sources", name: "Sources" },
          { href: "/rules", name: "The rules" },
        ]}
      />
      <main id="main" className="mx-auto max-w-4xl px-4 py-7 sm:px-6">
        <h1 className="font-read font-semibold text-2xl">The rules</h1>
        <p className="mt-1 text-soft">
          What every question is checked against. Each can ask for a look, call a question wrong, or say nothing in your margins; drafts are held to all of them
          as usual.
        </p>
        <RuleList rules={ALL_RULES} weights={loadRuleWeights()} />
      </main>
    </>
  );
}
