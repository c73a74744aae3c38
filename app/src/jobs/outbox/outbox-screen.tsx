import { RECORD_SENTENCES } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useState } from "react";
import { FlatList } from "react-native";
import { allPutAside, type PutAside } from "../../data/kept/put-aside";
import { waitsForOther } from "../../data/outbox/outbox";
import { useOutbox } from "../../data/outbox/saving";
import { storage } from "../../data/kept/text-storage";
import { ActionButton } from "../../kit/action-button";
import { saveFile } from "../../kit/save-file";
import { Card } from "../../kit/surface";
import { Body, Heading, Small } from "../../kit/text";
import { PAGE_WIDTH, PageActions, PageHead } from "../../shell/page";
import { ParcelCard } from "./parcel-card";

const LONGEST_SHOWN = 200;

/** As many cards as a screen shows, and as many screens of them as are drawn around it. */
const SHOWN_FIRST = 8;
const WINDOW = 3;

/** Something that could not be read, or that made a screen fail: to keep as a file, or to throw away. */
function AsideCard({ aside, onGone }: { aside: PutAside; onGone: () => void }) {
  const [sure, setSure] = useState(false);
  const { key, from, text } = aside;
  const discard = () => {
    if (!sure) return setSure(true);
    storage.removeItem(key);
    return onGone();
  };
  return (
    <Card gap={8}>
      <Heading>{`Put aside from ${from}`}</Heading>
      <Small>{text.length > LONGEST_SHOWN ? `${text.slice(0, LONGEST_SHOWN)}…` : text}</Small>
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <ActionButton
          flex={1}
          label="Save as a file"
          onPress={() => saveFile(`${key}.txt`, "text/plain;charset=utf-8", [text])}
        />
        <ActionButton
          flex={1}
          label={sure ? "Yes, throw it away" : "Throw away"}
          onPress={discard}
        />
      </View>
    </Card>
  );
}

/** What waits on this device: saves that the server does not have, and what was put aside. */
export function OutboxScreen() {
  const { parcels } = useOutbox();
  const [asides, setAsides] = useState(() => allPutAside(storage));
  const keepAll = () =>
    saveFile("root-gauge-waiting.json", "application/json", [
      JSON.stringify({ parcels, putAside: asides }, null, 2),
    ]);
  return (
    <View flex={1} render="main">
      <PageHead title="What waits on this device" backTo="/jobs" />
      <FlatList
        data={parcels}
        keyExtractor={({ id }) => id}
        renderItem={({ item }) => (
          <ParcelCard parcel={item} waitsForOther={waitsForOther(item, parcels)} />
        )}
        initialNumToRender={SHOWN_FIRST}
        windowSize={WINDOW}
        ListEmptyComponent={
          <Body role="status">
            {asides.length === 0 ? RECORD_SENTENCES.nothingWaits : RECORD_SENTENCES.onlyAside}
          </Body>
        }
        ListFooterComponent={
          <View gap={12}>
            {asides.map((aside) => (
              <AsideCard
                key={aside.key}
                aside={aside}
                onGone={() => setAsides(allPutAside(storage))}
              />
            ))}
          </View>
        }
        contentContainerStyle={{ padding: 12, gap: 12, width: "100%", maxWidth: PAGE_WIDTH }}
      />
      {parcels.length + asides.length === 0 ? null : (
        <PageActions>
          <ActionButton label="Save all of it as a file" onPress={keepAll} />
        </PageActions>
      )}
    </View>
  );
}
