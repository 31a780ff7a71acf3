/** The card of the test in hand: where the focus waits between two answers. */
export const CARD_ID = 'card-in-hand'

/**
 * Give the focus back to the card, so that the next Space or Enter answers the next stage and not the button that was pressed.
 *
 * It never falls to the page itself, where a screen reader would begin at the top.
 */
export function focusCard(): void {
  const card = document.getElementById(CARD_ID) ?? document.querySelector<HTMLElement>('main h1')
  card?.focus({ preventScroll: true })
}
