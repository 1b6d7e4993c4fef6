import path from "node:path";

/** One folder for everything that is kept: the database and the files. */
export function dataFolder(): string {
  return path.resolve(/* turbopackIgnore: true */ process.cwd(), process.env.VUMO_DATA ?? "vumo-data");
}

/** The project's own folder, where dictionary and migrations lie. */
export function projectFolder(): string {
  return process.cwd();
}
