import { POSITION_SENTENCES } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import type { ReactNode } from "react";
import { Body } from "../../kit/text";
import { useLayout } from "../../kit/wide";
import { PositionColumn } from "../positions/position-column";
import { PutBackBar } from "../../edit/put-back-bar";
import { MachineColumn } from "./machine-column";
import { MachinesColumn } from "./machines-column";

/** How wide the list of machines, and the tree of one, stand beside what they open. */
const LIST = 300;
const TREE = 420;

function Column({ width, children }: { width: number; children: ReactNode }) {
  return (
    <View width={width} height="100%" borderRightWidth={1} borderColor="$line">
      {children}
    </View>
  );
}

export interface MachineScreenProps {
  readonly id: string;
  /** The position that is looked at, as the address says. */
  readonly at?: string | undefined;
}

/** A machine; on a wide screen with the list it stands in and the position that is looked at beside it. */
export function MachineScreen({ id, at }: MachineScreenProps) {
  const router = useRouter();
  const { wide } = useLayout();
  if (!wide) {
    return (
      <View flex={1} render="main">
        <MachineColumn
          id={id}
          chosen={undefined}
          onOpen={(position) => router.push(`/position/${position}`)}
        />
        <PutBackBar />
      </View>
    );
  }
  return (
    <View flex={1} render="main">
      <View flex={1} flexDirection="row">
        <Column width={LIST}>
          <MachinesColumn beside={id} />
        </Column>
        <Column width={TREE}>
          <MachineColumn
            id={id}
            chosen={at}
            onOpen={(position) => router.setParams({ at: position })}
          />
        </Column>
        <View flex={1} height="100%">
          {at === undefined ? (
            <Body padding={16} color="$quiet">
              {POSITION_SENTENCES.choosePosition}
            </Body>
          ) : (
            <PositionColumn key={at} id={at} beside />
          )}
        </View>
      </View>
      <PutBackBar />
    </View>
  );
}
