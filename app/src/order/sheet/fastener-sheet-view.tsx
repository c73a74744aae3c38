import { type Units } from "@root-gauge/core";
import {
  needsAcknowledgement,
  type Circumstances,
  type TighteningSurface,
} from "@root-gauge/core/catalogue/circumstances";
import type { ScrewSpec } from "@root-gauge/core/callout";
import { fastenerSheet } from "@root-gauge/core/decide/sheet";
import { sheetWords, type SheetSection } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { Suspense, useMemo, type ReactNode } from "react";
import { Card } from "../../kit/surface";
import { Body } from "../../kit/text";
import { useAfterFirstPaint } from "../../kit/use-after-first-paint";
import { VerdictMark } from "../../kit/verdict-mark";
import { PageColumns } from "../../shell/page";
import { CalloutHead } from "./callout-head";
import { CautionsCard } from "../../shared/cautions-card";
import { FastenerPicture } from "./fastener-picture";
import { LoadChart } from "./load-chart";
import { SectionCard } from "./section-card";
import { SpannerTry } from "./spanner-try";
import { SubstitutesCard } from "./substitutes-card";
import { SurfaceChoice } from "./surface-choice";

export interface FastenerSheetViewProps {
  readonly spec: ScrewSpec;
  readonly circumstances: Circumstances;
  readonly units: Units;
  readonly acknowledged: boolean;
  readonly onAcknowledge: () => void;
  readonly onOpen: (spec: ScrewSpec) => void;
  /** Another surface changes the torque wherever it is shown, copied or printed. */
  readonly onSurface: (surface: TighteningSurface) => void;
  /** The machine and the place on it, for the printed sheet. */
  readonly title: string;
  /** What stands under the call-out over the sheet in the first column, and under it in the second. */
  readonly before?: ReactNode;
  readonly after?: ReactNode;
}

/** The sheet of a screw: what it is, how strong, what turns it, what goes with it and what must not. */
export function FastenerSheetView(props: FastenerSheetViewProps) {
  // The page's own head answers the touch.
  return useAfterFirstPaint() ? <SheetColumns {...props} /> : <View flex={1} />;
}

function SheetColumns(props: FastenerSheetViewProps) {
  const { spec, circumstances, units, acknowledged, before, after } = props;
  const sheet = useMemo(() => fastenerSheet(spec, { circumstances }), [spec, circumstances]);
  const words = useMemo(() => sheetWords(sheet, units), [sheet, units]);
  const grave = needsAcknowledgement(circumstances);
  const section = (id: SheetSection["id"], children?: ReactNode) => {
    const found = words.sections.find((one) => one.id === id);
    return found === undefined ? null : <SectionCard section={found}>{children}</SectionCard>;
  };
  const { strength } = sheet;
  // The first picture is the call-out, the drawing and the cautions; the rest follows in the next frame.
  const later = useAfterFirstPaint();
  return (
    <PageColumns
      first={
        <>
          <CalloutHead
            words={words}
            circumstances={circumstances}
            units={units}
            title={props.title}
          />
          {words.problems.length === 0 ? null : (
            <Card gap={6} borderColor="$clash" role="alert">
              {words.problems.map((line) => (
                <View key={line} flexDirection="row" gap={8} alignItems="flex-start">
                  <View paddingTop={2}>
                    <VerdictMark verdict="contradictory" />
                  </View>
                  <Body flex={1} color="$clash">
                    {line}
                  </Body>
                </View>
              ))}
            </Card>
          )}
          {before}
          <FastenerPicture spec={spec} />
          <CautionsCard
            cautions={words.cautions}
            {...(grave
              ? { acknowledgement: { given: acknowledged, onGive: props.onAcknowledge } }
              : {})}
          />
          {section(
            "strength",
            strength === undefined || !later ? null : (
              <Suspense fallback={null}>
                <LoadChart thread={spec.thread} grade={strength.grade} units={units} />
              </Suspense>
            ),
          )}
          {later ? section("sizes") : null}
        </>
      }
      second={
        !later ? null : (
          <>
            {section("tools", <SpannerTry spec={spec} units={units} />)}
            {section("companions")}
            {section(
              "torque",
              sheet.torque === undefined ? null : (
                <SurfaceChoice value={sheet.torque.surface} onChange={props.onSurface} />
              ),
            )}
            <SubstitutesCard sheet={sheet} shown={!grave || acknowledged} onOpen={props.onOpen} />
            {section("never")}
            {after}
          </>
        )
      }
    />
  );
}
