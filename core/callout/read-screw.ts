import { gradeById, gradeSystemOf } from "../catalogue/grades";
import type { Drive, Finish, HeadStyle, Point } from "../catalogue/looks";
import { isPipeThread, type Thread } from "../catalogue/threads";
import type { CalloutProblem, FastenerSpec, ScrewSpec } from "./fastener-spec";
import { impliedBy } from "./implied-thread";
import { ownMeaning } from "./own-words";
import {
  ALL_THREAD_ROD,
  DRIVE_PHRASES,
  HEAD_PHRASES,
  POINT_PHRASES,
  type HeadMeaning,
} from "./phrases";
import {
  common,
  contradicting,
  definedAs,
  finished,
  madeToBy,
  sizeOf,
  takeFinish,
  type Pieces,
} from "./pieces";
import {
  gradeOfWord,
  takeGrade,
  takeHardnessClass,
  type SpokenGrade,
  type WrittenGrade,
} from "./read-grade";
import { readTogether } from "./read-together";
import type { StudEnds } from "./stud-ends";
import { nutEnd } from "./stud-spec";
import type { DefinedPart } from "./standard-parts";

const FULL_THREAD =
  /(?<![\w/])(?:full(?:y)?[ -]?(?:thread(?:ed)?|thd)|all[ -]?thread|thread(?:ed)? (?:to (?:the )?head|(?:its )?full length|all (?:over|the way))|full length thread(?:ed)?|f\/?t(?:hd)?)(?![\w/])/i;

/** "M8 x 80 PT": threaded for a part of its length, as its standard has it. */
const PART_THREAD =
  /(?<=\d.*)(?<![\w/])p\/?t(?:hd)?(?![\w/])|(?<![\w/])part(?:ial(?:ly)?|ly)?[ -]?thread(?:ed)?(?![\w/])/i;

/** "Flanged bolt M6 x 20 serrated": under its flange, as it is beside the noun. */
const SERRATED = /(?<![\w/])serrated(?: flange)?(?![\w/])/i;

/** "2 BA x 1/2 RH": of inch and BA screws as likely a round head as a right-hand thread. */
const RIGHT_HAND = /(?<![\w/])rh(?![\w/])/i;

/** "Set screws M8 x 16 hex": a hexagon, said apart from its noun. */
const HEX_APART = /(?<![\w/])hex(?:agon)?(?: head)?(?![\w/]|[\s-]*(?:socket|skt|soc|key))/i;

/** ISO 4757: the two recesses of a standard with a cross, H and Z. */
const RECESS = /(?<![\w/])[hz](?![\w/])/i;

/** "Stud, M16 x 110, double end": away from its noun it says no more than beside it. */
const BOTH_ENDS =
  /(?<![\w/])(?:double[\s-]*end(?:ed)?|(?:threaded )?both ends(?: threaded)?)(?![\w/])/i;

/** "M12 x 50 HT set": the set screw of counters is the hexagon threaded to its head. */
const COUNTER_SET = /(?<![\w/])set(?:s|[\s-]*screws?)?(?![\w/])/i;

/** A grade that is not held is said before anybody is asked for a thread; one that only one system has narrows a bare size. */
function sizeProblem(
  problem: CalloutProblem,
  grade: WrittenGrade | SpokenGrade | undefined,
  read: string,
): CalloutProblem {
  const notHeld = grade !== undefined && grade.id === undefined && !("means" in grade);
  if (notHeld && problem.code !== "callout-not-understood") {
    return { code: "callout-grade", read, grade: grade.written.trim() };
  }
  if (problem.code !== "callout-which-thread" || grade?.id === undefined) return problem;
  const system = gradeById(grade.id)?.system;
  const threads = problem.threads.filter((thread) => gradeSystemOf(thread) === system);
  return threads.length > 0 ? { ...problem, threads } : problem;
}

/** What is said of head, drive and point, by words and by standards together. */
interface Look {
  readonly head?: HeadMeaning["head"];
  readonly drive?: Drive;
  readonly point?: Point;
  readonly fullThread?: true;
  /** Standards that say otherwise, and those that leave the head open where nobody said it. */
  readonly unknown: readonly string[];
  readonly set: SetScrew | undefined;
  /** A head that was said without the noun of a screw: "flange". */
  readonly bareHead: string | undefined;
}

interface WrittenPhrase {
  readonly means: HeadMeaning;
  readonly written: string;
}

type DefinedScrew = Extract<DefinedPart, { part: "screw" }>;

