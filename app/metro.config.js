const { getDefaultConfig } = require('expo/metro-config');
const { createProxyMiddleware } = require('http-proxy-middleware');

const config = getDefaultConfig(__dirname);

// The ESM builds of these two break under Expo's import transform
// ("Cannot set property default of [object Object] which has only a getter"): take their CommonJS builds.
const commonJs = new Set(['class-validator', 'class-transformer']);

// class-validator takes in a hundred checkers of which Huff uses a handful; the rest, and the phone numbers of the world,
// would be a fifth of the first download. A checker that is used must stand in this list.
const checkersUsed = new Set(['isLength', 'isUUID', 'matches'].map((name) => `validator/lib/${name}`));
const isUnusedChecker = (name) =>
  name.startsWith('libphonenumber-js') || (name.startsWith('validator/lib/') && !checkersUsed.has(name));

// Paper looks for an icon font of 1.3 MB; our icons are paths (src/ui/icons).
const iconFonts = /^(@expo|react-native|@react-native)-?\/?(vector-icons)/;

config.resolver.resolveRequest = (context, moduleName, platform) => {
  const fromValidator = /[\\/]class-validator[\\/]/.test(context.originModulePath);
  if (fromValidator && isUnusedChecker(moduleName)) return { type: 'empty' };
  if (iconFonts.test(moduleName) && /react-native-paper/.test(context.originModulePath)) return { type: 'empty' };
  return context.resolveRequest(
    commonJs.has(moduleName) ? { ...context, mainFields: ['main'] } : context,
    moduleName,
    platform,
  );
};

// A module runs when something of it is first used, not when the page opens: most of what is downloaded is not needed for the first screen.
config.transformer.getTransformOptions = () =>
  Promise.resolve({ transform: { experimentalImportSupport: false, inlineRequires: true } });

// Development only: hands /api on to the Express server.
const api = createProxyMiddleware({ target: `http://127.0.0.1:${process.env.API_PORT ?? 3000}`, pathFilter: '/api' });
config.server.enhanceMiddleware = (metro) => (req, res, next) => api(req, res, () => metro(req, res, next));

module.exports = config;
