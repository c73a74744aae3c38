import { seededRandom } from "@root-gauge/core/random";
import { encode } from "jpeg-js";

/** What a made-up photograph shows: a part from above, on a painted or bare surface. */
export interface PaintedScene {
  readonly shows: "hexagon" | "socket" | "slot" | "hole" | "fitting";
  /** The surface round it: red, green and blue. */
  readonly surface: readonly [number, number, number];
  /** How much of it is rust, 0 to 1. */
  readonly rust?: number;
  /** Radial lines on the head. */
  readonly lines?: number;
  readonly seed: number;
}

const WIDTH = 400;
const HEIGHT = 300;
const QUALITY = 78;

// Taken once: they are asked for a million times a picture.
const { PI, abs, atan2, ceil, cos, hypot, max, min, round, sin, sqrt } = Math;

const STEEL = [158, 160, 164] as const;
const RUST = [122, 66, 34] as const;
/** Where the lamp stands: to the upper left, well above. */
const LAMP = [-0.45, -0.55, 0.7] as const;
const STEP = 0.006;
/** How far from its middle the part goes. */
const REACH = { hexagon: 0.77, socket: 0.56, slot: 0.56, hole: 0.5, fitting: 0.72 } as const;

const clamp = (x: number) => min(1, max(0, x));
const ramp = (from: number, to: number, x: number) => {
  const t = clamp((x - from) / (to - from));
  return t * t * (3 - 2 * t);
};

/** Distance to the sides of a hexagon with this half width across flats; under nothing within. */
function hexagonAt(x: number, y: number, half: number): number {
  const ax = abs(x);
  const ay = abs(y);
  return max(ay, ax * 0.866 + ay * 0.5) - half;
}

/** Spots of every size, the same for the same seed. */
function spots(seed: number): (x: number, y: number) => number {
  const random = seededRandom(seed);
  const waves = Array.from({ length: 9 }, (_, at) => {
    const often = 3 + at * 3;
    const turned = random.even() * PI;
    const from = random.even() * 7;
    return {
      x: often * cos(turned),
      y: often * sin(turned),
      from,
      weight: 1 / (6 + at * 2),
    };
  });
  return (x, y) => {
    let sum = 0;
    for (const wave of waves) sum += wave.weight * sin(wave.x * x + wave.y * y + wave.from);
    return sum;
  };
}

type HeightAt = (x: number, y: number) => number;

/** How high the part stands over its surface, turned as it was found. */
function heightOf({ shows, lines = 0, seed }: PaintedScene): HeightAt {
  const turned = seededRandom(seed).even() * PI;
  const [along, across] = [cos(turned), sin(turned)];
  const hexagon = (x: number, y: number, half: number) =>
    hexagonAt(x * along - y * across, x * across + y * along, half);
  const marks = (x: number, y: number) => {
    const radius = hypot(x, y);
    if (lines === 0 || radius < 0.2 || radius > 0.4) return 0;
    const turn = ((atan2(y, x) + turned) / (2 * PI)) * lines;
    const off = abs(turn - round(turn)) * radius * (6 / lines);
    return 0.02 * (1 - ramp(0.02, 0.035, off));
  };
  return (x, y) => {
    const radius = hypot(x, y);
    const washer = 0.05 * (1 - ramp(0.74, 0.77, radius));
    switch (shows) {
      case "hexagon":
        return washer + 0.3 * (1 - ramp(-0.05, 0.02, hexagon(x, y, 0.55))) + marks(x, y);
      case "socket":
        return (
          0.4 * (1 - ramp(0.5, 0.56, radius)) - 0.35 * (1 - ramp(-0.02, 0.01, hexagon(x, y, 0.27)))
        );
      case "slot": {
        const slot = abs(x * along - y * across);
        return 0.28 * sqrt(clamp(1 - (radius / 0.56) ** 2)) * (slot < 0.05 ? 0.5 : 1);
      }
      case "hole":
        return radius > 0.5
          ? 0
          : -0.5 * ramp(0.5, 0.4, radius) + 0.03 * sin(radius * 70) * ramp(0.18, 0.3, radius);
      case "fitting":
        return (
          0.3 * (1 - ramp(-0.05, 0.02, hexagon(x, y, 0.6))) +
          0.25 * (1 - ramp(0.44, 0.47, radius)) -
          0.6 * (1 - ramp(0.3, 0.34, radius))
        );
    }
  };
}

/** The light that a place throws back, and how much of it shines. */
function lightAt(height: HeightAt, x: number, y: number) {
  const dx = (height(x + STEP, y) - height(x - STEP, y)) / (2 * STEP);
  const dy = (height(x, y + STEP) - height(x, y - STEP)) / (2 * STEP);
  const long = hypot(dx, dy, 1);
  const met = clamp((-dx * LAMP[0] - dy * LAMP[1] + LAMP[2]) / long);
  return { light: 0.25 + 0.85 * met, shine: met ** 24 };
}

/** A made-up photograph, drawn point by point: the same for the same scene. */
export function paintPicture(scene: PaintedScene): Buffer {
  const { surface, rust = 0, seed } = scene;
  const height = heightOf(scene);
  const spotted = spots(seed + 1);
  const data = Buffer.alloc(WIDTH * HEIGHT * 4);
  for (let row = 0; row < HEIGHT; row += 1) {
    for (let column = 0; column < WIDTH; column += 1) {
      const x = ((column - WIDTH / 2) / HEIGHT) * 2.1;
      const y = ((row - HEIGHT / 2) / HEIGHT) * 2.1;
      const isPart = hypot(x, y) < REACH[scene.shows];
      const { light, shine } = lightAt(height, x, y);
      const grain = spotted(x, y);
      const eaten = rust * (isPart ? 1 : 0.4);
      const rusty = ramp(0.9 - eaten * 1.6, 1.2 - eaten * 1.2, grain + 0.5) * ceil(rust);
      // What lies deep has little light.
      const deep = 1 + min(0, height(x, y)) * 1.5;
      const dark = 1 - 0.35 * hypot(x / 1.4, y) ** 2;
      const at = (row * WIDTH + column) * 4;
      for (let colour = 0; colour < 3; colour += 1) {
        const bare = isPart ? (STEEL[colour] ?? 0) : (surface[colour] ?? 0);
        const own = bare * (1 - rusty) + (RUST[colour] ?? 0) * rusty;
        const lit =
          own * light * deep * (1 + 0.08 * grain) + (isPart ? 90 * shine * deep * (1 - rusty) : 0);
        data[at + colour] = round(min(255, max(0, lit * dark)));
      }
      data[at + 3] = 255;
    }
  }
  return encode({ data, width: WIDTH, height: HEIGHT }, QUALITY).data;
}
