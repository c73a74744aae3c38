import type { Repair } from "@root-gauge/contract";
import {
  damageFrom,
  repairWork,
  takesMetal,
  type Damage,
  type RepairRecord,
} from "@root-gauge/core/mend/repair";
import { RECORD_SENTENCES } from "@root-gauge/core/say/record";
import { planPaperWords, progressWords } from "@root-gauge/core/say/mend";
import { SHEET_SENTENCES } from "@root-gauge/core/say/sheet";
import type { Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useMemo, type ReactNode } from "react";
import { useRepair } from "../../data/record/queries";
import { useMachineName } from "../../data/record/machine-queries";
import type { Kept } from "../../data/outbox/waiting";
import { useSettings } from "../../data/kept/settings";
import { ActionButton } from "../../kit/action-button";
import { Facts } from "../../kit/facts";
import { Card } from "../../kit/surface";
import { Body, Figure, Heading, Small } from "../../kit/text";
import { PlanPdf } from "../plan/plan-pdf";
import { BeforeAndAfter } from "../room/hole-picture";
import { reopen } from "../plan/reopen";
import { EditAside } from "../../edit/edit-aside";
import { EditRepair } from "./edit-repair";
import { useEdit } from "../../edit/use-edit";
import { PageActions, PageColumns, PageHead } from "../../shell/page";

interface BodyProps {
  readonly repair: Kept<Repair>;
  readonly record: RepairRecord;
  readonly damage: Damage;
  readonly units: Units;
  /** The card in which it is being changed, while it is. */
  readonly edit: ReactNode;
}

function RepairBody({ repair, record, damage, units, edit }: BodyProps) {
  const work = useMemo(() => repairWork(damage, record.choice), [damage, record]);
  const words = planPaperWords(work, damage, record, units);
  const plan = work.tapping?.kind === "plan" ? work.tapping : undefined;
  const cut = takesMetal(damage);
  return (
    <PageColumns
      first={
        <>
          <Card gap={4}>
            <Heading>{words.title}</Heading>
            <Body>{words.subtitle}</Body>
            <Figure>{progressWords(record.outcome, record.done.length, work.steps.length)}</Figure>
            {repair.waiting ? <Small>{RECORD_SENTENCES.notOnServer}</Small> : null}
          </Card>
          {edit}
          {cut ? <BeforeAndAfter damage={damage} after={work.chosen ?? plan} /> : null}
          <Card gap={8}>
            <Facts facts={[...words.facts, ...words.ending.filter(([, text]) => text !== "")]} />
          </Card>
          {words.cautions.map((line) => (
            <Small key={line}>{line}</Small>
          ))}
        </>
      }
      second={
        <Card gap={8} role="region" aria-label="Steps">
          <Heading>Steps</Heading>
          {words.steps.map(({ number, title, text, done }) => (
            <View key={number} gap={2}>
              <Figure>{`${done === "" ? number : "✓"}  ${title}`}</Figure>
              <Small>{done === "" ? text : done}</Small>
            </View>
          ))}
        </Card>
      }
    />
  );
}

/** A repair as it was written up: what was done, with what, and how it came out. */
export function RepairScreen({ id }: { id: string }) {
  const router = useRouter();
  const { units } = useSettings();
  const { repair, query } = useRepair(id);
  const machineName = useMachineName(repair?.machineId ?? null);
  const record = repair?.record ?? undefined;
  const damage = record === undefined ? undefined : damageFrom(record.damage);
  const { editing, begin, leave } = useEdit(id);
  const title = [machineName, repair?.position].filter(Boolean).join(": ");
  return (
    <View flex={1} render="main">
      <PageHead
        title={title === "" ? "Repair" : title}
        backTo="/jobs"
        aside={<EditAside editable={record !== undefined && !editing} onEdit={begin} />}
      />
      {repair === undefined ? (
        <Body role="status" padding={12}>
          {query.error?.message ?? "Fetching the repair."}
        </Body>
      ) : record === undefined || damage === undefined ? (
        <Card margin={12} gap={4} borderColor="$clash">
          <Heading>Cannot be read any more</Heading>
          <Body>{SHEET_SENTENCES.olderRule}</Body>
          {repair.unreadable.map((text, at) => (
            <Small key={at} userSelect="text">
              {text}
            </Small>
          ))}
        </Card>
      ) : (
        <>
          <RepairBody
            repair={repair}
            record={record}
            damage={damage}
            units={units}
            edit={
              editing ? (
                <EditRepair
                  repair={repair}
                  name={[repair.title, repair.position].filter(Boolean).join(", ")}
                  onDone={leave}
                  onRemoved={() => {
                    leave();
                    router.replace(`/machine/${repair.machineId}`);
                  }}
                />
              ) : null
            }
          />
          <PageActions>
            <View flexDirection="row" gap={8}>
              <View flex={1}>
                <PlanPdf record={record} units={units} title={title} />
              </View>
              <ActionButton
                flex={1}
                primary
                label={record.outcome === null ? "Go on with it" : "Open it in Mend"}
                onPress={() => {
                  reopen(repair, record, damage);
                  router.push("/mend");
                }}
              />
            </View>
          </PageActions>
        </>
      )}
    </View>
  );
}
