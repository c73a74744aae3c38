import { dangerWords } from "../charts";
import type { Circumstances, Duty } from "../../catalogue/circumstances";
import { bandAt } from "../../catalogue/grades";
import type {
  Caution,
  Change,
  Locking,
  NeverUse,
  NutAdvice,
  WasherAdvice,
} from "../../decide/replace";
import { threadName, type Thread } from "../../catalogue/threads";
import { printLength, type Units } from "../../measure";
import { upperFirst, FINISH_WORDS, HEAD_WORDS } from "../common";
import { ENVIRONMENT_WORDS, PART_METAL_WORDS } from "./circumstances-words";
import { NUT_STYLE_WORDS, gradeSpoken, nominalLengthWords } from "./fastener-words";

/** The caution that every sheet carries. */
export const EVERY_SHEET_CAUTION =
  "On brakes, steering, wheels, suspension, lifting, guards, rails, machinery that carries people, pressure, gas, steam or structural steel the maker’s specification and local codes rule, and licensed practice where the law asks for it.";

const DUTY_CAUTIONS = {
  vibrating: "It vibrates: lock it, and check it again after the first hours of running.",
  "safety-critical":
    "People’s safety hangs on this joint. The maker’s specification and local codes rule, and licensed practice where the law asks for it: put back what the maker fitted, or ask them.",
  pressure:
    "This joint holds pressure. The maker’s specification and the pressure code rule, and licensed practice where the law asks for it: let the pressure off before you touch it.",
  electrical:
    "This joint carries current or earth. Keep the metal and the finish that the maker fitted, let no paint or compound between the faces, and leave mains work to those who are licensed for it.",
} as const;

/** What hangs on joints, a sentence for each kind of them once; nothing for ordinary ones. */
export function dutyWords(duties: readonly Duty[]): readonly string[] {
  return [...new Set(duties)].flatMap((duty) => (duty === "ordinary" ? [] : [DUTY_CAUTIONS[duty]]));
}

/** A caution as a sentence. */
export function cautionWords(caution: Caution): string {
  switch (caution.code) {
    case "duty":
      return DUTY_CAUTIONS[caution.duty];
    case "gas-cylinder":
      return "It is of a gas cylinder: its thread keeps the wrong gas out. No adapter, no thread cut or cleaned with a tap or die, no repair; its maker’s part, fitted by who is licensed for that gas.";
    case "no-grade":
      return "No grade was said: an unmarked part is the weakest grade, and nothing here counts on more.";
    case "no-steel":
      return `It is of ${FINISH_WORDS[caution.finish]}: no class of steel says what it holds, and no load or torque is shown. Never in the place of a steel one.`;
    case "stainless-galls":
      return "Stainless galls: grease or anti-seize on the thread, turn it slowly by hand, and never run it up with a driver.";
    case "embrittlement": {
      const { grade } = caution;
      const named = typeof grade === "string" ? grade : upperFirst(gradeSpoken(grade.name));
      return caution.finish === undefined ||
        caution.finish === "plain" ||
        caution.finish === "zinc-flake"
        ? `${named} must not be plated: hydrogen from plating breaks steel this hard without warning.`
        : `${named}, ${FINISH_WORDS[caution.finish]}: take it only as its maker plated and baked it. Hydrogen from plating breaks steel this hard without warning; never have it plated again.`;
    }
    case "cadmium":
      return "Cadmium plating is poisonous: do not file, grind, sand or heat it, and wash your hands.";
    case "galvanised-nut":
      return "Hot-dip galvanised: only with its own nut, tapped over size.";
    case "finish-does-not-suit": {
      const place = ENVIRONMENT_WORDS[caution.environment];
      const finish = upperFirst(FINISH_WORDS[caution.finish]);
      return caution.never
        ? `${finish} is not for use ${place}.`
        : `${finish} does not last ${place}.`;
    }
    case "galvanic": {
      const { finish, metal, pair } = caution;
      const eaten = pair.eaten === "fastener" ? "the fastener" : `the ${PART_METAL_WORDS[metal]}`;
      return `${upperFirst(FINISH_WORDS[finish])} on ${PART_METAL_WORDS[metal]} makes a cell in this place and eats ${eaten}: part them with sleeve and washer, or choose another finish.`;
    }
    case "unverified-grade":
      return `The figures of ${gradeSpoken(caution.grade.name)} are from older practice and not verified against the standard.`;
  }
}

/** What changes with a substitute, as a sentence. */
export function changeWords(change: Change, thread: Thread): string {
  switch (change.code) {
    case "stronger-grade": {
      return strongerWords(change, thread);
    }
    case "other-finish":
      return `${upperFirst(FINISH_WORDS[change.to])} for ${change.from === undefined ? "a finish not said" : FINISH_WORDS[change.from]}${change.to === "galvanised" ? "; with its own over-size nut" : ""}.`;
    case "other-head":
      return `${upperFirst(HEAD_WORDS[change.to])} head for ${HEAD_WORDS[change.from]}: see that head and tool have room.`;
    case "longer":
      return `${nominalLengthWords(change.to, { thread })} for ${nominalLengthWords(change.from, { thread })}: only in a through hole, or cut; in a blind hole it bottoms.`;
  }
}

