import { fillDemoClinic } from '../db/demo/clinic'
import { examHeads } from '../db/queries/exams'
import { ratio, report, share } from './measure'
import { withServers } from './servers'

const RUNS = 200

/** Server time of our pages against the least page of the same framework, both built and started the same way. */
export async function pages(): Promise<void> {
  let exam = ''
  const fill: Parameters<typeof withServers>[0] = (db) => {
    fillDemoClinic(db, new Date())
    exam = examHeads(db)[0]?.id ?? ''
  }
  await withServers(fill, async ({ ours, bare: least }) => {
    const urls = { bare: least, today: `${ours}/today`, bench: `${ours}/exam/${exam}/bench`, weigh: `${ours}/exam/${exam}/weigh` }
    const times: Record<keyof typeof urls, number[]> = { bare: [], today: [], bench: [], weigh: [] }
    const names = Object.keys(urls) as (keyof typeof urls)[]
    // In turn, so that whatever else the machine does falls on all of them.
    for (let i = -20; i < RUNS; i++) {
      for (const name of names) {
        const began = performance.now()
        await (await fetch(urls[name])).text()
        if (i >= 0) times[name].push(performance.now() - began)
      }
    }
    for (const name of names) times[name].sort((a, b) => a - b)
    const bare = share(times.bare, 0.5)
    report(
      'Server time of a page against the least page of the framework',
      names.map(
        (name) =>
          `${name}: median ${share(times[name], 0.5).toFixed(1)} ms${name === 'bare' ? '' : `, ${ratio(share(times[name], 0.5), bare)} the least page`}`,
      ),
    )
  })
}
