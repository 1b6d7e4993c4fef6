import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterAll, beforeEach, describe, expect, it } from "vitest";
import type { Edit } from "@/core/questions/edit";
import { kindOf } from "@/core/questions/kinds";
import { createSpan } from "@/core/source/create-span";
import { setText } from "@/core/source/prepare/change-blocks";
import { type Db, db, openDatabase } from "@/server/db/client";
import { runs } from "@/server/db/schema";
import { editSet, stepHistory } from "@/server/sets/edit-set";
import { latestSetId } from "@/server/sets/latest-set";
import { listRuns } from "@/server/sets/list-runs";
import { loadJudgements } from "@/server/sets/load-judgements";
import { loadSet } from "@/server/sets/load-set";
import { saveJudgedSince } from "@/server/settings/judged-since";
import { loadRuleWeights, saveRuleWeights } from "@/server/settings/rule-weights";
import { writeSetting } from "@/server/settings/setting";
import { createSource } from "@/server/sources/create-source";
import { editSource } from "@/server/sources/edit-source";
import { listSources } from "@/server/sources/list-sources";

const holder = globalThis as { vumoDb?: Db };
const folders: string[] = [];
beforeEach(() => {
  const folder = mkdtempSync(path.join(tmpdir(), "vumo-sets-"));
  folders.push(folder);
  process.env.VUMO_DATA = folder;
  delete holder.vumoDb;
});
afterAll(() => {
  for (const folder of folders) rmSync(folder, { recursive: true, force: true });
});

const TEXT = "The lens of Skerry Bay\n\nThe lens held a thousand prisms. A child could turn it.\n\nThe keepers wound the clockwork every four hours.";
const bringIn = (text = TEXT) => {
  const created = createSource({ text, kind: "text", name: "" });
  if (!created.ok) throw new Error(created.problem.type);
  return created.value;
};
const addQuestion = (setId: string, id: string, stem = "How many prisms?"): Edit => {
  const block = loadSet(setId)!.blocks[1]!;
  const question = { ...kindOf("short-answer").createBlank(id), stem, evidence: [createSpan(block, 0, 32)] };
  return { type: "add-question", index: 0, slip: { question, status: "draft", lookAgain: false, answered: {} } };
};
const stem = (setId: string, id: string) => loadSet(setId)!.state.slips.find((slip) => slip.question.id === id)?.question.stem;
const typed = (from: string, to: string): Edit => ({ type: "set-stem", questionId: "q1", from, to });

describe("a new source", () => {
  it("is stored with its blocks and figures, and a set with a plan and a paper", () => {
    const { setId, sourceId } = bringIn();
    const set = loadSet(setId)!;
    expect(set.sources[0]).toMatchObject({ id: sourceId, title: "The lens of Skerry Bay", original: TEXT, language: "en" });
    expect(set.sources[0]!.description.counts.words).toBe(19);
    expect(set.state.plan.rows.map((row) => row.kind)).toEqual(["multiple-choice", "true-false", "gap-fill", "short-answer"]);
    expect(set.state.paper.title).toBe("The lens of Skerry Bay");
    expect(latestSetId()).toBe(setId);
  });
  it("that is refused leaves nothing behind", () => {
    expect(createSource({ text: " ", kind: "text", name: "" })).toMatchObject({ ok: false, problem: { type: "passage-empty" } });
    expect(listSources()).toEqual([]);
  });
});

describe("the list of sources", () => {
  it("counts drafts and kept questions, newest first", () => {
    const first = bringIn();
    bringIn("Another text is here. It is short.");
    editSet(first.setId, [addQuestion(first.setId, "q1"), addQuestion(first.setId, "q2"), { type: "set-status", questionId: "q1", from: "draft", to: "kept" }]);
    expect(listSources().map((line) => [line.title, line.drafts, line.kept])).toContainEqual(["The lens of Skerry Bay", 2, 1]);
  });
});

describe("edits of a set", () => {
  it("are kept across a restart", () => {
    const { setId } = bringIn();
    editSet(setId, [addQuestion(setId, "q1"), typed("How many prisms?", "How many prisms did the lens hold?")]);
    delete holder.vumoDb;
    expect(stem(setId, "q1")).toBe("How many prisms did the lens hold?");
  });
  it("are made all or none", () => {
    const { setId } = bringIn();
    const edited = editSet(setId, [addQuestion(setId, "q1"), { type: "set-stem", questionId: "q9", from: "", to: "x" }]);
    expect(edited).toMatchObject({ ok: false, problem: { type: "question-gone" } });
    expect(loadSet(setId)!.state.slips).toEqual([]);
  });
  it("of a set that is not there are refused", () => {
    expect(editSet("nowhere", [typed("", "x")])).toMatchObject({ ok: false, problem: { type: "set-not-found" } });
  });
  it("keep the order of the slips", () => {
    const { setId } = bringIn();
    editSet(
      setId,
      ["q1", "q2", "q3"].map((id) => addQuestion(setId, id)),
    );
    editSet(setId, [{ type: "move-question", questionId: "q3", from: 0, to: 2 }]);
    expect(loadSet(setId)!.state.slips.map((slip) => slip.question.id)).toEqual(["q2", "q1", "q3"]);
  });
});

