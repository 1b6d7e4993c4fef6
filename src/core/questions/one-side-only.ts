/** A point of an essay about the text itself, where its writer lets nobody object: no sentence of the text says it. */
export const ONE_SIDE_ONLY = "The passage gives reasons for one side only; reasons against it must be the student's own.";
