import { printLength, scaleWords, threadName, type Units } from "@root-gauge/core";
import type { HolePlan } from "@root-gauge/core/mend/holes";
import type { Damage, RepairOption } from "@root-gauge/core/mend/repair";
import {
  HOLE_TAGS,
  holeDrawing,
  touchedHoleDrawing,
  type HoleTag,
} from "@root-gauge/core/draw/hole";
import { View } from "@tamagui/core";
import { useState } from "react";
import { changeDamage, type MendLength, type MendState } from "../../data/kept/mend-state";
import { edgeOfTag, FlowTag } from "../../draw/flow-tag";
import { Plate } from "../../draw/plate";
import { ActionButton } from "../../kit/action-button";
import { ChoiceRow } from "../../kit/choice-row";
import { Pressable } from "../../kit/pressable";
import { Card } from "../../kit/surface";
import { Figure, Label } from "../../kit/text";
import { useLayout } from "../../kit/wide";
import { lengthIn } from "./damage-of";
import { MendField, YesNo } from "./mend-fields";
import { fieldLabel } from "./mend-lengths";

const HEIGHT = 296;
const TAG_WIDTH = 84;
const TAG_HEIGHT = 48;

type PictureView = "in-place" | "side-by-side";

const VIEWS = [
  { value: "in-place", label: "In place" },
  { value: "side-by-side", label: "Before and after" },
] as const;

export interface HolePictureProps {
  readonly damage: Damage;
  readonly state: MendState;
  readonly after: RepairOption | HolePlan | undefined;
  readonly units: Units;
}

type Asked = HoleTag | "behind";

interface TagPlace {
  readonly left?: number;
  readonly right?: number;
  readonly top: number;
}

/** Where the tags stand: at the sides of the plate, so that none lies on the metal. */
const PLACES: Readonly<Record<Asked, TagPlace>> = {
  depth: { left: 6, top: 96 },
  bore: { left: 6, top: 6 },
  edge: { right: 6, top: 6 },
  behind: { right: 6, top: 120 },
  thickness: { right: 6, top: 176 },
};

interface TagProps {
  readonly label: string;
  readonly figure: string | undefined;
  readonly place: TagPlace;
  readonly open: boolean;
  readonly onPress: () => void;
}

/** A figure of the hole, to be touched: solid when known, dashed when not. */
function Tag({ label, figure, place, open, onPress }: TagProps) {
  const known = figure !== undefined;
  return (
    <Pressable
      position="absolute"
      {...place}
      width={TAG_WIDTH}
      minHeight={TAG_HEIGHT}
      paddingHorizontal={6}
      {...edgeOfTag(known)}
      focusVisibleStyle={{ outlineColor: "$scribe" }}
      aria-expanded={open}
      onPress={onPress}
    >
      <View>
        <Figure
          fontSize="$body"
          lineHeight="$detail"
          numberOfLines={1}
          color={known ? "$onScribe" : "$scribe"}
        >
          {figure ?? "?"}
        </Figure>
        <Label
          color={known ? "$quietOnScribe" : "$scribe"}
          lineHeight="$fine"
          fontSize="$fine"
          numberOfLines={1}
        >
          {label}
        </Label>
      </View>
    </Pressable>
  );
}

const SHORT: Readonly<Record<HoleTag, string>> = {
  depth: "depth",
  bore: "bore",
  edge: "to the edge",
  thickness: "thick",
};

const LENGTH_OF: Readonly<Record<HoleTag, MendLength>> = {
  depth: "depth",
  bore: "bore",
  edge: "edge",
  thickness: "thickness",
};

function tagsFor({ symptom, hole }: Damage): readonly HoleTag[] {
  return HOLE_TAGS.filter(
    (tag) =>
      (tag !== "thickness" || hole === "blind") &&
      (symptom !== "new" || (tag !== "bore" && tag !== "edge")),
  );
}

