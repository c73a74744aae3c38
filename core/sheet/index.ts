export { magnetContradicts, specFromReadings } from "./spec-from-readings";
export { fastenerSheet } from "./fastener-sheet";
export type { FastenerSheet, SheetStrength } from "./fastener-sheet";
export { favouredThread, screwThatCameOut, screwThatGoesIn, shortcomings } from "./screw-of-record";
