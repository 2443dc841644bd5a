import type { NextConfig } from 'next'

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // What one build kept in the browser means nothing to another.
  env: { TECTORIA_BUILT: new Date().toISOString() },
  // Pictures are the modeller's own and stay in the browser: nothing asks the server for smaller ones.
  images: { unoptimized: true },
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'x-content-type-options', value: 'nosniff' },
        { key: 'referrer-policy', value: 'no-referrer' },
        { key: 'cross-origin-opener-policy', value: 'same-origin' },
        { key: 'cross-origin-resource-policy', value: 'same-origin' },
        { key: 'x-frame-options', value: 'DENY' },
      ],
    },
  ],
  // Reads its own files beside it.
  serverExternalPackages: ['@touch4it/ical-timezones'],
}

export default config
