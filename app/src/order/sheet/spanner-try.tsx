import { ACCEPTED, readLength, type Units } from "@root-gauge/core";
import type { ScrewSpec } from "@root-gauge/core/callout";
import { spannerFit } from "@root-gauge/core/decide/replace";
import { spannerFitWords } from "@root-gauge/core/say/sheet";
import { useState } from "react";
import { LengthField } from "../../kit/length-field";
import { Body } from "../../kit/text";

/** A spanner to hand, held against the head it should turn. */
export function SpannerTry({ spec, units }: { spec: ScrewSpec; units: Units }) {
  const [typed, setTyped] = useState("");
  const read = typed.trim() === "" ? undefined : readLength(typed, units, ACCEPTED.flats);
  return (
    <>
      <LengthField
        label={`A spanner or key to hand, ${units}`}
        value={typed}
        units={units}
        accepted={ACCEPTED.flats}
        placeholder={units === "mm" ? "17" : "5/8"}
        onChange={setTyped}
      />
      {read?.ok === true ? (
        <Body role="status">{spannerFitWords(spannerFit(spec, read.mm), units)}</Body>
      ) : null}
    </>
  );
}
