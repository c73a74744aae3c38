import {
  formatCallout,
  holeChangeWords,
  lookedAt,
  nearestLengthWords,
  nearestThatWorks,
  nominalLengthWords,
  type Circumstances,
  type HoleToFill,
  type LookedAt,
  type Specification,
} from "@root-gauge/core";
import { useRouter } from "expo-router";
import { useSettings } from "../data/settings";
import { changeSpecify } from "../data/specify-state";
import { ActionButton } from "../kit/action-button";
import { upperFirst } from "../kit/letter-case";
import { Body, Figure } from "../kit/text";
import { sheetPath } from "../sheet/sheet-address";

export interface OfferProps {
  readonly hole: HoleToFill;
  readonly found: Specification;
  readonly looked: LookedAt;
  readonly circumstances: Circumstances;
}

/** The way to the sheet of a screw that satisfies every check of the page; else to the nearest one that does. */
export function Offer({ hole, found, looked, circumstances }: OfferProps) {
  const router = useRouter();
  if (looked.works) {
    const callout = formatCallout(looked.spec);
    return (
      <>
        <Figure fontSize={20} lineHeight={24}>
          {callout}
        </Figure>
        <ActionButton
          primary
          label="Open its sheet"
          onPress={() => router.push(sheetPath(callout, circumstances))}
        />
      </>
    );
  }
  return <Nearest hole={hole} found={found} />;
}

/** Another length that does in this hole, or another way to fill it. */
function Nearest({ hole, found }: Pick<OfferProps, "hole" | "found">) {
  const { units } = useSettings();
  const advised = lookedAt(hole, found);
  if (advised?.works === true) {
    const { lengthMm } = advised.seating;
    return (
      <ActionButton
        primary
        label={`Take the ${nominalLengthWords(lengthMm, hole)} one, which does`}
        onPress={() => changeSpecify({ lengthMm: undefined })}
      />
    );
  }
  const other = nearestThatWorks(hole);
  if (other === undefined) {
    return <Body>{nearestLengthWords(found.advice, hole.thread, units)}</Body>;
  }
  return (
    <>
      <Figure>{`Does ${holeChangeWords(other.change)}: ${formatCallout(other.looked.spec)}`}</Figure>
      <ActionButton
        primary
        label={upperFirst(holeChangeWords(other.change))}
        onPress={() => changeSpecify(other.change)}
      />
    </>
  );
}
