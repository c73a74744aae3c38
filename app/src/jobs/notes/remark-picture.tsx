import type { Remark } from "@root-gauge/contract";
import { useEffect, useState } from "react";
import { pictureAddress } from "../../data/server/api";
import { keptPicture } from "../../data/kept/kept-pictures";
import type { Kept } from "../../data/outbox/waiting";

/** Where a picture that the server does not have yet is shown from. */
function useWaitingAddress(id: string, wanted: boolean): string | undefined {
  const [address, setAddress] = useState<string>();
  useEffect(() => {
    if (!wanted) return undefined;
    let made: string | undefined;
    let left = false;
    void keptPicture(id).then((picture) => {
      if (picture === undefined || left) return;
      made = URL.createObjectURL(picture);
      setAddress(made);
    });
    return () => {
      left = true;
      if (made !== undefined) URL.revokeObjectURL(made);
    };
  }, [id, wanted]);
  return address;
}

/** The picture of a remark, as wide as its column; a touch opens it by itself, to be looked at closely. */
export function RemarkPicture({ remark, says }: { remark: Kept<Remark>; says: string }) {
  const { id, picture, waiting } = remark;
  const kept = useWaitingAddress(id, waiting && picture !== null);
  if (picture === null) return null;
  const address = waiting ? (kept ?? pictureAddress(id)) : pictureAddress(id);
  return (
    <a href={address} target="_blank" rel="noreferrer" aria-label={`Open by itself: ${says}`}>
      <img
        src={address}
        alt={says}
        width={picture.width}
        height={picture.height}
        loading="lazy"
        style={{
          display: "block",
          width: "auto",
          maxWidth: "100%",
          height: "auto",
          maxHeight: 320,
          borderRadius: 4,
          backgroundColor: "var(--line)",
        }}
      />
    </a>
  );
}
