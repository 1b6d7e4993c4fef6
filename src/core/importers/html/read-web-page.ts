import { Readability } from "@mozilla/readability";
import { fail, ok, type Result } from "../../lib/result";
import { numberBlocks, plainSpaces, type RawBlock } from "../../source/number-blocks";
import type { Imported, ImportProblem } from "../importer";
import { blocksFromDom } from "./blocks-from-dom";
import { parsePage } from "./parse-page";
import { sanitiseView } from "./sanitise-view";

/** Fewer words than this are no article. */
const LEAST_WORDS = 40;

/**
 * The main article of a web page. All text of the page becomes blocks; those that the article does
 * not hold are left out with the reason, so that a teacher sees what was taken away and can bring it back.
 */
export function readWebPage(html: string, url: string | undefined): Result<Imported, ImportProblem> {
  const page = parsePage(html);
  if (!page.ok) return page;
  const document = page.value;
  const media = findMedia(document, url);
  const article = findArticle(html, url);
  const words = wordCount(document.body?.textContent ?? "");
  if (!article && !media) return fail({ type: needsScripts(html, words) ? "page-needs-scripts" : "page-without-article" });
  const address = (src: string) => absolute(src, url);
  const all = blocksFromDom(document.body, { pictureAddress: address });
  const inArticle = article ? articleTexts(article.content) : NOTHING;
  const blocks = numberBlocks(
    withTitle(
      all.map((block) => judged(block, inArticle)),
      article?.title,
    ),
  );
  if (!media && wordCount(blocks.map((block) => (block.leftOut ? "" : block.text)).join(" ")) < LEAST_WORDS) return fail({ type: "page-without-article" });
  // The window's title often carries the site's name as well.
  const heading = blocks.find((block) => block.kind === "heading" && block.level === 1 && !block.leftOut)?.text;
  const title = heading || article?.title || document.title?.trim() || "Web page";
  const language = (document.documentElement.getAttribute("lang") ?? "").slice(0, 2).toLowerCase();
  return ok({
    kind: "web-page",
    title: plainSpaces(title).slice(0, 200),
    blocks,
    warnings: [],
    view: sanitiseView(document.body.innerHTML, address),
    ...(article?.byline ? { byline: plainSpaces(article.byline).slice(0, 200) } : {}),
    ...(article?.published ? { published: article.published.slice(0, 40) } : {}),
    ...(language ? { language } : {}),
    ...(media ? { media } : {}),
  });
}

type Article = { title: string; content: Element; byline?: string; published?: string };

function findArticle(html: string, url: string | undefined): Article | undefined {
  // Readability takes its document apart, so it gets one of its own.
  const page = parsePage(html);
  if (!page.ok || !page.value.body) return undefined;
  if (url) Object.defineProperty(page.value, "baseURI", { value: url });
  const found = new Readability(page.value, { charThreshold: 150, serializer: (element) => element }).parse();
  if (!found?.content || wordCount(found.textContent ?? "") < LEAST_WORDS) return undefined;
  return {
    title: found.title ?? "",
    content: found.content as unknown as Element,
    ...(found.byline ? { byline: found.byline } : {}),
    ...(found.publishedTime ? { published: found.publishedTime } : {}),
  };
}

/** The article's blocks, and all of it as one run of letters, since Readability cuts paragraphs in its own way. */
type ArticleText = { blocks: ReadonlySet<string>; letters: string };
const NOTHING: ArticleText = { blocks: new Set(), letters: "" };
const lettersOf = (text: string) => text.replace(/[^\p{L}\p{N}]+/gu, "");

function articleTexts(content: Element): ArticleText {
  const texts = blocksFromDom(content, { reasonFor: () => undefined, pictureAddress: (src) => src || "picture" }).map((block) => plainSpaces(block.text));
  return { blocks: new Set(texts), letters: lettersOf(texts.join(" ")) };
}

const BYLINE = /^(?:by|written by|posted by|from) (?:our |\p{Lu})[^.!?]{0,60}$/iu;

function judged(block: RawBlock, inArticle: ArticleText): RawBlock {
  if (block.leftOut) return block;
  const text = plainSpaces(block.text);
  if (block.kind === "paragraph" && BYLINE.test(text)) return { ...block, leftOut: "byline" };
  if (inArticle.blocks.has(text) || (text.length > 40 && inArticle.letters.includes(lettersOf(text)))) return block;
  // The page's own heading stands outside what Readability gives back.
  return block.kind === "heading" && block.level === 1 ? block : { ...block, leftOut: "page furniture" };
}

/** The article's title stands at its head, once. */
function withTitle(blocks: RawBlock[], title: string | undefined): RawBlock[] {
  const shown = blocks.findIndex((block) => !block.leftOut);
  const headings = blocks.filter((block) => block.kind === "heading" && block.level === 1 && !block.leftOut);
  if (headings.length > 0 || !title || shown < 0) {
    const [, ...more] = headings;
    return blocks.map((block) => (more.includes(block) ? { ...block, leftOut: "page furniture" } : block));
  }
  return blocks.toSpliced(shown, 0, { kind: "heading", level: 1, text: title });
}

function findMedia(document: Document, url: string | undefined): Imported["media"] {
  for (const element of document.querySelectorAll("video, audio")) {
    const src = element.getAttribute("src") ?? element.querySelector("source")?.getAttribute("src") ?? "";
    const address = absolute(src, url);
    const tracks = [...element.querySelectorAll("track")]
      .filter((track) => /^(?:captions|subtitles)?$/.test(track.getAttribute("kind") ?? "subtitles"))
      .flatMap((track) => {
        const trackAddress = absolute(track.getAttribute("src") ?? "", url);
        const language = track.getAttribute("srclang");
        return trackAddress ? [{ address: trackAddress, ...(language ? { language } : {}) }] : [];
      });
    if (address && tracks.length > 0) return { address, isVideo: element.tagName.toUpperCase() === "VIDEO", tracks };
  }
  return undefined;
}

function absolute(src: string, url: string | undefined): string | undefined {
  if (!src || !url || /^(?:data|blob|javascript):/i.test(src)) return undefined;
  return URL.canParse(src, url) ? new URL(src, url).href : undefined;
}

/** Next to no text, but scripts that would write it. */
function needsScripts(html: string, words: number): boolean {
  return words < LEAST_WORDS * 2 && (/<script[\s>]/i.test(html) || /enable javascript|requires? javascript/i.test(html));
}

function wordCount(text: string): number {
  return text.match(/\p{L}[\p{L}'’-]*/gu)?.length ?? 0;
}
