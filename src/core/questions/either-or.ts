/** The two that a stem names to choose between: "Which is heavier: the moon or the sun?" */
export function choicesInStem(stem: string): readonly [string, string] | undefined {
  const [, one, other] = /^Which\b[^:]*: (.+) or (.+)\?$/.exec(stem) ?? [];
  return one && other ? [one, other] : undefined;
}

/** Whether the key is one of two that the stem itself names: then it stands there to be chosen, and gives nothing away. */
export function isKeyOffered(stem: string, key: string): boolean {
  return choicesInStem(stem)?.some((choice) => choice.toLowerCase() === key.toLowerCase()) ?? false;
}
