import path from "node:path";

/** One folder for everything that is kept: the database and the files. */
export function dataFolder(): string {
  return path.resolve(/* turbopackIgnore: true */ process.cwd(), process.env.VUMO_DATA ?? "vumo-data");
}

/** The project's own folder, where dictionary and migrations lie. */
export function projectFolder(): string {
  return process.cwd();
}

/** The most that is taken of one file, in bytes: VUMO_MAX_MEDIA_MB for films and sound, VUMO_MAX_FILE_MB for others. */
export function uploadLimits(): { media: number; file: number } {
  return { media: megabytes(process.env.VUMO_MAX_MEDIA_MB, 200), file: megabytes(process.env.VUMO_MAX_FILE_MB, 50) };
}

/**
 * The one address on this machine that links may lead to: the stand-in web site of the demo and the
 * tests, as VUMO_STANDIN=http://127.0.0.1:PORT. Unset, no such address is let through.
 */
export function standinOrigin(): string | undefined {
  const wanted = process.env.VUMO_STANDIN;
  return wanted && URL.canParse(wanted) ? new URL(wanted).origin : undefined;
}

function megabytes(text: string | undefined, fallback: number): number {
  const value = Number(text);
  return (text !== undefined && Number.isFinite(value) && value > 0 ? value : fallback) * 1_000_000;
}
