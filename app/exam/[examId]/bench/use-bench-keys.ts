'use client'

import { useHands } from '@/ui/exam/hands'
import { useExam } from '@/ui/exam/store'
import { type Press, useKeys } from '@/ui/exam/use-keys'
import { byDigit, byLetter, choosePlace, type Others } from './by-key'
import { byEnter, bySpace } from './space-and-enter'
import type { Bench } from './use-bench'

/** Every key of the bench; four of them, and a pedal's, are enough for a whole examination. */
export function useBenchKeys(bench: Bench, dialogOpen: boolean, others: Others) {
  const { exam } = useExam()
  const [{ pedal, keys, letters }] = useHands()
  const hear = (press: Press): boolean => {
    if (letters && press.key === '?') return does(others.showKeys)
    if (exam.signed) return false
    return byPedal(press, pedal, bench) || byName(press, bench) || (letters && byCharacter(press))
  }
  /** A single character acts only where its owner wants that. */
  const byCharacter = ({ key, shift }: Press): boolean => {
    if (key === '.') return does(bench.stop)
    if (key === '[' || key === ']') return does(() => bench.input({ do: 'change-side', side: key === '[' ? 'left' : 'right' }))
    if (/^[0-9]$/.test(key)) return does(() => byDigit(key, bench))
    if (!/^[a-z]$/.test(key)) return false
    if (shift) return bench.pending !== null && does(() => choosePlace(bench, key, true, exam, others))
    return does(() => byLetter(key, bench, exam, others, keys))
  }
  useKeys(hear, !dialogOpen, true)
}

function byPedal({ code }: Press, pedal: ReturnType<typeof useHands>[0]['pedal'], bench: Bench): boolean {
  if (code === '') return false
  if (code === pedal.next) return does(() => bySpace(bench))
  if (code === pedal.own) return does(() => byEnter(bench))
  if (code === pedal.stop) return does(bench.stop)
  return code === pedal.back && does(bench.back)
}

/** Keys that have a name and no character: they act whatever was switched off. */
function byName({ key, shift, onControl }: Press, bench: Bench): boolean {
  switch (key) {
    case 'space':
    case 'pagedown':
      return !onControl && !shift && does(() => bySpace(bench))
    case 'enter':
    case 'pageup':
      return !onControl && !shift && does(() => byEnter(bench))
    case 'escape':
      return does(bench.cancel)
    case 'backspace':
      return does(shift ? bench.redo : bench.back)
    case 'arrowup':
    case 'arrowdown':
      return does(() => upOrDown(bench, key === 'arrowup' ? 1 : -1))
    case 'arrowleft':
    case 'arrowright': {
      const by = key === 'arrowleft' ? -1 : 1
      return does(() => (shift ? bench.input({ do: 'move', by }) : sideways(bench, by)))
    }
    default:
      return false
  }
}

function does(act: () => void): true {
  act()
  return true
}

/** Stronger or weaker while that is confirmed; else the cell above or below. */
function upOrDown(bench: Bench, by: 1 | -1) {
  const { pending } = bench
  if (pending) bench.change({ intensity: Math.min(10, Math.max(0, pending.intensity + by)) })
  else bench.table.move({ rows: by === 1 ? -1 : 1, columns: 0 })
}

/** The cell beside this one, or another part to let go. */
function sideways(bench: Bench, by: 1 | -1) {
  if (bench.aside === 'questions') bench.input({ do: 'turn-group', by })
  else if (bench.parts.all.length > 1) bench.input({ do: 'turn-part', by })
  else bench.table.move({ rows: 0, columns: by })
}
