/** Languages that a teacher can choose; the name of any other is asked of the system. */
export const LANGUAGES = [
  "en",
  "es",
  "fr",
  "de",
  "it",
  "pt",
  "nl",
  "da",
  "no",
  "sv",
  "fi",
  "pl",
  "cs",
  "uk",
  "ru",
  "ro",
  "hu",
  "el",
  "tr",
  "ar",
  "he",
  "hi",
  "zh",
  "ja",
  "ko",
  "ga",
  "cy",
  "la",
] as const;

const names = new Intl.DisplayNames(["en"], { type: "language", fallback: "code" });

export function languageName(code: string): string {
  try {
    return names.of(code) ?? code;
  } catch {
    return code;
  }
}
