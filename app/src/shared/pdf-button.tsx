import { PAPER_WORDS } from "@root-gauge/core/say/sheet";
import { useState } from "react";
import { api, ServerRefused } from "../data/server/api";
import { ActionButton } from "../kit/action-button";
import { saveFile } from "../kit/save-file";
import { Body } from "../kit/text";

interface PdfButtonProps {
  /** Where the server makes it. */
  readonly path: string;
  /** What its file is called where no tab can be opened. */
  readonly name: string;
}

/** The PDF as the server makes it, in a tab of its own: opened at once, filled when it is made. */
export function PdfButton({ path, name }: PdfButtonProps) {
  const [making, setMaking] = useState(false);
  const [problem, setProblem] = useState<string>();
  const open = async () => {
    const tab = window.open("", "_blank");
    tab?.document.write(PAPER_WORDS.making);
    setMaking(true);
    setProblem(undefined);
    try {
      const pdf = await api.paper(path);
      if (tab === null) saveFile(name, "application/pdf", [pdf]);
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
