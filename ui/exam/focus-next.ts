/** What can be reached by Tab. */
const REACHABLE = 'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex="0"]'

/** Go on to the next group or field after this one, as Tab would: a choice made by its letter or digit needs no further key. */
export function focusNext(group: Element): void {
  const all = [...document.querySelectorAll<HTMLElement>(REACHABLE)].filter((el) => el.tabIndex >= 0)
  all.find((el) => (group.compareDocumentPosition(el) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0 && !group.contains(el))?.focus()
}
