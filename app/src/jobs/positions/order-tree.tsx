import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
  type UniqueIdentifier,
} from "@dnd-kit/core";
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import type { PositionRow as Row } from "@root-gauge/contract";
import { putAt, treeRows } from "@root-gauge/core/record";
import { REORDER_SENTENCES, movedWords } from "@root-gauge/core/say/record";
import { useTheme, View } from "@tamagui/core";
import GripVertical from "lucide-react-native/icons/grip-vertical";
import { useMemo, useState } from "react";
import { ScrollView } from "react-native";
import type { Kept } from "../../data/outbox/waiting";
import { PLAIN_FIGURE, PLAIN_SMALL } from "../../kit/plain";
import { Body } from "../../kit/text";
import { PAGE_WIDTH } from "../../shell/page";
import { changeRow } from "../../edit/change-position";

/** How far a finger moves before it drags, points: less is a touch. */
const SLACK = 6;
const SET_IN = 14;

interface OrderRowProps {
  readonly row: Row;
  readonly depth: number;
}

/** A place with the grip that it is moved by. */
function OrderRow({ row, depth }: OrderRowProps) {
  const theme = useTheme();
  const { id, name, holds } = row;
  const sortable = useSortable({ id });
  const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, transition } =
    sortable;
  return (
    <div
      ref={setNodeRef}
      role="listitem"
      style={{
        display: "flex",
        alignItems: "center",
        minHeight: 52,
        paddingLeft: depth * SET_IN,
        borderBottom: "1px solid var(--line)",
        backgroundColor: sortable.isDragging ? "var(--card)" : "transparent",
        transform: CSS.Translate.toString(transform),
        transition,
        position: "relative",
        zIndex: sortable.isDragging ? 1 : 0,
      }}
    >
      <div
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move ${name}`}
        style={{
          display: "flex",
          alignItems: "center",
          justifyContent: "center",
          width: 48,
          height: 48,
          // A finger on the grip moves the place, not the page.
          touchAction: "none",
          cursor: "grab",
        }}
      >
        <GripVertical size={22} color={theme.ink.val} aria-hidden />
      </div>
      <div style={{ minWidth: 0 }}>
        <div style={PLAIN_FIGURE}>{name}</div>
        {holds === "" ? null : <div style={PLAIN_SMALL}>{holds}</div>}
      </div>
    </div>
  );
}

function announcementsFor(names: ReadonlyMap<string, string>): Announcements {
  const nameOf = (id: UniqueIdentifier | undefined) => names.get(String(id)) ?? "";
  return {
    onDragStart: ({ active }) => movedWords.lifted(nameOf(active.id)),
    onDragOver: ({ active, over }) =>
      over === null || over.id === active.id
        ? undefined
        : movedWords.over(nameOf(active.id), nameOf(over.id)),
    onDragEnd: ({ active, over }) =>
      over === null
        ? movedWords.left(nameOf(active.id))
        : movedWords.put(nameOf(active.id), nameOf(over.id)),
    onDragCancel: ({ active }) => movedWords.left(nameOf(active.id)),
  };
}

/** A machine's positions to be put in another order, by dragging or by the keyboard: each stands where it is put down. */
export function OrderTree({ positions }: { positions: readonly Kept<Row>[] }) {
  const [problem, setProblem] = useState<string>();
  const rows = useMemo(() => treeRows(positions), [positions]);
  const ids = useMemo(() => rows.map(({ position }) => position.id), [rows]);
  const announcements = useMemo(
    () => announcementsFor(new Map(positions.map(({ id, name }) => [id, name]))),
    [positions],
  );
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: SLACK } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const put = ({ active, over }: DragEndEvent) => {
    if (over === null || over.id === active.id) return;
    const puts = putAt(String(active.id), String(over.id), positions, ids);
    setProblem(puts === undefined ? REORDER_SENTENCES.cannot : undefined);
    for (const { id, parentId, rank } of puts ?? []) {
      const row = positions.find((one) => one.id === id);
      if (row === undefined) continue;
      void changeRow(row, row.parentId === parentId ? { rank } : { rank, parentId }).catch(
        (error: Error) => setProblem(error.message),
      );
    }
  };
  return (
    <ScrollView tabIndex={0}>
      <View padding={12} width="100%" maxWidth={PAGE_WIDTH} gap={8}>
        <Body>{REORDER_SENTENCES.how}</Body>
        {problem === undefined ? null : (
          <Body role="alert" color="$clash">
            {problem}
          </Body>
        )}
        <DndContext
          sensors={sensors}
          collisionDetection={closestCenter}
          accessibility={{
            announcements,
            screenReaderInstructions: { draggable: REORDER_SENTENCES.how },
          }}
          onDragEnd={put}
        >
          <SortableContext items={ids} strategy={verticalListSortingStrategy}>
            <div role="list" aria-label="Places in order">
              {rows.map(({ position, depth }) => (
                <OrderRow key={position.id} row={position} depth={depth} />
              ))}
            </div>
          </SortableContext>
        </DndContext>
      </View>
    </ScrollView>
  );
}
