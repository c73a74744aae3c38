import { LONGEST } from "@root-gauge/core/record";
import { PICTURE_SENTENCES, REMARK_SENTENCES, tooLargeWords } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useState } from "react";
import { v4 as uuid } from "uuid";
import { keepPicture } from "../../data/kept/kept-pictures";
import {
  clearRemarkDraft,
  useRemarkDraft,
  writeRemarkDraft,
} from "../../data/drafts/remark-drafts";
import { saveRemark } from "../../data/outbox/saving";
import { ActionButton } from "../../kit/action-button";
import { PictureButton } from "../../kit/picture-button";
import { Body } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { LARGEST_FILE, shrinkPicture } from "./shrink-picture";

/** As long as the contract takes a note. */

/** Something to be noted of a position: words, a photograph, or a photograph with the words that are typed. */
export function AddRemark({ positionId }: { positionId: string }) {
  const text = useRemarkDraft(positionId) ?? "";
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const taken = () => {
    // A photograph takes a moment: what is typed meanwhile is for the next note.
    clearRemarkDraft(positionId, text);
    setProblem(undefined);
  };
  const inputNow = () => ({ positionId, text: text.trim(), takenAt: new Date().toISOString() });
  const addWords = () => {
    saveRemark(uuid(), inputNow(), null);
    taken();
  };
  const addPicture = async (file: File) => {
    setBusy(true);
    const small = await shrinkPicture(file);
    setBusy(false);
    if (small === "too-large") return setProblem(tooLargeWords(file.size, LARGEST_FILE));
    if (small === "no-picture") return setProblem(PICTURE_SENTENCES.noPicture);
    const { blob, ...picture } = small;
    const id = uuid();
    await keepPicture(id, blob);
    saveRemark(id, inputNow(), picture);
    return taken();
  };
  const onPicture = (file: File) => void addPicture(file);
  return (
    <View gap={8} data-print="no">
      <TextEntry
        label={REMARK_SENTENCES.add}
        value={text}
        lines={2}
        longest={LONGEST.notes}
        placeholder={REMARK_SENTENCES.hint}
        problem={problem}
        onChange={(typed) => writeRemarkDraft(positionId, typed === "" ? undefined : typed)}
      />
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        {text.trim() === "" ? null : (
          <ActionButton flex={1} primary label="Add the note" onPress={addWords} />
        )}
        <PictureButton
          camera
          label="Photograph"
          says={REMARK_SENTENCES.photograph}
          onPicture={onPicture}
        />
        <PictureButton
          label="Choose a picture"
          says={REMARK_SENTENCES.choose}
          onPicture={onPicture}
        />
      </View>
      {busy ? <Body role="status">{PICTURE_SENTENCES.shrinking}</Body> : null}
    </View>
  );
}
