import { v7 } from 'uuid'
import { fillDemoClinic } from '../db/demo/clinic'
import { examHeads } from '../db/queries/exams'
import { ratio, report, share } from './measure'
import { withServers } from './servers'

const RUNS = 200
const CONNECTIONS = 8
const ASKED = 400

/** Server time and rate of our pages against the least page of the same framework, both built and started the same way. */
export async function pages(): Promise<void> {
  let exam = ''
  // Entries go to another one: the screens that are asked for do not grow meanwhile.
  let written = ''
  const fill: Parameters<typeof withServers>[0] = (db) => {
    fillDemoClinic(db, new Date())
    const idOf = (name: string) => examHeads(db).find((head) => head.person.name === name)?.id ?? ''
    exam = idOf('Imre Talvane')
    written = idOf('Ottoline Reef')
  }
  await withServers(fill, async ({ ours, bare: least }) => {
    const at = (page: string) => `${ours}/exam/${exam}/${page}`
    const urls = {
      bare: least,
      today: `${ours}/today`,
      bench: at('bench'),
      weigh: at('weigh'),
      note: at('note'),
      record: at('record'),
      append: `${ours}/exam/${written}/events`,
    }
    const names = Object.keys(urls) as (keyof typeof urls)[]
    const times = await alone(urls, names)
    const rates = await together(urls, names)
    const bare = share(times.bare, 0.5)
    report('Server time of a page against the least page of the framework; rate on 8 connections against its rate', [
      ...names.map((name) => {
        const median = share(times[name], 0.5)
        const words = `${name}: median ${median.toFixed(1)} ms; ${rates[name].toFixed(0)} a second`
        return name === 'bare' ? words : `${words}; ${ratio(median, bare)} as long, ${ratio(rates[name], rates.bare)} the rate`
      }),
      'record: what an examination page reads once, beside its page',
    ])
  })
}

/** A page is asked for; an append brings an entry of its own. */
function ask(name: string, url: string): Promise<Response> {
  if (name !== 'append') return fetch(url)
  const event = { type: 'symptom-rated', symptom: 'S1', now: 3, id: v7(), at: Date.now(), by: 'bench' }
  return fetch(url, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ after: 1_000_000, events: [event] }) })
}

type Measured<K extends string, T> = Record<K, T>

/** One request after another, the pages in turn, so that whatever else the machine does falls on all of them. */
async function alone<K extends string>(urls: Readonly<Record<K, string>>, names: readonly K[]): Promise<Measured<K, number[]>> {
  const times = measured<K, number[]>(names, () => [])
  for (let i = -20; i < RUNS; i++) {
    for (const name of names) {
      const began = performance.now()
      await (await ask(name, urls[name])).text()
      if (i >= 0) times[name].push(performance.now() - began)
    }
  }
  for (const name of names) times[name].sort((a, b) => a - b)
  return times
}

/** Answers a second with eight requests always under way; the better of three rounds, taken in turn. */
async function together<K extends string>(urls: Readonly<Record<K, string>>, names: readonly K[]): Promise<Measured<K, number>> {
  const best = measured<K, number>(names, () => 0)
  for (let round = 0; round < 3; round++) {
    for (const name of names) {
      let left = ASKED
      const began = performance.now()
      const one = async () => {
        while (left-- > 0) await (await ask(name, urls[name])).text()
      }
      await Promise.all(Array.from({ length: CONNECTIONS }, one))
      best[name] = Math.max(best[name], (ASKED * 1000) / (performance.now() - began))
    }
  }
  return best
}

function measured<K extends string, T>(names: readonly K[], first: () => T): Measured<K, T> {
  return Object.fromEntries(names.map((name) => [name, first()])) as Measured<K, T>
}
