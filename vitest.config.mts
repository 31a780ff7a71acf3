import { fileURLToPath } from 'node:url'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const alias = { '@': at('.'), 'server-only': at('./tests/empty.ts') }

export default defineConfig({
  resolve: { alias },
  test: {
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
    projects: [
      {
        extends: true,
        test: { name: 'core', environment: 'node', include: ['{core,db,server,devices,scripts,app,bench,workers}/**/*.test.ts'], testTimeout: 180_000 },
      },
      {
        extends: true,
        plugins: [react()],
        test: {
          name: 'ui',
          environment: 'jsdom',
          include: ['ui/**/*.test.{ts,tsx}', 'app/**/*.test.tsx'],
          setupFiles: ['./tests/setup-ui.ts'],
          // A whole table stepped through by keyboard takes seconds on a small machine.
          testTimeout: 180_000,
        },
      },
    ],
  },
})
