/** Starts the workers with the server: the first drafts should not wait for the dictionary. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { warmEngines } = await import("./server/jobs/engine");
  warmEngines();
}
