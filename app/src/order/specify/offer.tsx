import { upperFirst } from "@root-gauge/core";
import { formatCallout } from "@root-gauge/core/callout";
import {
  holeChangeWords,
  nearestLengthWords,
  nominalLengthWords,
} from "@root-gauge/core/say/sheet";
import type { FilledHole } from "@root-gauge/core/decide/specify";
import { useRouter } from "expo-router";
import { useSettings } from "../../data/kept/settings";
import { changeSpecify } from "../../data/kept/specify-state";
import { ActionButton } from "../../kit/action-button";
import { Body, Figure } from "../../kit/text";
import { sheetPath } from "../../shell/sheet-address";

/** The way to the sheet of a screw that satisfies every check of the page; else to the nearest one that does. */
export function Offer({ filled }: { filled: FilledHole }) {
  const router = useRouter();
  const { units } = useSettings();
  const { hole, found, looked, circumstances, offer } = filled;
  const callout = formatCallout(looked.spec);
  switch (offer.kind) {
    case "this-screw":
      return (
        <>
          <Figure fontSize="$heading" lineHeight="$heading">
            {callout}
          </Figure>
          <ActionButton
            primary
            label="Open its sheet"
            onPress={() => router.push(sheetPath(callout, circumstances))}
          />
        </>
      );
    case "advised-length":
      return (
        <ActionButton
          primary
          label={`Take the ${nominalLengthWords(offer.lengthMm, hole)} one, which does`}
          onPress={() => changeSpecify({ lengthMm: undefined })}
        />
      );
    case "other-way":
      return (
        <>
          <Figure>
            {`Does ${holeChangeWords(offer.change)}: ${formatCallout(offer.looked.spec)}`}
          </Figure>
          <ActionButton
            primary
            label={upperFirst(holeChangeWords(offer.change))}
            onPress={() => changeSpecify(offer.change)}
          />
        </>
      );
    case "none":
      return <Body>{nearestLengthWords(found.advice, hole.thread, units)}</Body>;
  }
}
