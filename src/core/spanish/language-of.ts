const SPANISH =
  /(?<!\p{L})(?:el|la|los|las|de|del|que|y|en|un|una|es|se|por|con|para|su|al|lo|como|más|pero|sus|este|esta|son|fue|porque|cuando|muy|sin|sobre|también|hasta|desde)(?!\p{L})/giu;
const ENGLISH = /\b(?:the|of|and|to|in|is|that|it|was|for|on|are|with|as|his|they|at|be|this|from|have|by|were|which|or|had|an|when|there)\b/gi;

/** By its commonest words; English unless Spanish is plain. */
export function languageOf(text: string): "en" | "es" {
  const sample = text.slice(0, 20_000);
  const spanish = (sample.match(SPANISH) ?? []).length + (sample.match(/[¿¡ñ]/g) ?? []).length;
  const english = (sample.match(ENGLISH) ?? []).length;
  return spanish >= 2 && spanish > english * 1.5 ? "es" : "en";
}
