type Band = { lowest: number; highest: number; middle: number };

/** "5 to 7": whole grades; formulas estimate, so never one number with decimals. */
export function gradeBand({ lowest, highest }: Band): string {
  const from = clamp(Math.round(lowest));
  const to = clamp(Math.round(highest));
  return from === to ? String(from) : `${from} to ${to}`;
}

function clamp(grade: number): number {
  return Math.min(16, Math.max(1, grade));
}
