import type { Units } from "@root-gauge/core";
import type { Circumstances } from "@root-gauge/core/catalogue/circumstances";
import type { SheetWords } from "@root-gauge/core/say/sheet";
import { useTheme, View } from "@tamagui/core";
import ChevronDown from "lucide-react-native/icons/chevron-down";
import ChevronUp from "lucide-react-native/icons/chevron-up";
import { useState } from "react";
import { ActionButton } from "../../kit/action-button";
import { CopyButton } from "../../kit/copy-button";
import { factsText } from "../../kit/facts";
import { Pressable } from "../../kit/pressable";
import { Figure } from "../../kit/text";
import { asLink } from "../../shell/links";
import { pdfPath, sheetPath } from "../../shell/sheet-address";
import { PdfButton } from "../../shared/pdf-button";

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

/** One button, and behind it all that is done with a sheet: copied, shared, printed, made a PDF. */
export function SheetActions({ words, circumstances, units, title }: SheetActionsProps) {
  const [open, setOpen] = useState(false);
  const link = () => asLink(sheetPath(words.callout, circumstances));
  const share = async () => {
    try {
      await navigator.share({ title: words.callout, text: words.spoken, url: link() });
    } catch {
      // Closed without sharing: nothing was lost.
    }
  };
  const canShare = typeof navigator !== "undefined" && "share" in navigator;
  return (
    <View gap={8} data-print="no">
      <Pressable
        flexDirection="row"
        alignItems="center"
        alignSelf="flex-start"
        gap={4}
        paddingHorizontal={12}
        borderWidth={1}
        borderColor="$edge"
        backgroundColor="$card"
        aria-expanded={open}
        onPress={() => setOpen(!open)}
      >
        <Figure>Copy, print or send</Figure>
        <Chevron up={open} />
      </Pressable>
      {open ? (
        <View role="group" aria-label="Copy, print or send" gap={8}>
          <CopyButton label="Copy the call-out" text={() => words.callout} />
          <CopyButton label="Copy all of the sheet" text={() => sheetText(words)} />
          {canShare ? <ActionButton label="Share it" onPress={() => void share()} /> : null}
          <CopyButton label="Copy the link" text={link} />
          <ActionButton label="Print" onPress={() => window.print()} />
          <PdfButton
            path={pdfPath(words.callout, circumstances, units, title)}
            name="fastener-sheet.pdf"
          />
        </View>
      ) : null}
    </View>
  );
}

function Chevron({ up }: { up: boolean }) {
  const theme = useTheme();
  const Icon = up ? ChevronUp : ChevronDown;
  return <Icon size={18} color={theme.ink.val} aria-hidden />;
}
