import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))

/** Long searches for a counterexample: each mutant would run them whole. What they prove is left to the full suite. */
const SEARCHES = ['no order of events starts a barred test', 'is never overturned by one more answer', 'never admits an event that makes the record']

/** The tests that mutants are shown to: those of the core that run within seconds. */
export default defineConfig({
  resolve: { alias: { '@': at('.'), 'server-only': at('./tests/empty.ts') } },
  test: {
    environment: 'node',
    isolate: false,
    testTimeout: 180_000,
    include: ['core/{safety,findings,clusters,logic,record,note,bench,catalogue}/**/*.test.ts', 'core/evidence/{weigh,knowledge}.test.ts', 'core/*.test.ts'],
    exclude: ['**/node_modules/**', 'core/random-records.test.ts', 'core/sensitivity.test.ts', 'core/catalogue/adding-a-test.test.ts'],
    testNamePattern: new RegExp(`^(?!.*(${SEARCHES.join('|')}))`),
  },
})
