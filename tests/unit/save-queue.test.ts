import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { createSaveQueue, type SaveStatus } from "@/components/shell/save-queue";
import type { Edit } from "@/core/questions/edit";
import { mergeEdits } from "@/core/questions/merge-edits";

type Answer = { status: number; body?: object } | "no server";
let answers: Answer[];
let sent: Edit[][];
let steps: (string | null)[][];
let stored: Map<string, string>;

beforeEach(() => {
  vi.useFakeTimers();
  answers = [];
  sent = [];
  steps = [];
  stored = new Map();
  vi.stubGlobal("localStorage", {
    getItem: (key: string) => stored.get(key) ?? null,
    setItem: (key: string, value: string) => stored.set(key, value),
    removeItem: (key: string) => stored.delete(key),
  });
  vi.stubGlobal("fetch", async (_: string, { body }: { body: string }) => {
    const answer = answers.shift() ?? { status: 200, body: {} };
    if (answer === "no server") throw new TypeError("no server");
    sent.push(JSON.parse(body).edits);
    steps.push(JSON.parse(body).steps);
    return new Response(JSON.stringify(answer.body ?? {}), { status: answer.status });
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const typed = (from: string, to: string, questionId = "q1"): Edit => ({ type: "set-stem", questionId, from, to });
const kept = (questionId: string): Edit => ({ type: "set-status", questionId, from: "draft", to: "kept" });

function queue() {
  const seen = { status: [] as SaveStatus[], answers: [] as object[], refused: [] as string[] };
  const made = createSaveQueue(
    { address: "/api/sets/t1/edits", storageKey: "vumo-unsaved-t1", mergeEdits },
    {
      onStatus: (status) => seen.status.push(status),
      onAnswer: (answer) => seen.answers.push(answer),
      onRefused: (text) => seen.refused.push(text),
    },
  );
  return { ...made, seen };
}

describe("the save queue", () => {
  it("waits a moment and sends typing as one edit", async () => {
    const { push, seen } = queue();
    push([typed("", "W")]);
    push([typed("W", "Wh")]);
    push([typed("Wh", "Why")]);
    expect(sent).toEqual([]);
    await vi.advanceTimersByTimeAsync(300);
    expect(sent).toEqual([[typed("", "Why")]]);
    expect(seen.status.at(-1)).toBe("saved");
  });
  it("names what was done by one act as one step, apart from what was done before and after", async () => {
    const { push } = queue();
    push([typed("", "W")]);
    push([kept("q2"), kept("q3")]);
    push([kept("q4"), kept("q5")]);
    await vi.advanceTimersByTimeAsync(300);
    const [sentSteps] = steps;
    expect(sentSteps![0]).toBeNull();
    expect(sentSteps![1]).toBe(sentSteps![2]);
    expect(sentSteps![3]).toBe(sentSteps![4]);
    expect(new Set(sentSteps).size).toBe(3);
  });
  it("keeps what is not saved in the browser until it is", async () => {
    const { push } = queue();
    push([typed("", "W")]);
    expect(JSON.parse(stored.get("vumo-unsaved-t1")!)).toEqual([typed("", "W")]);
    await vi.advanceTimersByTimeAsync(300);
    expect(stored.size).toBe(0);
  });
  it("tries again, in order, when the server does not answer", async () => {
    answers = ["no server", "no server"];
    const { push, seen } = queue();
    push([typed("", "W")]);
    await vi.advanceTimersByTimeAsync(300);
    expect(seen.status.at(-1)).toBe("unsaved");
    push([kept("q2")]);
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent.flat()).toEqual([typed("", "W"), kept("q2")]);
    expect(seen.status.at(-1)).toBe("saved");
  });
  it("gives back what an earlier page could not save", () => {
    stored.set("vumo-unsaved-t1", JSON.stringify([kept("q1")]));
    expect(queue().recover()).toEqual([kept("q1")]);
    stored.set("vumo-unsaved-t1", "{");
    expect(queue().recover()).toEqual([]);
  });
  it("does not let one refused edit take the others with it", async () => {
    const refusal = { status: 409, body: { problem: { text: "gone" } } };
    answers = [refusal, { status: 200, body: {} }, refusal];
    const { push, seen } = queue();
    push([kept("q1"), kept("q2")]);
    await vi.advanceTimersByTimeAsync(300);
    expect(sent).toEqual([[kept("q1"), kept("q2")], [kept("q1")], [kept("q2")]]);
    expect(seen.refused).toEqual(["gone"]);
    expect(seen.status.at(-1)).toBe("saved");
  });
  it("says when everything is settled", async () => {
    const { push, settled } = queue();
    push([kept("q1")]);
    const done = settled();
    await vi.advanceTimersByTimeAsync(10);
    await done;
    expect(sent).toHaveLength(1);
  });
});