/** A class in the place of another, by what really differs between the two. */
function strongerWords(
  { from, to, tensile }: Extract<Change, { code: "stronger-grade" }>,
  thread: Thread,
): string {
  const more = Math.round((tensile - 1) * 100);
  const by = more > 0 ? `${more} % stronger` : "as strong";
  const [was, is] = [from, to].map((grade) => bandAt(grade, thread.majorMm)?.hardness);
  const harder =
    was !== undefined && is !== undefined && was.scale === is.scale && is.min > was.min;
  const stainless = to.system === "stainless" && from.system !== "stainless";
  const differs = [
    ...(harder ? ["harder and less tough"] : []),
    ...(stainless ? ["of another metal: it galls, and is greased"] : []),
  ];
  const nut = more > 0 || stainless ? "; the nut must match" : "";
  return `${upperFirst(gradeSpoken(to.name))} for ${gradeSpoken(from.name)}: ${[by, ...differs].join(", ")}${nut}.`;
}

function finishWords({ environment, metal }: Circumstances): string {
  return `${ENVIRONMENT_WORDS[environment]} in ${PART_METAL_WORDS[metal]}`;
}

/** What must not go in, and why, as a sentence. */
export function neverUseWords(never: NeverUse, thread: Thread): string {
  switch (never.code) {
    case "look-alike":
      return `Not ${threadName(never.alike.thread)}. ${dangerWords(never.alike, thread)}`;
    case "weaker-grade":
      return `Not ${gradeSpoken(never.other.name)} or weaker for ${gradeSpoken(never.grade.name)}: it breaks at ${Math.round(never.tensile * 100)} % of the load.`;
    case "weaker-stainless":
      return `Not ${never.other.name} stainless for ${gradeSpoken(never.grade.name)}: it is weaker, bright as it is.`;
    case "not-structural":
      return `No bolt of another standard than ${never.madeTo}, however strong: not a grade 5 for an A325, nor a common 8.8 or 10.9 for a structural one. Head, thread, nut and washer belong together.`;
    case "galvanised-high-strength":
      return `Not ${gradeSpoken(never.grade.name)} that was hot-dip galvanised: hydrogen of the pickling breaks it.`;
    case "plated-high-strength":
      return `Not ${gradeSpoken(never.grade.name)} that was plated after it was bought.`;
    case "plain-nut-on-galvanised":
      return "Not a plain nut on the galvanised thread, nor its nut on a plain bolt.";
    case "weaker-nut":
      return `Not a thin nut, nor one weaker than ${gradeSpoken(never.grade.name)}: it strips before the bolt breaks.`;
    case "finish":
      return `Not ${FINISH_WORDS[never.finish]} ${finishWords(never.circumstances)}.`;
    case "shorter":
      return "Not a shorter one: the thread that holds it is lost first.";
  }
}

/** The nut that goes with it: style, class, across flats, height. */
export function nutAdviceWords(nut: NutAdvice, units: Units): string {
  const kind = upperFirst(NUT_STYLE_WORDS[nut.style]);
  const strength =
    nut.nutClass !== undefined
      ? `, ${nut.nutClass.name} or stronger`
      : nut.metal !== undefined
        ? `, of ${FINISH_WORDS[nut.metal]} as the bolt is`
        : ", no class on British nuts: full height, same steel";
  const dipped = nut.galvanised ? ", galvanised and tapped over size" : "";
  return `${kind}${strength}${dipped}; ${printLength(nut.size.heightMm, units)} high${nut.size.standard === undefined ? " (estimate)" : ""}.`;
}

/** The washer that goes with it. */
export function washerAdviceWords(
  { size, hardened, standard }: WasherAdvice,
  units: Units,
): string {
  const kind = hardened ? "Flat washer, hardened" : "Flat washer";
  if (standard !== undefined) return `${kind}, by ${standard}: the one of its own standard.`;
  return size === undefined
    ? `${kind}, to suit.`
    : `${kind}, ${printLength(size.outsideMm, units)} across, ${printLength(size.thickMm, units)} thick (${size.standard}).`;
}

export const LOCKING_WORDS: Readonly<Record<Locking, string>> = {
  "wedge-lock-washer": "Wedge-lock washers, in their pairs.",
  "prevailing-torque-nut":
    "Prevailing torque nut; a nylon one not above 120 °C, and new each time.",
  "thread-locking-compound": "Thread-locking compound on clean, dry, degreased threads.",
  "castle-nut-and-pin": "Castle nut with a new split pin, where the maker fitted one.",
  "spring-washer": "Spring washer: normal practice; it does little.",
  "none-wanted": "No locking is wanted when it is tightened well.",
};