describe("history", () => {
  it("undoes and makes again, step by step, after a restart too", () => {
    const { setId } = bringIn();
    editSet(setId, [addQuestion(setId, "q1")]);
    editSet(setId, [{ type: "set-status", questionId: "q1", from: "draft", to: "kept" }]);
    delete holder.vumoDb;
    expect(stepHistory(setId, "undo")).toMatchObject({ ok: true, value: { canUndo: true, canRedo: true, touched: ["q1"] } });
    expect(loadSet(setId)!.state.slips[0]!.status).toBe("draft");
    stepHistory(setId, "undo");
    expect(loadSet(setId)!.state.slips).toEqual([]);
    expect(stepHistory(setId, "undo")).toMatchObject({ ok: false, problem: { type: "nothing-to-undo" } });
    stepHistory(setId, "redo");
    stepHistory(setId, "redo");
    expect(loadSet(setId)!.state.slips[0]!.status).toBe("kept");
    expect(stepHistory(setId, "redo")).toMatchObject({ ok: false });
  });
  it("takes typing in one field as one step", () => {
    const { setId } = bringIn();
    editSet(setId, [addQuestion(setId, "q1", "H")]);
    for (const [from, to] of [
      ["H", "Ho"],
      ["Ho", "How"],
      ["How", "How many?"],
    ] as const)
      editSet(setId, [typed(from, to)]);
    stepHistory(setId, "undo");
    expect(stem(setId, "q1")).toBe("H");
  });
  it("forgets what was undone once something new is done", () => {
    const { setId } = bringIn();
    editSet(setId, [addQuestion(setId, "q1")]);
    stepHistory(setId, "undo");
    editSet(setId, [addQuestion(setId, "q2")]);
    expect(stepHistory(setId, "redo")).toMatchObject({ ok: false });
    expect(loadSet(setId)!.state.slips.map((slip) => slip.question.id)).toEqual(["q2"]);
  });
});

describe("a source whose text is corrected", () => {
  const correct = (sourceId: string, setId: string, text: (before: string) => string) => {
    const block = loadSet(setId)!.sources[0]!.prepared![1]!;
    return editSource(sourceId, [setText(block, text(block.text))]);
  };
  it("takes evidence along to where its words are now", () => {
    const { setId, sourceId } = bringIn();
    editSet(setId, [addQuestion(setId, "q1")]);
    expect(correct(sourceId, setId, (text) => `In winter it was cold. ${text}`)).toMatchObject({ ok: true, value: { moved: 1, lost: 0 } });
    const set = loadSet(setId)!;
    const [span] = set.state.slips[0]!.question.evidence;
    expect(set.blocks.find((block) => block.id === span!.blockId)!.text.slice(span!.start, span!.end)).toBe("The lens held a thousand prisms.");
  });
  it("counts what is lost and leaves it for the check to say", () => {
    const { setId, sourceId } = bringIn();
    editSet(setId, [addQuestion(setId, "q1")]);
    expect(correct(sourceId, setId, () => "Something else is written here.")).toMatchObject({ ok: true, value: { moved: 0, lost: 1 } });
    expect(loadSet(setId)!.state.slips[0]!.question.evidence[0]!.quote).toBe("The lens held a thousand prisms.");
  });
});

describe("a run that was under way when the server ended", () => {
  it("is marked as interrupted at the next start, with what it had produced", () => {
    const { setId } = bringIn();
    const plan = loadSet(setId)!.state.plan;
    db()
      .insert(runs)
      .values({ id: "r1", setId, seed: 4, plan, engine: "1", status: "running", produced: [kindOf("gap-fill").createBlank("q1")], startedAt: Date.now() })
      .run();
    openDatabase(process.env.VUMO_DATA!);
    expect(listRuns(setId)).toMatchObject([{ seed: 4, status: "interrupted", drafts: 1, asked: 14 }]);
  });
});

