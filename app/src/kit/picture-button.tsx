import { useRef } from "react";
import { ActionButton } from "./action-button";

interface PictureButtonProps {
  readonly label: string;
  readonly says: string;
  /** Opens the camera where the device has one, rather than the pictures that are on it. */
  readonly camera?: boolean;
  readonly onPicture: (file: File) => void;
}

/** A button that asks the device for a picture. */
export function PictureButton({ label, says, camera = false, onPicture }: PictureButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept="image/*"
        hidden
        aria-label={says}
        {...(camera ? { capture: "environment" } : {})}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          // The same picture may be chosen again.
          target.value = "";
          if (file !== undefined) onPicture(file);
        }}
      />
      <ActionButton flex={1} label={label} says={says} onPress={() => input.current?.click()} />
    </>
  );
}
