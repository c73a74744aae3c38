import { threadById, type Thread, type Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { togglePin, useChartsState } from "../../data/kept/charts-state";
import { useSettings } from "../../data/kept/settings";
import { ProfileDrawing } from "../../draw/profile-drawing";
import { ActionButton } from "../../kit/action-button";
import { CopyButton } from "../../kit/copy-button";
import { factsText } from "../../kit/facts";
import { Body } from "../../kit/text";
import { UnitsSwitch } from "../../kit/units-switch";
import { PageColumns, PageHead } from "../../shell/page";
import { ThreadCaution } from "../../kit/thread-caution";
import { asLink, threadPath } from "../../shell/links";
import { AboutCard } from "./about-card";
import { HolesCard, holeFacts } from "./holes-card";
import { LimitsCard } from "./limits-card";
import { MistakenForCard, RelativesCard } from "./relatives";
import { basicFacts, limitCells, limitRows, noSuchThreadWords } from "@root-gauge/core/say/charts";

/** The page's figures as text, for a message or a note. */
function pageText(thread: Thread, units: Units): string {
  const limitLines = (["external", "internal"] as const).flatMap((side) =>
    limitRows(thread, side, units)
      .slice(0, 1)
      .map(limitCells)
      .map(
        ([name, major, pitch, minor]) =>
          `${side === "external" ? "Screw" : "Nut"} ${name}, ${units}: major ${major}, pitch diameter ${pitch}, minor ${minor}`,
      ),
  );
  const facts = [...basicFacts(thread, units), ...holeFacts(thread, units)];
  return [factsText(thread.designation, facts), ...limitLines].join("\n");
}

function PageButtons({ thread, units }: { thread: Thread; units: Units }) {
  const { pinned } = useChartsState();
  const isPinned = pinned.includes(thread.id);
  return (
    <View flexDirection="row" flexWrap="wrap" alignItems="flex-start" gap={8}>
      <ActionButton
        label={isPinned ? "Unpin" : "Pin to compare"}
        onPress={() => togglePin(thread.id)}
      />
      <CopyButton label="Copy as text" text={() => pageText(thread, units)} />
      <CopyButton label="Copy the link" text={() => asLink(threadPath(thread.id))} />
    </View>
  );
}

function UnknownThread({ id }: { id: string }) {
  const router = useRouter();
  return (
    <View padding={12} gap={12}>
      <Body>{noSuchThreadWords(id)}</Body>
      <ActionButton primary label="Go to the threads" onPress={() => router.replace("/charts")} />
    </View>
  );
}

/** Everything about one thread, at an address that can be shared. */
export function ThreadScreen({ id }: { id: string | undefined }) {
  const { units } = useSettings();
  const thread = threadById(id ?? "");
  return (
    <View flex={1} minHeight={0} render="main">
      <PageHead
        title={thread?.designation ?? "No such thread"}
        backTo="/charts"
        aside={<UnitsSwitch />}
      />
      {thread === undefined ? (
        <UnknownThread id={id ?? ""} />
      ) : (
        <PageColumns
          first={
            <>
              <ProfileDrawing thread={thread} units={units} />
              <PageButtons thread={thread} units={units} />
              <AboutCard thread={thread} units={units} />
              <HolesCard thread={thread} units={units} />
            </>
          }
          second={
            <>
              <LimitsCard thread={thread} units={units} />
              <RelativesCard thread={thread} />
              <MistakenForCard thread={thread} units={units} />
              <ThreadCaution />
            </>
          }
        />
      )}
    </View>
  );
}
