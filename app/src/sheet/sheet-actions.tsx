import type { Circumstances, Units } from "@root-gauge/core";
import type { SheetWords } from "@root-gauge/core/sheet-words";
import { PAPER_WORDS } from "@root-gauge/core/sheet-words";
import { useTheme, View } from "@tamagui/core";
import ChevronDown from "lucide-react-native/icons/chevron-down";
import ChevronUp from "lucide-react-native/icons/chevron-up";
import { useState } from "react";
import { api, ServerRefused } from "../data/api";
import { ActionButton } from "../kit/action-button";
import { CopyButton } from "../kit/copy-button";
import { factsText } from "../kit/facts";
import { Pressable } from "../kit/pressable";
import { saveFile } from "../kit/save-file";
import { Body, Figure } from "../kit/text";
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

/** The PDF as the server makes it, in a tab of its own: opened at once, filled when it is made. */
function PdfButton({ path }: { path: string }) {
  const [making, setMaking] = useState(false);
  const [problem, setProblem] = useState<string>();
  const open = async () => {
    const tab = window.open("", "_blank");
    tab?.document.write(PAPER_WORDS.making);
    setMaking(true);
    setProblem(undefined);
    try {
      const pdf = await api.paper(path);
      if (tab === null) saveFile("fastener-sheet.pdf", "application/pdf", [pdf]);
      else tab.location.href = URL.createObjectURL(pdf);
    } catch (error) {
      tab?.close();
      setProblem(error instanceof ServerRefused ? error.message : PAPER_WORDS.none);
    } finally {
      setMaking(false);
    }
  };
  return (
    <>
      <ActionButton
        label={making ? PAPER_WORDS.making : "PDF"}
        disabled={making}
        onPress={() => void open()}
      />
      {problem === undefined ? null : (
        <Body role="alert" color="$clash">
          {problem}
        </Body>
      )}
    </>
  );
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
          <PdfButton path={pdfPath(words.callout, circumstances, units, title)} />
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
