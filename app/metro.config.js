const { request } = require("node:http");
const { getDefaultConfig } = require("expo/metro-config");

const config = getDefaultConfig(__dirname);

// A module is evaluated when something of it is first used: of the platform's packages the first screen uses a part.
config.transformer.getTransformOptions = async () => ({
  transform: { experimentalImportSupport: true, inlineRequires: true },
});

// zod ships the words of some sixty languages; ours come from core/words, so none of them is bundled. react-native-svg
// can also read SVG files; ours are drawn, so its readers are not.
const { resolveRequest } = config.resolver;
config.resolver.resolveRequest = (context, moduleName, platform) => {
  const fromZod = /[\\/]zod[\\/]/.test(context.originModulePath);
  if (fromZod && /locales\/index\.c?js$/.test(moduleName)) return { type: "empty" };
  const fromSvg = /react-native-svg[\\/].*ReactNativeSVG\.web\.js$/.test(context.originModulePath);
  if (fromSvg && /^\.\/(?:xml|deprecated)$/.test(moduleName)) return { type: "empty" };
  return (resolveRequest ?? context.resolveRequest)(context, moduleName, platform);
};

// In development Metro serves the app, and passes the API's addresses on to the server.
const apiOrigin = process.env.API_ORIGIN;
if (apiOrigin !== undefined) {
  config.server.enhanceMiddleware = (serveApp) => (incoming, answer, next) => {
    if (!incoming.url.startsWith("/api/")) return serveApp(incoming, answer, next);
    const { method, headers } = incoming;
    const passedOn = request(new URL(incoming.url, apiOrigin), { method, headers }, (from) => {
      answer.writeHead(from.statusCode, from.headers);
      from.pipe(answer);
    });
    passedOn.on("error", () => answer.writeHead(502).end());
    return incoming.pipe(passedOn);
  };
}

module.exports = config;
