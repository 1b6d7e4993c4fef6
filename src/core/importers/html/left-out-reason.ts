/** Words in an element's class, id or role that tell what it is, and why its text is not the passage. */
const SIGNS: readonly [RegExp, string][] = [
  [/\b(?:comments?|replies|discussion|respond)\b/i, "comment"],
  [/\b(?:ads?|adverts?|advertisements?|advertising|sponsor(?:ed)?|promo(?:tion)?)\b/i, "advertisement"],
  [/\b(?:by-?line|author(?:-(?:bio|box|info|name))?|date-?line|post-meta|entry-meta)\b/i, "byline"],
  [/\b(?:foot-?notes?|end-?notes?|references)\b/i, "footnote"],
  [
    /\b(?:nav(?:igation)?|menu|breadcrumbs?|sidebar|footer|masthead|cookies?|consent|share|sharing|social|related|newsletter|subscribe|skip-?link|pagination|toolbar|banner|popup|site-header|page-header)\b/i,
    "page furniture",
  ],
];

/** Why an element does not belong to the passage, by what it is and by what it is called. */
export function reasonFor(element: Element): string | undefined {
  switch (element.tagName.toUpperCase()) {
    case "NAV":
      return "page furniture";
    case "FOOTER":
    case "HEADER":
      return element.closest("article, main, section, blockquote") && element.querySelector("h1, h2") ? undefined : "page furniture";
    case "ASIDE":
      return named(element) ?? "page furniture";
    case "FORM":
      return "page furniture";
    default:
      return named(element);
  }
}

function named(element: Element): string | undefined {
  const names = ["class", "id", "role", "epub:type", "aria-label"].map((name) => element.getAttribute(name) ?? "").join(" ");
  if (names.trim() === "" || /^(?:BODY|HTML|MAIN|ARTICLE)$/i.test(element.tagName)) return undefined;
  const words = names.replace(/([a-z])([A-Z])/g, "$1 $2").replace(/[_]/g, " ");
  return SIGNS.find(([sign]) => sign.test(words))?.[1];
}

export function isHidden(element: Element): boolean {
  return (
    element.hasAttribute("hidden") ||
    element.getAttribute("aria-hidden") === "true" ||
    /display\s*:\s*none|visibility\s*:\s*hidden/i.test(element.getAttribute("style") ?? "")
  );
}
