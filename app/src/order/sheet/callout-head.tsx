import type { Units } from "@root-gauge/core";
import type { Circumstances } from "@root-gauge/core/catalogue/circumstances";
import type { SheetWords } from "@root-gauge/core/say/sheet";
import { Card } from "../../kit/surface";
import { Body, Figure } from "../../kit/text";
import { SheetActions } from "./sheet-actions";

export interface CalloutHeadProps {
  readonly words: SheetWords;
  readonly circumstances: Circumstances;
  readonly units: Units;
  /** The machine and the place on it, for the printed sheet. */
  readonly title: string;
}

/** The call-out large, in the counter's words beneath, with copy, share, print and PDF. */
export function CalloutHead({ words, circumstances, units, title }: CalloutHeadProps) {
  return (
    <Card gap={8}>
      <Figure fontSize="$reading" lineHeight="$reading" userSelect="text">
        {words.callout}
      </Figure>
      <Body userSelect="text">{words.spoken}</Body>
      <SheetActions words={words} circumstances={circumstances} units={units} title={title} />
    </Card>
  );
}
