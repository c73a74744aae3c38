import { isAcknowledged, type Circumstances } from "@root-gauge/core/catalogue/circumstances";
import { formatCallout, isCalloutProblem, type FastenerSpec } from "@root-gauge/core/callout";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useState } from "react";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { useSettings } from "../../data/kept/settings";
import { ActionButton } from "../../kit/action-button";
import { useScrollTo } from "../../kit/use-scroll-to";
import { UnitsSwitch } from "../../kit/units-switch";
import { Body } from "../../kit/text";
import { PageActions, PageHead } from "../../shell/page";
import { CalloutBox } from "../callout/callout-box";
import { CircumstancesCard } from "../replacement/circumstances-card";
import { PartSheetView } from "./part-sheet-view";
import { FastenerSheetView } from "./fastener-sheet-view";
import { ShortOf, useSavingToMachine, useSavingToRecord, WhereItGoes } from "./save-to-machine";
import { circumstancesOf, sheetPath, type SheetParams } from "../../shell/sheet-address";
import { readCallout } from "../callout/read-callout";

/** The page while no part was written, or what was written is none. */
function CalloutPage({ written }: { written: string }) {
  const router = useRouter();
  const kept = useDraft("wanted") ?? "";
  const [typed, setTyped] = useState<string>();
  return (
    <View flex={1} render="main">
      <PageHead title="What do you want to buy" backTo="/" aside={<UnitsSwitch />} />
      <View padding={12} gap={12} maxWidth={760}>
        <CalloutBox
          value={typed ?? (written === "" ? kept : written)}
          autoFocus
          typedOver
          onChange={(text) => {
            setTyped(text);
            writeDraft("wanted", text);
          }}
          onOpen={(callout) => router.push(sheetPath(callout))}
        />
        <ActionButton label="Start from a hole" onPress={() => router.push("/specify")} />
      </View>
    </View>
  );
}

/** The sheet of a part by its call-out, at an address that can be shared. */
export function FastenerScreen({ params }: { params: SheetParams }) {
  const read = readCallout(params.callout ?? "");
  if (isCalloutProblem(read)) return <CalloutPage written={params.callout ?? ""} />;
  return <FastenerPage key={formatCallout(read)} spec={read} params={params} />;
}

function FastenerPage({ spec, params }: { spec: FastenerSpec; params: SheetParams }) {
  const router = useRouter();
  const { units } = useSettings();
  const circumstances = circumstancesOf(params);
  const [acknowledgedAt, setAcknowledgedAt] = useState<string>();
  const [editing, setEditing] = useState<string>();
  const callout = formatCallout(spec);
  const { record } = params;
  const show = (text: string, place: Circumstances) =>
    router.replace(sheetPath(text, place, record));
  const allowed = isAcknowledged(circumstances, acknowledgedAt);
  const replacement = { callout, circumstances, acknowledgedAt: acknowledgedAt ?? null };
  const [whereRef, toWhere] = useScrollTo();
  const toMachine = useSavingToMachine({ replacement, allowed }, toWhere);
  const toRecord = useSavingToRecord(record, { replacement, allowed });
  const saving = record === undefined ? toMachine : toRecord;
  const common = {
    circumstances,
    units,
    acknowledged: acknowledgedAt !== undefined,
    onAcknowledge: () => setAcknowledgedAt(new Date().toISOString()),
    before: (
      <View data-print="no">
        {editing === undefined ? (
          <ActionButton label="Change it" onPress={() => setEditing(callout)} />
        ) : (
          <CalloutBox
            value={editing}
            autoFocus
            onChange={setEditing}
            onOpen={(text) => show(text, circumstances)}
          />
        )}
      </View>
    ),
    after: (
      <>
        <CircumstancesCard value={circumstances} onChange={(place) => show(callout, place)} />
        {record === undefined ? (
          <WhereItGoes ref={whereRef} problem={toMachine.whereProblem} />
        ) : (
          <ShortOf lines={toRecord.shortOf} />
        )}
      </>
    ),
  };
  return (
    <View flex={1} render="main">
      <PageHead title="Fastener sheet" backTo="/" aside={<UnitsSwitch />} />
      {spec.part === "screw" ? (
        <FastenerSheetView
          {...common}
          spec={spec}
          onOpen={(other) => router.push(sheetPath(formatCallout(other), circumstances, record))}
          onSurface={(surface) => show(callout, { ...circumstances, surface })}
          title=""
        />
      ) : (
        <PartSheetView {...common} spec={spec} />
      )}
      <PageActions>
        {saving.problem === undefined ? null : (
          <Body role="alert" color="$clash">
            {saving.problem}
          </Body>
        )}
        <ActionButton primary label={saving.label} onPress={saving.save} />
      </PageActions>
    </View>
  );
}
