import type { Circumstances, Units } from "@root-gauge/core";
import type { SheetWords } from "@root-gauge/core/sheet-words";
import { View } from "@tamagui/core";
import { ActionButton } from "../kit/action-button";
import { CopyButton } from "../kit/copy-button";
import { factsText } from "../kit/facts";
import { asLink } from "../shell/links";
import { pdfPath, sheetPath } from "../shell/sheet-address";

/** The whole sheet as text, for a message. */
export function sheetText({ callout, spoken, cautions, sections }: SheetWords): string {
  const parts = sections
    .filter(({ facts, lines }) => facts.length + lines.length > 0)
    .map(({ title, facts, lines }) => [factsText(title, facts), ...lines].join("\n"));
  return [callout, spoken, ...cautions, ...parts].join("\n\n");
}

export interface SheetActionsProps {
  readonly words: SheetWords;
  readonly circumstances: Circumstances;
  readonly units: Units;
  /** The machine and the place on it, for the printed sheet. */
  readonly title: string;
}

/** Copy, share, print, and the PDF from the server. */
export function SheetActions({ words, circumstances, units, title }: SheetActionsProps) {
  const link = () => asLink(sheetPath(words.callout, circumstances));
  const share = async () => {
    try {
      await navigator.share({ title: words.callout, text: words.spoken, url: link() });
    } catch {
      // Closed without sharing: nothing was lost.
    }
  };
  return (
    <View flexDirection="row" flexWrap="wrap" alignItems="flex-start" gap={8} data-print="no">
      <CopyButton label="Copy" says="Copy the call-out" text={() => words.callout} />
      <CopyButton label="Copy all" says="Copy all of the sheet" text={() => sheetText(words)} />
      {typeof navigator !== "undefined" && "share" in navigator ? (
        <ActionButton label="Share" onPress={() => void share()} />
      ) : (
        <CopyButton label="Copy the link" text={link} />
      )}
      <ActionButton label="Print" onPress={() => window.print()} />
      <ActionButton
        label="PDF"
        onPress={() =>
          void window.open(pdfPath(words.callout, circumstances, units, title), "_blank")
        }
      />
    </View>
  );
}
