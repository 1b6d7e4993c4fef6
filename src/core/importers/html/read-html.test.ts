import { describe, expect, it } from "vitest";
import type { Imported } from "../importer";
import { blocksFromDom } from "./blocks-from-dom";
import { parsePage } from "./parse-page";
import { readHtml } from "./read-html";
import { readWebPage } from "./read-web-page";
import { sanitiseView } from "./sanitise-view";

const blocks = (html: string) => {
  const page = parsePage(html);
  if (!page.ok) throw new Error(page.problem.type);
  return blocksFromDom(page.value.body);
};
const texts = (html: string) => blocks(html).map((block) => `${block.kind}: ${block.text}`);

describe("blocks of a document", () => {
  it("keeps headings, paragraphs, lists and quotations in order", () => {
    expect(
      texts(
        "<h1>Knots</h1><p>A <b>bowline</b>\n holds.</p><ul><li>a rope<ul><li>thin</li></ul></li><li><p>a post</p></li></ul><blockquote>Tie it well.</blockquote>",
      ),
    ).toEqual(["heading: Knots", "paragraph: A bowline holds.", "list-item: a rope", "list-item: thin", "list-item: a post", "quotation: Tie it well."]);
  });
  it("takes loose text between blocks as paragraphs", () => {
    expect(texts("<div>The tide rises.<div>Boats float.</div>The tide falls.</div>")).toEqual([
      "paragraph: The tide rises.",
      "paragraph: Boats float.",
      "paragraph: The tide falls.",
    ]);
  });
  it("weaves a table's headings into its rows", () => {
    const table =
      "<table><tr><th>Order</th><th>Height</th><th>Weight</th></tr><tr><td>First</td><td>2.6 m</td><td>6 tonnes</td></tr><tr><td>Sixth</td><td>0.3 m</td><td></td></tr></table>";
    expect(texts(table)).toEqual(["table-row: Order · Height · Weight", "table-row: First: Height 2.6 m; Weight 6 tonnes.", "table-row: Sixth: Height 0.3 m."]);
    expect(blocks(table)[0]!.leftOut).toBe("table heading");
  });
  it("reads a table that only places text as the text it is", () => {
    expect(texts("<table><tr><td><h2>Tides</h2><p>They turn.</p></td><td>Menu</td></tr></table>")).toEqual([
      "heading: Tides",
      "paragraph: They turn.",
      "paragraph: Menu",
    ]);
  });
  it("sets captions apart, and drops note numbers but not powers", () => {
    const found = blocks(
      '<figure><img src="a.png" alt="x"><figcaption>The lamp in 1903</figcaption></figure><p>It is 10 m<sup>2</sup> large.<sup><a href="#1">1</a></sup><sup>[2]</sup></p>',
    );
    expect(found).toEqual([
      { kind: "caption", text: "The lamp in 1903", leftOut: "picture caption" },
      { kind: "paragraph", text: "It is 10 m² large." },
    ]);
  });
  it("never takes scripts, styles, hidden text or form fields for reading matter", () => {
    expect(
      texts('<script>alert(1)</script><style>p{}</style><p hidden>no</p><p style="display:none">no</p><select><option>no</option></select><p>Yes.</p>'),
    ).toEqual(["paragraph: Yes."]);
  });
  it.each([
    ["<nav><a>Home</a></nav>", "page furniture"],
    ['<div class="comments"><p>Nice one</p></div>', "comment"],
    ['<div id="ad-1" class="ad"><p>Buy rope</p></div>', "advertisement"],
    ["<aside><p>See also</p></aside>", "page furniture"],
    ['<section class="footnotes"><p>1 See there.</p></section>', "footnote"],
  ])("leaves %s out as %s", (html, reason) => {
    expect(blocks(html)[0]!.leftOut).toBe(reason);
  });
  it("is not fooled by words that only contain such a sign", () => {
    expect(blocks('<div class="headland shadow navigable-waters"><p>The reef is near.</p></div>')[0]!.leftOut).toBeUndefined();
  });
});

