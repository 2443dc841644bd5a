import type { NextConfig } from 'next'

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // Reads its own files beside it.
  serverExternalPackages: ['@touch4it/ical-timezones'],
}

export default config