/** Words that leave no doubt that a set screw has no head. */
const HEADLESS = /grub|headless|socket|skt|sckt|soc\b|sss/i;
/** Classes that hexagons are made in and headless screws never are. */
const OF_HEXAGONS = /^(?:[4-9]\.[689]|10\.9|sae-|letter-)/;

/** What a "set screw" may be: the hexagon threaded to its head, as counters say it, or headless; else its thread tells. */
type SetScrew = "hexagon" | "headless" | "by-its-thread";

/** What is said of a set screw, before its thread is known. */
interface SetSaid {
  /** Of a class that only hexagons are called by, "M12 x 50 HT set", or whose hexagon was said apart. */
  readonly hexagon: boolean;
  /** The bare word "set", beside a point or a class of hexagons. */
  readonly bare: boolean;
  readonly phrase: WrittenPhrase | undefined;
  readonly defined: DefinedScrew | undefined;
  readonly point: Point | undefined;
  readonly ofHexagons: boolean;
}

/**
 * Which set screw is meant: by a standard, by a point, which only headless ones have, by "high tensile", or by a class that
 * headless ones are not made in. Undefined of a screw that is called none.
 */
function setScrewOf(said: SetSaid): SetScrew | undefined {
  const { hexagon, bare, phrase, defined, point, ofHexagons } = said;
  if (hexagon) return "hexagon";
  if (bare) return point === undefined ? "hexagon" : "headless";
  if (phrase?.means.head !== "set") return undefined;
  if (point !== undefined || HEADLESS.test(phrase.written)) return "headless";
  if (defined !== undefined) return defined.head === "hex" ? "hexagon" : "headless";
  return ofHexagons ? "hexagon" : "by-its-thread";
}

/** "Cap screw" alone, whose head an inch class tells: hexagons are made in those of J429, socket heads are not. */
const CAP_ALONE = /^cap[\s-]*(?:screws?|scrs?)$/i;

/** The head as it was said, or as its class has it. */
function headSaid(
  phrase: WrittenPhrase | undefined,
  point: Point | undefined,
  grade: WrittenGrade | SpokenGrade | undefined,
): HeadStyle | undefined {
  const written = phrase?.written ?? "";
  // "SHSS" is a shoulder screw or a set screw; only one of them has a point.
  if (point !== undefined && /^shss$/i.test(written)) return "set";
  if (CAP_ALONE.test(written) && grade?.id?.startsWith("sae-")) return "hex";
  return phrase?.means.head;
}

/** What is put on hexagons; headless screws go black, or are stainless. */
const COATS_OF_HEXAGONS: ReadonlySet<Finish> = new Set(["zinc", "zinc-yellow", "galvanised"]);

/** Counters say "set screw" of the hexagon that is threaded to its head: of British ones, and of metric ones that are plated. */
const isCounterSet = (set: SetScrew | undefined, { family }: Thread, coat: Finish | undefined) =>
  set === "by-its-thread" &&
  (family === "whitworth" ||
    (family === "iso-metric" && coat !== undefined && COATS_OF_HEXAGONS.has(coat)));

