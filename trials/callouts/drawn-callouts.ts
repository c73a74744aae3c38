import type { SeededRandom } from "@root-gauge/core/random";

/** A call-out put together at random, and what is meant by it, as this program writes the part. */
export interface DrawnCallout {
  readonly text: string;
  readonly meant: string;
}

/** What a piece means, and the ways it is written. */
type Piece = readonly [meant: string, written: readonly string[]];

const METRIC: readonly Piece[] = [
  ["M6", ["M6", "M6x1", "m6"]],
  ["M8", ["M8", "M8x1.25", "M8 x 1.25", "M 8"]],
  ["M10 x 1.25", ["M10x1.25", "M10 x 1.25", "M10-1.25"]],
  ["M12 LH", ["M12 LH", "M12 left hand"]],
  ["M20", ["M20", "M20x2.5", "M20-2.5"]],
];
const INCH: readonly Piece[] = [
  ["1/2-13 UNC", ["1/2-13", "1/2 UNC", "1/2-13 UNC", '1/2"-13', '1/2" UNC', "1/2 x 13 UNC"]],
  ["5/16-24 UNF", ["5/16-24", "5/16 UNF", "5/16-24 UNF"]],
  ["3/8-16 BSW", ["3/8 BSW", "3/8 whit", "3/8-16 BSW"]],
  ["3/8-20 BSF", ["3/8 BSF", "3/8-20 BSF"]],
  ["#10-32 UNF", ["10-32", "#10-32", "No 10-32", "#10-32 UNF"]],
];
const PIPE: readonly Piece[] = [
  ["R 1/2", ["1/2 BSPT", "R 1/2", 'R1/2"']],
  ["G 1/4", ["G 1/4", "1/4 BSPP", "G1/4"]],
  ["3/8-18 NPT", ["3/8 NPT", '3/8" NPT', "3/8-18 NPT"]],
];

const HEADS: readonly Piece[] = [
  ["hex set screw", ["hex set screw", "hex setscrew", "hex head set screw", "hex set"]],
  [
    "socket cap screw",
    ["socket cap screw", "SHCS", "socket head cap screw", "cap head", "skt cap"],
  ],
  ["button head screw", ["button head", "button head screw", "BHCS", "socket button", "btn hd"]],
  ["socket countersunk screw", ["socket csk", "FHCS", "skt csk", "csk socket screw"]],
  ["flange hex bolt", ["flange bolt", "hex flange bolt", "flanged hex bolt", "flange hd bolt"]],
  ["carriage bolt", ["carriage bolt", "coach bolt", "cup square bolt"]],
];
const HEX_BOLT = ["hex bolt", "hex head bolt", "hexagon bolt", "hex hd bolt", "hex"];
const HEX_CAP = ["hex bolt", "hex cap screw", "HHCS", "hex head cap screw", "hex"];

const NUTS: readonly Piece[] = [
  ["hex nut", ["nut", "hex nut", "nuts", "full nut", "hexagon nut"]],
  ["thin nut", ["half nut", "thin nut", "jam nut"]],
  ["nylon insert nut", ["nylon insert nut", "nylon lock nut", "nylon locknut"]],
  ["flange nut", ["flange nut", "flanged nut"]],
  ["castle nut", ["castle nut", "castellated nut", "slotted nut"]],
  ["dome nut", ["dome nut", "domed nut", "acorn nut"]],
  ["wing nut", ["wing nut", "wing nuts"]],
  ["heavy hex nut", ["heavy hex nut", "heavy nut"]],
  ["coupling nut", ["coupling nut", "connector nut"]],
];
const WASHERS: readonly Piece[] = [
  ["flat washer", ["washer", "flat washer", "plain washer", "washers", "form A washer"]],
  ["spring washer", ["spring washer", "lock washer", "split lock washer"]],
  ["large washer", ["penny washer", "large washer", "repair washer", "fender washer"]],
  ["toothed washer", ["star washer", "internal tooth washer", "serrated washer"]],
];
const PLUGS: readonly Piece[] = [
  ["plug", ["plug", "pipe plug", "blanking plug"]],
  ["hexagon plug", ["hex plug", "hex head plug"]],
  ["socket plug", ["socket plug", "hex socket plug"]],
  ["square plug", ["square head plug", "sq hd plug"]],
];
const PINS: readonly Piece[] = [
  ["dowel pin", ["dowel pin", "dowel", "parallel pin"]],
  ["split pin", ["split pin", "cotter pin"]],
  ["spring pin", ["spring pin", "slotted spring pin"]],
  ["taper pin", ["taper pin"]],
  ["clevis pin", ["clevis pin"]],
];
const PIN_SIZES: readonly Piece[] = [
  ["5 x 30", ["5 x 30", "5x30", "5mm x 30mm"]],
  ["4 x 40", ["4 x 40", "4x40", "4 mm x 40 mm"]],
  ["1/8 x 1", ["1/8 x 1", '1/8" x 1"', "1/8x1"]],
];
const STUDS = ["stud", "studding", "threaded rod"];
const GRUBS = ["grub screw", "socket set screw", "hex socket set screw"];
const POINTS: readonly Piece[] = [
  ["cup point", ["cup point", "cup pt"]],
  ["cone point", ["cone point", "cone pt"]],
  ["dog point", ["dog point"]],
  ["flat point", ["flat point", "flat pt"]],
];

