import {
  SCREW_PIECES,
  formatCallout,
  pieceChoices,
  pieceWritten,
  type ScrewPiece,
  type ScrewSpec,
} from "@root-gauge/core/callout";
import { View } from "@tamagui/core";
import { useState } from "react";
import { Chip } from "../../kit/chip";
import { Label } from "../../kit/text";

interface UnderstoodProps {
  readonly spec: ScrewSpec;
  readonly onChange: (callout: string) => void;
}

/** What was read, a plate for each piece; one that is touched shows what it may be instead. */
export function Understood({ spec, onChange }: UnderstoodProps) {
  const [open, setOpen] = useState<ScrewPiece>();
  const said = SCREW_PIECES.flatMap((piece) => {
    const written = pieceWritten(spec, piece);
    return written === undefined ? [] : [{ piece, written }];
  });
  const shown = said.find(({ piece }) => piece === open);
  return (
    <View gap={6}>
      <Label>Understood</Label>
      <View role="group" aria-label="Understood" flexDirection="row" flexWrap="wrap" gap={6}>
        {said.map(({ piece, written }) => (
          <Chip
            key={piece}
            label={written}
            aria-label={`${written}: put right`}
            aria-expanded={piece === open}
            chosen={piece === open}
            onPress={() => setOpen(piece === open ? undefined : piece)}
          />
        ))}
      </View>
      {shown === undefined ? null : (
        <View
          role="group"
          aria-label={`In place of ${shown.written}`}
          flexDirection="row"
          flexWrap="wrap"
          gap={6}
          padding={8}
          borderWidth={1}
          borderColor="$line"
          borderRadius={4}
        >
          {pieceChoices(spec, shown.piece).map(({ written, spec: other }) => (
            <Chip
              key={written ?? "unsaid"}
              label={written ?? "not said"}
              chosen={written === shown.written}
              onPress={() => {
                setOpen(undefined);
                onChange(formatCallout(other));
              }}
            />
          ))}
        </View>
      )}
    </View>
  );
}
