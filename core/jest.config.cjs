module.exports = {
  displayName: "core",
  testEnvironment: "node",
  transform: { "\\.[jt]sx?$": ["babel-jest", { presets: ["babel-preset-expo"] }] },
};
