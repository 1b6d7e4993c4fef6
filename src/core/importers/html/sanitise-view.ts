import sanitizeHtml from "sanitize-html";

/**
 * A page as it may be shown: text, structure and pictures that it carries in itself. No scripts,
 * forms, frames or styles; links are text. A remote picture keeps its address in `data-picture`, for
 * whoever fetches it; it is never loaded from where it is.
 */
export function sanitiseView(html: string, pictureAddress: (src: string) => string | undefined = () => undefined): string {
  return sanitizeHtml(html, {
    allowedTags: [
      ...["h1", "h2", "h3", "h4", "h5", "h6", "p", "div", "section", "article", "header", "footer", "aside", "nav", "main", "figure", "figcaption"],
      ...["ul", "ol", "li", "dl", "dt", "dd", "blockquote", "pre", "code", "table", "caption", "thead", "tbody", "tfoot", "tr", "th", "td"],
      ...["b", "strong", "i", "em", "u", "s", "sub", "sup", "span", "br", "hr", "img", "q", "cite", "small", "mark", "abbr", "time"],
    ],
    allowedAttributes: { img: ["src", "alt", "data-picture"], td: ["colspan", "rowspan"], th: ["colspan", "rowspan"], "*": ["lang", "dir"] },
    allowedSchemes: [],
    allowedSchemesByTag: { img: ["data"] },
    allowProtocolRelative: false,
    nonTextTags: ["script", "style", "textarea", "option", "noscript", "title", "template", "iframe", "object", "svg", "math"],
    transformTags: {
      img: (_, { src = "", alt = "" }): sanitizeHtml.Tag => {
        if (/^data:image\/(?:png|jpeg|gif|webp);base64,/.test(src)) return { tagName: "img", attribs: { src, alt } };
        const address = pictureAddress(src);
        return address ? { tagName: "img", attribs: { "data-picture": address, alt } } : { tagName: "em", attribs: {}, text: alt ? `[picture: ${alt}]` : "" };
      },
    },
  });
}
