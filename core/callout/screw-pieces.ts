import { stockLengths } from "../catalogue/fasteners";
import { HARDNESS_CLASSES, gradeById, stockedGrades } from "../catalogue/grades";
import { FINISHES, HEAD_STYLES, drivesOf } from "../catalogue/looks";
import { catalogue, type Thread } from "../catalogue/threads";
import { headOf, type NutSpec, type ScrewSpec, type WasherSpec } from "./fastener-spec";
import { commonestFirst } from "./commonest-first";
import { formatCallout, lengthWritten } from "./format-callout";
import { FINISH_PHRASES, writtenFor } from "./phrases";
import { gradeWritten } from "./read-grade";
import { studEndsOf } from "./stud-spec";

/** What a screw's call-out is made of; each can be put right by itself. */
export const SCREW_PIECES = [
  "quantity",
  "thread",
  "length",
  "head",
  "point",
  "grade",
  "finish",
  "nut",
  "washers",
] as const;

export type ScrewPiece = (typeof SCREW_PIECES)[number];

/** One way a piece may be, as it would be written, and the screw that it makes. */
export interface PieceChoice {
  /** Undefined for leaving it unsaid. */
  readonly written: string | undefined;
  readonly spec: ScrewSpec;
}

/** Threads whose crests are about as wide are what a size may have meant. */
const SAME_SIZE_MM = 0.05;
const MOST_THREADS = 8;

function headAlone(spec: ScrewSpec): string | undefined {
  if (spec.head === undefined && spec.fullThread === undefined && spec.drive === undefined) {
    return undefined;
  }
  const bare = { ...spec, lengthMm: undefined, gradeId: undefined, finish: undefined };
  const {
    quantity: _quantity,
    nut: _nut,
    washers: _washers,
    hardnessClass: _hard,
    ...looks
  } = bare;
  const { point: _point, toleranceClass: _class, ...rest } = looks;
  const written = formatCallout(withoutUndefined({ ...rest, ...ENDS_UNSAID }));
  return written.slice(threadAlone(spec.thread).length).trim();
}

const threadAlone = (thread: Thread) => formatCallout({ part: "screw", thread });

function withoutUndefined(spec: { [Key in keyof ScrewSpec]: ScrewSpec[Key] | undefined }) {
  return Object.fromEntries(
    Object.entries(spec).filter(([, value]) => value !== undefined),
  ) as unknown as ScrewSpec;
}

/** A piece of the screw as it is written; undefined where it was not said. */
export function pieceWritten(spec: ScrewSpec, piece: ScrewPiece): string | undefined {
  switch (piece) {
    case "quantity":
      return spec.quantity === undefined ? undefined : `${spec.quantity} off`;
    case "thread": {
      const [first, otherEnd] = studEndsOf(spec);
      return formatCallout({
        part: "screw",
        thread: spec.thread,
        ...first,
        ...(otherEnd && { otherEnd }),
      });
    }
    case "length":
      return spec.lengthMm === undefined
        ? undefined
        : `x ${lengthWritten(spec.lengthMm, spec.thread)}`;
    case "head":
      return headAlone(spec);
    case "point":
      return spec.point === undefined ? undefined : `${spec.point} point`;
    case "grade":
      return spec.gradeId === undefined ? spec.hardnessClass : gradeWritten(spec.gradeId);
    case "finish":
      return spec.finish === undefined ? undefined : writtenFor(FINISH_PHRASES, spec.finish);
    case "nut":
      return spec.nut === undefined ? undefined : `with ${formatCallout(spec.nut)}`;
    case "washers":
      return spec.washers === undefined
        ? undefined
        : `with ${spec.washers.map(formatCallout).join(" and ")}`;
  }
}

/** The screw with some of it put right; what is put to undefined is left unsaid. */
function changed(
  spec: ScrewSpec,
  change: { [Key in keyof ScrewSpec]?: ScrewSpec[Key] | undefined },
): ScrewSpec {
  return withoutUndefined({ ...spec, ...change });
}

