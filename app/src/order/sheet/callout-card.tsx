import { favouredThread } from "@root-gauge/core/decide/sheet";
import { partTitleWords, SHEET_SENTENCES, type TitledPart } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { CopyButton } from "../../kit/copy-button";
import { Card } from "../../kit/surface";
import { Body, Figure } from "../../kit/text";
import { VerdictMark } from "../../kit/verdict-mark";

/** The call-out, large, and how sure it is. */
export function CalloutCard({ part }: { part: TitledPart }) {
  const { title, subtitle, verdict } = partTitleWords(part, favouredThread(part.result));
  return (
    <Card gap={8}>
      <Figure fontSize="$verdict" lineHeight="$verdict" userSelect="text">
        {title}
      </Figure>
      <View flexDirection="row" alignItems="center" gap={8} flexWrap="wrap">
        <VerdictMark verdict={verdict} />
        <Figure flex={1}>{subtitle}</Figure>
        {verdict === "settled" ? <CopyButton text={() => title} /> : null}
      </View>
      {verdict === "settled" ? null : <Body>{SHEET_SENTENCES.unsettled}</Body>}
    </Card>
  );
}
