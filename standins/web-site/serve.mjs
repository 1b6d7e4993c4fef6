// The stand-in web site: what the open web is to a teacher, on this machine. It ships so that links can be
// tried and tested without a network: articles with menus, advertisements and comments, a linked PDF, a
// video page with captions, a small reference shelf, and pages that behave badly.
//
//   node standins/web-site/serve.mjs PORT        (0 takes any free port; the address is printed)
//
// It ends when whoever started it goes away: when its standard input is closed.
import { createReadStream, existsSync, statSync } from "node:fs";
import http from "node:http";
import path from "node:path";
import { gzipSync } from "node:zlib";
import { ARTICLES, SHELF } from "./articles.mjs";

const TYPES = { ".pdf": "application/pdf", ".webm": "video/webm", ".mp3": "audio/mpeg", ".vtt": "text/vtt; charset=utf-8", ".png": "image/png" };
const files = path.join(import.meta.dirname, "files");
let visits = 0;

const menu =
  '<nav class="site-menu"><a href="/">Harbour News</a> <a href="/articles/fog-horn">Weather</a> <a href="/articles/ropewalk">History</a> <a href="/film/">Film</a></nav>';
const page = (title, body, head = "") =>
  `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>${title} | Harbour News</title>${head}</head><body><header class="site-header"><p>Harbour News of Skerry Bay</p>${menu}</header>${body}<footer class="site-footer"><p>Imprint and opening hours of the harbour office.</p><p>All rights with the harbour office of Skerry Bay.</p></footer><div class="cookie-banner" role="dialog"><p>We use no cookies at all, but every page seems to need a banner.</p><button>Fine</button></div></body></html>`;

function article({ title, writer, date, paragraphs, picture, link, comments }) {
  const text = paragraphs.map((part) => (typeof part === "string" ? `<p>${part}</p>` : `<h2>${part.heading}</h2>`)).join("");
  const figure = picture ? `<figure><img src="/files/${picture.file}" alt="${picture.alt}"><figcaption>${picture.caption}</figcaption></figure>` : "";
  const more = link ? `<p class="download"><a href="/files/${link.file}">${link.text}</a></p>` : "";
  const said = comments.map((comment) => `<div class="comment"><p>${comment}</p></div>`).join("");
  const head = `<meta name="author" content="${writer}"><meta property="article:published_time" content="${date}">`;
  const body = `<main><article><h1>${title}</h1><p class="byline">By ${writer}</p>${text.replace("</p>", `</p>${figure}`)}${more}</article><aside class="advert"><p>Strong rope, cut to length while you wait: the quay shop is open on Sundays.</p></aside><section class="comments"><h2>Comments</h2>${said}</section></main><div class="related"><h3>Read also</h3><ul>${ARTICLES.map((other) => `<li><a href="/articles/${other.id}">${other.title}</a></li>`).join("")}</ul></div>`;
  return page(title, body, head);
}

const film = (kind, file, type) =>
  page(
    "The light of Skerry Bay",
    `<main><h1>The light of Skerry Bay</h1><${kind} controls><source src="/files/${file}" type="${type}"><track kind="captions" src="/files/harbour-light.vtt" srclang="en" label="English"></${kind}><p>A short film of the museum.</p></main>`,
  );

function searchShelf(words) {
  const passages = SHELF.flatMap(({ id, title, text }) => text.map((passage) => ({ title, url: `/shelf/${id}`, text: passage })));
  const score = ({ title, text }) => words.filter((word) => `${title} ${text}`.toLowerCase().includes(word.replace(/s$/, ""))).length;
  return passages
    .map((passage) => ({ passage, found: score(passage) }))
    .filter(({ found }) => found > 0)
    .sort((a, b) => b.found - a.found)
    .slice(0, 12)
    .map(({ passage }) => passage);
}

/** Pages that behave as no page should; what a link may meet on the open web. */
function misbehave(name, response) {
  switch (name) {
    case "silent":
      return;
    case "broken":
      return send(response, 500, "text/html", "<h1>500</h1>");
    case "round":
      return redirect(response, "/bad/round");
    case "inwards":
      return redirect(response, "http://127.0.0.1:8089/");
    case "metadata":
      return redirect(response, "http://169.254.169.254/latest/");
    case "scripts":
      return send(
        response,
        200,
        "text/html",
        '<html><body><div id="app"></div><noscript>Please enable JavaScript.</noscript><script>document.body.textContent = "late"</script></body></html>',
      );
    case "menus":
      return send(response, 200, "text/html", page("Menus", "<main><ul><li>One</li><li>Two</li></ul></main>"));
    case "swollen":
      response.writeHead(200, { "content-type": "text/html", "content-encoding": "gzip" });
      return response.end(gzipSync(Buffer.alloc(80_000_000, "a")));
    default:
      return send(response, 404, "text/html", "<h1>Not here</h1>");
  }
}

const send = (response, status, type, body) => response.writeHead(status, { "content-type": type }).end(body);
const redirect = (response, location) => response.writeHead(302, { location }).end();

function sendFile(response, name) {
  const file = path.join(files, path.basename(name));
  if (!existsSync(file)) return send(response, 404, "text/html", "<h1>Not here</h1>");
  response.writeHead(200, { "content-type": TYPES[path.extname(file)] ?? "application/octet-stream", "content-length": statSync(file).size });
  createReadStream(file).pipe(response);
}

const server = http.createServer((request, response) => {
  const url = new URL(request.url, "http://localhost");
  const [, part, name = ""] = url.pathname.split("/");
  if (part === "files") return sendFile(response, name);
  if (part === "articles") {
    const found = ARTICLES.find(({ id }) => id === name);
    return found ? send(response, 200, "text/html; charset=utf-8", article(found)) : send(response, 404, "text/html", "<h1>Not here</h1>");
  }
  if (part === "moved") return redirect(response, `/articles/${name}`);
  if (part === "film")
    return send(
      response,
      200,
      "text/html; charset=utf-8",
      name === "sound" ? film("audio", "harbour-light.mp3", "audio/mpeg") : film("video", "harbour-light.webm", "video/webm"),
    );
  if (part === "changing") {
    // Another text at every visit, as news pages have it.
    const [first] = ARTICLES;
    visits++;
    const changed = {
      ...first,
      title: "A page that changes",
      paragraphs: [...first.paragraphs, `This line was written at visit number ${visits}, and nobody knows what the next one will be.`],
    };
    return send(response, 200, "text/html; charset=utf-8", article(changed));
  }
  if (part === "shelf" && name === "search") {
    const words = (url.searchParams.get("q") ?? "").toLowerCase().split(/\s+/).filter(Boolean);
    return send(response, 200, "application/json", JSON.stringify({ passages: searchShelf(words) }));
  }
  if (part === "shelf") {
    const found = SHELF.find(({ id }) => id === name);
    return found
      ? send(response, 200, "text/html; charset=utf-8", article({ ...found, writer: "The shelf", date: "2025-01-01", paragraphs: found.text, comments: [] }))
      : send(response, 404, "text/html", "");
  }
  if (part === "bad") return misbehave(name, response);
  send(
    response,
    200,
    "text/html; charset=utf-8",
    page(
      "Harbour News",
      `<main><ul>${ARTICLES.map(({ id, title }) => `<li><a href="/articles/${id}">${title}</a></li>`).join("")}<li><a href="/film/">The light of Skerry Bay (film)</a></li></ul></main>`,
    ),
  );
});

process.stdin.resume().on("end", () => process.exit());
server.listen(Number(process.argv[2] ?? 0), "127.0.0.1", () => console.log(`http://127.0.0.1:${server.address().port}`));
