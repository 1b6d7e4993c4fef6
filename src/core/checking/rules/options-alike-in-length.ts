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
    if (own >= most * 1.6 && own - most >= 3) report("longest", { key: own, others }, { part: "option", optionId: key.id });
    if (own * 1.8 <= least && least - own >= 3) report("shortest", { key: own, others }, { part: "option", optionId: key.id });
  },
});
