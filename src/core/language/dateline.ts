/** "SKERRY BAY, 14 March – ": a newspaper's place and date, in front of what it says. */
export const LEADING_DATELINE = /^\s*\p{Lu}[\p{Lu}'’. -]{3,}(?:, [\p{L}\d. ]{2,20})? [–—-]+ (?=[\p{Lu}"'“])/u;

/** "Port Carrow, 9 February", in a line by itself. */
export const LINE_OF_DATE = /^\p{Lu}[\p{L}'’. -]+, (?:\d{1,2} \p{Lu}\p{Ll}{2,8}|\p{Lu}\p{Ll}{2,8} \d{1,2})(?:,? \d{4})?\.?$/u;
