import { generateSW } from 'workbox-build';

const { count, size, warnings } = await generateSW({
  globDirectory: 'app/dist',
  globPatterns: ['**/*.{html,js,json,css,ttf,png,svg,ico,webmanifest}'],
  // The reader of photos is 7 MB: it is fetched when somebody wants it, and kept from then on.
  globIgnores: ['metadata.json', 'sw.js', '**/*.map', 'reader/**'],
  runtimeCaching: [
    { urlPattern: /\/reader\/[^/]+\/[^/]+$/, handler: 'CacheFirst', options: { cacheName: 'huff-reader' } },
  ],
  swDest: 'app/dist/sw.js',
  // Metro's file names carry a content hash.
  dontCacheBustURLsMatching: /\.[0-9a-f]{32}\.|-[0-9a-f]{32}\.js$/,
  // The default of 2 MiB leaves the entry bundle out.
  maximumFileSizeToCacheInBytes: 8 * 1024 * 1024,
  navigateFallback: '/index.html',
  navigateFallbackDenylist: [/^\/api\//],
  cleanupOutdatedCaches: true,
  clientsClaim: true,
  skipWaiting: true,
  inlineWorkboxRuntime: true,
  sourcemap: false,
  mode: 'production',
});
for (const warning of warnings) console.warn(warning);
console.log(`service worker: ${count} files, ${(size / 1e6).toFixed(1)} MB kept for use without a signal`);
