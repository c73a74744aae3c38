import { FINISH_ROWS, NOT_HELD_ROWS, NUT_CLASS_ROWS, OTHER_ROWS } from "./lexicon-words";
import { KIND_ROWS, PART_ROWS } from "./lexicon-parts";
import { QUANTITY_ROWS } from "./lexicon-quantities";
import type { Row } from "./meaning";

/** Every row of the lexicon: a word or a phrase more is a row more. */
export const ROWS: readonly Row[] = [
  ...PART_ROWS,
  ...KIND_ROWS,
  ...FINISH_ROWS,
  ...NUT_CLASS_ROWS,
  ...QUANTITY_ROWS,
  ...OTHER_ROWS,
  ...NOT_HELD_ROWS,
];
