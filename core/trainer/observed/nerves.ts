import { STRUCTURES } from '../../level/structures'
import { chanceOf } from '../chance'
import { hasSource, type HiddenSource } from '../simulated-patient'
import { type Look, type Observer, table } from './look'

/** How often an expected and a possible sign of a caught nerve is there. Made for practice. */
const EXPECTED = 0.55
const POSSIBLE = 0.12

/** Cells of a neurological screen that this nerve or root changed, by "row.column". */
function lostCells(source: HiddenSource, { patient }: Look): Readonly<Record<string, string>> {
  const structure = STRUCTURES.find((s) => s.id === (source.level ?? '').toLowerCase())
  // A deficit would end the case before its trap.
  if (!structure || patient.traps.length > 0) return {}
  const cells: Record<string, string> = {}
  for (const [sign, fit] of Object.entries(structure.signs)) {
    const [kind, row = ''] = sign.split('.')
    // Its own chance for each sign, so that the same screen repeated finds the same.
    const z = seen(patient.case, sign)
    if (z >= (fit === 'expected' ? EXPECTED : POSSIBLE) + 0.12 * source.expressed) continue
    if (kind === 'strength') cells[`${row}.strength`] = z < 0.03 ? '3' : '4'
    if (kind === 'reflex') cells[`${row}.reflex`] = z < 0.2 ? '0' : '1'
    if (kind === 'feeling') {
      cells[`${row}.touch`] = 'less'
      cells[`${row}.pin`] = 'less'
    }
    if (kind === 'halves') cells[`${row}.touch`] = 'half'
  }
  return cells
}

function seen(name: string, sign: string): number {
  return chanceOf(`${name} ${sign}`).number()
}

const CORD_ROWS: Readonly<Record<string, readonly string[]>> = {
  'neuro-upper': ['finger-flick', 'inverted-brachioradialis', 'gait', 'clumsy'],
  'neuro-lower': ['plantar-up', 'clonus'],
}

/** Strength, reflexes, feeling and cord signs: what the hidden root, nerve or cord took. */
export const nerves: Observer = (look) => {
  const { patient, doing, stage, side, has } = look
  const limb = doing.test.id === 'neuro-upper' ? 'arm' : 'leg'
  const roots = limb === 'arm' ? (['root-cervical', 'neural-peripheral'] as const) : (['root-lumbar-low', 'root-lumbar-mid'] as const)
  const hidden = roots.flatMap((source) => hasSource(patient, source, side === 'none' ? undefined : side) ?? [])
  if (stage.id === 'closer')
    return { answer: { said: 'observed', choice: 'no' }, hands: 'Yours to decide.', why: 'A closer look is asked for where a root and a nerve both fit.' }
  if (stage.id === 'cord') {
    if (!has('cord')) return table(stage, {}, 'No cord sign.', 'Nothing presses on the cord.')
    const rows = (CORD_ROWS[doing.test.id] ?? []).filter((row, i) => i < 2 || seen(patient.case, row) < 0.6)
    return table(
      stage,
      Object.fromEntries(rows.map((row) => [`${row}.sign`, 'yes'])),
      foundWords(rows.map((r) => rowWords(stage, r))),
      'The cord is pressed on, and shows it.',
    )
  }
  const wanted = stage.id === 'strength' ? '.strength' : stage.id === 'reflexes' ? '.reflex' : ''
  const present = new Set(stage.grid?.rows.map((r) => r.id))
  const columns = new Set(stage.grid?.columns.map((c) => c.id))
  const lost = Object.entries(Object.assign({}, ...hidden.map((h) => lostCells(h, look))) as Record<string, string>).filter(([cell]) => {
    const [row = '', column = ''] = cell.split('.')
    return (
      present.has(row) &&
      columns.has(column) &&
      (wanted === '' || cell.endsWith(wanted)) &&
      stage.grid?.columns.some((c) => c.id === column && !c.not?.includes(row))
    )
  })
  const brisk = has('cord') && stage.id === 'reflexes' ? (stage.grid?.rows ?? []).map((r) => [`${r.id}.reflex`, '3'] as const) : []
  const found = { ...Object.fromEntries(brisk), ...Object.fromEntries(lost) }
  const words = Object.entries(found).map(([cell, value]) => `${rowWords(stage, cell.split('.')[0] ?? '')}: ${value}`)
  return table(
    stage,
    found,
    words.length === 0 ? 'Alike on both sides, nothing lost.' : foundWords(words),
    lost.length > 0
      ? `The nerve that is caught (${hidden[0]?.level ?? ''}) lost this.`
      : brisk.length > 0
        ? 'A cord that is pressed on answers too briskly.'
        : 'No nerve lost anything here.',
  )
}

function rowWords({ grid }: Look['stage'], row: string): string {
  return grid?.rows.find((r) => r.id === row)?.words ?? row
}

function foundWords(found: readonly string[]): string {
  return found.length === 0 ? 'Nothing lost.' : `${found.join('; ')}.`
}
