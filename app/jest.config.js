const LET_THROUGH = [
  "(jest-)?react-native",
  "@react-native(-community)?",
  "expo(nent)?",
  "@expo(nent)?",
  "standard-navigation",
  "@?tamagui",
  "lucide-react-native",
  "uuid",
].join("|");

module.exports = {
  displayName: "app",
  preset: "jest-expo",
  transformIgnorePatterns: [`/node_modules/(?!(?:${LET_THROUGH}))`],
  transform: { "\\.m?[jt]sx?$": "babel-jest" },
};
