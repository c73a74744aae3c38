import { inputOfRemark } from "../../data/record/inputs";
import { LONGEST } from "@root-gauge/core/record";
import type { Remark } from "@root-gauge/contract";
import { PICTURE_SENTENCES, REMARK_SENTENCES, pictureWords } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { remove } from "../../data/outbox/removal";
import {
  beginRemarkDraft,
  leaveRemarkDraft,
  useRemarkDraft,
  useRemarkSeen,
  writeRemarkDraft,
} from "../../data/drafts/remark-drafts";
import { useRemarks } from "../../data/record/remark-queries";
import { saveRemark } from "../../data/outbox/saving";
import type { Kept } from "../../data/outbox/waiting";
import { ActionButton } from "../../kit/action-button";
import { Body, Heading, Small } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { shortTime } from "../../kit/short-time";
import { AddRemark } from "./add-remark";
import { RemarkPicture } from "./remark-picture";

/** The words of a remark, being changed. */
function ChangeWords({ remark, text }: { remark: Kept<Remark>; text: string }) {
  const saw = useRemarkSeen(remark.id) ?? remark.version;
  const leave = () => leaveRemarkDraft(remark.id);
  const save = () => {
    saveRemark(remark.id, { ...inputOfRemark(remark), text: text.trim() }, remark.picture, saw);
    leave();
  };
  return (
    <View gap={8}>
      <TextEntry
        label={REMARK_SENTENCES.words}
        value={text}
        lines={2}
        longest={LONGEST.notes}
        onChange={(typed) => writeRemarkDraft(remark.id, typed)}
      />
      <View flexDirection="row" gap={8}>
        <ActionButton flex={1} label="Leave it" onPress={leave} />
        <ActionButton flex={1} primary label="Save the words" onPress={save} />
      </View>
    </View>
  );
}

/** One thing that was noted: its picture and words, when and by whom. */
function RemarkCard({ remark }: { remark: Kept<Remark> }) {
  const { id, text, takenAt, who, picture, waiting, version } = remark;
  const draft = useRemarkDraft(id);
  const name = text === "" ? pictureWords(takenAt.slice(0, 10)) : text;
  const takeOut = () => {
    const body = inputOfRemark(remark);
    const parcel = {
      kind: "remark",
      id,
      body,
      picture,
      queuedAt: Date.now(),
      saw: version,
    } as const;
    remove(name.slice(0, 60), parcel);
  };
  return (
    <View role="listitem" gap={6} paddingBottom={8} borderBottomWidth={1} borderColor="$line">
      <RemarkPicture remark={remark} says={name} />
      {draft === undefined ? (
        <>
          {text === "" ? null : <Body userSelect="text">{text}</Body>}
          <View flexDirection="row" flexWrap="wrap" alignItems="center" gap={8}>
            <Small flex={1} minWidth={120}>
              {[shortTime(takenAt), who, waiting ? PICTURE_SENTENCES.waits : ""]
                .filter(Boolean)
                .join(" · ")}
            </Small>
            <ActionButton
              label="Change"
              says={`Change the words: ${name}`}
              onPress={() => beginRemarkDraft(id, text, version)}
            />
            <ActionButton label="Remove" says={`Remove ${name}`} onPress={takeOut} />
          </View>
        </>
      ) : (
        <ChangeWords remark={remark} text={draft} />
      )}
    </View>
  );
}

/** What was noted of a position, with photographs, the last first; and what is to be added. */
export function Remarks({ positionId }: { positionId: string }) {
  const { remarks, next, more } = useRemarks(positionId);
  return (
    <View role="region" aria-label="Notes and photographs" gap={8} marginVertical={12}>
      <Heading>Notes and photographs</Heading>
      <AddRemark positionId={positionId} />
      {remarks.length === 0 ? null : (
        <View role="list" aria-label="Notes" gap={8}>
          {remarks.map((remark) => (
            <RemarkCard key={remark.id} remark={remark} />
          ))}
        </View>
      )}
      {next ? <ActionButton label="Older notes" onPress={more} /> : null}
    </View>
  );
}
