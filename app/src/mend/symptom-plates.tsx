import { MEND_SENTENCES, SYMPTOM_WORDS } from "@root-gauge/core/repair-words";
import { SYMPTOMS } from "@root-gauge/core/repair";
import { useTheme, View } from "@tamagui/core";
import { ScrollView } from "react-native";
import Svg from "react-native-svg";
import { changeDamage } from "../data/mend-state";
import { Marks } from "../drawing/marks";
import { Pressable } from "../kit/pressable";
import { Body, Figure } from "../kit/text";
import { symptomMarks } from "@root-gauge/core/repair-outline";

const PICTURE = { width: 150, height: 92 };

/** What is wrong, each with a small section of it: a touch on one begins. */
export function SymptomPlates() {
  const theme = useTheme();
  return (
    <ScrollView tabIndex={0}>
      <View padding={12} gap={12} maxWidth={760}>
        <Body>{MEND_SENTENCES.what}</Body>
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
                onPress={() => changeDamage({ symptom })}
              >
                <View backgroundColor="$marking" alignItems="center" alignSelf="stretch">
                  <Svg width={PICTURE.width} height={PICTURE.height} aria-hidden>
                    <Marks marks={symptomMarks(symptom, PICTURE)} colour={theme.scribe.val} />
                  </Svg>
                </View>
                <Figure padding={10} fontSize={18} lineHeight={22}>
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
