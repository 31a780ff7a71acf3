// The thread beside the server in which papers are printed and archives written, so that nobody waits behind them. Bundled by
// scripts/bundle.mjs; it reads the clinic through a connection of its own that cannot write.
import { parentPort } from 'node:worker_threads'
import { openToRead } from '../../db/open'
import { toPdf } from '../paper/pdf'
import { archiveOf } from './archive'
import type { Asked, Told } from './messages'
import { zipped } from './zip'

const port = parentPort
if (!port) throw new Error('This runs as a thread of the server.')
const tell = (told: Told, give: readonly ArrayBuffer[] = []) => port.postMessage(told, [...give])

/** Lets the next piece of an archive go. */
let go: (() => void) | null = null

port.on('message', (asked: Asked) => {
  switch (asked.do) {
    case 'print':
      toPdf(asked.papers, asked.now).then(
        (pdf) => {
          const bytes = new Uint8Array(pdf)
          tell({ told: 'printed', id: asked.id, bytes }, [bytes.buffer])
        },
        (error: unknown) => tell({ told: 'failed', id: asked.id, what: String(error) }),
      )
      return
    case 'archive':
      void writeArchive(asked)
      return
    case 'more':
      go?.()
      return
  }
})

/** One piece waits at a time: whoever saves slowly makes the archive slow, and not the memory full. */
async function writeArchive({ file, scope, template, now, scratch, id }: Extract<Asked, { do: 'archive' }>): Promise<void> {
  try {
    const db = openToRead(file)
    const entries = archiveOf(db, scope, { template, now, scratch, print: (papers) => toPdf(papers, now), onDone: (done) => tell({ told: 'done', id, done }) })
    for await (const piece of zipped(entries, now)) {
      const wait = new Promise<void>((resolve) => (go = resolve))
      const bytes = new Uint8Array(piece)
      tell({ told: 'piece', id, bytes }, [bytes.buffer])
      await wait
    }
    db.$client.close()
    tell({ told: 'end', id })
  } catch (error) {
    tell({ told: 'failed', id, what: String(error) })
  }
}
