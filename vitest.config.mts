import { readdirSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { fileURLToPath } from 'node:url'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const alias = { '@': at('.'), 'server-only': at('./tests/empty.ts') }

const ROOMS = ['core', 'db', 'server', 'devices', 'scripts', 'app', 'bench', 'workers', 'ui']

/**
 * Tests that swap a module or set the environment: each needs a world of its own. All others share what they have imported, which
 * halves the time of a run; whatever they put in the place of a global is taken back after each of them.
 */
const ALONE = ROOMS.flatMap((room) =>
  readdirSync(at(room), { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.test\.tsx?$/.test(file) && !file.includes('node_modules'))
    .map((file) => `${room}/${file}`)
    .filter((file) => /\bvi\.(mock|doMock|resetModules)\(|process\.env\.\w+ =/.test(readFileSync(at(file), 'utf8'))),
)
// Brackets of a route are no pattern.
const alone = (inBrowser: boolean) =>
  ALONE.filter((file) => (file.endsWith('.tsx') || file.startsWith('ui/')) === inBrowser).map((file) => file.replace(/[[\]]/g, '\\$&'))

const NEVER = ['**/node_modules/**', '**/.next/**']
const CORE = {
  environment: 'node' as const,
  // The clock only ends a test that hangs; cases are bounded by their number.
  testTimeout: 180_000,
  hookTimeout: 180_000,
}
const UI = {
  environment: 'jsdom' as const,
  setupFiles: ['./tests/setup-ui.ts'],
  // A whole table stepped through by keyboard takes seconds on a small machine.
  testTimeout: 180_000,
  hookTimeout: 180_000,
}

export default defineConfig({
  resolve: { alias },
  test: {
    // Every core: by itself one is left free, which on two is half of them.
    maxWorkers: '100%',
    coverage: {
      provider: 'v8',
      reporter: ['text-summary'],
      include: ['core/**/*.ts', 'db/**/*.ts', 'devices/**/*.ts', 'server/**/*.ts', 'ui/**/*.{ts,tsx}', 'app/**/*.{ts,tsx}', 'workers/**/*.ts'],
      exclude: ['**/*.test.*', 'db/migrations/**'],
      // The floor of each room: it may only be raised. Pages and what only a browser can do are walked by the journeys.
      thresholds: {
        'core/**': { lines: 90 },
        'db/**': { lines: 85 },
        'devices/**': { lines: 80 },
        'server/**': { lines: 70 },
        'ui/**': { lines: 65 },
        'app/**': { lines: 60 },
      },
    },
    unstubGlobals: true,
    // As in the demo, unless a test signs somebody in.
    env: { DUST_LANTERN_DEMO: 'yes', LOG_LEVEL: 'silent', DUST_LANTERN_KEYS: path.join(tmpdir(), 'dust-lantern-test-keys') },
    // The clock only ends what hangs.
    expect: { poll: { timeout: 30_000 } },
    projects: [
      {
        extends: true,
        test: { ...CORE, name: 'core', isolate: false, include: [`{${ROOMS.join()}}/**/*.test.ts`], exclude: [...NEVER, 'ui/**', ...alone(false)] },
      },
      { extends: true, test: { ...CORE, name: 'core alone', include: alone(false) } },
      {
        extends: true,
        plugins: [react()],
        test: { ...UI, name: 'ui', isolate: false, include: ['ui/**/*.test.{ts,tsx}', 'app/**/*.test.tsx'], exclude: [...NEVER, ...alone(true)] },
      },
      { extends: true, plugins: [react()], test: { ...UI, name: 'ui alone', include: alone(true) } },
    ],
  },
})
