export { magnetContradicts, specFromReadings } from "./spec-from-readings";
export { fastenerSheet } from "./fastener-sheet";
export type { FastenerSheet, SheetStrength } from "./fastener-sheet";
export { studSheet } from "./stud-sheet";
export type { StudEndSheet } from "./stud-sheet";
export { partSheet } from "./part-sheet";
export type {
  FittingSheet,
  NutSheet,
  PartSheet,
  PartSpec,
  PinSheet,
  PipeEnd,
  PlugSheet,
  WasherSheet,
} from "./part-sheet";
export { favouredThread, screwThatCameOut, screwThatGoesIn, shortcomings } from "./screw-of-record";
