/** The screens that have help of their own; the bench tells its own keys. */
const TOPICS = ['today', 'story', 'safety', 'weigh', 'recheck', 'note', 'letter', 'summary', 'exchange', 'library', 'practice', 'settings', 'other'] as const

export type HelpTopic = (typeof TOPICS)[number] | 'bench'

/** The help that belongs to an address. */
export function helpFor(path: string): HelpTopic {
  const screen = /^\/(?:exam|practice\/run)\/[^/]+\/(\w+)/.exec(path)?.[1] ?? /^\/(\w+)/.exec(path)?.[1] ?? ''
  if (screen === 'bench') return 'bench'
  if (screen === 'commit' || screen === 'replay') return 'practice'
  return TOPICS.find((topic) => topic === screen) ?? 'other'
}
