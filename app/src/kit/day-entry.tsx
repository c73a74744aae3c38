import { useThemeName } from "@tamagui/core";
import { useId, useState } from "react";
import { FieldFrame, useFieldStyle, type FieldSays } from "./field-frame";

interface DayEntryProps extends FieldSays {
  /** As 2026-03-02; empty for none. */
  readonly value: string;
  /** @param day as 2026-03-02, empty for none, `HALF_A_DAY` while some of it is still to be typed */
  readonly onChange: (day: string) => void;
}

/** What is no day yet, and none that was left out either. */
const HALF_A_DAY = "-";

const dayIn = ({ validity, value }: HTMLInputElement) => (validity.badInput ? HALF_A_DAY : value);

/** A labelled field for a day, with the calendar of the browser. It shows what it is mounted with, then what is typed. */
export function DayEntry({ value, onChange, ...says }: DayEntryProps) {
  const style = useFieldStyle(says.problem);
  const colorScheme = useThemeName().startsWith("dark") ? "dark" : "light";
  const id = useId();
  // What a browser was told stands in it takes the place of what is half typed.
  const [begun] = useState(value);
  return (
    <FieldFrame id={id} {...says}>
      <input
        id={id}
        type="date"
        defaultValue={begun}
        aria-invalid={says.problem !== undefined}
        onChange={({ target }) => onChange(dayIn(target))}
        // Of what is not a whole day yet a browser says nothing while it is typed.
        onBlur={({ target }) => {
          if (dayIn(target) !== value) onChange(dayIn(target));
        }}
        style={{ ...style, boxSizing: "border-box", borderStyle: "solid", colorScheme }}
      />
    </FieldFrame>
  );
}
