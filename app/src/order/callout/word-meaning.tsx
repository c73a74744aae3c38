import { DRIVE_WORDS, FINISH_WORDS, HEAD_WORDS } from "@root-gauge/core";
import { DRIVES, FINISHES, HEAD_STYLES } from "@root-gauge/core/lists";
import type { OwnMeaning } from "@root-gauge/core/callout";
import { NUT_STYLES, WASHER_STYLES } from "@root-gauge/core/catalogue/fasteners";
import { NUT_STYLE_WORDS, WASHER_STYLE_WORDS } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { useState } from "react";
import { Chip } from "../../kit/chip";
import { ChoiceChips } from "../../kit/choice-chips";

const KINDS = [
  { value: "head", label: "A head" },
  { value: "drive", label: "What turns it" },
  { value: "finish", label: "A finish" },
  { value: "nut", label: "A nut" },
  { value: "washer", label: "A washer" },
  { value: "nothing", label: "Means nothing" },
] as const;

interface MeaningChoice {
  readonly label: string;
  readonly means: OwnMeaning;
}

function choicesOf(kind: OwnMeaning["kind"]): readonly MeaningChoice[] {
  switch (kind) {
    case "head":
      return HEAD_STYLES.map((head) => ({ label: HEAD_WORDS[head], means: { kind, head } }));
    case "drive":
      return DRIVES.map((drive) => ({ label: DRIVE_WORDS[drive], means: { kind, drive } }));
    case "finish":
      return FINISHES.map((finish) => ({ label: FINISH_WORDS[finish], means: { kind, finish } }));
    case "nut":
      return NUT_STYLES.map((style) => ({ label: NUT_STYLE_WORDS[style], means: { kind, style } }));
    case "washer":
      return WASHER_STYLES.map((style) => ({
        label: WASHER_STYLE_WORDS[style],
        means: { kind, style },
      }));
    case "nothing":
      return [];
  }
}

interface WordMeaningProps {
  /** What is asked, for a screen reader. */
  readonly name: string;
  readonly onChoose: (means: OwnMeaning) => void;
}

/** Two touches for what a word means: the kind of thing, then which. */
export function WordMeaning({ name, onChoose }: WordMeaningProps) {
  const [kind, setKind] = useState<OwnMeaning["kind"]>();
  const choices = kind === undefined ? [] : choicesOf(kind);
  return (
    <View gap={8}>
      <ChoiceChips
        name={name}
        value={kind}
        choices={KINDS}
        onChange={(chosen) =>
          chosen === "nothing" ? onChoose({ kind: "nothing" }) : setKind(chosen)
        }
      />
      {choices.length === 0 ? null : (
        <View role="group" aria-label="Which" flexDirection="row" flexWrap="wrap" gap={6}>
          {choices.map(({ label, means }) => (
            <Chip key={label} label={label} chosen={false} onPress={() => onChoose(means)} />
          ))}
        </View>
      )}
    </View>
  );
}
