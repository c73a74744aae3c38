/** Raw colours by theme and role. Components ask for roles through the theme; only this file holds a colour. */
export const PALETTE = {
  daylight: {
    plate: "#F3EFE4",
    card: "#FFFDF6",
    ink: "#1D2229",
    quiet: "#5B626B",
    line: "#D8D0BB",
    edge: "#1D2229",
    marking: "#22357A",
    scribe: "#F5F0DF",
    cutOnMarking: "#FFC35C",
    onScribe: "#1D2229",
    quietOnScribe: "#4B5058",
    brass: "#8A5A00",
    onBrass: "#FFFDF6",
    settled: "#14644A",
    open: "#8A5A00",
    clash: "#A92F1B",
    track: "#D8D0BB",
  },
  lamp: {
    plate: "#16181C",
    card: "#1F2329",
    ink: "#ECE7DA",
    quiet: "#A7A395",
    line: "#343A42",
    edge: "#ECE7DA",
    marking: "#1A2A63",
    scribe: "#E9E2CC",
    cutOnMarking: "#F2B95A",
    onScribe: "#1D2229",
    quietOnScribe: "#4B5058",
    brass: "#E0AE4A",
    onBrass: "#16181C",
    settled: "#58C79B",
    open: "#E0AE4A",
    clash: "#FF8A72",
    track: "#343A42",
  },
} as const;

export type ThemeName = keyof typeof PALETTE;
export type ColourRole = keyof (typeof PALETTE)["daylight"];
