import { agrees } from "./agrees-with";
import type { Antecedent, Person } from "./analysis";
import type { Lexicon } from "./lexicon";
import { coreOf, type Node } from "./tree";

/** "*A French professor, Édouard de Laboulaye*, suggested it. He …": the professor is somebody, whatever his name tells. */
export function agreesAsTold(pronoun: string, antecedent: Antecedent, told: Node, persons: ReadonlyMap<string, Person>, lexicon: Lexicon): boolean {
  const gender = persons.get(antecedent.text)?.gender;
  const asTold = { ...antecedent, text: "", node: coreOf(told) };
  return (
    agrees(pronoun, antecedent, persons, lexicon) ||
    (told.role === "apposition" && gender === undefined && pronoun !== "it" && agrees(pronoun, asTold, persons, lexicon))
  );
}
