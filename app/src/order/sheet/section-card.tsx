import type { SheetSection } from "@root-gauge/core/say/sheet";
import type { ReactNode } from "react";
import { Facts } from "../../kit/facts";
import { Card } from "../../kit/surface";
import { Body, Heading } from "../../kit/text";

/** One section of a sheet as `sheetWords` has it; nothing when it has nothing to say. */
export function SectionCard({
  section,
  children,
}: {
  section: SheetSection;
  children?: ReactNode;
}) {
  const { title, facts, lines } = section;
  if (facts.length === 0 && lines.length === 0) return null;
  return (
    <Card gap={8} role="region" aria-label={title}>
      <Heading>{title}</Heading>
      {lines.map((line) => (
        <Body key={line} userSelect="text">
          {line}
        </Body>
      ))}
      {facts.length === 0 ? null : <Facts facts={facts} />}
      {children}
    </Card>
  );
}