function takeLook(pieces: Pieces, grade: WrittenGrade | SpokenGrade | undefined): Look {
  const { remaining, own } = pieces;
  const defined = definedAs(pieces, "screw");
  const counterSet =
    grade !== undefined && "means" in grade ? remaining.take(COUNTER_SET) : undefined;
  const rod = ALL_THREAD_ROD.test(remaining.rest());
  const fullThread = rod ? undefined : remaining.take(FULL_THREAD)?.[0];
  const point = remaining.takePhrase(POINT_PHRASES.filter(({ means }) => means !== "cup"));
  // "Hexalobular socket pan head": a drive by its own name is not to be taken for a cap head's socket.
  const ownDrive = remaining.takePhrase(
    DRIVE_PHRASES.filter(({ means }) => means === "star" || means === "cross"),
  );
  const phrase = remaining.takeWritten(HEAD_PHRASES);
  const cup = point ?? remaining.takePhrase(POINT_PHRASES);
  const ofHexagons = OF_HEXAGONS.test(grade?.id ?? "");
  const bareSet =
    phrase === undefined && (cup !== undefined || ofHexagons)
      ? remaining.take(COUNTER_SET)
      : undefined;
  remaining.take(PART_THREAD);
  if (phrase?.means.head === "flange-hex") remaining.take(SERRATED);
  const hexApart =
    phrase?.means.head === "set" && !HEADLESS.test(phrase.written) && cup === undefined
      ? remaining.take(HEX_APART)
      : undefined;
  if (phrase?.means.head === "stud") remaining.take(BOTH_ENDS);
  if (defined?.drive === "cross") remaining.take(RECESS);
  const drivePhrase = ownDrive ?? remaining.takePhrase(DRIVE_PHRASES);
  const set = setScrewOf({
    hexagon: counterSet !== undefined || hexApart !== undefined,
    bare: bareSet !== undefined,
    phrase,
    defined,
    point: cup,
    ofHexagons,
  });
  const hexagonSet = set === "hexagon";
  const named = hexagonSet
    ? "hex"
    : (headSaid(phrase, cup, grade) ??
      (bareSet === undefined ? undefined : "set") ??
      ownMeaning(own, "head")?.head);
  // "M10 all thread" with no head is the rod itself.
  const isRod = named === undefined && defined === undefined && /^all/i.test(fullThread ?? "");
  const head = named ?? defined?.head ?? (isRod ? "stud" : undefined);
  const drive =
    drivePhrase ?? ownMeaning(own, "drive")?.drive ?? phrase?.means.drive ?? defined?.drive;
  const full =
    hexagonSet ||
    (fullThread !== undefined && !isRod) ||
    (phrase?.means.fullThread ?? defined?.fullThread ?? false);
  const agrees = (means: DefinedPart) =>
    means.part === "screw" &&
    means.head === head &&
    (means.drive === undefined || means.drive === drive);
  const open = pieces.standards.filter(({ wantsHead }) => wantsHead && head === undefined);
  const ended = cup ?? defined?.point;
  return {
    ...(head === undefined ? {} : { head }),
    ...(drive === undefined ? {} : { drive }),
    ...(ended === undefined ? {} : { point: ended }),
    ...(full ? { fullThread: true } : {}),
    unknown: [...contradicting(pieces, agrees), ...open.map(({ written }) => written)],
    set,
    bareHead: /screw|bolt|stud|cap|set|rod/i.test(phrase?.written ?? "screw")
      ? undefined
      : phrase?.written,
  };
}

/**
 * Reads a screw, bolt, stud or set screw, with the nut and the washers that were asked for with it.
 * @param ends those of a stud, where they were said one by one
 */
export function readScrew(
  pieces: Pieces,
  companions: readonly Pieces[],
  ends?: StudEnds,
): FastenerSpec | CalloutProblem {
  const { remaining } = pieces;
  const hardnessClass = takeHardnessClass(remaining);
  const written = takeGrade(remaining);
  const { unknown, set, bareHead, ...look } = takeLook(pieces, written);
  const finish = takeFinish(pieces);
  const rightHand = RIGHT_HAND.exec(remaining.rest())?.[0];
  const sized = sizeOf(pieces, impliedBy(written?.id));
  if ("code" in sized) return sizeProblem(sized, written, pieces.read);
  const threads: ScrewSpec = {
    part: "screw",
    thread: sized.thread,
    ...(ends === undefined ? {} : { ...ends.own, ...(ends.other && { otherEnd: ends.other }) }),
  };
  const together = readTogether(companions, pieces.read, nutEnd(threads).thread);
  if ("code" in together) return together;
  const grade = gradeOfWord(written, sized.thread, look.head === "socket-cap");
  const ofStainless = grade?.id !== undefined && /^[ACF]\d-/.test(grade.id);
  const coat = finish ?? (ofStainless ? "stainless" : undefined);
  const spec: ScrewSpec = {
    ...threads,
    ...common(pieces, sized, coat),
    ...(sized.lengthMm === undefined ? {} : { lengthMm: sized.lengthMm }),
    ...look,
    ...(hardnessClass === undefined && isCounterSet(set, sized.thread, coat)
      ? { head: "hex", fullThread: true }
      : {}),
    ...(grade?.id === undefined ? {} : { gradeId: grade.id }),
    ...(hardnessClass === undefined ? {} : { hardnessClass }),
    ...(look.head === "hex" || look.head === "stud" ? madeToBy(pieces, sized.thread) : {}),
    ...together,
  };
  const pulled = hardnessClass !== undefined && look.head !== undefined && look.head !== "set";
  // "1/2 BSPT flange" is a fitting that is not held, no screw with a flange.
  const ofPipe = isPipeThread(sized.thread) && bareHead !== undefined;
  const openRh =
    rightHand !== undefined && look.head === undefined && sized.thread.family !== "iso-metric";
  const against = [
    ...(pulled ? [hardnessClass] : []),
    ...(ofPipe ? [bareHead] : []),
    ...(openRh ? [rightHand] : []),
  ];
  return finished(pieces, spec, [...sized.unknown, ...unknown, ...against], grade);
}
