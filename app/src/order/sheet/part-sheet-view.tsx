import { type Units } from "@root-gauge/core";
import { needsAcknowledgement, type Circumstances } from "@root-gauge/core/catalogue/circumstances";
import { partSheet, type PartSpec } from "@root-gauge/core/decide/sheet";
import { partSheetWords } from "@root-gauge/core/say/sheet";
import { useMemo, type ReactNode } from "react";
import { PageColumns } from "../../shell/page";
import { CalloutHead } from "./callout-head";
import { CautionsCard } from "../../shared/cautions-card";
import { SectionCard } from "./section-card";

export interface PartSheetViewProps {
  readonly spec: PartSpec;
  readonly circumstances: Circumstances;
  readonly units: Units;
  readonly acknowledged: boolean;
  readonly onAcknowledge: () => void;
  /** What stands under the call-out, and under the last section. */
  readonly before: ReactNode;
  readonly after: ReactNode;
}

/** The sheet of a nut, a washer or a plug: its sizes, how strong, what goes with it, and what it is mistaken for. */
export function PartSheetView(props: PartSheetViewProps) {
  const { spec, circumstances, units, acknowledged, onAcknowledge, before, after } = props;
  const words = useMemo(
    () => partSheetWords(partSheet(spec, { circumstances }), units),
    [spec, circumstances, units],
  );
  const grave = needsAcknowledgement(circumstances);
  return (
    <PageColumns
      first={
        <>
          <CalloutHead words={words} circumstances={circumstances} units={units} title="" />
          {before}
          <CautionsCard
            cautions={words.cautions}
            {...(grave ? { acknowledgement: { given: acknowledged, onGive: onAcknowledge } } : {})}
          />
          {words.sections.slice(0, 2).map((section) => (
            <SectionCard key={section.id} section={section} />
          ))}
        </>
      }
      second={
        <>
          {words.sections.slice(2).map((section) => (
            <SectionCard key={section.id} section={section} />
          ))}
          {after}
        </>
      }
    />
  );
}
