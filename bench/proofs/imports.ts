import { v7 } from 'uuid'
import { ratio, report } from '../measure'
import { proofClinic } from './clinic'

const ENTRIES = 20_000

/**
 * A file of 20,000 wrong entries is imported, backups are made and the chain is verified, while somebody else asks for pages and records:
 * the slowest of their answers beside the slowest of an idle server, measured in the same way just before.
 */
export async function imports(): Promise<boolean> {
  const clinic = await proofClinic(true)
  const server = await clinic.start()
  const slowest = async (during: () => Promise<unknown>) => {
    const times: number[] = []
    const over = new AbortController()
    const asking = (async () => {
      while (!over.signal.aborted) {
        for (const path of ['/health', `/exam/${clinic.examId}/record`, '/today/rows?find=mar']) {
          const began = performance.now()
          await (await fetch(server.url + path)).arrayBuffer()
          times.push(performance.now() - began)
        }
        await new Promise((resolve) => setTimeout(resolve, 5))
      }
    })()
    const came = await during()
    over.abort()
    await asking
    return { most: Math.max(...times), asked: times.length, came }
  }
  await slowest(() => new Promise((resolve) => setTimeout(resolve, 1500)))
  const idle = await slowest(() => new Promise((resolve) => setTimeout(resolve, 4000)))
  const examId = v7()
  const wrong = {
    format: 'dust-lantern-exam',
    version: 3,
    person: { name: 'Nobody', born: null, work: '' },
    exam: { id: examId, at: Date.now() },
    events: Array.from({ length: ENTRIES }, (_, n) => ({
      type: 'stage-answered',
      id: v7(),
      at: Date.now(),
      by: 'x',
      run: `not a run ${n}`,
      stage: '',
      answer: { said: 'x' },
    })),
  }
  const bring = async (content: object) => {
    const response = await fetch(`${server.url}/exchange/import`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(content),
    })
    return { status: response.status, body: (await response.json()) as { what: string } }
  }
  const importing = await slowest(() => bring(wrong))
  const backing = await slowest(async () => {
    const response = await fetch(`${server.url}/do/backup-now`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: '{"args":[]}' })
    return response.json()
  })
  await server.stop()
  clinic.remove()
  const { status, body } = importing.came as { readonly status: number; readonly body: { readonly what: string } }
  report(`Answers while ${ENTRIES} wrong entries are imported`, [
    `the slowest of ${importing.asked} took ${importing.most.toFixed(0)} ms, ${ratio(importing.most, idle.most)} the slowest of ${idle.asked} at an idle server (${idle.most.toFixed(0)} ms)`,
    `while a backup is made and verified: ${backing.most.toFixed(0)} ms, ${ratio(backing.most, idle.most)}`,
    `the import was answered with ${status}: ${body.what.slice(0, 120)}`,
  ])
  return status === 422 && importing.most < 200 + idle.most && backing.most < 200 + idle.most
}
