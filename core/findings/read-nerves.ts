import type { NervesReading } from '../catalogue/reading/reading'
import type { Run } from '../record/exam'
import { listWords } from '../vocabulary/sentence'
import type { Side } from '../vocabulary/side'
import type { SourceId } from '../vocabulary/source'
import { acrossFrom, type Deficit, nervesOf, rootsLost } from './deficits'
import type { Read, SourceReading } from './finding'
import { sentence } from './place-fits'

/**
 * Read a neurological screen of one side against the other.
 *
 * A deficit speaks for the roots it belongs to; a cord sign or a loss in the saddle is positive for the cord, whatever else is
 * found. Nothing lost is said only once everything that the reading needs was looked at.
 *
 * @param missing - cells that were not filled
 */
export function readNerves(reading: NervesReading, run: Run, side: Side, runs: readonly Run[], missing: readonly string[]): Read {
  const nerves = nervesOf(run, side, acrossFrom(run, runs))
  const cord = [
    ...(nerves.saddle ? ['loss of feeling in the saddle'] : []),
    ...(nerves.cord.length > 0 ? [`cord sign: ${listWords(nerves.cord.map(plainly))}`] : []),
  ]
  const cordReadings: readonly SourceReading[] = cord.map((what) => ({ source: 'cord', direction: 'for', strength: 'pointer', why: sentence(what) }))
  const brisk = nerves.brisk.length > 0 ? [`Brisk: ${listWords(nerves.brisk.map(plainly))}. Look at the cord signs.`] : []
  if (nerves.deficits.length > 0) {
    const what = `lost in the ${reading.limb}: ${listWords(nerves.deficits.map(deficitWords))}`
    const why = sentence([...cord, what].join('; '))
    const sources = [...new Set(nerves.deficits.flatMap((d) => d.roots.flatMap((root) => reading.roots[root] ?? [])))]
    const roots = rootsLost(nerves)
    return {
      result: sources.length > 0 || cord.length > 0 ? 'positive' : 'inconclusive',
      why,
      readings: [...cordReadings, ...sources.map((source): SourceReading => ({ source, direction: 'for', strength: 'quantified', why }))],
      checks: [...brisk, ...(roots.length > 1 ? [`More than one root: ${listWords(roots.map((r) => r.toUpperCase()))}.`] : [])],
    }
  }
  if (cord.length > 0)
    return {
      result: 'positive',
      why: sentence(`${cord.join('; ')}: positive for the cord, and no root has lost anything`),
      readings: cordReadings,
      checks: brisk,
    }
  const pointing: readonly SourceReading[] =
    nerves.brisk.length > 0
      ? [{ source: 'cord' satisfies SourceId, direction: 'for', strength: 'pointer', why: sentence(`brisk reflexes: ${listWords(nerves.brisk.map(plainly))}`) }]
      : []
  if (nerves.waiting.length > 0)
    return unclear(`Negative reflex, ${listWords(nerves.waiting.map(plainly))}: the other side decides whether it is lost`, pointing, brisk)
  if (missing.length > 0) return unclear('Not all of it was looked at, and nothing found so far', pointing, brisk)
  return { result: 'negative', why: 'No deficit found.', readings: pointing, checks: brisk }
}

function unclear(what: string, readings: readonly SourceReading[], checks: readonly string[]): Read {
  return { result: 'inconclusive', why: sentence(what), readings, checks }
}

function deficitWords({ kind, row, value }: Deficit): string {
  if (kind === 'strength') return `strength ${row.toUpperCase()} ${value} of 5`
  if (kind === 'reflex') return `${row} reflex ${value}, less than on the other side`
  return `feeling ${row.toUpperCase()} ${value}`
}

function plainly(row: string): string {
  return row.replaceAll('-', ' ')
}
