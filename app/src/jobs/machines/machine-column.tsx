import { MOST_PLACES, type Machine, type PositionRow as Row } from "@root-gauge/contract";
import {
  POSITION_STATES,
  countStates,
  pathTo,
  thatStand,
  treeRows,
  type PositionState,
  type TreeRow,
  LONGEST,
} from "@root-gauge/core/record";
import {
  JOB_SENTENCES,
  POSITION_SENTENCES,
  RECORD_SENTENCES,
  REORDER_SENTENCES,
  STATE_WORDS,
  WALK_SENTENCES,
  madeWords,
} from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { FlatList } from "react-native";
import { v4 as uuid } from "uuid";
import { inputOfMachine } from "../../data/record/inputs";
import { useMachine } from "../../data/record/machine-queries";
import { usePositions } from "../../data/record/position-queries";
import { useFindings } from "../../data/record/queries";
import { saveJob, saveMachine } from "../../data/outbox/saving";
import type { Kept } from "../../data/outbox/waiting";
import { ActionButton } from "../../kit/action-button";
import { ChoiceChips } from "../../kit/choice-chips";
import { ListRow } from "../../kit/list-row";
import { Body, Figure, Small } from "../../kit/text";
import { useKeptScroll } from "../../kit/use-kept-scroll";
import { AddPosition } from "../positions/add-position";
import { fold, useFolded } from "../positions/fold-state";
import { OrderTree } from "../positions/order-tree";
import { PositionRow } from "../positions/position-row";
import { EditAside } from "../../edit/edit-aside";
import { EditMachine } from "./edit-machine";
import { GoneNote } from "../../edit/gone-note";
import { useEdit } from "../../edit/use-edit";
import { layRowOnBench } from "../../shared/on-bench";
import { leftToIdentify, walkRound } from "../positions/walk-state";
import { PAGE_WIDTH, PageActions, PageHead } from "../../shell/page";
import { FoundThere } from "../positions/found-there";
import { RepairsThere } from "../positions/repairs-there";
import { today } from "../../kit/today";

/** Where it is from, where it stands, and what is noted of it. */
function AboutMachine({ machine }: { machine: Machine }) {
  const { origin, year, stands, notes, removed } = machine;
  const made = madeWords(origin, year);
  return (
    <View gap={2} marginBottom={8}>
      {removed ? (
        <GoneNote
          says={RECORD_SENTENCES.removed}
          name={machine.name}
          onPutBack={() =>
            saveMachine(machine.id, inputOfMachine(machine), machine.version, ["removed"])
          }
        />
      ) : null}
      {made === "" && stands === "" ? null : (
        <Body color="$quiet">{[made, stands].filter((text) => text !== "").join(" · ")}</Body>
      )}
      {notes === "" ? null : <Small>{notes}</Small>}
    </View>
  );
}

interface StateFilterProps {
  readonly positions: readonly Row[];
  /** How many of them have a state that is told. */
  readonly told: number;
  readonly state: PositionState | undefined;
  readonly onChange: (state: PositionState | undefined) => void;
}

/** How the positions stand, as counts; a touch shows those of one state alone. */
function StateFilter({ positions, told, state, onChange }: StateFilterProps) {
  const counts = countStates(positions);
  const choices = POSITION_STATES.filter((one) => counts[one] !== undefined || one === state);
  if (choices.length < 2 && state === undefined) return null;
  return (
    <View marginBottom={8}>
      <ChoiceChips
        name="Show"
        all={`All ${told}`}
        value={state}
        choices={choices.map((value) => ({
          value,
          label: `${counts[value] ?? 0} ${STATE_WORDS[value].toLowerCase()}`,
        }))}
        onChange={onChange}
      />
    </View>
  );
}

interface MachineActionsProps {
  readonly machine: Machine;
  readonly positions: readonly Row[];
  readonly onOrder: () => void;
}

/** What is done with a machine as a whole: a job over its positions, and the list of what must be bought. */
function MachineActions({ machine, positions, onOrder }: MachineActionsProps) {
  const router = useRouter();
  if (positions.length === 0) return null;
  const openJob = () => {
    const id = uuid();
    const ids = thatStand(positions).map((one) => one.id);
    const name = machine.name.slice(0, LONGEST.name);
    const made = { due: null, done: null, notes: "", positions: ids.slice(0, MOST_PLACES) };
    saveJob(id, { name, opened: today(), ...made });
    router.push(`/job/${id}`);
  };
  return (
    <View flexDirection="row" flexWrap="wrap" gap={8} marginBottom={8}>
      <ActionButton flex={1} label="Open a job" says={JOB_SENTENCES.open} onPress={openJob} />
      {positions.length < 2 ? null : (
        <ActionButton
          flex={1}
          label="Put in order"
          says={REORDER_SENTENCES.put}
          onPress={onOrder}
        />
      )}
      {positions.some((one) => one.state === "to-order") ? (
        <ActionButton
          flex={1}
          label="Order list"
          says={`Order list of ${machine.name}`}
          onPress={() => router.push(`/order?machine=${machine.id}`)}
        />
      ) : null}
    </View>
  );
}

interface ArchivedProps {
  readonly positions: readonly Row[];
  readonly onOpen: (positionId: string) => void;
}

