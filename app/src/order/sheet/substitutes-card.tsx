import { formatCallout, type ScrewSpec } from "@root-gauge/core/callout";
import type { FastenerSheet } from "@root-gauge/core/decide/sheet";
import { changeWords, SHEET_SENTENCES } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { ListRow } from "../../kit/list-row";
import { Card } from "../../kit/surface";
import { Body, Figure, Heading, Small } from "../../kit/text";

export interface SubstitutesCardProps {
  readonly sheet: FastenerSheet;
  /** Shown only once the caution of a joint on which safety hangs was read. */
  readonly shown: boolean;
  /** Opens the sheet of a substitute. */
  readonly onOpen: (spec: ScrewSpec) => void;
}

/** What may go in instead, each a touch from its own sheet. */
export function SubstitutesCard({ sheet, shown, onOpen }: SubstitutesCardProps) {
  return (
    <Card gap={8} role="region" aria-label="May go in instead">
      <Heading>May go in instead</Heading>
      {shown ? null : <Body>{SHEET_SENTENCES.readCaution}</Body>}
      {shown && sheet.substitutes.length === 0 ? <Body>{SHEET_SENTENCES.noSubstitute}</Body> : null}
      {shown
        ? sheet.substitutes.map(({ spec, changes }) => (
            <ListRow key={formatCallout(spec)} onPress={() => onOpen(spec)}>
              <View flex={1} gap={2}>
                <Figure>{formatCallout(spec)}</Figure>
                <Small>
                  {changes.map((change) => changeWords(change, sheet.spec.thread)).join(" ")}
                </Small>
              </View>
            </ListRow>
          ))
        : null}
    </Card>
  );
}
