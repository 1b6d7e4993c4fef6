const WORDS =
  "cero uno dos tres cuatro cinco seis siete ocho nueve diez once doce trece catorce quince dieciséis diecisiete dieciocho diecinueve veinte veintiuno veintidós veintitrés veinticuatro veinticinco".split(
    " ",
  );
const TENS: Record<string, number> = { treinta: 30, cuarenta: 40, cincuenta: 50, sesenta: 60, setenta: 70, ochenta: 80, noventa: 90, cien: 100, mil: 1000 };

/** "1.016", "once", "cuarenta" → its value. */
export function spanishNumber(text: string): number | undefined {
  const plain = text.toLowerCase();
  if (/^\d{1,3}(?:\.\d{3})+$|^\d+$/.test(plain)) return Number(plain.replace(/\./g, ""));
  const at = WORDS.indexOf(plain);
  return at >= 0 ? at : TENS[plain];
}

/** Another number written the same way: words for words, and as round as the first. */
export function otherNumber(text: string, random: { below(limit: number): number }): string | undefined {
  const value = spanishNumber(text);
  if (value === undefined || value < 2) return undefined;
  const shift = random.below(2) === 0 ? 1 : -1;
  if (/^\d/.test(text)) {
    const step = value % 100 === 0 ? 100 : value % 10 === 0 ? 10 : value > 100 ? 12 : 2;
    return write(value + shift * step > 0 ? value + shift * step : value + step, text.includes("."));
  }
  if (value <= 25) return WORDS[value + shift * (value > 3 ? 2 : 1)] ?? WORDS[value - 2];
  const tens = Object.entries(TENS).find(([, ten]) => ten === value + shift * 10);
  return tens?.[0] ?? Object.entries(TENS).find(([, ten]) => ten === value - 10 || ten === value + 10)?.[0];
}

function write(value: number, dotted: boolean): string {
  return dotted ? String(value).replace(/\B(?=(\d{3})+$)/g, ".") : String(value);
}

/** Digits for words and words for digits. */
export function spanishNumberForms(text: string): string[] {
  const value = spanishNumber(text);
  if (value === undefined) return [];
  const word = WORDS[value] ?? Object.entries(TENS).find(([, ten]) => ten === value)?.[0];
  return [String(value), ...(word ? [word] : [])].filter((form) => form !== text.toLowerCase());
}
