import type { Plan } from "@/core/drafting/plan";
import type { LoadedSet } from "../sets/load-set";
import { draftableSource } from "./check-set";
import { askedAlready } from "./draft-run";
import { askEngine } from "./engine";
import type { EngineEvent } from "./engine-message";

export type Supply = Extract<EngineEvent, { type: "supply" }>;

/** How many good drafts of each kind the source can bear by itself, and how many of each row the plan would get now. */
export async function supplyOf(set: LoadedSet, seed: number): Promise<Supply> {
  const event = await askEngine(
    "drafting",
    { type: "supply", source: draftableSource(set), plan: set.state.plan, seed, existing: askedAlready(set) },
    "supply",
  );
  if (event.type !== "supply") throw new Error(`Unexpected answer ${event.type}`);
  return event;
}

/** A balanced plan of so many questions, within what can really be drafted beside what the set has already. */
export async function fillPlanOf(set: LoadedSet, wanted: number, seed: number): Promise<Plan> {
  const request = { type: "fill" as const, source: draftableSource(set), plan: set.state.plan, wanted, seed, existing: askedAlready(set) };
  const event = await askEngine("drafting", request, "filled");
  if (event.type !== "filled") throw new Error(`Unexpected answer ${event.type}`);
  return event.plan;
}
