'use client'

import { useHotkeys } from 'react-hotkeys-hook'
import { useExam } from '@/ui/exam/store'
import { isBounce } from '@/ui/exam/bounce'
import { keysOf, useHands } from '@/ui/exam/hands'
import { PLACE_KEYS } from '@/core/bench/place-keys'
import { byDigit, byLetter, choosePlace, type Others } from './by-key'
import { loud, quiet } from './two-answers'
import type { Bench } from './use-bench'

/** Leaves a focused button, link or field its own Enter and Space. A held or bouncing key gives one answer. */
const ownsKey = (e: KeyboardEvent) =>
  isBounce(e) || (e.target instanceof HTMLElement && e.target.closest('a, button, input, select, textarea, [role=dialog]') !== null)
/** Typing into a field is never an answer. */
const typing = (e: KeyboardEvent) => isBounce(e) || (e.target instanceof HTMLElement && e.target.closest('input, select, textarea, [role=dialog]') !== null)

/** Places of the other side. */
const SHIFTED = [...new Set(Object.values(PLACE_KEYS))].map((l) => `shift+${l}`).join(',')

/** Every key of the bench; four of them, and a pedal's, are enough for a whole examination. */
export function useBenchKeys(bench: Bench, dialogOpen: boolean, others: Others) {
  const { exam } = useExam()
  const [{ pedal }] = useHands()
  const enabled = !dialogOpen && !exam.signed
  const act = { enabled, preventDefault: true, ignoreEventWhen: ownsKey }
  const letter = { enabled, preventDefault: true, ignoreEventWhen: typing }
  const pedalled = { enabled, preventDefault: true, ignoreEventWhen: typing }
  const next = () => quiet(bench)
  const own = () => loud(bench)
  useHotkeys('space, pagedown', next, act, [bench])
  useHotkeys('enter, pageup', own, act, [bench])
  useHotkeys('escape', bench.cancel, letter, [bench])
  // The character, wherever it lies on the keyboard.
  useHotkeys('.', bench.stop, { ...letter, useKey: true }, [bench])
  useHotkeys(pedal.stop || 'f22', bench.stop, pedalled, [bench, pedal])
  useHotkeys(keysOf('backspace', pedal.back), bench.back, letter, [bench, pedal])
  useHotkeys('shift+backspace', bench.redo, letter, [bench])
  useHotkeys(pedal.next || 'f23', next, pedalled, [bench, pedal])
  useHotkeys(pedal.own || 'f24', own, pedalled, [bench, pedal])
  useHotkeys('bracketleft', () => bench.input({ do: 'change-side', side: 'left' }), letter, [bench])
  useHotkeys('bracketright', () => bench.input({ do: 'change-side', side: 'right' }), letter, [bench])
  useHotkeys('shift+left', () => bench.input({ do: 'move', by: -1 }), letter, [bench])
  useHotkeys('shift+right', () => bench.input({ do: 'move', by: 1 }), letter, [bench])
  useHotkeys(
    'up',
    () => (bench.pending ? bench.change({ intensity: Math.min(10, bench.pending.intensity + 1) }) : bench.table.move({ rows: -1, columns: 0 })),
    letter,
    [bench],
  )
  useHotkeys(
    'down',
    () => (bench.pending ? bench.change({ intensity: Math.max(0, bench.pending.intensity - 1) }) : bench.table.move({ rows: 1, columns: 0 })),
    letter,
    [bench],
  )
  useHotkeys('left', () => sideways(bench, -1), letter, [bench])
  useHotkeys('right', () => sideways(bench, 1), letter, [bench])
  // Letters mean places while something is being confirmed, and moves of the bench otherwise.
  useHotkeys('a,b,c,d,e,f,g,h,i,j,k,l,m,n,o,p,q,r,s,t,u,v,w,x,y,z', (_, hotkey) => byLetter(hotkey.keys?.join('') ?? '', bench, exam, others), letter, [bench])
  useHotkeys(
    SHIFTED,
    (_, hotkey) => choosePlace(bench, hotkey.keys?.join('') ?? '', true, exam, others),
    { ...letter, enabled: enabled && bench.pending !== null },
    [bench],
  )
  useHotkeys('0,1,2,3,4,5,6,7,8,9', (_, hotkey) => byDigit(hotkey.keys?.join('') ?? '', bench), letter, [bench])
  useHotkeys('shift+slash', others.showKeys, { enabled: !dialogOpen, preventDefault: true, ignoreEventWhen: typing })
}

/** The cell beside this one, or another part to let go. */
function sideways(bench: Bench, by: 1 | -1) {
  if (bench.parts.all.length > 1) bench.input({ do: 'turn-part', by })
  else bench.table.move({ rows: 0, columns: by })
}
