import { oneSpelling } from "../units";
import { numbersInFigures } from "./number-words";

const CROSSES = /[✕✖⨯⨉╳]|(?<=\d ?)[хХχ](?= ?\d)/gu;

/** Figures with letters that are read for them: l and I for 1, O for 0; with M before or a true figure among them. */
const MISREAD = /(?<![A-Za-z\d/.-])([Mm] ?)?([\dlIOo|]+(?:[./-]+[\dlIOo|]+)*)(?![A-Za-z\d=])/g;
/** "IO off": figures only by what follows. */
const MISREAD_COUNT = /(?<![A-Za-z\d])[IlO]{2,4}(?= ?(?:off|pcs)\b)/g;

const inFigures = (text: string) => text.replace(/[lI|]/g, "1").replace(/[Oo]/g, "0");

function figureRead(found: string, m: string | undefined, figures: string): string {
  if (/^\|[\d.]+\|$/.test(figures)) return ` ${figures.slice(1, -1)} `;
  const said = /\d/.test(figures) || (m !== undefined && figures.length > 1);
  // "40l" is a length of 40.
  return said && /[lIOo|]/.test(figures) && !/\dl$/.test(figures)
    ? `${m ?? ""}${inFigures(figures)}`
    : found;
}

/** Sizes that are fractions nobody writes unreduced: "10/32" is #10-32. */
const NUMBERED = /(?<![\w/.-])(4\/40|6\/32|8\/32|10\/24|10\/32|12\/24)(?![\w/]|"| ?in\b)/g;

/** "40 long", "40 lg": the word says nothing that the place of the figure does not. */
const LONG = /(\d ?(?:mm|in|")?) ?(?:lg|lgth|long|l)(?!\.?h\b|[\w/=])\.?/gi;
const PITCH_AFTER = /(?<![\w/])(?:p|pitch)[ =]*(\d*\.?\d+)(?: ?mm)?(?![\w/])/i;
const PITCH_BEFORE = /(?<![\w.]|\d-)(\d?\.?\d+) ?(?:mm ?)?(?:p|pitch)(?![\w/])/i;
const METRIC_SIZE = /(?<![\w/])m ?\d+(?:\.\d+)?/i;

/** Feet of rod; after a screw's length the same letters say that it is threaded to its head. */
const FEET =
  /(?<=\b(?:rod|bar|thread|studding)\b.*)(?<![\w.])(\d+(?:\.\d+)?) ?(?:ft|foot|feet)(?!\w)\.?/gi;

/** "M10 x 40 pitch 1.25": a pitch said by its name stands beside its size. */
function withPitchBeside(text: string): string {
  const size = METRIC_SIZE.exec(text);
  const pitch = PITCH_AFTER.exec(text) ?? PITCH_BEFORE.exec(text);
  if (size === null || pitch === null || /\btr ?\d/i.test(text)) return text;
  const bare = text
    .replace(pitch[0], " ")
    .replace(/x\s*(?=x)/gi, "")
    .replace(/\s+/g, " ");
  return bare.replace(METRIC_SIZE, `${size[0]} x ${pitch[1]} `).trim();
}

const LENGTH_FIRST =
  /(?<![\w/])(m ?\d+(?:\.\d+)?) ?x ?(\d+(?:\.\d+)?) ?x ?(\d(?:\.\d+)?)(?![\w./])/i;
/** The coarsest pitch; what is longer is a length. */
const MOST_PITCH = 6;

/** "M12 x 50 x 1.75": the pitch after the length, where the middle figure is no pitch. */
function pitchBeforeLength(text: string): string {
  return text.replace(LENGTH_FIRST, (found, size: string, length: string, pitch: string) =>
    Number(length) > MOST_PITCH && Number(pitch) <= MOST_PITCH
      ? `${size} x ${pitch} x ${length}`
      : found,
  );
}

/** A size in millimetres that stands where a thread should is the metric one: "8 mm hex bolt". */
function metricByUnit(text: string): string {
  const other = /(?<![\w/])m ?\d|#|\d\/\d|\d ?"|\bba\b|\bpins?\b|\bdowels?\b|\bpg ?\d|\btr ?\d/i;
  if (other.test(text)) return text;
  return text.replace(/(?<![\w.])(\d{1,2}(?:\.\d)?) ?mm(?= ?(?:x|[a-z]))/i, "M$1");
}

/** "screw, cap, socket, M6": a stock list's noun before what tells it apart, the other way round. */
function inSpokenOrder(text: string): string {
  const [first = "", ...others] = text.split(/, ?/);
  if (!/^(?:screw|bolt|nut|washer|stud|pin|plug)s?$/i.test(first.trim())) return text;
  const told = others.findIndex((part) => !/^[a-z -]+$/i.test(part));
  const words = others.slice(0, told < 0 ? others.length : told);
  const rest = others.slice(words.length);
  return [[...words.reverse(), first].join(" "), ...rest].join(", ");
}

/**
 * A call-out in the one spelling that its readers know: crosses, figures and numbers in words as above; metres, feet and
 * "by" in signs; letters that were read for figures put right, where nothing else can be meant.
 */
export function calloutSpelling(text: string): string {
  const plain = oneSpelling(oneSpelling(text.replace(/[‘’′]{2}/g, '"')).normalize("NFKC"))
    .replace(CROSSES, "x")
    .replace(MISREAD_COUNT, inFigures)
    .replace(MISREAD, figureRead)
    .replace(/[Øø⌀]/g, " ");
  const figures = numbersInFigures(plain)
    .replace(/ by (?=\.?\d|m ?\d|#)/gi, " x ")
    .replace(/(\d)(lh|l\.h\.?)(?!\w)/gi, "$1 LH")
    .replace(/\b(?:st[/. ]?st|s\/(?:steel|stl))\b\.?/gi, "s/s")
    .replace(/(?<=[a-z])\/hd\b/gi, " hd")
    .replace(/(\d)\.(\d+\/\d)/g, "$1-$2")
    .replace(/(?<!\w)([gr] ?\d[\d/ -]*?) ?gas\b/gi, "$1")
    .replace(/\bbsp ?(taper|parallel)\b/gi, (_, kind: string) =>
      /^t/i.test(kind) ? "bspt" : "bspp",
    )
    .replace(/((?:bspt|npt)\b.*?) taper(?= plug)/gi, "$1")
    .replace(/(?<![\w/])(m ?\d+)\/(\d(?:\.\d+)?)(?=\D|$)/gi, "$1 x $2")
    .replace(NUMBERED, (size) => `#${size.replace("/", "-")}`)
    .replace(
      /(?<![\w.])(\d+(?:\.\d+)?) ?(?:m(?! ?\d)|mtrs?|met(?:re|er)s?)(?![\w.])/gi,
      (_, m: string) => `${Number(m) * 1000}mm`,
    )
    .replace(FEET, (_, feet: string) => `${Number(feet) * 12}in`)
    .replace(LONG, "$1 ");
  return inSpokenOrder(pitchBeforeLength(metricByUnit(withPitchBeside(figures))))
    .replace(/\s+/g, " ")
    .trim();
}
