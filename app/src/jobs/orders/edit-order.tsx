import { LONGEST } from "@root-gauge/core/record";
import { orderInputSchema, type Order } from "@root-gauge/contract";
import { ORDER_SENTENCES } from "@root-gauge/core/say/record";
import { useState } from "react";
import { useDrafts, writeDraft } from "../../data/drafts/drafts";
import { inputOfOrder } from "../../data/record/inputs";
import { changeOrder } from "../../data/record/order-queries";
import { remove } from "../../data/outbox/removal";
import { Card } from "../../kit/surface";
import { Heading } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { EditButtons } from "../../edit/edit-buttons";
import { useEditing } from "../../edit/use-editing";

interface EditOrderProps {
  readonly order: Order;
  readonly onDone: () => void;
  readonly onRemoved: () => void;
}

/** An order's name and notes, to be changed; or the order taken out. */
export function EditOrder({ order: now, onDone, onRemoved }: EditOrderProps) {
  const editing = useEditing("order", now, inputOfOrder);
  const { begun: order, elsewhere } = editing;
  const typed = useDrafts(["edit.name", "edit.notes"]);
  const name = typed["edit.name"] ?? order.name;
  const notes = typed["edit.notes"] ?? order.notes;
  const [problem, setProblem] = useState<string>();
  const save = () => {
    const read = orderInputSchema.safeParse({ ...inputOfOrder(order), name, notes });
    if (!read.success) return setProblem(ORDER_SENTENCES.nameWanted);
    changeOrder(order, { name: read.data.name, notes: read.data.notes });
    return onDone();
  };
  const takeOut = () => {
    const { id, version } = order;
    const body = inputOfOrder(order);
    remove(order.name, { kind: "order", id, body, saw: version, queuedAt: Date.now() });
    onRemoved();
  };
  return (
    <Card gap={8} role="region" aria-label="Change the order">
      <Heading>Change the order</Heading>
      <TextEntry
        label="Its name"
        value={name}
        longest={LONGEST.name}
        problem={problem}
        aside={elsewhere("name", "edit.name")}
        onChange={(text) => writeDraft("edit.name", text)}
        onSubmit={save}
      />
      <TextEntry
        label="Notes on the order"
        value={notes}
        lines={3}
        longest={LONGEST.notes}
        aside={elsewhere("notes", "edit.notes")}
        onChange={(text) => writeDraft("edit.notes", text)}
      />
      <EditButtons
        editing={editing}
        removeLabel="Remove the order"
        onSave={save}
        onLeave={onDone}
        onRemove={takeOut}
      />
    </Card>
  );
}
