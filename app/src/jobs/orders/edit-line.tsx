import { LONGEST } from "@root-gauge/core/record";
import { orderLineSchema, type KeptLine } from "@root-gauge/contract";
import { ORDER_SENTENCES } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useState } from "react";
import type { DraftField } from "../../data/kept/draft-fields";
import { clearDrafts, useDraft, useDrafts, writeDraft } from "../../data/drafts/drafts";
import { ActionButton } from "../../kit/action-button";
import { TextEntry } from "../../kit/text-entry";

const FIELDS = [
  "line.callout",
  "line.needed",
  "line.shelf",
  "line.ordered",
  "line.instead",
] as const satisfies readonly DraftField[];

/** Which line of an order is being changed; what is typed of it outlives a reload. */
export function useEditLine(id: string) {
  return {
    editing: useDraft("line.of") === id,
    begin: () => {
      clearDrafts(["line.saw", ...FIELDS]);
      writeDraft("line.of", id);
    },
    leave: () => clearDrafts(["line.of", "line.saw", ...FIELDS]),
  };
}

/** A count as it was typed; what is none is told apart from nothing. */
const countTyped = (text: string) => (text.trim() === "" ? null : Number(text));

interface EditLineProps {
  readonly line: KeptLine;
  readonly onSave: (line: KeptLine) => void;
  readonly onRemove: () => void;
  readonly onLeave: () => void;
}

/** A line of an order, to be changed by hand. */
export function EditLine({ line, onSave, onRemove, onLeave }: EditLineProps) {
  const typed = useDrafts(FIELDS);
  const [problem, setProblem] = useState<DraftField>();
  const values = {
    "line.callout": typed["line.callout"] ?? line.callout,
    "line.needed": typed["line.needed"] ?? String(line.needed),
    "line.shelf": typed["line.shelf"] ?? String(line.onShelf),
    "line.ordered": typed["line.ordered"] ?? String(line.ordered ?? ""),
    "line.instead": typed["line.instead"] ?? line.alternates.join(" / "),
  };
  const save = () => {
    const alternates = values["line.instead"]
      .split(" / ")
      .map((text) => text.trim())
      .filter(Boolean);
    const read = orderLineSchema.safeParse({
      ...line,
      callout: values["line.callout"],
      needed: countTyped(values["line.needed"]) ?? 0,
      onShelf: countTyped(values["line.shelf"]) ?? 0,
      ordered: countTyped(values["line.ordered"]),
      alternates,
    });
    if (read.success) return onSave(read.data);
    const at = String(read.error.issues[0]?.path[0]);
    const places: Readonly<Record<string, DraftField>> = {
      callout: "line.callout",
      needed: "line.needed",
      onShelf: "line.shelf",
      ordered: "line.ordered",
    };
    return setProblem(places[at] ?? "line.instead");
  };
  const field = (at: (typeof FIELDS)[number], label: string, placeholder = "") => {
    const isCount = at !== "line.callout" && at !== "line.instead";
    const why = isCount ? ORDER_SENTENCES.countWanted : ORDER_SENTENCES.lineWanted;
    return (
      <TextEntry
        label={label}
        value={values[at]}
        placeholder={placeholder}
        figures={isCount}
        longest={isCount ? 6 : LONGEST.line}
        problem={problem === at ? why : undefined}
        onChange={(text) => writeDraft(at, text)}
        onSubmit={save}
      />
    );
  };
  return (
    <View gap={8}>
      {field("line.callout", "The part")}
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <View flex={1} minWidth={90}>
          {field("line.needed", "Needed")}
        </View>
        <View flex={1} minWidth={90}>
          {field("line.shelf", "On the shelf")}
        </View>
        <View flex={1} minWidth={90}>
          {field("line.ordered", "To order", ORDER_SENTENCES.asksTheRule)}
        </View>
      </View>
      {field("line.instead", ORDER_SENTENCES.instead)}
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <ActionButton flex={1} label="Leave it" onPress={onLeave} />
        <ActionButton flex={1} primary label="Keep the line" onPress={save} />
      </View>
      <ActionButton label="Take the line off" onPress={onRemove} />
    </View>
  );
}
