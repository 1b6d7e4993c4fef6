import { notFound } from "next/navigation";
import { WholeSet } from "@/components/whole/WholeSet";
import { surveySet } from "@/core/checking/survey-set";
import { checkSet } from "@/server/jobs/check-set";
import { loadLanguageTools } from "@/server/language/load-language-tools";
import { loadSet } from "@/server/sets/load-set";
import { loadRuleWeights } from "@/server/settings/rule-weights";

export const dynamic = "force-dynamic";

export default async function WholeSetPage({ params }: { params: Promise<{ setId: string }> }) {
  const { setId } = await params;
  const set = loadSet(setId);
  if (!set) notFound();
  const weights = loadRuleWeights();
  const all = surveySet(set.state, set.blocks, loadLanguageTools().lexicon);
  const survey = { ...all, findings: all.findings.filter((finding) => weights[finding.rule] !== "off") };
  const { grade } = set.sources[0]!.description;
  return <WholeSet setId={setId} state={set.state} survey={survey} {...(await checkSet(set))} sourceGrade={set.sources.length === 1 ? grade : undefined} />;
}
