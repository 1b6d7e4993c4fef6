import type { ImportProblem } from "@/core/importers/importer";
import { assertNever } from "@/core/lib/assert-never";
import type { LinkProblem } from "@/server/fetching/guarded-fetch";

const number = (value: number) => value.toLocaleString("en-US");

/** Why a file could not be brought in, and what to do. */
export function importProblemText(problem: ImportProblem): string {
  switch (problem.type) {
    case "passage-empty":
      return "There is no text in it. Choose a file with text, or paste the passage.";
    case "passage-too-long":
      return `The text has ${number(problem.characters)} characters. At most ${number(problem.limit)} fit; take out a part and bring in the rest as a second source.`;
    case "passage-not-text":
      return "This does not look like text: it holds bytes that no writing has. Choose another file, or paste the passage.";
    case "file-kind-unknown":
      return `“${problem.name}” is of no kind that Vumo reads. Save it as PDF, DOCX or plain text, or paste the passage.`;
    case "old-word-file":
      return "This is a file of the old binary sort (.doc, .ppt). Open it in its program, save it as .docx, .pptx or PDF, and bring that in.";
    case "pdf-encrypted":
      return "This PDF asks for a password. Save it without one, and bring it in again.";
    case "pdf-broken":
      return "This PDF is broken or cut off. Open it in a PDF program and save it anew, or fetch it again.";
    case "pdf-of-pictures":
      return `This PDF holds pictures of ${problem.pages === 1 ? "a page" : `${problem.pages} pages`} and no text. Read the text off the pictures?`;
    case "not-a-zip":
      return `This is not a ${problem.format} file, whatever its name says. Open it in its program and save it as ${problem.format}.`;
    case "zip-broken":
      return `This ${problem.format} file is broken or cut off. Open it in its program and save it anew.`;
    case "zip-too-large":
      return `This file unpacks to more than ${problem.megabytes} MB. It was made to do harm, or it is broken; it was not opened further.`;
    case "document-broken":
      return `This ${problem.format} could not be read. Open it in its program and save it anew, or paste the passage.`;
    case "html-too-deep":
      return "This page is nested deeper than any page that people write. Copy the text you want and paste it.";
    case "page-without-article":
      return "There is no article on this page, only menus and short pieces. Copy the text you want and paste it.";
    case "page-needs-scripts":
      return "This page is written by scripts, which Vumo does not run. Open it in a browser, copy the text you want and paste it.";
    case "captions-empty":
      return "There is nothing said in these captions. Choose a .vtt or .srt file with captions in it.";
    case "media-without-captions":
      return `${problem.isVideo ? "This video" : "This sound"} has no captions with it. Drop or choose its captions file (.vtt or .srt), or paste the captions.`;
    case "picture-too-large":
      return `This picture has ${problem.megapixels} megapixels; at most ${problem.limit} are read. Save it smaller; 10 are plenty for a page.`;
    case "picture-broken":
      return "This picture could not be opened. Save it as PNG or JPEG, and bring it in again.";
    case "picture-without-text":
      return "No words were found in this picture. Take it from straight above, in good light, and bring it in again.";
    case "import-too-slow":
      return `Reading this file took more than ${problem.seconds} seconds and was stopped. Bring in a part of it.`;
    case "import-too-hungry":
      return "Reading this file took too much memory and was stopped. Bring in a part of it.";
    case "import-stopped":
      return "Stopped. Nothing was brought in.";
    default:
      return assertNever(problem);
  }
}

/** Why a link could not be fetched, and what to do. */
export function linkProblemText(problem: LinkProblem): string {
  switch (problem.type) {
    case "link-not-understood":
      return "This is no address of a page. It should look like https://example.org/page.";
    case "link-not-web":
      return "Only links that begin with http:// or https:// can be fetched.";
    case "link-not-public":
      return `“${problem.host}” leads to this machine or to a private network. Such addresses are not fetched; save the page and bring in the file.`;
    case "link-unknown-host":
      return `There is no “${problem.host}” to be found. Check the address, and whether this machine is online.`;
    case "link-refused":
      return `“${problem.host}” could not be reached. Check the address, and try again later.`;
    case "link-too-slow":
      return `The page did not answer within ${problem.seconds} seconds. Try again later, or save it and bring in the file.`;
    case "link-answered":
      return problem.status === 404 || problem.status === 410
        ? `There is no such page (it answered ${problem.status}). Check the address.`
        : `The page answered with an error (${problem.status}). Try again later, or save it and bring in the file.`;
    case "link-redirects":
      return `The page sent us on more than ${problem.times} times and never arrived. Open it in a browser and take the address it ends at.`;
    case "link-too-large":
      return `What is there is larger than ${problem.megabytes} MB. Save the part you want and bring in the file.`;
    default:
      return assertNever(problem);
  }
}
