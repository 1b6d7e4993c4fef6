/** What is brought in as one: a file, or a film with the captions that were dropped beside it. */
export type FileGroup<F extends { name: string }> = { file: F; captions?: F };

const MEDIA = /\.(?:mp4|m4v|webm|ogv|mp3|ogg|oga|opus|m4a)$/i;
const CAPTIONS = /\.(?:vtt|srt)$/i;
/** What a folder holds besides documents, and nobody means to bring in. */
const JUNK = /^(?:\.|~\$|Thumbs\.db$|desktop\.ini$)/i;

export function isMedia(name: string): boolean {
  return MEDIA.test(name);
}

/** "tide.en.vtt" belongs to "tide.webm"; a single film and a single captions file belong together whatever they are called. */
export function pairCaptions<F extends { name: string }>(files: readonly F[]): FileGroup<F>[] {
  const wanted = files.filter((file) => !JUNK.test(baseOf(file.name)));
  const media = wanted.filter((file) => MEDIA.test(file.name));
  const captions = wanted.filter((file) => CAPTIONS.test(file.name));
  const taken = new Map<F, F>();
  for (const film of media) {
    const own = captions.find((file) => ![...taken.values()].includes(file) && stem(file.name) === stem(film.name));
    if (own) taken.set(film, own);
  }
  if (media.length === 1 && captions.length === 1 && taken.size === 0) taken.set(media[0]!, captions[0]!);
  const paired = new Set(taken.values());
  return wanted.filter((file) => !paired.has(file)).map((file) => (taken.has(file) ? { file, captions: taken.get(file)! } : { file }));
}

function baseOf(name: string): string {
  return name.split("/").at(-1)!;
}

function stem(name: string): string {
  return baseOf(name)
    .replace(/\.\w+$/, "")
    .replace(/\.[a-z]{2}(?:-[a-z]{2})?$/i, "")
    .toLowerCase();
}
