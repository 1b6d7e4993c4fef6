import { afterAll, beforeAll } from "vitest";
import { type App, startApp } from "./app";
import { openBrowser, type Teacher } from "./browser";

/** An application and a browser of their own for one file of journeys, opened before and closed after. */
export function journey(options: { seeded?: boolean; env?: Record<string, string> } = {}): { app: App; teacher: Teacher } {
  const both = {} as { app: App; teacher: Teacher };
  beforeAll(async () => {
    both.app = await startApp(options);
    both.teacher = await openBrowser();
  });
  afterAll(async () => {
    await both.teacher?.leave();
    await both.app?.end();
  });
  // What is not there yet is looked up when it is used.
  const later = <K extends keyof typeof both>(key: K): (typeof both)[K] =>
    new Proxy({} as (typeof both)[K], { get: (_, name) => Reflect.get(both[key], name) });
  return { app: later("app"), teacher: later("teacher") };
}
