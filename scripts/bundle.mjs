// What stands beside the pages of a build: node scripts/bundle.mjs OUT. The start program as one file (packages stay where they are), and
// the service worker with the list of everything it keeps on a device.
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { build } from 'esbuild'

const [out = '.next/start.mjs'] = process.argv.slice(2)
await build({
  entryPoints: ['server/start.ts'],
  outfile: out,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  packages: 'external',
  // Before anything is loaded: what it loads looks at it.
  banner: {
    js: "process.env.NODE_ENV ??= process.argv.includes('--dev') ? 'development' : 'production'; process.env.NEXT_TELEMETRY_DISABLED = '1';",
  },
  logLevel: 'warning',
})

// The threads: one prints and writes archives, one computes signatures again, reads imports, verifies and backs up.
for (const [from, to] of [
  ['server/outside/thread.ts', 'outside-thread.mjs'],
  ['server/jobs/thread.ts', 'jobs-thread.mjs'],
]) {
  await build({
    entryPoints: [from],
    outfile: path.join(path.dirname(out), to),
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    logLevel: 'warning',
  })
}

/** The framework's first file of a worker. */
const isWorker = (url) => /\/turbopack-worker-[^/]+\.js$/.test(url)

if (existsSync('.next/BUILD_ID')) {
  const made = readFileSync('.next/BUILD_ID', 'utf8').trim()
  const files = readdirSync('.next/static', { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.(js|css|woff2|svg)$/.test(entry.name))
    .map((entry) => `/_next/static/${path.relative('.next/static', path.join(entry.parentPath, entry.name))}`)
    .toSorted()
  await build({
    entryPoints: ['workers/service-worker.ts'],
    outfile: '.next/sw.js',
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: {
      'process.env.NODE_ENV': '"production"',
      MADE: JSON.stringify(made),
      WORKER_FILES: JSON.stringify(files.filter(isWorker)),
      // Names of program files carry a hash of what they hold; the shell is as old as the build.
      SHELL_FILES: JSON.stringify([
        ...files.filter((url) => !isWorker(url)).map((url) => ({ url, revision: null })),
        { url: '/shell', revision: made },
        { url: '/icon.svg', revision: made },
      ]),
    },
    logLevel: 'warning',
  })
}
