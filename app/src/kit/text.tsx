import { styled, Text } from "@tamagui/core";

/** Running text. */
export const Body = styled(Text, {
  fontFamily: "$body",
  fontSize: "$body",
  lineHeight: "$body",
  color: "$ink",
});

/** Secondary text, still of full contrast. */
export const Small = styled(Text, {
  fontFamily: "$body",
  fontSize: "$small",
  lineHeight: "$small",
  color: "$quiet",
});

/** A caption or the name of a field. */
export const Label = styled(Text, {
  fontFamily: "$figure",
  fontSize: "$small",
  lineHeight: "$small",
  fontWeight: "500",
  color: "$quiet",
});

/** A designation, a figure, a name: semi-condensed, the figures of one width. */
export const Figure = styled(Text, {
  fontFamily: "$figure",
  fontSize: "$body",
  lineHeight: "$body",
  fontWeight: "600",
  color: "$ink",
});

/** Said by a screen reader, not shown. */
export const ForScreenReader = styled(Text, {
  position: "absolute",
  width: 1,
  height: 1,
  overflow: "hidden",
  opacity: 0,
  margin: 0,
});

/** A heading of a room or a panel. */
export const Heading = styled(Figure, {
  render: "h2",
  margin: 0,
  fontSize: "$heading",
  lineHeight: "$heading",
});
