import { describe, expect, it } from 'vitest'
import { bringIntoView } from './bring-into-view'

/** A box as the browser would have laid it out, in pixels. */
function laid(rect: Partial<DOMRect>, sizes: Partial<Record<'scrollWidth' | 'clientWidth', number>> = {}): HTMLElement {
  const node = document.createElement('div')
  node.getBoundingClientRect = () => ({ top: 0, bottom: 0, left: 0, width: 0, ...rect }) as DOMRect
  for (const [name, value] of Object.entries(sizes)) Object.defineProperty(node, name, { value })
  return node
}

describe('bringing something into view', () => {
  it('centres it along a row that is wider than its window', () => {
    const row = laid({ left: 100, width: 400 }, { scrollWidth: 2000, clientWidth: 400 })
    bringIntoView(laid({ left: 900, width: 100 }), row)
    // Its middle, at 950, comes to the middle of the window, at 300.
    expect(row.scrollLeft).toBe(650)
  })

  it('scrolls a list no further than it has to, and not at all for what is in view', () => {
    const list = laid({ top: 100, bottom: 300 })
    list.scrollTop = 50
    bringIntoView(laid({ top: 150, bottom: 190 }), list)
    expect(list.scrollTop).toBe(50)
    bringIntoView(laid({ top: 290, bottom: 330 }), list)
    expect(list.scrollTop).toBe(80)
    bringIntoView(laid({ top: 90, bottom: 130 }), list)
    expect(list.scrollTop).toBe(70)
    bringIntoView(null, list)
    expect(list.scrollTop).toBe(70)
  })
})
