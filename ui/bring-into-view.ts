/**
 * Scrolls what holds an element until it is in view: in the middle along a row, just inside down a list.
 *
 * Not the browser's own scrolling: there Tab goes on from what was scrolled to, past the links that stand before it.
 */
export function bringIntoView(element: Element | null | undefined, within: HTMLElement | null | undefined): void {
  if (!element || !within) return
  const [one, box] = [element.getBoundingClientRect(), within.getBoundingClientRect()]
  if (within.scrollWidth > within.clientWidth) within.scrollLeft += one.left - box.left - (box.width - one.width) / 2
  if (one.top < box.top) within.scrollTop += one.top - box.top
  else if (one.bottom > box.bottom) within.scrollTop += one.bottom - box.bottom
}
