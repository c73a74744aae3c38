import { Small } from "./text";

/** The caution every sheet carries. */
export function ThreadCaution() {
  return (
    <Small fontSize={15} lineHeight={20}>
      A thread says nothing of strength: an unmarked part is the weakest grade. On brakes, steering,
      wheels, lifting, guards, pressure, gas, steam or structure the maker’s specification and local
      codes rule, and licensed practice where the law asks for it.
    </Small>
  );
}
