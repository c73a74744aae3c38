import type { PaintedScene } from "./paint-picture";

/** Something that was noted of a place, with a photograph where there is one. */
export interface DemoRemark {
  readonly machine: string;
  readonly position: string;
  readonly text: string;
  readonly who: string;
  readonly picture?: Omit<PaintedScene, "seed">;
}

const GREEN = [62, 90, 76] as const;
const GREY = [112, 118, 122] as const;
const BARE = [140, 140, 138] as const;
const BLUE = [58, 70, 98] as const;
const BROWN = [96, 80, 66] as const;

export const REMARKS: readonly DemoRemark[] = [
  {
    machine: "Harrow treadle platen",
    position: "Frame bolt, lower left",
    text: "Head as it was found: no mark at all.",
    who: "Fitter 1",
    picture: { shows: "hexagon", surface: GREEN, rust: 0.4 },
  },
  {
    machine: "Harrow treadle platen",
    position: "Roller hook, left",
    text: "Slot worn to one side. The screwdriver was ground to fit.",
    who: "Fitter 2",
    picture: { shows: "slot", surface: GREEN, rust: 0.3 },
  },
  {
    machine: "Harrow treadle platen",
    position: "Feed side / gripper bar / right",
    text: "The hole of the one that is missing.",
    who: "Fitter 1",
    picture: { shows: "hole", surface: GREEN },
  },
  {
    machine: "Union lever guillotine",
    position: "Guard, upper right",
    text: "Three lines. Both washers were there.",
    who: "Fitter 1",
    picture: { shows: "hexagon", surface: GREY, lines: 3 },
  },
  {
    machine: "Union lever guillotine",
    position: "Clamp bar, left front",
    text: "Three lines here too.",
    who: "Fitter 1",
    picture: { shows: "hexagon", surface: GREY, lines: 3, rust: 0.15 },
  },
  {
    machine: "Kestrel cylinder proofer",
    position: "Side cover, rear",
    text: "The stripped hole beside it, before the insert.",
    who: "Fitter 2",
    picture: { shows: "hole", surface: BARE },
  },
  {
    machine: "Kestrel cylinder proofer",
    position: "Bed bearer, near end",
    text: "12.9 on the rim.",
    who: "Fitter 2",
    picture: { shows: "socket", surface: BLUE },
  },
  {
    machine: "Kestrel cylinder proofer",
    position: "Guard rail",
    text: "All six are sound.",
    who: "Apprentice",
  },
  {
    machine: "Damp-room air and water line",
    position: "Port of the regulator",
    text: "Weeps at the first thread. Closed off until the right nipple is here.",
    who: "Fitter 1",
    picture: { shows: "fitting", surface: BROWN, rust: 0.25 },
  },
  {
    machine: "Folding machine",
    position: "Knife cover",
    text: "Rounded off. Came out with the left-hand drill.",
    who: "Apprentice",
    picture: { shows: "socket", surface: GREY, rust: 0.1 },
  },
  {
    machine: "Folding machine",
    position: "Drive flange / its screws",
    text: "Sheared at the flange’s face, all four within a month of each other.",
    who: "Fitter 2",
  },
  {
    machine: "Nipping press",
    position: "Main screw",
    text: "Worn most at the height where the books are.",
    who: "Fitter 1",
    picture: { shows: "hexagon", surface: BROWN, rust: 0.7 },
  },
];

/** A piece of work over places, by machine and path. */
export interface DemoJob {
  readonly name: string;
  readonly opened: string;
  readonly due: string | null;
  readonly done: string | null;
  readonly notes: string;
  readonly places: readonly (readonly [machine: string, position: string])[];
}

export const JOBS: readonly DemoJob[] = [
  {
    name: "Guillotine: blade change and guard",
    opened: "2026-03-02",
    due: "2027-03-01",
    done: null,
    notes: "Blade first. Nobody works at it while the guard is off.",
    places: [
      ["Union lever guillotine", "Blade screw, third from left"],
      ["Union lever guillotine", "Clamp bar, left front"],
      ["Union lever guillotine", "Clamp bar, right front"],
      ["Union lever guillotine", "Guard, upper right"],
      ["Union lever guillotine", "Table / motor base"],
    ],
  },
  {
    name: "Spring service of the presses",
    opened: "2026-03-03",
    due: null,
    done: null,
    notes: "",
    places: [
      ["Harrow treadle platen", "Feed side / gripper bar / left"],
      ["Harrow treadle platen", "Feed side / gripper bar / right"],
      ["Harrow treadle platen", "Feed side / bracket"],
      ["Kestrel cylinder proofer", "Ink unit / roller bracket"],
      ["Kestrel cylinder proofer", "Side cover, front"],
      ["Kestrel cylinder proofer", "Gripper bar"],
    ],
  },
  {
    name: "Side cover of the proofer",
    opened: "2026-03-02",
    due: "2026-03-06",
    done: "2026-03-04",
    notes: "Insert fitted; its neighbours are sound.",
    places: [["Kestrel cylinder proofer", "Side cover, rear"]],
  },
];

/** An order: what is bought for places, and what is bought besides. */
export interface DemoOrder {
  readonly name: string;
  readonly notes: string;
  readonly rule: {
    readonly sparesPercent: number;
    readonly sparesAtLeast: number;
    readonly pack: number;
  };
  readonly lines: readonly {
    readonly callout: string;
    readonly needed: number;
    readonly onShelf?: number;
    readonly alternates?: readonly string[];
    readonly arrived?: boolean;
    readonly places: readonly (readonly [machine: string, position: string])[];
  }[];
}

export const ORDERS: readonly DemoOrder[] = [
  {
    name: "For the guillotine and the folder",
    notes: "",
    rule: { sparesPercent: 10, sparesAtLeast: 1, pack: 1 },
    lines: [
      {
        callout: "1/2-13 UNC x 1-3/4 hex cap screw, grade 5, zinc",
        needed: 2,
        places: [["Union lever guillotine", "Clamp bar, right front"]],
      },
      {
        callout: "3/8-16 UNC x 1-1/2 hex cap screw, grade 5, zinc",
        needed: 4,
        onShelf: 2,
        places: [["Union lever guillotine", "Table / motor base"]],
      },
      {
        callout: "M6 x 22 socket cap screw, 10.9",
        needed: 4,
        alternates: ["M6 x 25 socket cap screw, 10.9"],
        places: [["Folding machine", "Drive flange / its screws"]],
      },
      { callout: "3/8 washer, zinc", needed: 8, arrived: true, places: [] },
    ],
  },
];
