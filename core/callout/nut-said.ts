import { nutClassById } from "../catalogue/grades";
import type { Thread } from "../catalogue/threads";
import type { NutSpec } from "./fastener-spec";
import { impliedBy } from "./implied-thread";
import { common, contradicting, definedAs, finished, madeToBy } from "./pieces";
import type { WrittenGrade } from "./read-grade";
import { NUT_KINDS } from "./kinds";
import { sameFinish } from "./made-said";
import type { ClassNamed, Meaning } from "./meaning";
import {
  PLACES_OF_ALL,
  finishOf,
  kindsOf,
  leftOut,
  readWithOf,
  refused,
  sizeProblem,
  styled,
  withoutPlace,
  type Styled,
} from "./part-said";
import { sizeTextOf, threadIn, type Said } from "./said";
import { AGAINST, type Reading } from "./weigh";

const USUAL_STRENGTH = "70";

/** The class of a nut, of the system that its thread or the word for it tells. */
function classOf(named: ClassNamed, written: string, { family, majorInch }: Thread): WrittenGrade {
  switch (named.by) {
    case "name":
      return { written, id: named.id === undefined ? undefined : nutClassById(named.id)?.id };
    case "steel": {
      const id = `nut-stainless-${named.strength ?? USUAL_STRENGTH}`;
      return { written, id, ...(named.steel === undefined ? {} : { steel: named.steel }) };
    }
    case "figure": {
      const bare = named.word === "none";
      const metric = bare
        ? majorInch === undefined
        : family === "iso-metric" || (family !== "unified" && named.word === "class");
      const [own, other] = metric ? ["nut-", "nut-sae-"] : ["nut-sae-", "nut-"];
      const ids = [`${own}${named.figure}`, ...(bare ? [] : [`${other}${named.figure}`])];
      return { written, id: ids.find((id) => nutClassById(id) !== undefined) };
    }
  }
}

/** Series of pipes and conduits whose lock nuts are thin ones, which hold them in a wall. */
const BACK_NUTS: ReadonlySet<string> = new Set(["G", "R", "NPT", "Pg"]);

type Sized = ReturnType<typeof threadIn>;

function isBackNut(said: Said, sized: Sized): boolean {
  const kinds = kindsOf(said).map(({ kind }) => kind);
  const isLock = kinds.includes("lock") && kinds.every((kind) => kind === "lock" || kind === "hex");
  const threads =
    sized.kind === "found" ? [sized.thread] : sized.kind === "choices" ? sized.threads : [];
  return isLock && threads.length > 0 && threads.every(({ series }) => BACK_NUTS.has(series));
}

/** The same class by another name says nothing new: "A4 316". */
function saysAgain(thread: Thread | undefined): (means: Meaning, first: Meaning) => boolean {
  return (means, first) => {
    if (means.role !== "class" || first.role !== "class") return sameFinish(means, first);
    if (thread === undefined) return false;
    return classOf(means.named, "", thread).id === classOf(first.named, "", thread).id;
  };
}

/** A nut that joins two screws holds each over three quarters of its diameter. */
const SHORTEST_COUPLING = 1.5;

/** A class that is no more than a figure: "M10 nut 8". */
const isBare = (named: ClassNamed | undefined) => named?.by === "figure" && named.word === "none";

/** What speaks against a bare figure as a class: that it stands before any size. */
function oddClass(said: Said): boolean {
  const [first] = said.all("class");
  if (first === undefined || !isBare(first.means.named)) return false;
  return !said.items.some(
    ({ mark, from }) =>
      from < first.item.from && (mark?.means.role === "standard" || said.isLeftFigure(from)),
  );
}

/** Reads a nut out of what is said of it. */
export function nutOf(read: string, said: Said): Reading {
  const early = refused(read, said);
  if (early !== undefined) return early;
  const readWith = readWithOf(read, said);
  const [written] = said.all("class");
  const named = written?.means.named;
  const implied = impliedBy(named?.by === "name" ? named.id : undefined);
  const sized = threadIn(sizeTextOf(said, readWith), said, implied);
  const look: Styled<NutSpec["style"]> = isBackNut(said, sized)
    ? { style: "thin", unplaced: [] }
    : styled(said, NUT_KINDS, "hex", definedAs(readWith, "nut")?.style);
  const thread = sized.kind === "found" ? sized.thread : undefined;
  const extra = withoutPlace(said, PLACES_OF_ALL, saysAgain(thread));
  const { unknown, against } = leftOut(said, look, extra);
  const soFar = against + (oddClass(said) ? AGAINST.oddClass : 0);
  if (sized.kind !== "found") {
    const { result, cost } = sizeProblem(read, sized, unknown);
    return { result, cost: cost + soFar + (isBare(named) ? AGAINST.oddClass : 0) };
  }
  return nutOfThread(said, { look, sized, readWith, unknown, soFar });
}

interface Found {
  readonly look: Styled<NutSpec["style"]>;
  readonly sized: Extract<Sized, { kind: "found" }>;
  readonly readWith: ReturnType<typeof readWithOf>;
  readonly unknown: readonly string[];
  readonly soFar: number;
}

/** Makes the nut, once its thread is known. */
function nutOfThread(said: Said, { look, sized, readWith, unknown, soFar }: Found): Reading {
  const { thread, after } = sized;
  const { style } = look;
  const [written] = said.all("class");
  const nutClass = written && classOf(written.means.named, said.writtenOf(written.item), thread);
  const bare = isBare(written?.means.named);
  const isNoClass = nutClass !== undefined && nutClass.id === undefined;
  const isLong = (sized.lengthMm ?? 0) >= SHORTEST_COUPLING * thread.majorMm;
  const lengthMm = style === "coupling" && isLong ? sized.lengthMm : undefined;
  const isStainless = nutClassById(nutClass?.id ?? "")?.system === "stainless";
  const spec: NutSpec = {
    part: "nut",
    style,
    ...(lengthMm === undefined ? {} : { lengthMm }),
    ...common(readWith, sized, isStainless ? "stainless" : finishOf(said)),
    ...(nutClass?.id === undefined ? {} : { nutClassId: nutClass.id }),
    ...(nutClass?.steel === undefined ? {} : { steel: nutClass.steel }),
    ...madeToBy(readWith, thread),
  };
  const left = [
    ...(after === "" || lengthMm !== undefined ? [] : [after]),
    ...(isNoClass && bare ? [nutClass.written] : []),
    ...contradicting(
      readWith,
      (means) =>
        means.part === "nut" && (means.style === style || (means.others?.includes(style) ?? false)),
    ),
  ];
  const refusedClass = isNoClass && !bare;
  return {
    result: finished(readWith, spec, [...unknown, ...left], bare ? undefined : nutClass),
    cost:
      soFar +
      left.length * AGAINST.unplaced +
      (refusedClass ? AGAINST.noClass : 0) +
      (lengthMm === undefined ? 0 : AGAINST.length),
  };
}
