import type { ExamplePattern } from "@/core/drafting/steering/recognise-example";
import { kindOf } from "@/core/questions/kinds";

const ASKED: Record<string, string> = {
  definition: "what something is",
  naming: "what something is called",
  cause: "a reason",
  purpose: "what something is done for",
  condition: "what happens when",
  quantity: "how many or how much",
  frequency: "how often",
  time: "when",
  person: "who",
  thing: "what",
  place: "where",
  manner: "how",
};

/** How an example question was understood. */
export function exampleText({ kind, facts }: ExamplePattern): string {
  const asked = facts.map((fact) => ASKED[fact]).find(Boolean);
  if (!kind && !asked) return "This could not be read as a question of a known kind; it changes nothing.";
  const parts = [kind ? kindOf(kind).name.toLowerCase() : undefined, asked ? `asks ${asked === "a reason" ? "for a reason" : asked}` : undefined].filter(
    Boolean,
  );
  return `Read as: ${parts.join(", ")}. Drafts like it come first.`;
}
