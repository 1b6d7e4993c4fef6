import { Worker } from "node:worker_threads";
import type { EngineEvent, EngineRequest } from "./engine-message";
import { growHeapSlowly } from "./heap-growth";

type Listener = (event: EngineEvent) => void;
type Engine = { worker: Worker; listeners: Map<number, Listener>; nextId: number };

/** Two workers: a long drafting run never keeps the check of an edited question waiting. */
export type EngineRole = "drafting" | "checking";
const holder = globalThis as { vumoEngines?: Map<EngineRole, Engine> };

function engineFor(role: EngineRole): Engine {
  const engines = (holder.vumoEngines ??= new Map());
  const known = engines.get(role);
  if (known) return known;
  const worker = new Worker(new URL("./engine-worker.ts", import.meta.url), { workerData: { role }, resourceLimits: { maxOldGenerationSizeMb: 512 } });
  const engine: Engine = { worker, listeners: new Map(), nextId: 1 };
  const fail = (message: string) => {
    engines.delete(role);
    for (const listener of engine.listeners.values()) listener({ type: "failed", message });
    engine.listeners.clear();
  };
  worker.on("message", ({ id, event }: { id: number; event: EngineEvent }) => engine.listeners.get(id)?.(event));
  worker.on("error", (error) => fail(error.message));
  worker.on("exit", (code) => fail(`The worker ended with ${code}.`));
  worker.unref();
  engines.set(role, engine);
  return engine;
}

/** Sends a request and hears every event of it until the one named in `until`, or a failure. */
export function askEngine(role: EngineRole, request: EngineRequest, until: EngineEvent["type"], onEvent?: Listener): Promise<EngineEvent> {
  const engine = engineFor(role);
  const id = engine.nextId++;
  return new Promise((resolve, reject) => {
    engine.listeners.set(id, (event) => {
      if (event.type === "failed") {
        engine.listeners.delete(id);
        return reject(new Error(event.message));
      }
      onEvent?.(event);
      if (event.type === until) {
        engine.listeners.delete(id);
        resolve(event);
      }
    });
    engine.worker.postMessage({ id, request });
  });
}

/** Starts both workers, so that the first request does not wait for the dictionary. */
export function warmEngines(): void {
  growHeapSlowly();
  engineFor("drafting");
  engineFor("checking");
}
