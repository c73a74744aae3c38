import { arrivedWords, RECORD_SENTENCES } from "@root-gauge/core/say/record";
import { useTheme, View } from "@tamagui/core";
import { useRouter } from "expo-router";
import ChevronRight from "lucide-react-native/icons/chevron-right";
import { useOrders } from "../../data/record/order-queries";
import { ActionButton } from "../../kit/action-button";
import { ListRow } from "../../kit/list-row";
import { Figure, Heading, Small } from "../../kit/text";

/** The orders that are kept, the last changed first: how much of each has arrived. */
export function KeptOrders() {
  const router = useRouter();
  const theme = useTheme();
  const { orders, query, more } = useOrders();
  if (orders.length === 0) return null;
  return (
    <View role="region" aria-label="Orders that are kept" data-print="no">
      <Heading marginBottom={8}>Orders that are kept</Heading>
      {orders.map(({ id, name, lines, waiting }) => (
        <ListRow key={id} onPress={() => router.push(`/order/${id}`)}>
          <View flex={1} gap={2}>
            <Figure>{name}</Figure>
            <Small>
              {arrivedWords(lines.filter(({ arrived }) => arrived).length, lines.length)}
            </Small>
            {waiting ? <Small>{RECORD_SENTENCES.notOnServer}</Small> : null}
          </View>
          <ChevronRight size={20} color={theme.quiet.val} aria-hidden />
        </ListRow>
      ))}
      {query.hasNextPage ? <ActionButton label="Older orders" onPress={more} /> : null}
    </View>
  );
}