/** The field of the tag that was touched, under the drawing, where the thumb is. */
function AskedField({
  asked,
  state,
  units,
  onClose,
}: {
  asked: Asked;
  state: MendState;
  units: Units;
  onClose: () => void;
}) {
  return (
    <Card gap={8} role="region" aria-label="Figure of the hole">
      {asked === "behind" ? (
        <YesNo
          name="Oil, a bearing or wires behind"
          value={state.behind}
          onChange={(behind) => changeDamage({ behind })}
        />
      ) : (
        <MendField name={LENGTH_OF[asked]} state={state} units={units} />
      )}
      <ActionButton label="That is it" onPress={onClose} />
    </Card>
  );
}

/** The hole cut open, to scale, with its figures to be touched; what the chosen repair makes of it in place, or beside it. */
export function HolePicture({ damage, state, after, units }: HolePictureProps) {
  const [view, setView] = useState<PictureView>("in-place");
  const [asked, setAsked] = useState<Asked>();
  const { large } = useLayout();
  const name = threadName(damage.thread);
  const shown = after === undefined ? {} : { after };
  const toggle = (tag: Asked) => setAsked(asked === tag ? undefined : tag);
  const figureOf = (tag: HoleTag) => {
    const mm = lengthIn(state, LENGTH_OF[tag], units);
    return mm === undefined ? undefined : printLength(mm, units);
  };
  const tags = [
    ...tagsFor(damage).map((tag) => ({
      at: tag,
      label: tag === "depth" ? fieldLabel("depth", state).toLowerCase() : SHORT[tag],
      figure: figureOf(tag),
    })),
    { at: "behind" as const, label: "behind", figure: state.behind ? "Oil…" : undefined },
  ].map((tag) => ({ ...tag, open: asked === tag.at, onPress: () => toggle(tag.at) }));
  return (
    <View gap={8}>
      {view === "in-place" || after === undefined ? (
        <Plate
          says={`The hole cut open: ${name}`}
          height={HEIGHT}
          draw={(width) => touchedHoleDrawing(damage, shown, { width, height: HEIGHT })}
        >
          {(drawing) => (
            <>
              {large ? (
                <View flexDirection="row" flexWrap="wrap" gap={8} padding={8}>
                  {tags.map(({ at, ...tag }) => (
                    <FlowTag key={at} {...tag} />
                  ))}
                </View>
              ) : (
                tags.map(({ at, ...tag }) => <Tag key={at} {...tag} place={PLACES[at]} />)
              )}
              <Label
                {...(large
                  ? { padding: 8, paddingTop: 0 }
                  : { position: "absolute", right: 8, bottom: 6 })}
                color="$scribe"
              >
                {drawing === undefined ? "" : scaleWords(drawing.scale)}
              </Label>
            </>
          )}
        </Plate>
      ) : (
        <BeforeAndAfter damage={damage} after={after} />
      )}
      {asked === undefined ? null : (
        <AskedField asked={asked} state={state} units={units} onClose={() => setAsked(undefined)} />
      )}
      {after === undefined ? null : (
        <ChoiceRow name="Drawn" fill value={view} choices={VIEWS} onChange={setView} />
      )}
    </View>
  );
}

const SMALL_HEIGHT = 220;

/** The hole as it is, and as a repair leaves it, beside each other. */
export function BeforeAndAfter({ damage, after }: Pick<HolePictureProps, "damage" | "after">) {
  const name = threadName(damage.thread);
  return (
    <View flexDirection="row" gap={8}>
      <HalfPlate
        damage={damage}
        only="before"
        title="As it is"
        says={`As it is: ${name}`}
        after={after}
      />
      <HalfPlate
        damage={damage}
        only="after"
        title="As it will be"
        says={`As it will be: ${name}`}
        after={after}
      />
    </View>
  );
}

/** One side of it, without figures. */
export function HalfPlate({
  damage,
  after,
  only,
  title,
  says,
}: Pick<HolePictureProps, "damage" | "after"> & {
  only: "before" | "after";
  title: string;
  says: string;
}) {
  const view = { only, ...(after === undefined ? {} : { after }) };
  return (
    <View flex={1} gap={4}>
      <Label>{title}</Label>
      <Plate
        says={says}
        height={SMALL_HEIGHT}
        draw={(width) => holeDrawing(damage, view, { width, height: SMALL_HEIGHT })}
      />
    </View>
  );
}
