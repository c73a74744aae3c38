module.exports = {
  displayName: "scripts",
  testEnvironment: "node",
  testMatch: ["**/*.test.ts"],
  transform: { "\\.[jt]sx?$": ["babel-jest", { presets: ["babel-preset-expo"] }] },
};
