import { baseSet, contentWords } from "../content-words";
import { defineRule } from "../define-rule";
import { isQuoted, shareOf, sourceSentences } from "../source-sentences";

/** Years tell the order of events, and steps stand in theirs. */
export const orderFollowsTheSource = defineRule({
  id: "order-follows-the-source",
  verdict: "look",
  source: "Every key is proved by the source's own words.",
  about: "Items are keyed in the order of their years, or else of the text.",
  appliesTo: ["order"],
  example: { good: "The tower was built in 1822. · The lamp was lit in 1871.", bad: "The lamp was lit in 1871. · The tower was built in 1822." },
  messages: { years: "The key puts {late} before {early}.", text: "The source tells “{late}” after “{early}”." },
  check(question, { blocks, lexicon }, report) {
    if (question.kind !== "order") return;
    const items = question.key.map((id) => question.items.find((item) => item.id === id)?.text ?? "");
    const all = sourceSentences(blocks, lexicon);
    const places = items.map((text) => {
      const words = contentWords(text, lexicon).map((word) => word.base);
      const own = all.map((sentence) => (isQuoted(sentence, question.evidence) ? shareOf(words, sentence) : 0));
      // What the evidence says is meant before what another sentence has in common with it.
      const shares = own.some((share) => share >= 0.6) ? own : all.map((sentence) => shareOf(words, sentence));
      const most = Math.max(0, ...shares);
      return most < 0.6 ? undefined : shares.indexOf(most);
    });
    if (places.some((place) => place === undefined)) return;
    const years = places.map((place) => yearOf(all[place!]!.text));
    const isDated = years.every((year) => year !== undefined);
    const order = isDated ? (years as number[]) : (places as number[]);
    const at = order.findIndex((value, index) => index > 0 && value < order[index - 1]!);
    if (at < 0 || new Set(places).size < places.length || baseSet(question.stem, lexicon).size === 0) return;
    if (isDated) report("years", { late: order[at - 1]!, early: order[at]! }, { part: "key" });
    else report("text", { late: items[at - 1]!, early: items[at]! }, { part: "key" });
  },
});

function yearOf(text: string): number | undefined {
  const years = text.match(/\b(?:1\d{3}|20\d\d)\b/g);
  return years?.length === 1 ? Number(years[0]) : undefined;
}
