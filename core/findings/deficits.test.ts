import { describe, expect, it } from 'vitest'
import type { Run } from '../record/exam'
import type { Side } from '../vocabulary/side'
import { acrossFrom, nervesOf, rootsLost } from './deficits'

type Cells = Readonly<Record<string, string>>
const screen = (parts: { readonly strength?: Cells; readonly reflexes?: Cells; readonly sensation?: Cells; readonly cord?: Cells }): Pick<Run, 'answers'> => ({
  answers: Object.entries(parts).map(([stage, cells]) => ({ event: stage, stage, at: 0, answer: { said: 'grid', cells } })),
})
const read = (mine: Parameters<typeof screen>[0], theirs?: Parameters<typeof screen>[0]) => nervesOf(screen(mine), 'left', theirs && screen(theirs))
const deficits = (...args: Parameters<typeof read>) => read(...args).deficits.map((d) => [d.kind, d.row, d.value])

describe('what was lost in a limb', () => {
  it('strength below five is lost, whatever the other side', () => {
    expect(deficits({ strength: { 'l5.strength': '4', 's1.strength': '5', 'l4.strength': '0' } })).toEqual([
      ['strength', 'l5', '4'],
      ['strength', 'l4', '0'],
    ])
  })

  it('a reflex is lost only against the other side; until that is seen it waits, and waits for nothing else', () => {
    const quiet = { reflexes: { 'achilles.reflex': '1', 'patellar.reflex': '2' } }
    expect(read(quiet).waiting).toEqual(['achilles'])
    expect(deficits(quiet)).toEqual([])
    expect(deficits(quiet, { reflexes: { 'achilles.reflex': '2', 'patellar.reflex': '2' } })).toEqual([['reflex', 'achilles', '1']])
    expect(read(quiet, { reflexes: { 'achilles.reflex': '2' } }).waiting).toEqual([])
    // Alike and quiet on both is no deficit, and neither is the livelier side.
    expect(deficits(quiet, { reflexes: { 'achilles.reflex': '1' } })).toEqual([])
    expect(deficits({ reflexes: { 'achilles.reflex': '2' } }, { reflexes: { 'achilles.reflex': '3' } })).toEqual([])
    expect(deficits({ reflexes: { 'achilles.reflex': '0' } }, { reflexes: { 'achilles.reflex': '1' } })).toEqual([['reflex', 'achilles', '0']])
  })

  it('brisk is three or four, and four is clonus; a cord sign is one that was seen', () => {
    const { brisk, cord } = read({
      reflexes: { 'biceps.reflex': '3', 'triceps.reflex': '4', 'brachioradialis.reflex': '2' },
      cord: { 'finger-flick.sign': 'yes', 'gait.sign': 'no' },
    })
    expect(brisk).toEqual(['biceps', 'triceps'])
    expect(cord).toEqual(['finger-flick', 'clonus'])
    expect(read({ reflexes: { 'biceps.reflex': '3' } }).cord).toEqual([])
  })

  it('feeling is lost by touch or by pin, the worse of the two; more is not less; the saddle is told apart', () => {
    expect(
      deficits({
        sensation: {
          'l5.touch': 'less',
          'l5.pin': 'absent',
          's1.touch': 'normal',
          's1.pin': 'less',
          'l4.touch': 'more',
          'l4.pin': 'normal',
          'saddle.touch': 'less',
        },
      }),
    ).toEqual([
      ['sensation', 'l5', 'absent'],
      ['sensation', 's1', 'less'],
    ])
    expect(['less', 'absent', 'normal', 'more'].map((value) => read({ sensation: { 'saddle.touch': value } }).saddle)).toEqual([true, true, false, false])
  })

  it('is seen once strength, reflexes and touch were looked at', () => {
    const whole = { strength: { 'l5.strength': '5' }, reflexes: { 'achilles.reflex': '2' }, sensation: { 'l5.touch': 'normal' } }
    expect(read(whole).seen).toBe(true)
    for (const part of Object.keys(whole)) expect(read({ ...whole, [part]: {} }).seen, part).toBe(false)
    expect(read({ ...whole, sensation: { 'l5.pin': 'normal' } }).seen).toBe(false)
  })

  it('roots: S2 counts with S1, and a reflex adds a root only where none of its own is there', () => {
    expect(rootsLost(read({ strength: { 's1.strength': '4', 's2.strength': '4' } }))).toEqual(['s1'])
    const achilles = { reflexes: { 'achilles.reflex': '0' } }
    const across = { reflexes: { 'achilles.reflex': '2' } }
    expect(rootsLost(read(achilles, across))).toHaveLength(1)
    expect(rootsLost(read({ ...achilles, strength: { 's1.strength': '4' } }, across))).toEqual(['s1'])
    expect(rootsLost(read({ ...achilles, strength: { 'l4.strength': '4' } }, across))).toHaveLength(2)
  })

  it('is read against the latest screen of the other side', () => {
    const run = (id: string, side: Side | 'none', test = 'neuro-lower') => ({ id, side, test, answers: [] }) as unknown as Run
    const runs = [run('a', 'right'), run('b', 'left'), run('c', 'right'), run('d', 'right', 'neuro-upper')]
    expect(acrossFrom({ test: 'neuro-lower', side: 'left' }, runs)?.id).toBe('c')
    expect(acrossFrom({ test: 'neuro-lower', side: 'none' }, runs)).toBeUndefined()
  })
})