const ARTICLE = Array.from(
  { length: 6 },
  (_, index) =>
    `<p>Paragraph ${index} tells how the keepers of the harbour light wound the clockwork, trimmed the lamp, and wrote down every ship that passed in the night.</p>`,
).join("");
const PAGE = `<!doctype html><html lang="en"><head><title>The light | Harbour News</title><meta name="author" content="Oda Brandt"><meta property="article:published_time" content="2024-03-01"></head><body>
<nav><a href="/">Home</a> <a href="/tides">Tides</a></nav><div class="ad"><p>Buy strong rope at the quay shop, now with a discount for all keepers!</p></div>
<main><article><h1>The light</h1>${ARTICLE}<figure><img src="/lamp.png" alt="The brass lamp"><figcaption>The lamp in 1903. Photo: museum.</figcaption></figure><h2>Today</h2><p>The light still burns, and visitors may climb the tower on Sundays in summer.</p></article></main>
<section class="comments"><h2>Comments</h2><p>I loved this story about the light, it is so well written and full of detail, thanks a lot.</p></section><footer>Imprint</footer><script>document.write("no")</script></body></html>`;
const readPage = (html = PAGE): Imported => {
  const page = readWebPage(html, "http://harbour.test/light");
  if (!page.ok) throw new Error(page.problem.type);
  return page.value;
};

describe("a web page", () => {
  it("gives the article with its title, writer, date and language", () => {
    expect(readPage()).toMatchObject({ kind: "web-page", title: "The light", byline: "Oda Brandt", published: "2024-03-01", language: "en" });
  });
  it("leaves everything round the article out, each with its reason", () => {
    const all = readPage().blocks;
    const shown = all.filter((block) => !block.leftOut);
    expect(shown.map((block) => block.kind)).toEqual(["heading", ...Array(6).fill("paragraph"), "heading", "paragraph"]);
    const reasons = Object.fromEntries(all.filter((block) => block.leftOut).map((block) => [block.text.slice(0, 12), block.leftOut]));
    expect(reasons).toEqual({
      "Home Tides": "page furniture",
      "Buy strong r": "advertisement",
      "The brass la": "picture description",
      "The lamp in ": "picture caption",
      Comments: "comment",
      "I loved this": "comment",
      Imprint: "page furniture",
    });
  });
  it("keeps the picture's address with its description", () => {
    expect(readPage().blocks.find((block) => block.picture)).toMatchObject({ text: "The brass lamp", picture: "http://harbour.test/lamp.png" });
  });
  it("says when there is no article, or when only scripts would write one", () => {
    expect(readWebPage("<body><nav><a>Home</a></nav><p>Hello.</p></body>", "http://a.test/")).toMatchObject({ problem: { type: "page-without-article" } });
    expect(readWebPage('<body><div id="root"></div><script src="app.js"></script></body>', "http://a.test/")).toMatchObject({
      problem: { type: "page-needs-scripts" },
    });
  });
  it("finds the film of a page with its captions", () => {
    const { media } = readPage(
      '<body><h1>Tides</h1><video><source src="tide.webm"><track kind="chapters" src="c.vtt"><track kind="captions" src="tide.vtt" srclang="en"></video></body>',
    );
    expect(media).toEqual({ address: "http://harbour.test/tide.webm", isVideo: true, tracks: [{ address: "http://harbour.test/tide.vtt", language: "en" }] });
  });
});

describe("hostile pages", () => {
  it("are shown without anything that runs, sends or loads", () => {
    const view = sanitiseView(
      '<p onclick="x()">Hi<script>x()</script><img src="x" onerror="x()" alt="a"><img src="http://evil.test/t.gif" alt="t"><a href="javascript:x()">link</a><form action="http://evil.test"><input></form><iframe src="//evil.test"></iframe><svg onload="x()"></svg><style>@import "x"</style>',
      (src) => (src.startsWith("http") ? src : undefined),
    );
    expect(view).not.toMatch(/onclick|onerror|onload|script|<form|iframe|javascript|<a |style|svg|src=/);
    expect(view).toContain('data-picture="http://evil.test/t.gif"');
  });
  it("nested thirty thousand deep are refused at once", () => {
    expect(readHtml(`${"<div>".repeat(30_000)}deep${"</div>".repeat(30_000)}`, "deep.html")).toEqual({ ok: false, problem: { type: "html-too-deep" } });
  });
});

describe("a saved HTML file", () => {
  it("is read whole where it has no page around it", () => {
    const imported = readHtml("<h1>Knots</h1><p>A bowline holds.</p>", "knots.html");
    expect(imported).toMatchObject({ ok: true, value: { kind: "html", title: "Knots", blocks: [{ text: "Knots" }, { text: "A bowline holds." }] } });
  });
  it("without any text is empty", () => {
    expect(readHtml("<div><img src=x></div>", "a.html")).toMatchObject({ problem: { type: "passage-empty" } });
  });
});
