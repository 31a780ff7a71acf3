import path from 'node:path'
import type { NextConfig } from 'next'

const config: NextConfig = { poweredByHeader: false, turbopack: { root: path.join(import.meta.dirname, '../..') }, typescript: { ignoreBuildErrors: true } }
export default config
