import type { Lubricant } from "../../mend/holes";

export const LUBRICANT_WORDS: Readonly<Record<Lubricant, string>> = {
  "sulphurised-oil": "Sulphurised cutting oil.",
  "heavy-compound": "Heavy tapping compound.",
  "dry-or-paraffin": "Dry; some take a little paraffin.",
  "light-oil": "Light cutting oil.",
  paraffin: "Paraffin, or light oil: the metal welds to a dry tool.",
  "dry-or-drop": "Dry, or a drop of oil.",
  "dry-never-water": "Dry, or thin mineral oil; never water.",
  "dry-or-soap": "Dry, with air; soapy water on thermoplastics.",
};
