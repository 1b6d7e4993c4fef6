/** How the original of a source can be looked at. */
export type Original =
  | { sort: "pages"; sourceId: string; title: string; pages: number }
  | { sort: "picture"; address: string; title: string }
  | { sort: "slides"; slides: number }
  | { sort: "page"; address: string; title: string }
  | { sort: "media"; address: string; isVideo: boolean; title: string }
  | { sort: "text"; text: string };

type Row = {
  id: string;
  title: string;
  kind: string;
  original: string;
  pages: number | null;
  slides: number | null;
  fileHash: string | null;
  mediaHash: string | null;
  viewHash: string | null;
};

/** The best likeness that is kept; undefined where the blocks are all there is. */
export function originalOf(row: Row): Original | undefined {
  const { id, title, kind } = row;
  if (row.mediaHash) return { sort: "media", address: `/api/files/${row.mediaHash}`, isVideo: kind === "video", title };
  if (kind === "pdf" && row.fileHash && row.pages) return { sort: "pages", sourceId: id, title, pages: row.pages };
  if (kind === "picture" && row.fileHash) return { sort: "picture", address: `/api/files/${row.fileHash}`, title };
  if (row.slides) return { sort: "slides", slides: row.slides };
  if (row.viewHash) return { sort: "page", address: `/api/sources/${id}/view`, title };
  return row.original ? { sort: "text", text: row.original } : undefined;
}
