// Who throws what into the bucket. Shares are this generator's own: counted for no shop, and taken from no table of the
// engine. A trade is a place that parts come from; its parts are told by how many of a hundred of that trade they make.

/** Where a lot of the parts comes from, and what it is made of. */
export interface Trade {
  readonly name: string;
  /** Of every hundred parts in the bucket. */
  readonly share: number;
  readonly place: "britain" | "north-america" | "europe" | "japan";
  /** Most of its machines are older than this year. */
  readonly before?: number;
  readonly parts: Readonly<Record<string, number>>;
}

const METRIC_MACHINES: Trade = {
  name: "metric machines",
  share: 36,
  place: "europe",
  parts: {
    "M2 x 0.4": 0.4,
    "M2.5 x 0.45": 0.6,
    "M3 x 0.5": 4,
    "M4 x 0.7": 8,
    "M5 x 0.8": 13,
    "M6 x 1": 20,
    "M8 x 1.25": 19,
    "M10 x 1.5": 12,
    "M12 x 1.75": 8,
    "M14 x 2": 0.8,
    "M16 x 2": 4,
    "M18 x 2.5": 0.4,
    "M20 x 2.5": 2,
    "M24 x 3": 1,
    "M30 x 3.5": 0.4,
    "M8 x 1": 1.2,
    "M10 x 1": 1,
    "M12 x 1": 0.3,
    "M12 x 1.5": 1.2,
    "M14 x 1.5": 0.5,
    "M16 x 1.5": 0.8,
    "M20 x 1.5": 0.5,
    "M24 x 1.5": 0.2,
    "M30 x 1.5": 0.2,
    "M7 x 1": 0.2,
    "M3.5 x 0.6": 0.2,
  },
};

const CARS: Trade = {
  name: "cars and motorcycles",
  share: 13,
  place: "japan",
  parts: {
    "M5 x 0.8": 7,
    "M6 x 1": 30,
    "M8 x 1.25": 24,
    "M8 x 1": 0.8,
    "M10 x 1.25": 13,
    "M10 x 1.5": 4,
    "M10 x 1": 2,
    "M12 x 1.25": 7,
    "M12 x 1.5": 5,
    "M12 x 1.75": 1,
    "M14 x 1.5": 3,
    "M14 x 1.25": 1.5,
    "M16 x 1.5": 0.5,
    "M18 x 1.5": 0.4,
    "M20 x 1.5": 0.3,
  },
};

const AMERICAN_MACHINES: Trade = {
  name: "American machines",
  share: 19,
  place: "north-america",
  parts: {
    "#4-40 UNC": 2,
    "#6-32 UNC": 5,
    "#8-32 UNC": 6,
    "#10-24 UNC": 5,
    "#10-32 UNF": 9,
    "1/4-20 UNC": 20,
    "5/16-18 UNC": 14,
    "3/8-16 UNC": 15,
    "7/16-14 UNC": 2.2,
    "1/2-13 UNC": 9,
    "9/16-12 UNC": 0.5,
    "5/8-11 UNC": 3.5,
    "3/4-10 UNC": 2,
    "7/8-9 UNC": 0.5,
    "1-8 UNC": 0.6,
    "1/4-28 UNF": 1.5,
    "5/16-24 UNF": 1.2,
    "3/8-24 UNF": 1.2,
    "7/16-20 UNF": 0.5,
    "1/2-20 UNF": 0.8,
    "5/8-18 UNF": 0.3,
    "3/4-16 UNF": 0.3,
  },
};

const AMERICAN_CARS: Trade = {
  name: "American cars and tractors",
  share: 7,
  place: "north-america",
  parts: {
    "1/4-28 UNF": 9,
    "5/16-24 UNF": 12,
    "3/8-24 UNF": 13,
    "7/16-20 UNF": 11,
    "1/2-20 UNF": 14,
    "9/16-18 UNF": 5,
    "5/8-18 UNF": 3,
    "3/4-16 UNF": 2,
    "1/4-20 UNC": 8,
    "5/16-18 UNC": 8,
    "3/8-16 UNC": 8,
    "7/16-14 UNC": 4,
    "1/2-13 UNC": 3,
  },
};