/** Only a stud has two ends. */
const ENDS_UNSAID = { threadMm: undefined, goes: undefined, otherEnd: undefined } as const;

function otherThreads({ thread }: ScrewSpec): readonly Thread[] {
  const alike = catalogue().filter(
    (one) => Math.abs(one.majorMm - thread.majorMm) < SAME_SIZE_MM && one.only !== "internal",
  );
  return commonestFirst(alike).slice(0, MOST_THREADS);
}

/** The screw with another thread, and what goes with it too where it had the screw's. */
function rethreaded(spec: ScrewSpec, thread: Thread): ScrewSpec {
  const along = <Part extends NutSpec | WasherSpec>(part: Part): Part =>
    part.thread === spec.thread ? { ...part, thread } : part;
  return changed(spec, {
    thread,
    nut: spec.nut && along(spec.nut),
    washers: spec.washers?.map(along),
  });
}

function specsOfGrades(spec: ScrewSpec): readonly ScrewSpec[] {
  const wasStainless = gradeById(spec.gradeId ?? "")?.system === "stainless";
  const ofSteel = wasStainless ? undefined : spec.finish;
  const classes =
    spec.head === "set"
      ? HARDNESS_CLASSES.map((hardnessClass) =>
          changed(spec, { hardnessClass, gradeId: undefined, finish: ofSteel }),
        )
      : [];
  const grades = stockedGrades(spec.thread).map(({ id, system }) =>
    changed(spec, {
      gradeId: id,
      hardnessClass: undefined,
      finish: system === "stainless" ? "stainless" : ofSteel,
    }),
  );
  return [...classes, ...grades];
}

function specsWith(spec: ScrewSpec, piece: ScrewPiece): readonly ScrewSpec[] {
  const { thread } = spec;
  switch (piece) {
    case "thread":
      return [
        ...otherThreads(spec).map((one) =>
          changed(rethreaded(spec, one), { toleranceClass: undefined }),
        ),
        rethreaded(spec, { ...thread, hand: thread.hand === "left" ? "right" : "left" }),
      ];
    case "length":
      return stockLengths(headOf(spec), thread).map((lengthMm) => changed(spec, { lengthMm }));
    case "head":
      return HEAD_STYLES.map((head) =>
        changed(spec, {
          head,
          fullThread: undefined,
          ...(head === "stud" ? {} : ENDS_UNSAID),
          point: head === "set" ? spec.point : undefined,
          drive: spec.drive && drivesOf(head).includes(spec.drive) ? spec.drive : undefined,
        }),
      );
    case "grade":
      return specsOfGrades(spec);
    case "finish":
      return FINISHES.map((finish) => changed(spec, { finish }));
    case "quantity":
    case "point":
    case "nut":
    case "washers":
      return [];
  }
}

const UNSAID = {
  quantity: { quantity: undefined },
  length: { lengthMm: undefined },
  head: {
    head: undefined,
    drive: undefined,
    fullThread: undefined,
    point: undefined,
    ...ENDS_UNSAID,
  },
  point: { point: undefined },
  grade: { gradeId: undefined, hardnessClass: undefined },
  finish: { finish: undefined },
  nut: { nut: undefined },
  washers: { washers: undefined },
} as const;

/** How a piece may be put right: what it may be in this size, and leaving it unsaid where it was said. */
export function pieceChoices(spec: ScrewSpec, piece: ScrewPiece): readonly PieceChoice[] {
  const others = specsWith(spec, piece).map((one) => ({
    written: pieceWritten(one, piece),
    spec: one,
  }));
  const said = pieceWritten(spec, piece) !== undefined;
  return piece === "thread" || !said
    ? others
    : [...others, { written: undefined, spec: changed(spec, UNSAID[piece]) }];
}
