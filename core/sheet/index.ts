export { magnetContradicts, specFromReadings } from "./spec-from-readings";
export { fastenerSheet, usualSurface } from "./fastener-sheet";
export type { FastenerSheet, SheetOptions, SheetStrength } from "./fastener-sheet";
