const UNITS = "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen".split(" ");
const TENS = ", ,twenty,thirty,forty,fifty,sixty,seventy,eighty,ninety".split(",").map((word) => word.trim());

/** "a third", "two-thirds", "20%", "sixteen percent": shares, as a part of a pattern. */
export const SHARE_WORDS =
  "(?:an? |one |two |three |four |nine )(?:half|thirds?|quarters?|fifths?|sixth|tenths?)|(?:one|two|three|four|nine)-(?:half|thirds?|quarters?|fifths?|sixth|tenths?)|half|[\\d.]+ ?%|(?:\\p{L}+|[\\d.]+) (?:percent|per cent)";
/** What makes a number no exact one, as a part of a pattern. */
export const HEDGE = "(?:about|nearly|almost|roughly|around|over|up to|more than|less than|fewer than|only|just) ";

/** "about £9,000" → "£9,000" */
export function withoutHedge(text: string): string {
  return text.replace(new RegExp(`^${HEDGE}`, "i"), "");
}

const MONEY = /^[£$€¥]/;
const LARGE: Record<string, number> = { thousand: 1e3, million: 1e6, billion: 1e9 };

/** "1,016", "forty-one", "three hundred", "2.5 million", "£9,000" → its value; undefined where it is no plain number. */
export function numberValue(text: string): number | undefined {
  const plain = text.toLowerCase().replace(/,/g, "").trim().replace(MONEY, "");
  if (/^\d+(?:\.\d+)?$/.test(plain)) return Number(plain);
  const [, digits, size] = /^(\d+(?:\.\d+)?) (thousand|million|billion)$/.exec(plain) ?? [];
  if (digits && size) return Math.round(Number(digits) * LARGE[size]! * 100) / 100;
  let total = 0;
  let group = 0;
  for (const word of plain.split(/[\s-]+/)) {
    const unit = UNITS.indexOf(word);
    const ten = unit < 0 ? TENS.indexOf(word) : -1;
    if (unit >= 0) group += unit;
    else if (ten >= 2) group += ten * 10;
    else if (word === "hundred") group = Math.max(1, group) * 100;
    else if (word === "thousand") {
      total += Math.max(1, group) * 1000;
      group = 0;
    } else if (word === "million") {
      total += Math.max(1, group) * 1e6;
      group = 0;
    } else if (word === "a" || word === "and") continue;
    else return undefined;
  }
  return total + group || undefined;
}

/** In words, up to 999,999: 41 → "forty-one". */
export function numberWords(value: number): string {
  if (value >= 1_000_000) return `${numberWords(Math.floor(value / 1_000_000))} million${value % 1_000_000 ? ` ${numberWords(value % 1_000_000)}` : ""}`;
  if (value < 20) return UNITS[value]!;
  if (value < 100) return TENS[Math.floor(value / 10)]! + (value % 10 ? `-${UNITS[value % 10]}` : "");
  if (value < 1000) return `${UNITS[Math.floor(value / 100)]} hundred${value % 100 ? ` and ${numberWords(value % 100)}` : ""}`;
  return `${numberWords(Math.floor(value / 1000))} thousand${value % 1000 ? ` ${value % 1000 < 100 ? "and " : ""}${numberWords(value % 1000)}` : ""}`;
}

/** Every way a student may write it: digits, digits with thousands marks, words. */
export function numberForms(text: string): string[] {
  const value = numberValue(text);
  if (value === undefined) return [];
  const sign = MONEY.exec(text)?.[0];
  if (sign) return formsOfMoney(text, value, sign);
  const forms = [String(value)];
  if (value >= 1000) forms.push(value.toLocaleString("en-US"));
  if (Number.isInteger(value) && value < 1_000_000) forms.push(numberWords(value));
  return forms.filter((form) => form.toLowerCase() !== text.toLowerCase());
}

const COINS: Record<string, string> = { "£": "pounds", $: "dollars", "€": "euros", "¥": "yen" };

/** "£9,000" → "£9000", "9,000 pounds", "9000 pounds", "9,000". */
function formsOfMoney(text: string, value: number, sign: string): string[] {
  const plain = text.slice(1);
  const bare = plain.replace(/,/g, "");
  const forms = [`${sign}${bare}`, `${plain} ${COINS[sign]}`, `${bare} ${COINS[sign]}`, plain, bare];
  if (Number.isInteger(value) && value < 1_000_000) forms.push(`${numberWords(value)} ${COINS[sign]}`);
  return [...new Set(forms)].filter((form) => form !== text);
}

/** A number written the way `model` is: words for words, thousands marks for thousands marks. */
export function writeLike(value: number, model: string): string {
  const sign = MONEY.exec(model)?.[0];
  if (sign) return `${sign}${writeLike(value, model.slice(1))}`;
  const size = /^\d[\d.]* (thousand|million|billion)$/.exec(model)?.[1];
  if (size) return `${Math.round((value / LARGE[size]!) * 100) / 100} ${size}`;
  if (/\d/.test(model)) return value >= 10_000 || (model.includes(",") && value >= 1000) ? value.toLocaleString("en-US") : String(value);
  return numberWords(value);
}

const AHEAD = /^(?:(?:about|almost|nearly|roughly|in|on|at|around|only) )*(?:the )?/i;

/** "1,016", "forty", "about 30 metres", "on 3 March 1856": the number that it goes by, a year before all others. */
export function leadingNumber(text: string): number | undefined {
  const year = /\b(?:1\d{3}|20\d\d)$/.exec(text.trim())?.[0];
  if (year) return Number(year);
  const plain = text.trim().replace(AHEAD, "");
  return numberValue(plain) ?? numberValue(/^[\d,.]+|^[a-z]+(?:-[a-z]+)*(?: (?:hundred|thousand|million))?/i.exec(plain)?.[0] ?? "");
}

/** What stands around that number. */
export function withoutNumber(text: string): string {
  return text
    .trim()
    .toLowerCase()
    .replace(AHEAD, "")
    .replace(/^[\d,.]+|^[a-z]+(?:-[a-z]+)*(?: (?:hundred|thousand|million)(?: and [a-z-]+)?)?/, "")
    .replace(/s$/, "")
    .trim();
}

/** "About three million", "every ten seconds", "14 hours": a number with at most its unit. */
export function isAmount(text: string): boolean {
  const words = text
    .trim()
    .replace(/^every /i, "")
    .replace(AHEAD, "")
    .replace(/^[\d,.]+/, "1")
    .toLowerCase()
    .split(/[\s-]+/);
  const at = words.findIndex((word) => word !== "a" && word !== "and" && word !== "1" && numberValue(word) === undefined);
  return at !== 0 && (at < 0 || words.length - at <= 2);
}