describe("edits that were made by one act", () => {
  const keep = (questionId: string): Edit => ({ type: "set-status", questionId, from: "draft", to: "kept" });
  const statuses = (setId: string) =>
    loadSet(setId)!
      .state.slips.map((slip) => `${slip.question.id} ${slip.status}`)
      .sort();

  it("are taken back and made again together, and nothing else with them", () => {
    const { setId } = bringIn();
    for (const id of ["q1", "q2", "q3"]) editSet(setId, [addQuestion(setId, id)]);
    editSet(setId, [keep("q3")]);
    editSet(setId, [keep("q1"), keep("q2")], ["both", "both"]);
    const undone = stepHistory(setId, "undo");
    expect(undone.ok && undone.value.touched.sort()).toEqual(["q1", "q2"]);
    expect(statuses(setId)).toEqual(["q1 draft", "q2 draft", "q3 kept"]);
    stepHistory(setId, "redo");
    expect(statuses(setId)).toEqual(["q1 kept", "q2 kept", "q3 kept"]);
    stepHistory(setId, "undo");
    stepHistory(setId, "undo");
    expect(statuses(setId)).toEqual(["q1 draft", "q2 draft", "q3 draft"]);
  });
  it("are taken back in the opposite order, so that one may rest on the other", () => {
    const { setId } = bringIn();
    editSet(setId, [addQuestion(setId, "q1")]);
    editSet(setId, [typed("How many prisms?", "How many?"), typed("How many?", "How many prisms were there?")], ["one", "one"]);
    stepHistory(setId, "undo");
    expect(stem(setId, "q1")).toBe("How many prisms?");
  });
});

describe("how a teacher weighs the rules", () => {
  it("is kept; what was switched off before there were weights stays off", () => {
    bringIn();
    expect(loadRuleWeights()).toEqual({});
    writeSetting("rules-off", ["options-in-order"]);
    expect(loadRuleWeights()).toEqual({ "options-in-order": "off" });
    saveRuleWeights({ "key-in-evidence": "wrong" });
    expect(loadRuleWeights()).toEqual({ "key-in-evidence": "wrong" });
  });
});

describe("what a teacher judged", () => {
  const drafted = (setId: string, id: string): Edit => {
    const edit = addQuestion(setId, id) as Extract<Edit, { type: "add-question" }>;
    return { ...edit, slip: { ...edit.slip, origin: { runId: "r", factId: id, pattern: "how-many", score: 1 } } };
  };
  const status = (questionId: string, to: "kept" | "aside", why?: "too-easy"): Edit => ({
    type: "set-status",
    questionId,
    from: "draft",
    to,
    ...(why ? { reason: { from: null, to: why } } : {}),
  });
  const judged = () => loadJudgements().map(({ verdict, reason }) => [verdict, reason ?? ""].join(" ").trim());

  it("is kept, kept after a change, or set aside with its reason; what is undecided or written by hand is not judged", () => {
    const { setId } = bringIn();
    for (const id of ["q1", "q2", "q3", "q4"]) editSet(setId, [drafted(setId, id)]);
    editSet(setId, [addQuestion(setId, "own"), status("own", "kept")]);
    editSet(setId, [status("q2", "kept")]);
    editSet(setId, [typed("How many prisms?", "How many prisms were there?"), status("q1", "kept")]);
    editSet(setId, [status("q3", "aside", "too-easy")]);
    expect(judged().sort()).toEqual(["aside too-easy", "edited", "kept"]);
    expect(loadJudgements().flatMap(({ changes }) => changes ?? [])).toEqual(["wording"]);
    expect(loadSet(setId)!.state.slips.find((slip) => slip.question.id === "q3")?.asideReason).toBe("too-easy");
  });
  it("does not count when it was taken back, and counts again when it is done again", () => {
    const { setId } = bringIn();
    editSet(setId, [drafted(setId, "q1")]);
    editSet(setId, [status("q1", "aside", "too-easy")]);
    stepHistory(setId, "undo");
    expect(judged()).toEqual([]);
    expect(loadSet(setId)!.state.slips[0]!.asideReason).toBeUndefined();
    stepHistory(setId, "redo");
    expect(judged()).toEqual(["aside too-easy"]);
  });
  it("does not count before a new beginning", () => {
    const { setId } = bringIn();
    editSet(setId, [drafted(setId, "q1")]);
    editSet(setId, [status("q1", "kept")]);
    saveJudgedSince(Date.now() + 1000);
    expect(judged()).toEqual([]);
    saveJudgedSince(0);
    expect(judged()).toEqual(["kept"]);
  });
});
