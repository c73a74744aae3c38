module.exports = {
  projects: ["core", "contract", "server", "app", "scripts"].map((one) => `<rootDir>/${one}`),
};
