import { fastenerSheet, sheetWords, type Circumstances, type ScrewSpec } from "@root-gauge/core";
import { useSettings } from "../data/settings";
import { Card } from "../kit/surface";
import { Body, Figure } from "../kit/text";
import { SheetActions } from "./sheet-actions";

/** The call-out large, in the counter's words beneath, with copy, share, print and PDF. */
export function CalloutHead({
  spec,
  circumstances,
  title,
}: {
  spec: ScrewSpec;
  circumstances: Circumstances;
  title: string;
}) {
  const { units } = useSettings();
  const words = sheetWords(fastenerSheet(spec, { circumstances }), units);
  return (
    <Card gap={8}>
      <Figure fontSize={32} lineHeight={36} userSelect="text">
        {words.callout}
      </Figure>
      <Body userSelect="text">{words.spoken}</Body>
      <SheetActions words={words} circumstances={circumstances} units={units} title={title} />
    </Card>
  );
}
