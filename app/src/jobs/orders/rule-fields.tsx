import type { OrderRule } from "@root-gauge/core/decide/order";
import { ORDER_SENTENCES } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { Card } from "../../kit/surface";
import { Label } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";

/** The fields of a rule as they are typed. */
export type TypedRule = Readonly<Record<keyof OrderRule, string>>;

/** The most that each takes, and what holds where nothing is typed. */
const FIELDS = {
  sparesPercent: { label: "Spares, %", most: 100, usual: 0 },
  sparesAtLeast: { label: "At least", most: 999, usual: 0 },
  pack: { label: "In a pack", most: 9999, usual: 1 },
} as const;

/** A rule as it was typed; nothing, and what is no whole number, adds nothing. */
export function ruleTyped(typed: Partial<TypedRule>): OrderRule {
  const numberOf = (field: keyof OrderRule) => {
    const { most, usual } = FIELDS[field];
    const number = Number(typed[field] ?? "");
    return Number.isInteger(number) && number > 0 ? Math.min(number, most) : usual;
  };
  return {
    sparesPercent: numberOf("sparesPercent"),
    sparesAtLeast: numberOf("sparesAtLeast"),
    pack: numberOf("pack"),
  };
}

interface RuleFieldsProps {
  readonly typed: Partial<TypedRule>;
  readonly onChange: (field: keyof OrderRule, text: string) => void;
}

/** How many spares, and by how many they come. */
export function RuleFields({ typed, onChange }: RuleFieldsProps) {
  return (
    <Card gap={8} data-print="no">
      <Label>{ORDER_SENTENCES.sparesHint}</Label>
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        {(Object.keys(FIELDS) as (keyof OrderRule)[]).map((field) => (
          <View key={field} flex={1} minWidth={90}>
            <TextEntry
              label={FIELDS[field].label}
              value={typed[field] ?? ""}
              placeholder={String(FIELDS[field].usual)}
              figures
              longest={4}
              onChange={(text) => onChange(field, text.replace(/\D/g, ""))}
            />
          </View>
        ))}
      </View>
    </Card>
  );
}
