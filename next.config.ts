import type { NextConfig } from 'next'

const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3'],
  poweredByHeader: false,
  reactStrictMode: true,
  // Types are a check of their own in npm test; a clinic that only starts the program does not wait for them.
  typescript: { ignoreBuildErrors: true },
  turbopack: { root: import.meta.dirname },
}
export default config
