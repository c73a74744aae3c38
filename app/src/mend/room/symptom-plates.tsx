import type { Units } from "@root-gauge/core";
import { SYMPTOMS } from "@root-gauge/core/mend/repair";
import { symptomMarks } from "@root-gauge/core/draw/hole";
import { SYMPTOM_WORDS, halfDoneWords, whatIsWrongWords } from "@root-gauge/core/say/mend";
import { useTheme, View } from "@tamagui/core";
import { useState } from "react";
import { ScrollView } from "react-native";
import Svg from "react-native-svg";
import {
  beginSymptom,
  changeDamage,
  parkedMends,
  startMend,
  takeUp,
  type MendState,
} from "../../data/kept/mend-state";
import { Marks } from "../../draw/marks";
import { ActionButton } from "../../kit/action-button";
import { Pressable } from "../../kit/pressable";
import { Card } from "../../kit/surface";
import { Body, Figure, Heading } from "../../kit/text";
import { damagedThread } from "./damage-of";

const PICTURE = { width: 150, height: 92 };

interface SymptomPlatesProps {
  readonly state: MendState;
  readonly units: Units;
}

/** What was said and done before: to go on with, or to be forgotten. */
function GoOn({ state, units }: SymptomPlatesProps) {
  const [sure, setSure] = useState(false);
  const { symptom, done, thread } = state;
  const said = symptom !== undefined && (thread !== "" || done.length > 0);
  if (!said) return null;
  const name = damagedThread(state, units)?.designation ?? thread;
  const forget = () => (sure || done.length === 0 ? startMend() : setSure(true));
  return (
    <Card gap={8}>
      <Heading>{`${name}: ${SYMPTOM_WORDS[symptom].toLowerCase()}`}</Heading>
      {done.length === 0 ? null : <Body>{halfDoneWords(done.length)}</Body>}
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <ActionButton
          flex={1}
          primary
          label="Go on with it"
          onPress={() => changeDamage({ choosing: false })}
        />
        <ActionButton flex={1} label={sure ? "Yes, forget it" : "Begin afresh"} onPress={forget} />
      </View>
    </Card>
  );
}

/** What is to be mended, as far as it was named elsewhere. */
function namedPart({ state, units }: SymptomPlatesProps): string {
  const name = damagedThread(state, units)?.designation ?? state.thread;
  return [name, state.position].filter(Boolean).join(", ");
}

/** Plans that were left half done for another. */
function Parked({ state, units }: SymptomPlatesProps) {
  const parked = parkedMends(state);
  return (
    <>
      {parked.map((one) => (
        <Card key={one.at} gap={8}>
          <Heading>
            {[damagedThread(one, units)?.designation, one.position].filter(Boolean).join(", ")}
          </Heading>
          <Body>{halfDoneWords(one.done.length)}</Body>
          <ActionButton label="Take this one up again" onPress={() => takeUp(one.at)} />
        </Card>
      ))}
    </>
  );
}

/** What is wrong, each with a small section of it: a touch on one begins. */
export function SymptomPlates(props: SymptomPlatesProps) {
  const theme = useTheme();
  return (
    <ScrollView tabIndex={0}>
      <View padding={12} gap={12} maxWidth={760}>
        <GoOn {...props} />
        <Parked {...props} />
        <Body>{whatIsWrongWords(namedPart(props))}</Body>
        <View role="list" flexDirection="row" flexWrap="wrap" gap={10}>
          {SYMPTOMS.map((symptom) => (
            <View key={symptom} role="listitem" flexGrow={1} flexBasis={150} maxWidth={240}>
              <Pressable
                borderWidth={1}
                borderColor="$edge"
                backgroundColor="$card"
                overflow="hidden"
                flexGrow={1}
                minHeight={150}
                justifyContent="flex-start"
                onPress={() => beginSymptom(symptom)}
              >
                <View backgroundColor="$marking" alignItems="center" alignSelf="stretch">
                  <Svg width={PICTURE.width} height={PICTURE.height} aria-hidden>
                    <Marks marks={symptomMarks(symptom, PICTURE)} colour={theme.scribe.val} />
                  </Svg>
                </View>
                <Figure padding={10} fontSize="$name" lineHeight="$name">
                  {SYMPTOM_WORDS[symptom]}
                </Figure>
              </Pressable>
            </View>
          ))}
        </View>
      </View>
    </ScrollView>
  );
}
