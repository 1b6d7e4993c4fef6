import { type Analysis, narratorOf } from "../language/analysis";
import { genderOfName } from "../language/find-persons";
import { ownerForm } from "../language/owner-form";
import type { Candidate } from "./candidate";

/** "my father" → "the speaker's father", "told me" → "told the speaker"; what stands in quotation marks stays as it is. */
export function inThirdPerson(candidate: Candidate, analysis: Analysis): Candidate {
  const narrator = narratorOf(candidate.evidence[0]!, analysis);
  if (!narrator) return { ...candidate, stem: withSurnames(candidate.stem, analysis) };
  const told = (text: string) =>
    tell(text, narrator, ownerForm(narrator, analysis.sentences), analysis.persons.get(narrator)?.gender ?? genderOfName(narrator));
  return {
    ...candidate,
    stem: withSurnames(onceNamed(told(candidate.stem), narrator), analysis),
    key: candidate.parts ? candidate.key : told(candidate.key),
    accepted: candidate.accepted.map(told),
    distractors: candidate.distractors.map(told),
    ...(candidate.correction ? { correction: told(candidate.correction) } : {}),
    ...(candidate.parts?.sort === "select"
      ? { parts: { ...candidate.parts, right: candidate.parts.right.map(told), wrong: candidate.parts.wrong.map(told) } }
      : {}),
  };
}

/** "How old was Benjamin Banneker when a traveller lent *Benjamin Banneker* a watch?": the second time by the surname. */
export function withSurnames(text: string, { persons }: Pick<Analysis, "persons">): string {
  // What is quoted of the source stays as it is.
  if (/^Read: “/.test(text)) return text;
  const words = [...text.matchAll(/\p{Lu}\p{L}+/gu)].map(([word]) => word);
  const twice = new Set(words.filter((word, index) => words.indexOf(word) < index).flatMap((word) => persons.get(word) ?? []));
  return [...twice].reduce((told, person) => {
    const surname = person.name.split(" ").at(-1)!;
    const at = told.indexOf(person.name);
    if (at < 0 || surname === person.name || persons.get(surname) !== person) return told;
    const behind = at + person.name.length;
    return told.slice(0, behind) + told.slice(behind).replaceAll(person.name, surname);
  }, text);
}

/** "According to Dr. Okoye, in what year did Dr. Okoye's team …" says it twice. */
function onceNamed(stem: string, narrator: string): string {
  const opening = `According to ${narrator}, `;
  if (!stem.startsWith(opening) || !stem.slice(opening.length).includes(narrator)) return stem;
  const rest = stem.slice(opening.length);
  return rest.charAt(0).toUpperCase() + rest.slice(1);
}

/** "our school": everybody's there, and not the writer's alone. */
const SHARED =
  /\b(our) ((?:(?!of\b|own\b)\p{Ll}+ ){0,2}?(?:school|class|classroom|town|village|city|country|island|street|streets|library|harbour|museum|council|park|playground|break|breaks|timetable|lessons|pupils|teachers|buses|roads|schools|planet|community|beach|beaches|grades|marks|homework|principal|headteacher)\b)/giu;

/** "two per cent of *our weight*": everybody's, and not the writer's. */
const OF_BODY =
  /\bour ((?:(?:own|whole|total|body) )?(?:weight|energy|body|brain|blood|bones|skin|heart|lungs|stomach|health|muscles|eyes|ears|teeth|bodies)\b)/g;

const POSSESSIVES = { he: "his", she: "her" };

/** Replaces until nothing is left to replace: each match holds the next one's beginning. */
function withoutRepeats(text: string, pattern: RegExp, by: string): string {
  const told = text.replace(pattern, by);
  return told === text ? told : withoutRepeats(told, pattern, by);
}

function tell(text: string, narrator: string, possessive: string, gender: "he" | "she" | undefined): string {
  const again = gender ? POSSESSIVES[gender] : "his or her";
  return text
    .split(/(“[^”]*”)/)
    .map((part) => {
      if (part.startsWith("“")) return part;
      const told = part
        .replace(OF_BODY, "a person’s $1")
        .replace(SHARED, (_, our: string, rest: string) => `${our === "Our" ? "The" : "the"} ${rest}`)
        .replace(/\b(?:my|our)\b/g, possessive)
        .replace(/\b(?:My|Our)\b/g, possessive.charAt(0).toUpperCase() + possessive.slice(1))
        .replace(/\bme\b/g, narrator);
      // "the narrator threw the narrator's brush": the second time by a pronoun.
      return withoutRepeats(told, new RegExp(`(\\b${narrator} [^.?!]*?)\\b${possessive}(?!\\p{L})`, "giu"), `$1${again}`);
    })
    .join("");
}
