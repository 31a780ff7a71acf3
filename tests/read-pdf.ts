import path from 'node:path'
import { Worker } from 'node:worker_threads'

/** What another program reads in a PDF. */
export interface ReadPdf {
  /** The text of each page, in the order of its lines. */
  readonly pages: readonly string[]
  readonly title: string
  readonly language: string
  /** Kinds of the structure that is read aloud, in their order: "H1", "P", "Figure" ... */
  readonly structure: readonly string[]
  /** What is said in place of each figure. */
  readonly alternatives: readonly string[]
}

type Told = { readonly id: number; readonly read: ReadPdf } | { readonly id: number; readonly failed: string }

let thread: Worker | null = null
let last = 0

/** Read a PDF with a program that knows nothing of the one that wrote it. */
export function readPdf(bytes: Uint8Array): Promise<ReadPdf> {
  const reader = (thread ??= startReader())
  const id = ++last
  return new Promise((resolve, reject) => {
    const hear = (told: Told) => {
      if (told.id !== id) return
      reader.off('message', hear)
      if ('read' in told) resolve(told.read)
      else reject(new Error(told.failed))
    }
    reader.on('message', hear)
    reader.postMessage({ id, bytes: new Uint8Array(bytes) })
  })
}

function startReader(): Worker {
  const started = new Worker(path.resolve('tests/read-pdf-thread.mjs'))
  started.setMaxListeners(100)
  started.unref()
  return started
}
