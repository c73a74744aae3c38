// Plugins for watching are the whole run’s, not a project’s.
const { watchPlugins: _forWatching, ...preset } = require("jest-expo/web/jest-preset");

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

const forTheWeb = Object.values(preset.transform).find((one) => one[0] === "babel-jest");

// The app is a web application: its parts are tried in a document, as a browser would show them.
module.exports = {
  ...preset,
  displayName: "app",
  transformIgnorePatterns: [`/node_modules/(?!(?:${LET_THROUGH}))`],
  transform: { ...preset.transform, "\\.mjs$": forTheWeb },
};
