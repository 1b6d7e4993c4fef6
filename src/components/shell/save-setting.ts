/** Saves what is set for all sets; what to say where it could not be, or nothing. */
export async function saveSetting(name: "rules" | "judged-since", value: object): Promise<string> {
  const answer = await fetch(`/api/settings/${name}`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(value),
  }).catch(() => undefined);
  return answer?.ok ? "" : "This could not be saved. Is Vumo still running?";
}
