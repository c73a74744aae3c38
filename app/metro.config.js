const { readdirSync } = require("node:fs");
const { request } = require("node:http");
const path = require("node:path");
const { getDefaultConfig } = require("expo/metro-config");

const config = getDefaultConfig(__dirname);

// Of what Expo Router and react-native-web bring along, the first screen uses a part: their modules are evaluated when
// something of them is first used. What computes and styles uses its imports too often to ask for them anew each time.
const MUCH_USED = [
  path.join(__dirname, "..", "core"),
  path.join(__dirname, "..", "node_modules", "@tamagui"),
];

function evaluatedAtOnce() {
  const files = MUCH_USED.flatMap((folder) =>
    readdirSync(folder, { recursive: true }).map((file) => path.join(folder, file)),
  );
  return Object.fromEntries(files.map((file) => [file, true]));
}

config.transformer.getTransformOptions = async () => ({
  transform: {
    experimentalImportSupport: true,
    inlineRequires: { blockList: evaluatedAtOnce() },
  },
});

// zod ships the words of some sixty languages; ours come from core/say/common, so none of them is bundled. react-native-svg
// can also read SVG files; ours are drawn, so its readers are not. Of the ids that uuid can make, two kinds are
// made here: by chance (v4), and out of a name (v5). Expo Router's list of all addresses is for who builds an app: it is
// turned off in app.json, and left out; so is what its headers and tabs mix their colours with, since ours are our own. Two
// versions of React Native's reader of colours are one here.
const { resolveRequest } = config.resolver;
config.resolver.resolveRequest = (context, moduleName, platform) => {
  const fromZod = /[\\/]zod[\\/]/.test(context.originModulePath);
  if (fromZod && /locales\/index\.c?js$/.test(moduleName)) return { type: "empty" };
  const fromSvg = /react-native-svg[\\/].*ReactNativeSVG\.web\.js$/.test(context.originModulePath);
  if (fromSvg && /^\.\/(?:xml|deprecated)$/.test(moduleName)) return { type: "empty" };
  const fromRouter = /expo-router[\\/]build[\\/]/.test(context.originModulePath);
  if (fromRouter && /^\.\/views\/Sitemap$/.test(moduleName)) return { type: "empty" };
  if (fromRouter && moduleName === "color") return { type: "empty" };
  const name =
    moduleName === "@react-native/normalize-color" ? "@react-native/normalize-colors" : moduleName;
  const fromUuid = /[\\/]uuid[\\/]dist[\\/][^\\/]+[\\/]index\.js$/.test(context.originModulePath);
  if (fromUuid && /^\.\/v[1367]/.test(moduleName)) return { type: "empty" };
  return (resolveRequest ?? context.resolveRequest)(context, name, platform);
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
