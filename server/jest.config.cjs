module.exports = {
  displayName: "server",
  testEnvironment: "node",
  transform: { "\\.[jt]sx?$": ["babel-jest", { presets: ["babel-preset-expo"] }] },
};