const FINISHES: readonly Piece[] = [
  ["zinc", ["zinc", "BZP", "zinc plated", "bright zinc plated", "ZP"]],
  ["hot-dip galvanised", ["galv", "HDG", "galvanised", "hot dip galvanised", "galvanized"]],
  ["plain", ["black", "self colour"]],
  ["zinc yellow", ["yellow zinc", "YZ", "zinc yellow"]],
];
const MADE_OF: readonly Piece[] = [
  ["brass", ["brass"]],
  ["stainless", ["stainless", "stainless steel", "SS"]],
];
const METRIC_GRADES: readonly Piece[] = [
  ["8.8", ["8.8", "gr 8.8", "grade 8.8", "class 8.8", "GR8.8"]],
  ["10.9", ["10.9", "grade 10.9", "class 10.9"]],
  ["12.9", ["12.9", "gr 12.9"]],
];
const INCH_GRADES: readonly Piece[] = [
  ["grade 5", ["grade 5", "gr 5", "GR5", "gr.5", "SAE grade 5"]],
  ["grade 8", ["grade 8", "gr 8", "gr.8", "grade8"]],
];
const NUT_CLASSES: readonly Piece[] = [
  ["class 8", ["class 8", "cl 8", "grade 8"]],
  ["class 10", ["class 10", "cl.10"]],
];
const NUT_GRADES: readonly Piece[] = [
  ["grade 5", ["grade 5", "gr 5"]],
  ["grade 8", ["grade 8", "gr 8"]],
];

const countsOf = (many: number) => [
  `${many} off`,
  `${many} pcs`,
  `qty ${many}`,
  `qty: ${many}`,
  `(${many})`,
  `${many} pieces`,
  `${many} no.`,
];

/** Draws with one source of chance. */
class Draw {
  constructor(private readonly random: SeededRandom) {}

  readonly chance = (share: number) => this.random.even() < share;

  one<Item>(items: readonly Item[]): Item {
    const item = items[Math.floor(this.random.even() * items.length)];
    if (item === undefined) throw new Error("nothing to draw from");
    return item;
  }

  /** A piece as it is meant and as it is written, or nothing. */
  maybe(pieces: readonly Piece[], share = 0.6): Piece | undefined {
    return this.chance(share) ? this.one(pieces) : undefined;
  }

  inAnyOrder(parts: readonly string[]): string {
    const left = [...parts];
    const order: string[] = [];
    while (left.length > 0) {
      order.push(...left.splice(Math.floor(this.random.even() * left.length), 1));
    }
    return order.join(this.one([" ", ", "]));
  }

