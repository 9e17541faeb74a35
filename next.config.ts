import type { NextConfig } from 'next';
import createNextIntlPlugin from 'next-intl/plugin';

// words are taken apart when the app is built, not at each rendering
const withNextIntl = createNextIntlPlugin({
  requestConfig: './src/messages/request.ts',
  experimental: { messages: { path: './src/messages', format: 'json', locales: 'infer', precompile: true } },
});

const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3', 'pdf-lib', '@pdf-lib/fontkit'],
  poweredByHeader: false,
  // the server stands on the stylist's own machine: packing a page costs more than sending it
  compress: false,
  devIndicators: false,
  headers: () =>
    Promise.resolve([
      {
        source: '/:path*',
        headers: [
          { key: 'x-content-type-options', value: 'nosniff' },
          { key: 'cross-origin-resource-policy', value: 'same-origin' },
        ],
      },
    ]),
  reactStrictMode: true,
  turbopack: {
    root: import.meta.dirname,
    // a package names Node's Buffer for Node only; a browser need not fetch the whole of it
    resolveAlias: {
      'node:buffer': { browser: './src/ui/noBuffer.ts' },
      'next/dist/compiled/buffer': { browser: './src/ui/noBuffer.ts' },
    },
  },
  experimental: { serverActions: { bodySizeLimit: '8mb' }, proxyClientMaxBodySize: '72mb' },
};

export default withNextIntl(config);
