import 'server-only'
import { existsSync, rmSync } from 'node:fs'
import path from 'node:path'
import { Worker } from 'node:worker_threads'
import { dataFile } from '../../db/open'
import { db } from '../../db'
import { environment } from '../environment'
import { log } from '../log'
import type { Paper } from '../paper/paper'
import { toPdf } from '../paper/pdf'
import { archiveOf, countIn, type Scope, scratchFolder } from './archive'
import type { TemplateId } from '../../core/note/template'
import type { Asked, Told } from './messages'
import { zipped } from './zip'

/** Where a build puts the thread; without a build, as while developing, the work is done here. */
const THREAD = ['.next', 'outside-thread.mjs']

function threadFile(): string | null {
  const file = path.join(process.cwd(), ...THREAD)
  return existsSync(file) ? file : null
}

interface Printing {
  readonly thread: Worker
  readonly waiting: Map<number, { readonly resolve: (bytes: Uint8Array) => void; readonly reject: (error: Error) => void }>
}

const held = globalThis as typeof globalThis & { dustLanternPrinting?: Printing | null; dustLanternArchives?: Map<string, Progress> }

/** How far an archive is. */
export interface Progress {
  readonly done: number
  readonly of: number
  readonly state: 'writing' | 'written' | 'failed'
}

let last = 0

/** Print papers beside the server; every page is the same as when printed here. */
export function print(papers: readonly Paper[], now: number): Promise<Uint8Array> {
  const file = threadFile()
  if (file === null) return toPdf(papers, now)
  const { thread, waiting } = (held.dustLanternPrinting ??= startPrinting(file))
  const id = ++last
  return new Promise((resolve, reject) => {
    waiting.set(id, { resolve, reject })
    thread.postMessage({ do: 'print', id, papers, now } satisfies Asked)
  })
}

function startPrinting(file: string): Printing {
  const thread = new Worker(/* turbopackIgnore: true */ file)
  const waiting: Printing['waiting'] = new Map()
  thread.unref()
  thread.on('message', (told: Told) => {
    const one = waiting.get(told.id)
    waiting.delete(told.id)
    if (told.told === 'printed') one?.resolve(told.bytes)
    else if (told.told === 'failed') one?.reject(new Error(told.what))
  })
  const gone = (why: string) => {
    held.dustLanternPrinting = null
    for (const { reject } of waiting.values()) reject(new Error(why))
    waiting.clear()
  }
  thread.on('error', (error) => gone(error.message))
  thread.on('exit', () => gone('The thread that prints has ended.'))
  return { thread, waiting }
}

/** So many archives are remembered with how far they are. */
const REMEMBERED = 20

const archives = (held.dustLanternArchives ??= new Map<string, Progress>())

/** The name under which a window asks how far its archive is; one of our own where it gave none that can be one. */
export function archiveName(asked: string | null): string {
  return asked !== null && /^[0-9a-f-]{36}$/.test(asked) ? asked : crypto.randomUUID()
}

/** How far the archive of this name is; null when nobody asked for one. */
export function progressOf(name: string): Progress | null {
  return archives.get(name) ?? null
}

/**
 * An archive as a stream that is written while it is saved.
 *
 * @param name - under which its progress can be asked for
 */
export function archiveStream(
  name: string,
  scope: Scope,
  { template, now }: { readonly template: TemplateId; readonly now: number },
): ReadableStream<Uint8Array> {
  const of = countIn(db(), scope)
  const tell = (progress: Partial<Progress>) => {
    archives.set(name, { done: 0, of, state: 'writing', ...archives.get(name), ...progress })
    if (archives.size > REMEMBERED) for (const oldest of archives.keys()) return void archives.delete(oldest)
  }
  tell({})
  const file = threadFile()
  const pieces =
    file === null
      ? piecesHere(scope, { template, now, onDone: (done) => tell({ done }) })
      : piecesBeside(file, scope, { template, now, onDone: (done) => tell({ done }) })
  return new ReadableStream<Uint8Array>(
    {
      async pull(controller) {
        try {
          const next = await pieces.next()
          if (next.done) {
            tell({ state: 'written' })
            controller.close()
          } else controller.enqueue(next.value)
        } catch (error) {
          // What was saved so far has no end and is no archive; the window says so.
          log().error({ error: String(error) }, 'archive not written')
          tell({ state: 'failed' })
          controller.error(error)
        }
      },
      async cancel() {
        tell({ state: 'failed' })
        await pieces.return(undefined)
      },
    },
    { highWaterMark: 0 },
  )
}

interface Writing {
  readonly template: TemplateId
  readonly now: number
  readonly onDone: (done: number) => void
}

function piecesHere(scope: Scope, { template, now, onDone }: Writing): AsyncGenerator<Uint8Array> {
  const entries = archiveOf(db(), scope, { template, now, onDone, scratch: environment().dataFolder, print: (papers) => toPdf(papers, now) })
  return zipped(entries, now)
}

async function* piecesBeside(file: string, scope: Scope, { template, now, onDone }: Writing): AsyncGenerator<Uint8Array> {
  const thread = new Worker(/* turbopackIgnore: true */ file)
  thread.unref()
  const id = ++last
  const come: Told[] = []
  let wake: () => void = () => undefined
  const arrived = (told: Told) => {
    if (told.told === 'done') {
      onDone(told.done)
      return
    }
    come.push(told)
    wake()
  }
  thread.on('message', arrived)
  thread.on('error', (error) => arrived({ told: 'failed', id, what: error.message }))
  thread.on('exit', () => arrived({ told: 'failed', id, what: 'The thread that writes has ended.' }))
  // A thread that is ended puts nothing away: what it wrote on the way is removed here.
  const scratch = scratchFolder(environment().dataFolder, now)
  try {
    thread.postMessage({ do: 'archive', id, file: dataFile(), scope, template, now, scratch } satisfies Asked)
    for (;;) {
      if (come.length === 0) await new Promise<void>((resolve) => (wake = resolve))
      const told = come.shift()
      if (told?.told === 'piece') {
        yield told.bytes
        thread.postMessage({ do: 'more' } satisfies Asked)
      } else if (told?.told === 'end') return
      else if (told?.told === 'failed') throw new Error(told.what)
    }
  } finally {
    await thread.terminate()
    rmSync(scratch, { recursive: true, force: true })
  }
}
