import { View } from "@tamagui/core";
import { useOutbox } from "../data/saving";
import { Body } from "../kit/text";

/** Says when work is waiting because the server is away, or was refused. Nothing when all is saved. */
export function SaveStatus() {
  const { parcels, serverAway } = useOutbox();
  const refused = parcels.find((parcel) => parcel.refused !== undefined);
  const waiting = parcels.filter((parcel) => parcel.refused === undefined).length;
  const sentences = [
    ...(serverAway && waiting > 0
      ? [
          `The server does not answer. ${waiting === 1 ? "One save is" : `${waiting} saves are`} kept on this device until it does.`,
        ]
      : []),
    ...(refused === undefined
      ? []
      : [`The server refused a save, which is kept on this device: ${refused.refused}`]),
  ];
  if (sentences.length === 0) return null;
  return (
    <View
      role="status"
      paddingHorizontal={12}
      paddingVertical={8}
      backgroundColor="$card"
      borderBottomWidth={2}
      borderColor="$clash"
    >
      {sentences.map((sentence) => (
        <Body key={sentence}>{sentence}</Body>
      ))}
    </View>
  );
}
