module.exports = {
  displayName: "contract",
  testEnvironment: "node",
  transform: { "\\.[jt]sx?$": ["babel-jest", { presets: ["babel-preset-expo"] }] },
};