  /** The size and the length of a screw, joined by a cross or each by itself. */
  sized(size: string, long: string, isMetric: boolean): readonly string[] {
    const spaced = long.replace("-", " ");
    if (this.chance(0.6)) {
      const cross = /[a-z"]$/i.test(size) ? " x " : this.one([" x ", "x", " X "]);
      return [
        `${size}${cross}${this.one(isMetric ? [long, `${long}mm`] : [long, `${long}"`, spaced])}`,
      ];
    }
    return [
      size,
      this.one(
        isMetric
          ? [`${long}mm`, `${long} long`, `${long} mm long`, `${long}mm lg`]
          : [`${long}"`, `${long}" long`, `${long} long`, `${spaced} in long`, `${spaced}"`],
      ),
    ];
  }
}

interface Written {
  /** Behind the quantity: size, length and kind, and what follows them after commas. */
  readonly meant: string;
  readonly parts: readonly string[];
}

/** A part's kind and its details, each of which may be left out. */
function listed(draw: Draw, own: Written, details: readonly (Piece | undefined)[]): Written {
  const said = details.filter((piece) => piece !== undefined);
  return {
    meant: [own.meant, ...said.map(([meant]) => meant)].join(", "),
    parts: [...own.parts, ...said.map(([, written]) => draw.one(written))],
  };
}

const hasGrades = (size: string) => !/BS/.test(size);

function screw(draw: Draw): Written {
  const isMetric = draw.chance(0.6);
  const [size, sizes] = draw.one(isMetric ? METRIC : INCH);
  const long = draw.one(isMetric ? ["30", "45", "60"] : ["1", "1-1/2", "2-1/4", "3/4"]);
  const hexagon: Piece = isMetric ? ["hex bolt", HEX_BOLT] : ["hex cap screw", HEX_CAP];
  const [head, heads] = draw.one([hexagon, ...HEADS]);
  const grades = isMetric ? METRIC_GRADES : INCH_GRADES;
  return listed(
    draw,
    {
      meant: `${size} x ${long} ${head}`,
      parts: [...draw.sized(draw.one(sizes), long, isMetric), draw.one(heads)],
    },
    [hasGrades(size) ? draw.maybe(grades) : undefined, draw.maybe(FINISHES)],
  );
}

function nut(draw: Draw): Written {
  const isMetric = draw.chance(0.6);
  const [size, sizes] = draw.one(isMetric ? METRIC : INCH);
  const [style, styles] = draw.one(NUTS);
  const own = { meant: `${size} ${style}`, parts: [draw.one(sizes), draw.one(styles)] };
  if (draw.chance(0.3)) return listed(draw, own, [draw.maybe(MADE_OF)]);
  const classes = isMetric ? NUT_CLASSES : NUT_GRADES;
  return listed(draw, own, [
    hasGrades(size) ? draw.maybe(classes) : undefined,
    draw.maybe(FINISHES),
  ]);
}

function washer(draw: Draw): Written {
  const [size, sizes] = draw.one(draw.one([METRIC, INCH]));
  const [style, styles] = draw.one(WASHERS);
  const own = { meant: `${size} ${style}`, parts: [draw.one(sizes), draw.one(styles)] };
  return listed(draw, own, [draw.maybe([...FINISHES, ...MADE_OF])]);
}

function stud(draw: Draw): Written {
  const isMetric = draw.chance(0.6);
  const [size, sizes] = draw.one(isMetric ? METRIC : INCH);
  const long = draw.one(isMetric ? ["60", "300", "1000"] : ["3", "4-1/2", "36"]);
  const own = {
    meant: `${size} x ${long} stud`,
    parts: [...draw.sized(draw.one(sizes), long, isMetric), draw.one(STUDS)],
  };
  return listed(draw, own, [draw.maybe([...FINISHES, ...MADE_OF])]);
}

function headless(draw: Draw): Written {
  const isMetric = draw.chance(0.6);
  const [size, sizes] = draw.one(isMetric ? METRIC : INCH);
  const long = draw.one(isMetric ? ["10", "16"] : ["1/2", "3/8"]);
  const point = draw.maybe(POINTS);
  return {
    meant: [`${size} x ${long} headless set screw`, point?.[0]].filter(Boolean).join(" "),
    parts: [
      `${draw.one(sizes)} x ${long}`,
      draw.one(GRUBS),
      ...(point === undefined ? [] : [draw.one(point[1])]),
    ],
  };
}

/** A plug or a pin, by its size alone. */
const bySize = (sizes: readonly Piece[], kinds: readonly Piece[]) => (draw: Draw) => {
  const [size, written] = draw.one(sizes);
  const [kind, kinds_] = draw.one(kinds);
  const own = { meant: `${size} ${kind}`, parts: [draw.one(written), draw.one(kinds_)] };
  return listed(draw, own, [draw.maybe([...FINISHES, ...MADE_OF])]);
};

const KINDS = [
  screw,
  screw,
  screw,
  nut,
  nut,
  washer,
  stud,
  headless,
  bySize(PIPE, PLUGS),
  bySize(PIN_SIZES, PINS),
];

/** Puts a part's size, length, kind, grade, finish and number together, each in one of its spellings, in any order. */
export function drawnCallout(random: SeededRandom): DrawnCallout {
  const draw = new Draw(random);
  const { meant, parts } = draw.one(KINDS)(draw);
  const many = draw.chance(0.55) ? draw.one([4, 12, 50]) : undefined;
  const text = draw.inAnyOrder([
    ...parts,
    ...(many === undefined ? [] : [draw.one(countsOf(many))]),
  ]);
  const capital = draw.chance(0.15) ? text.toUpperCase() : text;
  const typeset = draw.chance(0.1)
    ? capital.replace(/ x /gi, " × ").replace(/"/g, "″").replace(/1\/2/g, "½").replace(/3\/4/g, "¾")
    : capital;
  return { text: typeset, meant: many === undefined ? meant : `${many} off ${meant}` };
}
