module.exports = {
  // Far over what any test takes on a slow, busy machine: a test fails for what it finds, never for its pace.
  testTimeout: 600_000,
  projects: ["core", "trials", "contract", "server", "app", "scripts"].map(
    (one) => `<rootDir>/${one}`,
  ),
};
