/** What a family's threads are met as, of every hundred parts on benches of today, without regard to what the part is. */
interface SeriesShare {
  /** Of every hundred parts. */
  readonly share: number;
  /** How its sizes share that among them, "size weight" each; none where all are about as seldom. */
  readonly sizes?: string;
}

/**
 * How common threads are: an estimate, written down in one place with what it rests on. Nobody has counted all benches;
 * these are the judgement that
 * - two parts in three are metric by now, nine in ten of those coarse, and of those M6, M8 and M10 the half: cabinets,
 *   guards, covers and flanges; under M5 instruments and electrics, over M12 frames;
 * - fine metric is met where vibration or a short thread asks for it: M10 x 1.25 and M12 x 1.25 on Japanese and other cars,
 *   M12 x 1.5 to M22 x 1.5 on wheels, sumps and hydraulics, M8 x 1 and M10 x 1 on brakes, lamps and sensors;
 * - American machines are built coarse, with #10-32 the exception; American cars, tractors and aircraft fine;
 * - British threads are those of machines from before 1970: Whitworth coarse on machines, fine on vehicles, BA in everything
 *   electrical; a fastener of that age is still replaced by its like;
 * - pipe threads are met on pipes: 1/4 to 1/2 before all;
 * - holes tapped for an insert in the sizes that strip, M6 to M10 before all; they weigh only where a hole is on the bench;
 * - spindles in the sizes that vices, jacks and slides have.
 * Where a shop has counted its own, that counts for more.
 */
export const SERIES_SHARES: Readonly<Record<string, SeriesShare>> = {
  "iso-metric coarse": {
    share: 50,
    sizes:
      "M1.6 .1, M2 .5, M2.3 .03, M2.5 .8, M2.6 .1, M3 6, M3.5 .15, M4 9, M5 12, M6 22, M7 .3, M8 21, M10 14, M12 8, M14 1, M16 3.2, M18 .35, M20 1.5, M22 .15, M24 .7, M27 .12, M30 .25, M36 .1",
  },
  "iso-metric fine": {
    share: 8,
    sizes:
      "M5x0.5 .3, M6x0.75 .7, M8x1 11, M10x1 10, M10x1.25 18, M12x1 1.5, M12x1.25 10, M12x1.5 12, M14x1.25 2, M14x1.5 9, M16x1.5 8, M18x1.5 4.5, M18x2 .3, M20x1.5 4, M20x2 .3, M22x1.5 2.5, M24x1.5 1, M24x2 .8, M27x2 .4, M30x1.5 .5, M30x2 .5",
  },
  UNC: {
    share: 17,
    sizes:
      "#2 .4, #4 3, #5 .2, #6 6, #8 7, #10 6, #12 .15, 1/4 22, 5/16 15, 3/8 17, 7/16 4.2, 1/2 10, 9/16 1.8, 5/8 4, 3/4 2.5, 7/8 .6, 1 .8, 1 1/8 .1, 1 1/4 .15, 1 1/2 .1",
  },
  UNF: {
    share: 9,
    sizes:
      "#0 .15, #4 .08, #6 .15, #8 .15, #10 24, #12 .1, 1/4 13, 5/16 13, 3/8 13, 7/16 4.2, 1/2 11, 9/16 3, 5/8 3.5, 3/4 4, 7/8 2, 1 .5, 1 1/8 .2, 1 1/4 .15",
  },
  UNEF: { share: 0.15 },
  UNS: { share: 0.1 },
  "8-UN": { share: 0.1 },
  "12-UN": { share: 0.1 },
  "16-UN": { share: 0.1 },
  BSW: {
    share: 6,
    sizes:
      "1/8 1.5, 5/32 .8, 3/16 6, 1/4 20, 5/16 17, 3/8 18, 7/16 4, 1/2 13, 9/16 .5, 5/8 6, 3/4 4, 7/8 1.2, 1 1.8, 1 1/8 .2, 1 1/4 .3",
  },
  BSF: {
    share: 2.2,
    sizes:
      "3/16 3, 7/32 1, 1/4 21, 9/32 .7, 5/16 21, 3/8 18, 7/16 8, 1/2 9, 9/16 1.5, 5/8 4, 3/4 2.5, 7/8 .7, 1 .7",
  },
  BA: {
    share: 2.4,
    sizes: "0 8, 1 2.5, 2 28, 3 3.5, 4 23, 5 4.5, 6 14, 7 .8, 8 5, 9 .3, 10 1.5",
  },
  cycle: { share: 0.35, sizes: "1/4 28, 5/16 26, 3/8 16, 9/16 12, 3/16 3, 1/2 3" },
  brass: { share: 0.12 },
  G: {
    share: 4.2,
    sizes:
      "1/16 .2, 1/8 13, 1/4 23, 3/8 17, 1/2 20, 5/8 1, 3/4 10, 7/8 .4, 1 6, 1 1/4 2.5, 1 1/2 2, 2 1.5",
  },
  R: {
    share: 2.6,
    sizes: "1/16 .3, 1/8 17, 1/4 26, 3/8 15, 1/2 19, 3/4 9, 1 5, 1 1/4 2, 1 1/2 1.5, 2 1.5",
  },
  Rp: { share: 0.15, sizes: "1/8 15, 1/4 24, 3/8 16, 1/2 22, 3/4 10, 1 6, 1 1/4 2, 2 2" },
  NPT: {
    share: 2.8,
    sizes: "1/16 1, 1/8 20, 1/4 27, 3/8 14, 1/2 19, 3/4 8, 1 5, 1 1/4 1.5, 1 1/2 1, 2 1.5",
  },
  NPSM: { share: 0.04 },
  NPSC: { share: 0.04 },
  Tr: {
    share: 0.7,
    sizes:
      "8x1.5 6, 10x2 14, 10x3 2, 12x2 2, 12x3 14, 14x3 6, 16x4 15, 18x4 4, 20x4 13, 22x5 3, 24x5 6, 28x5 3, 30x6 5, 36x6 2, 40x7 3",
  },
  Acme: { share: 0.3, sizes: "3/8 5, 1/2 20, 5/8 16, 3/4 16, 7/8 4, 1 14, 1 1/4 6, 1 1/2 4" },
  "stub Acme": { share: 0.02 },
  square: { share: 0.02 },
  Pg: { share: 0.35, sizes: "7 14, 9 24, 11 20, 13.5 20, 16 14, 21 6" },
  NH: { share: 0.05 },
  "conduit M": { share: 0.05 },
  "cylinder W": { share: 0.03, sizes: "W 21.80x1/14 3, W 24.32x1/14 1" },
  STI: {
    share: 4,
    sizes:
      "M4x0.7 4, M5x0.8 9, M6x1 20, M8x1.25 24, M10x1.5 20, M10x1.25 3, M12x1.75 9, M12x1.5 2, M14x1.25 4, M16x2 2, 1/4 5, 5/16 5, 3/8 5, 1/2 2, #10 1",
  },
};

/** Series of which a bench sees a part in some years: constant pitches, parallel American pipe threads. */
export const SELDOM_SHARE = 0.04;
