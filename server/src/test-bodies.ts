import { REPAIR_BEGUN, machineNamed, paintedPicture } from "./test-server";

/** The machine of what is sent, the record it is sent as, and the position that another is made one with. */
export const MACHINE = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
export const RECORD = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";
export const OTHER = "3c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";
const NOW = "2026-03-02T08:30:00.000Z";

/** What each operation that takes something is called with. */
export const RIGHT_BODIES: Readonly<Record<string, unknown>> = {
  saveMachine: machineNamed("Union lever guillotine", "United States, 1951"),
  savePosition: { machineId: MACHINE, name: "Clamp bar", spec: null },
  saveIdentification: {
    machineId: MACHINE,
    position: "Clamp bar",
    readings: [{ kind: "external-diameter", mm: 12.52 }],
    options: {},
    notes: "",
    takenAt: NOW,
  },
  saveRepair: { machineId: MACHINE, position: "Clamp bar", record: REPAIR_BEGUN, takenAt: NOW },
  printWorkPlan: { record: REPAIR_BEGUN, units: "mm" },
  mergePosition: { into: OTHER, saw: 1 },
  saveJob: { name: "Blade change", opened: "2026-03-02", positions: [RECORD] },
  saveOrder: {
    name: "For the blade change",
    rule: { sparesPercent: 10, sparesAtLeast: 1, pack: 1 },
    lines: [{ id: RECORD, callout: "M8 x 40 hex bolt, 8.8", needed: 4, positions: [RECORD] }],
  },
  askSupplier: { lines: [{ id: RECORD, callout: "M8 x 40 hex bolt, 8.8", quantity: 5 }] },
  saveRemark: {
    positionId: RECORD,
    text: "Thread sound, head rounded.",
    takenAt: NOW,
    picture: paintedPicture(40, 30).toString("base64"),
  },
  saveWord: { word: "wibble", means: { kind: "nothing" } },
  pressCaliper: { press: "hold" },
};
