import type { Bench } from './use-bench'
import { said } from './asked-by-key'

/** Space: nothing, no change, the first choice, another trial, the usual value. */
export function bySpace(bench: Bench) {
  const { inHand, pending, aside, table } = bench
  if (!inHand || aside) return
  if (inHand.unasked) {
    said(bench, inHand.unasked, 'no')
    return
  }
  if (pending) {
    bench.input({ do: 'next-place' })
    return
  }
  if (inHand.asksFor) {
    bench.input({ do: 'renew', answer: 'agreed', chaperone: 'declined' })
    return
  }
  switch (inHand.stage.kind) {
    case 'load': {
      bench.answer('nothing')
      return
    }
    case 'release':
    case 'relief': {
      bench.answer('unchanged')
      return
    }
    case 'return': {
      bench.answer('stayed-away')
      return
    }
    case 'observe': {
      bench.observe(inHand.stage.choices?.[0]?.id ?? '')
      return
    }
    case 'measure': {
      if (bench.typed === '' && bench.live === null) bench.measure()
      else bench.addTrial()
      return
    }
    case 'grid': {
      const here = table.all[table.at]
      if (!here) return
      if (table.full) {
        bench.keepTable()
        return
      }
      if (table.cells[here.id] === undefined) table.move('usual')
      else table.move('first-empty')
    }
  }
}

/** Enter: own pain, it eases, the second choice, keep. */
export function byEnter(bench: Bench) {
  const { inHand, pending, aside, table } = bench
  if (!inHand || aside) return
  if (inHand.run && inHand.contraindicated?.gate.strength === 'halt') {
    bench.input({ do: 'end-halted' })
    return
  }
  if (inHand.unasked) {
    said(bench, inHand.unasked, 'yes')
    return
  }
  if (inHand.asksFor) {
    bench.input({ do: 'renew', answer: 'agreed', chaperone: 'present' })
    return
  }
  if (pending) {
    bench.confirm()
    return
  }
  switch (inHand.stage.kind) {
    case 'load': {
      bench.ask('familiar')
      return
    }
    case 'release':
    case 'relief': {
      bench.answer('eased')
      return
    }
    case 'return': {
      bench.answer('returned')
      return
    }
    case 'observe': {
      bench.observe(inHand.stage.choices?.[1]?.id ?? '')
      return
    }
    case 'measure': {
      bench.keepMeasured()
      return
    }
    case 'grid': {
      if (table.full) bench.keepTable()
      else table.move('turn')
      return
    }
  }
}