const BRITISH_MACHINES: Trade = {
  name: "older British machines",
  share: 9,
  place: "britain",
  before: 1965,
  parts: {
    "3/16-24 BSW": 5,
    "1/4-20 BSW": 16,
    "5/16-18 BSW": 15,
    "3/8-16 BSW": 15,
    "7/16-14 BSW": 3,
    "1/2-12 BSW": 10,
    "5/8-11 BSW": 4,
    "3/4-10 BSW": 2.5,
    "1-8 BSW": 1,
    "1/4-26 BSF": 6,
    "5/16-22 BSF": 7,
    "3/8-20 BSF": 6,
    "7/16-18 BSF": 2,
    "1/2-16 BSF": 2.5,
    "5/8-14 BSF": 0.8,
  },
};

const BRITISH_INSTRUMENTS: Trade = {
  name: "British instruments and cycles",
  share: 3,
  place: "britain",
  before: 1965,
  parts: {
    "0 BA": 10,
    "1 BA": 2,
    "2 BA": 26,
    "3 BA": 3,
    "4 BA": 22,
    "5 BA": 4,
    "6 BA": 13,
    "8 BA": 5,
    "1/4-26 cycle": 5,
    "5/16-26 cycle": 5,
    "3/8-26 cycle": 3,
    "1/4-26 brass": 1,
    "3/8-26 brass": 1,
  },
};

const PIPES: Trade = {
  name: "pipes and hydraulics",
  share: 9,
  place: "europe",
  parts: {
    "G 1/8": 7,
    "G 1/4": 13,
    "G 3/8": 10,
    "G 1/2": 12,
    "G 3/4": 5,
    "G 1": 3,
    "R 1/8": 7,
    "R 1/4": 10,
    "R 3/8": 5,
    "R 1/2": 7,
    "R 3/4": 3,
    "1/8-27 NPT": 5,
    "1/4-18 NPT": 7,
    "3/8-18 NPT": 3,
    "1/2-14 NPT": 5,
    "3/4-14 NPT": 2,
    "M10 x 1": 2,
    "M12 x 1.5": 2,
    "M14 x 1.5": 2,
    "M16 x 1.5": 2,
    "M18 x 1.5": 1.5,
    "M22 x 1.5": 1.5,
    "7/16-20 UNF": 1.5,
    "9/16-18 UNF": 1.5,
    "3/4-16 UNF": 1.5,
    "7/8-14 UNF": 1,
  },
};

const SPINDLES: Trade = {
  name: "spindles and the like",
  share: 2,
  place: "europe",
  parts: {
    "Tr 8 x 1.5": 6,
    "Tr 10 x 2": 14,
    "Tr 12 x 3": 14,
    "Tr 14 x 3": 6,
    "Tr 16 x 4": 16,
    "Tr 20 x 4": 12,
    "Tr 24 x 5": 5,
    "1/2-10 Acme": 7,
    "5/8-8 Acme": 4,
    "3/4-6 Acme": 4,
    "1-5 Acme": 3,
    "Pg 9": 4,
    "Pg 11": 4,
    "1/4-32 UNEF": 3,
    "3/8-32 UNEF": 3,
    "1/2-28 UNEF": 2,
  },
};

export const TRADES: readonly Trade[] = [
  METRIC_MACHINES,
  CARS,
  AMERICAN_MACHINES,
  AMERICAN_CARS,
  BRITISH_MACHINES,
  BRITISH_INSTRUMENTS,
  PIPES,
  SPINDLES,
];

/** Of every hundred parts, threads that stand in no table: old works' own, worn dies, other countries' before the war. */
export const UNLISTED_SHARE = 5;
