const { getDefaultConfig } = require("expo/metro-config");

const config = getDefaultConfig(__dirname);

// zod ships the words of some sixty languages; ours come from core/words, so none of them is bundled.
const { resolveRequest } = config.resolver;
config.resolver.resolveRequest = (context, moduleName, platform) => {
  const fromZod = /[\\/]zod[\\/]/.test(context.originModulePath);
  if (fromZod && /locales\/index\.c?js$/.test(moduleName)) return { type: "empty" };
  return (resolveRequest ?? context.resolveRequest)(context, moduleName, platform);
};

module.exports = config;
