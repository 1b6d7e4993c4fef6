import iconv from "iconv-lite";

export type RtfParagraph = { text: string; style: string; outline?: number; isList: boolean; inTable: boolean; note: boolean };

type State = { skipped: boolean; note: boolean; uc: number; font: number; hidden: boolean };
type Paragraph = { style: number; outline?: number | undefined; isList: boolean; inTable: boolean };

/** Groups whose content is not text of the document. */
const DESTINATIONS = new Set(
  "fonttbl colortbl stylesheet info pict object header headerl headerr headerf footer footerl footerr footerf themedata datastore listtable listoverridetable rsidtbl generator xmlnstbl latentstyles fldinst bkmkstart bkmkend annotation atnid atnauthor nonshppict shpinst pgdsctbl".split(
    " ",
  ),
);
/** What is set of the paragraph inside a note or a list mark is not the paragraph's own. */
const PARAGRAPH = new Set(["pard", "s", "intbl", "outlinelevel", "ls"]);
const CHARACTERS: Record<string, string> = {
  emdash: "—",
  endash: "–",
  bullet: "•",
  lquote: "‘",
  rquote: "’",
  ldblquote: "“",
  rdblquote: "”",
  tab: " ",
  line: " ",
  emspace: " ",
  enspace: " ",
  "~": " ",
  _: "-",
  "-": "",
};
const CHARSETS: Record<number, string> = {
  0: "windows-1252",
  77: "macintosh",
  128: "shift_jis",
  134: "gbk",
  161: "windows-1253",
  162: "windows-1254",
  186: "windows-1257",
  204: "windows-1251",
  238: "windows-1250",
};
const TOKEN = /\\([a-z]+)(-?\d+)? ?|\\'([0-9a-f]{2})|\\([^a-z0-9])|([{}])|([^\\{}]+)/gi;

/** The paragraphs of a Rich Text Format document (Microsoft, version 1.9), with their style names. Undefined where it is none. */
export function parseRtf(source: string): RtfParagraph[] | undefined {
  if (!/^\s*\{\\rtf/.test(source)) return undefined;
  const styles = readStyles(source);
  const fonts = readFonts(source);
  const codepage = `windows-${/\\ansicpg(\d+)/.exec(source)?.[1] ?? "1252"}`;
  const paragraphs: RtfParagraph[] = [];
  const stack: State[] = [];
  let state: State = { skipped: false, note: false, uc: 1, font: -1, hidden: false };
  let paragraph: Paragraph = { style: 0, isList: false, inTable: false };
  let [text, note] = ["", ""];
  let skipAfterUnicode = 0;
  let starred = false;
  const add = (words: string) => {
    if (state.skipped || state.hidden) return;
    if (state.note) note += words;
    else text += words;
  };
  const end = (cellEnd = false) => {
    if (state.skipped) return;
    if (state.note) {
      note += " ";
      return;
    }
    const style = styles.get(paragraph.style) ?? "";
    const shared = { style, isList: paragraph.isList, ...(paragraph.outline === undefined ? {} : { outline: paragraph.outline }) };
    if (cellEnd) {
      text += "\u0007";
      return;
    }
    paragraphs.push({ text, inTable: paragraph.inTable, note: false, ...shared });
    text = "";
    if (note.trim()) paragraphs.push({ text: note, style: "", isList: false, inTable: false, note: true });
    note = "";
  };
  const control = (word: string, value: number | undefined) => {
    if (starred && !["shppict", "listtext", "pntext", "footnote"].includes(word)) {
      state.skipped = true;
      starred = false;
      return;
    }
    starred = false;
    if (DESTINATIONS.has(word)) state.skipped = true;
    else if (word === "listtext" || word === "pntext") {
      state.skipped = true;
      paragraph.isList = true;
    } else if (word === "footnote") state.note = true;
    else if (PARAGRAPH.has(word) && (state.skipped || state.note)) return;
    else if (word === "par" || word === "sect" || word === "page") end();
    else if (word === "row") {
      end();
      paragraph.inTable = false;
    } else if (word === "cell" || word === "nestcell") end(true);
    else if (word === "pard") paragraph = { style: 0, isList: false, inTable: false };
    else if (word === "intbl") paragraph.inTable = true;
    else if (word === "s" && value !== undefined) paragraph.style = value;
    else if (word === "outlinelevel") paragraph.outline = value;
    else if (word === "ls" && value !== undefined && value > 0) paragraph.isList = true;
    else if (word === "v") state.hidden = value !== 0;
    else if (word === "f" && value !== undefined) state.font = value;
    else if (word === "uc") state.uc = value ?? 1;
    else if (word === "u" && value !== undefined) {
      add(String.fromCharCode(value < 0 ? value + 65536 : value));
      skipAfterUnicode = state.uc;
    } else if (word in CHARACTERS) add(CHARACTERS[word]!);
  };
  for (const [, word, value, hex, symbol, brace, plain] of source.matchAll(TOKEN)) {
    if (brace === "{") {
      stack.push({ ...state });
      skipAfterUnicode = 0;
    } else if (brace === "}") {
      state = stack.pop() ?? state;
      skipAfterUnicode = 0;
    } else if (word) control(word.toLowerCase(), value === undefined ? undefined : Number(value));
    else if (hex) {
      if (skipAfterUnicode > 0) skipAfterUnicode--;
      else add(iconv.decode(Buffer.from([Number.parseInt(hex, 16)]), fonts.get(state.font) ?? codepage));
    } else if (symbol === "*") starred = true;
    else if (symbol !== undefined) add(CHARACTERS[symbol] ?? (/[\\{}]/.test(symbol) ? symbol : ""));
    else if (plain) {
      const words = plain.replace(/[\r\n]/g, "");
      const skip = Math.min(skipAfterUnicode, words.length);
      skipAfterUnicode -= skip;
      add(words.slice(skip));
    }
  }
  end();
  return paragraphs;
}

function readStyles(source: string): Map<number, string> {
  const table = /\{\\stylesheet([\s\S]*?\})\s*\}/.exec(source)?.[1] ?? "";
  const entries = [...table.matchAll(/\{\\s(\d+)([^{}]*)\}/g)];
  return new Map(
    entries.map(([, number, rest]) => [
      Number(number),
      rest!
        .replace(/\\[a-z]+-?\d* ?|\\\*/gi, "")
        .replace(/;\s*$/, "")
        .trim(),
    ]),
  );
}

function readFonts(source: string): Map<number, string> {
  return new Map(
    [...source.matchAll(/\{\\f(\d+)[^{}]*?\\fcharset(\d+)/g)].flatMap((match) => {
      const charset = CHARSETS[Number(match[2])];
      return charset ? [[Number(match[1]), charset] as const] : [];
    }),
  );
}
