/** The least a candidate must score to be shown at all: where, on passages the ranker had not seen, fewer than half were accepted. */
export const SHOWN_FROM = 1.75;
