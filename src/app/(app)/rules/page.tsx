import { TopBar } from "@/components/shell/TopBar";
import { RuleList } from "@/components/whole/RuleList";
import { RULES } from "@/core/checking/rules";
import { loadRulesOff } from "@/server/settings/rules-off";

export const dynamic = "force-dynamic";
export const metadata = { title: "The rules" };

export default function RulesPage() {
  const rules = RULES.map(({ id, verdict, source, about, example }) => ({ id, verdict, source, about, example }));
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
          What every question is checked against. A rule that is switched off says nothing in the margin; drafts are held to all of them.
        </p>
        <RuleList rules={rules} off={loadRulesOff()} />
      </main>
    </>
  );
}
