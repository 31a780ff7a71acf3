import { strToU8, Zip, ZipDeflate } from 'fflate'
import type { Entry } from './archive'

/** An archive that is written while it is read: nothing of it is held but the piece in hand. */
export async function* zipped(entries: AsyncIterable<Entry>, now: number): AsyncGenerator<Uint8Array> {
  const ready: Uint8Array[] = []
  const failed: Error[] = []
  const zip = new Zip((error, chunk) => {
    if (error) failed.push(error)
    else ready.push(chunk)
  })
  const taken = function* () {
    const [error] = failed
    if (error) throw error
    yield* ready.splice(0)
  }
  for await (const { name, pieces } of entries) {
    const file = new ZipDeflate(name, { level: 6 })
    file.mtime = new Date(now)
    zip.add(file)
    for await (const piece of pieces) {
      file.push(typeof piece === 'string' ? strToU8(piece) : piece)
      yield* taken()
    }
    file.push(new Uint8Array(0), true)
    yield* taken()
  }
  zip.end()
  yield* taken()
}
