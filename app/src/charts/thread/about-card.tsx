import { FAMILY_WORDS, type Thread, type Units } from "@root-gauge/core";
import {
  alsoCalledWords,
  basicFacts,
  sizeNoteWords,
  threadUseWords,
} from "@root-gauge/core/say/charts";
import { sizeNotes, threadUses } from "@root-gauge/core/catalogue/notes";
import { Facts } from "../../kit/facts";
import { Card } from "../../kit/surface";
import { Body, Heading, Small } from "../../kit/text";

/** What the thread is, what it is for, what its name does not say, and its basic figures. */
export function AboutCard({ thread, units }: { thread: Thread; units: Units }) {
  const { family, series, alsoCalled = [], choice } = thread;
  const familyName = FAMILY_WORDS[family];
  const kind = [
    familyName,
    series.toLowerCase() === familyName.toLowerCase() ? "" : series,
    choice === 1 ? "" : choice === 2 ? "second choice" : "third choice",
  ].filter(Boolean);
  return (
    <Card gap={8}>
      <Heading>{kind.join(" · ")}</Heading>
      {threadUses(thread).map((use) => (
        <Body key={use}>{threadUseWords(use)}</Body>
      ))}
      {sizeNotes(thread).map((note) => (
        <Body key={note.code} color={note.code === "unverified-sizes" ? "$clash" : "$ink"}>
          {sizeNoteWords(note, thread, units)}
        </Body>
      ))}
      {alsoCalled.length === 0 ? null : <Small>{alsoCalledWords(alsoCalled)}</Small>}
      <Facts facts={basicFacts(thread, units)} />
    </Card>
  );
}
