import type { NextConfig } from 'next'

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // What one build kept in the browser means nothing to another.
  env: { TECTORIA_BUILT: new Date().toISOString() },
  // Reads its own files beside it.
  serverExternalPackages: ['@touch4it/ical-timezones'],
}

export default config