/** Places that are kept and are no work any more, behind a touch. */
function Archived({ positions, onOpen }: ArchivedProps) {
  const [open, setOpen] = useState(false);
  if (positions.length === 0) return null;
  return (
    <View gap={8} marginTop={12}>
      <ActionButton label={`Archived (${positions.length})`} onPress={() => setOpen(!open)} />
      {open ? (
        <View role="list" aria-label="Archived">
          {positions.map((position) => (
            <View key={position.id} role="listitem">
              <ListRow onPress={() => onOpen(position.id)}>
                <View gap={2}>
                  <Figure>{position.name}</Figure>
                  {position.holds === "" ? null : <Body>{position.holds}</Body>}
                </View>
              </ListRow>
            </View>
          ))}
        </View>
      ) : null}
    </View>
  );
}

type ShownRow = TreeRow<Kept<Row>> & { readonly path?: string };

/** The tree, or those of one state with where each stands. */
function useShown(
  positions: readonly Kept<Row>[],
  told: ReadonlySet<string>,
  state: PositionState | undefined,
  folded: readonly string[],
): readonly ShownRow[] {
  return useMemo(() => {
    if (state === undefined) return treeRows(positions, new Set(folded));
    const known = new Map(positions.map((position) => [position.id, position]));
    return treeRows(positions)
      .filter(({ position }) => position.state === state && told.has(position.id))
      .map((row) => ({ ...row, within: 0, path: pathTo(row.position.id, known) }));
  }, [positions, told, state, folded]);
}

interface MachineColumnProps {
  readonly id: string;
  /** The position that stands beside the tree, where one does. */
  readonly chosen: string | undefined;
  readonly onOpen: (positionId: string) => void;
}

/** A machine: its positions as a tree, and what was found or mended on it besides. */
export function MachineColumn({ id, chosen, onOpen }: MachineColumnProps) {
  const router = useRouter();
  const { machine, query } = useMachine(id);
  const { positions, archived, query: fetched } = usePositions(id);
  const { findings: placeless, query: found, more } = useFindings({ machineId: id, placed: "no" });
  const { editing, begin, leave } = useEdit(id);
  const [state, setState] = useState<PositionState>();
  const [ordering, setOrdering] = useState(false);
  const scroll = useKeptScroll<ShownRow>(`machine ${id}`);
  const folded = useFolded();
  const told = useMemo(() => new Set(thatStand(positions).map((one) => one.id)), [positions]);
  const shown = useShown(positions, told, state, folded);
  const left = useMemo(() => leftToIdentify(positions), [positions]);
  const problem = query.error?.message ?? fetched.error?.message;
  const empty =
    machine === undefined || (fetched.isPending && fetched.isFetching)
      ? (problem ?? "Fetching the machine.")
      : state === undefined
        ? POSITION_SENTENCES.noPosition
        : POSITION_SENTENCES.noneInState;
  if (ordering) {
    return (
      <>
        <PageHead title={machine?.name ?? "Machine"} beside={chosen !== undefined} />
        <OrderTree positions={positions} />
        <PageActions>
          <ActionButton primary label="Done" onPress={() => setOrdering(false)} />
        </PageActions>
      </>
    );
  }
  return (
    <>
      <PageHead
        title={machine?.name ?? "Machine"}
        backTo="/jobs"
        beside={chosen !== undefined}
        aside={
          <EditAside
            editable={machine !== undefined && !editing}
            onEdit={begin}
            units={chosen === undefined}
          />
        }
      />
      <FlatList
        ref={scroll}
        data={shown}
        keyExtractor={({ position }) => position.id}
        renderItem={({ item: { position, depth, within, path } }) => (
          <PositionRow
            position={position}
            depth={depth}
            within={within}
            folded={folded.includes(position.id)}
            told={told.has(position.id)}
            chosen={position.id === chosen}
            {...(path === undefined ? {} : { path })}
            onOpen={() => onOpen(position.id)}
            onFold={() => fold(position.id)}
          />
        )}
        ListHeaderComponent={
          machine === undefined ? null : (
            <>
              {editing ? (
                <EditMachine
                  machine={machine}
                  onDone={leave}
                  onRemoved={() => {
                    leave();
                    router.replace("/jobs");
                  }}
                />
              ) : (
                <AboutMachine machine={machine} />
              )}
              <StateFilter
                positions={positions}
                told={told.size}
                state={state}
                onChange={setState}
              />
              <MachineActions
                machine={machine}
                positions={positions}
                onOrder={() => setOrdering(true)}
              />
            </>
          )
        }
        ListEmptyComponent={<Body role="status">{empty}</Body>}
        ListFooterComponent={
          machine === undefined ? null : (
            <View paddingTop={12}>
              <AddPosition machineId={id} positions={positions} />
              <Archived positions={archived} onOpen={onOpen} />
              <FoundThere
                title={POSITION_SENTENCES.placeNotNamed}
                findings={placeless}
                more={found.hasNextPage ? more : undefined}
              />
              <RepairsThere at={{ machineId: id }} />
            </View>
          )
        }
        contentContainerStyle={{ padding: 12, width: "100%", maxWidth: PAGE_WIDTH }}
      />
      {left.length === 0 ? null : (
        <PageActions>
          <ActionButton
            primary={chosen === undefined}
            label="Walk round"
            says={WALK_SENTENCES.walkRound}
            onPress={() => {
              const [first] = left;
              if (first === undefined) return;
              layRowOnBench(first, positions, machine);
              walkRound(id);
              router.push("/");
            }}
          />
        </PageActions>
      )}
    </>
  );
}
