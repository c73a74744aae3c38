import { ACCEPTED } from "@root-gauge/contract";
import {
  lengthProblemWords,
  readLength,
  spannerFit,
  spannerFitWords,
  type ScrewSpec,
  type Units,
} from "@root-gauge/core";
import { useState } from "react";
import { Body } from "../kit/text";
import { TextEntry } from "../kit/text-entry";

/** A spanner to hand, held against the head it should turn. */
export function SpannerTry({ spec, units }: { spec: ScrewSpec; units: Units }) {
  const [typed, setTyped] = useState("");
  const read = typed.trim() === "" ? undefined : readLength(typed, units, ACCEPTED.flats);
  return (
    <>
      <TextEntry
        label={`A spanner or key to hand, ${units}`}
        value={typed}
        placeholder={units === "mm" ? "17" : "3/4"}
        longest={ACCEPTED.text.max}
        problem={
          read === undefined || read.ok ? undefined : lengthProblemWords(read.problem, units)
        }
        onChange={setTyped}
      />
      {read?.ok === true ? (
        <Body role="status">{spannerFitWords(spannerFit(spec, read.mm), units)}</Body>
      ) : null}
    </>
  );
}
