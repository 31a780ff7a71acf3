import 'fake-indexeddb/auto'
import '@testing-library/jest-dom/vitest'
import { cleanup, configure } from '@testing-library/react'
import { IDBFactory } from 'fake-indexeddb'
import { afterEach, beforeEach, vi } from 'vitest'

// The clock only ends what hangs: a part that is fetched when it is first asked for takes seconds on a busy machine.
configure({ asyncUtilTimeout: 30_000 })

// Tests type faster than hands do; `bounce.test.ts` tries the real thing.
vi.mock('@/ui/exam/bounce', () => ({ isBounce: (event: KeyboardEvent) => event.repeat }))

// Nothing outside can be reached from these tests: every request fails as it does offline. Only the key of the device is there, so that
// what is kept on it is sealed as it is in a browser.
beforeEach(() => {
  // What one test left waiting on the device is not taken up by the next.
  vi.stubGlobal('indexedDB', new IDBFactory())
  vi.stubGlobal('fetch', (url: unknown) =>
    String(url).startsWith('/device-key')
      ? Promise.resolve(Response.json({ by: 'test-author', key: 'A'.repeat(43) + '=' }))
      : Promise.reject(new TypeError('offline')),
  )
  vi.stubGlobal(
    'EventSource',
    class {
      close() {
        // No stream was opened.
      }
    },
  )
  // Intervals come from a worker, which these tests do without: they stay "being computed".
  vi.stubGlobal(
    'Worker',
    class extends EventTarget {
      postMessage() {
        // Nobody answers.
      }
    },
  )
  Element.prototype.scrollIntoView = () => undefined
})
afterEach(cleanup)
