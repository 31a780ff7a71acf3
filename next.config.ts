import type { NextConfig } from 'next'

// However it is started, nothing is told to anybody.
process.env.NEXT_TELEMETRY_DISABLED = '1'

const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3'],
  poweredByHeader: false,
  reactStrictMode: true,
  // A title that streams after its page is gone from the window for a moment at every refresh; a screen reader then reads a page without a name.
  htmlLimitedBots: /^/,
  // Types are a check of their own in npm test; a clinic that only starts the program does not wait for them.
  typescript: { ignoreBuildErrors: true },
  turbopack: { root: import.meta.dirname },
}
export default config
