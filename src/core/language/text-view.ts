/**
 * The text as the analysis reads it: typographic quotes, dashes and spaces made plain, one character
 * for one, so that every offset is also an offset of the source.
 */
export function plainCharacters(text: string): string {
  return text
    .replace(/[\u2018\u2019\u201b\u02bc]/g, "'")
    .replace(/[\u201c\u201d\u201e\u00ab\u00bb]/g, '"')
    .replace(/[\u2010\u2011]/g, "-")
    .replace(/[\u2013\u2014\u2015]/g, "–")
    .replace(/\u00a0/g, " ");
}
