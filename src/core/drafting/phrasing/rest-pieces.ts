/** One part of what a question says behind its verb, and where it goes. */
export type Piece = { order: number; text: string; goesLast: boolean; holdsClause: boolean };

/** Added to the place of what stood in front, which comes last. */
export const FRONTED = 1000;

const CLAUSE_WORDS = /\b(?:that|which|who|whose|where|why|how|when|whether|because|if|while|after|before|until|as|since)\b/;

/** What stood in front and is moved behind the last part would be read as a part of that. */
export function isTornFrom(last: Piece, pieces: readonly Piece[]): boolean {
  const ahead = pieces.filter(({ order }) => order >= FRONTED);
  if (ahead.length > 0 && pieces.some(({ text }) => /\bmore than any/.test(text))) return true;
  // "*With sound*, movies no longer depended on reading"
  if (ahead.some(({ text }) => /^ with \p{Ll}+$/u.test(text))) return true;
  if (ahead.length === 0 || !CLAUSE_WORDS.test(last.text)) return false;
  // "When Elin died, Tora ran the mill *until 1931*", "In water it is as fast *as in the trees*", "chose an island *as the site*"
  const isTwice = ahead.some(({ holdsClause }) => holdsClause) && /\b(?:until|before|after|since)\b/.test(last.text);
  return last.holdsClause || isTwice || /(?:^| )as (?:the|an?|in|on|at|under|for) /.test(last.text);
}

/** "*In autumn* they push the drones out to save food": the time goes before the purpose; and before ", setting an example". */
export function frontedBeforeLast(pieces: Piece[]): Piece[] {
  const last = pieces.filter(({ order }) => order < FRONTED).sort((a, b) => b.order - a.order)[0];
  return last?.goesLast ? pieces.map((piece) => (piece.order >= FRONTED ? { ...piece, order: last.order - 0.5 } : piece)) : pieces;
}
