import { defineRule } from "../define-rule";

/** The longest option is the key more often than chance, and students know it. */
export const optionsAlikeInLength = defineRule({
  id: "options-alike-in-length",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 24: keep the length of choices about equal",
  about: "The key is not much longer or shorter than the other options.",
  appliesTo: ["multiple-choice"],
  example: { good: "every four hours · every six hours · once a day", bad: "because mercury is heavy and floats the whole lens · it is hot · it is blue" },
  messages: {
    longest: "The key has {key} words, the others {others}. Length is a clue.",
    shortest: "The key has only {key} words, the others {others}. Length is a clue.",
  },
  check(question, _, report) {
    if (question.kind !== "multiple-choice") return;
    const count = (text: string) => text.trim().split(/\s+/).filter(Boolean).length;
    const key = question.options.find((option) => option.id === question.key);
    const lengths = question.options.filter((option) => option !== key && option.text.trim()).map((option) => count(option.text));
    if (!key?.text.trim() || lengths.length === 0) return;
    const [own, most, least] = [count(key.text), Math.max(...lengths), Math.min(...lengths)];
    const others = most === least ? `${most}` : `${least} to ${most}`;
    const isLonger = (words: number) => words >= most * 1.6 && words - most >= 3;
    if (isLonger(own)) {
      const short = shortened(key.text, (text) => !isLonger(count(text)));
      const mend =
        short === undefined
          ? undefined
          : {
              label: `Shorten it to “${short}”`,
              edits: [{ type: "set-option" as const, questionId: question.id, optionId: key.id, from: key.text, to: short }],
            };
      report("longest", { key: own, others }, { part: "option", optionId: key.id }, mend);
    }
    if (own * 1.8 <= least && least - own >= 3) report("shortest", { key: own, others }, { part: "option", optionId: key.id });
  },
});

/** What only adds to what is said before it. */
const ADDED = /(?:,? (?:which|who|whose|where|while|because|so that|such as|in order to)\b|, |;| – ).*$/;

/** The longest beginning of the key that will do; nothing where only its end could be cut off without a joint. */
function shortened(text: string, isShort: (text: string) => boolean): string | undefined {
  const mark = /[.!?]$/.exec(text.trim())?.[0] ?? "";
  let left = text.trim().replace(/[.!?]$/, "");
  for (let cut = lastAddition(left); cut !== undefined; cut = lastAddition(left)) {
    left = cut;
    if (isShort(left)) return `${left}${mark}`;
  }
  return undefined;
}

/** The text without the last thing that was added to it. */
function lastAddition(text: string): string | undefined {
  const joints = [...text.matchAll(new RegExp(ADDED.source.replace(".*$", ""), "g"))];
  const at = joints.at(-1)?.index;
  return at === undefined || at === 0 ? undefined : text.slice(0, at);
}
