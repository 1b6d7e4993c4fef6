import { describe, expect, it } from "vitest";
import { analyse, tools } from "../../../tests/support/language-tools";
import { checkQuestion } from "../checking/check-question";
import { draftQuestions } from "../drafting/draft-questions";
import type { GapWords, PlanRow } from "../drafting/plan";
import { conjugate, readVerb } from "./conjugate";
import { languageOf } from "./language-of";
import { otherNumber, spanishNumber, spanishNumberForms } from "./numbers";

const TEXT =
  "# El faro\n\nUn faro es una torre que emite una luz potente para guiar a los barcos. La parte más alta de la torre se llama linterna.\n\nEn 1871 llegó una lente nueva desde París. La lente pesaba tres toneladas y venía en cajas. Los fareros limpiaban los prismas cada mañana.\n\nEn 1954 un motor eléctrico sustituyó al mecanismo. Los últimos fareros dejaron la torre en 1987, porque la luz se enciende ahora sola.\n\n## Pasos\n\n1. Limpia los cristales con un paño.\n2. Enciende la lámpara.\n3. Anota la hora en el libro.\n";
const draft = (rows: Partial<PlanRow>[], text = TEXT) => {
  const analysis = analyse(text, "markdown");
  const plan = { grade: 5, rows: rows.map((row) => ({ kind: "gap-fill" as const, count: 6, depth: "any" as const, points: 1, ...row })) };
  const run = draftQuestions({ analysis, plan, seed: 1, newId: String });
  const questions = [];
  for (let step = run.next(); ; step = run.next()) {
    if (step.done) return { questions, report: step.value, analysis };
    questions.push(step.value.question);
  }
};

describe("the language of a text", () => {
  it.each([
    ["El faro se construyó en una roca y la luz guía a los barcos.", "es"],
    ["The lighthouse stands on a rock, and its light guides the ships.", "en"],
    ["Lamp.", "en"],
    ["La marée monte deux fois par jour.", "en"],
  ])("%s", (text, language) => expect(languageOf(text)).toBe(language));
});

describe("Spanish verbs", () => {
  it.each([
    ["cerrar:ie", "cierra", "cerró", "cerraba"],
    ["pedir:i", "pide", "pidió", "pedía"],
    ["dormir:ue-u", "duerme", "durmió", "dormía"],
    ["construir:y", "construye", "construyó", "construía"],
    ["traducir:uj", "traduce", "tradujo", "traducía"],
    ["enviar:í", "envía", "envió", "enviaba"],
    ["mantener:tener", "mantiene", "mantuvo", "mantenía"],
    ["ser", "es", "fue", "era"],
  ])("%s is conjugated", (verb, present, preterite, imperfect) => {
    const forms = conjugate(verb);
    expect([forms.present[0], forms.preterite[0], forms.imperfect[0]]).toEqual([present, preterite, imperfect]);
  });
  it("are read back from their forms, and other words are not", () => {
    expect(readVerb("dejaron")).toEqual([{ infinitive: "dejar", tense: "preterite", plural: true }]);
    expect(readVerb("linterna")).toEqual([]);
  });
});

describe("Spanish numbers", () => {
  it("are read in digits and in words", () => {
    expect([spanishNumber("1.016"), spanishNumber("once"), spanishNumber("cuarenta"), spanishNumber("faro")]).toEqual([1016, 11, 40, undefined]);
    expect(spanishNumberForms("once")).toEqual(["11"]);
  });
  it("are changed to another written alike", () => {
    const up = { below: () => 0 };
    expect([otherNumber("300", up), otherNumber("cuatro", up), otherNumber("1.016", up)]).toEqual(["400", "seis", "1.028"]);
  });
});

describe("drafts from Spanish", () => {
  it("ask for terms, years and numbers, each with its words", () => {
    const { questions } = draft([{ kind: "gap-fill" }]);
    expect(questions.map((question) => [question.stem, "key" in question ? question.key : ""])).toContainEqual([
      "Una torre que emite una luz potente para guiar a los barcos se llama ____.",
      "faro",
    ]);
    for (const question of questions) expect(question.evidence[0]!.quote).toMatch(/^\p{Lu}.*\.$/u);
  });
  it("make statements false by a year or number of the text, with the right one", () => {
    const { questions } = draft([{ kind: "true-false", count: 8 }]);
    const wrong = questions.filter((question) => question.kind === "true-false" && !question.key);
    expect(wrong.length).toBeGreaterThan(1);
    for (const question of wrong) expect(question.kind === "true-false" && question.correction).toBe(question.evidence[0]!.quote);
  });
  it("ask why, put steps in order, and tell the whole", () => {
    const { questions } = draft([{ kind: "short-answer" }, { kind: "order" }, { kind: "open-response" }]);
    const stems = questions.map((question) => question.stem);
    expect(stems).toContain("¿Por qué los últimos fareros dejaron la torre en 1987?");
    expect(stems).toContain("Ordena los pasos, del primero al último.");
    expect(stems.some((stem) => stem.startsWith("Con tus propias palabras"))).toBe(true);
  });
  it.each([
    ["past-verbs", "sustituyó", "(sustituir)"],
    ["imperfect-verbs", "pesaba", "(pesar)"],
  ] as [GapWords, string, string][])("leave out %s with the base form in brackets", (gapWords, form, base) => {
    const { questions } = draft([{ gapWords }]);
    const keys = questions.flatMap((question) => (question.kind === "gap-fill" ? [question.key, ...(question.more ?? []).map((gap) => gap.key)] : []));
    expect(keys).toContain(form);
    expect(questions.some((question) => question.stem.includes(base))).toBe(true);
  });
  it("say which kinds are not drafted in Spanish", () => {
    expect(draft([{ kind: "multiple-choice" }, { kind: "essay" }]).report.rows.map((row) => row.reason)).toEqual(["not-in-spanish", "not-in-spanish"]);
  });
  it("are called wrong by no rule", () => {
    const { questions, analysis } = draft([{ kind: "gap-fill" }, { kind: "true-false" }, { kind: "short-answer" }]);
    for (const question of questions) {
      const { verdict, findings } = checkQuestion(question, { blocks: analysis.blocks, others: questions, grade: 5, lexicon: tools().lexicon });
      expect(verdict, `${question.stem} ${findings.map((finding) => finding.reason)}`).not.toBe("wrong");
    }
  });
  it("leave alone what points back: no subject, or a pronoun for one", () => {
    const { questions } = draft(
      [{ kind: "gap-fill" }],
      "# El faro\n\nMide treinta metros. La diseñó Augustin Fresnel Dupont en 1822. Antes de su construcción, once barcos se hundieron.",
    );
    expect(questions).toEqual([]);
  });
});
