import type { Role } from '../../db/queries/accounts'

/**
 * Who may come in:
 * anyone: also a stranger; nothing of a patient is behind it, or a code of its own opens it.
 * half: whoever has given a password and owes the second factor.
 * held: whoever is signed in, also behind a locked screen.
 * own: whoever is signed in: what belongs to themselves, the library, practice.
 * clinic: practitioners and leads.
 * exam: the same, and a student to whom this examination is entrusted.
 * lead: leads.
 */
export type Door = 'anyone' | 'half' | 'held' | 'own' | 'clinic' | 'exam' | 'lead'

/** Every page and route, as the build names it. One that does not stand here is behind the strictest door. */
export const DOORS: Readonly<Record<string, Door>> = {
  '/': 'own',
  '/account': 'own',
  '/aside': 'own',
  '/audit': 'clinic',
  '/audit/file': 'clinic',
  '/audit/part': 'clinic',
  '/audit/reliability': 'clinic',
  '/bell/[code]': 'anyone',
  '/device-key': 'own',
  '/devices/[code]': 'anyone',
  '/exam/[examId]/bench': 'exam',
  '/exam/[examId]/events': 'exam',
  '/exam/[examId]/file': 'exam',
  '/exam/[examId]/letter': 'exam',
  '/exam/[examId]/note': 'exam',
  '/exam/[examId]/out/[file]': 'exam',
  '/exam/[examId]/pair': 'exam',
  '/exam/[examId]/recheck': 'exam',
  '/exam/[examId]/record': 'exam',
  '/exam/[examId]/safety': 'exam',
  '/exam/[examId]/story': 'exam',
  '/exam/[examId]/summary': 'exam',
  '/exam/[examId]/students': 'clinic',
  '/exam/[examId]/weigh': 'exam',
  '/exchange': 'clinic',
  '/exchange/archive': 'lead',
  '/exchange/archive/progress': 'clinic',
  '/exchange/import': 'clinic',
  '/exchange/people': 'clinic',
  '/first': 'anyone',
  '/health': 'anyone',
  '/icon.svg': 'anyone',
  '/join': 'anyone',
  '/library': 'own',
  '/library/[test]': 'own',
  '/live': 'held',
  '/locked': 'held',
  '/manifest.webmanifest': 'anyone',
  '/people/rows': 'clinic',
  '/person/[personId]': 'clinic',
  '/person/[personId]/archive': 'clinic',
  '/person/[personId]/export': 'clinic',
  '/person/[personId]/figures': 'clinic',
  '/practice': 'own',
  '/practice/cases': 'clinic',
  '/practice/cases/[code]': 'clinic',
  '/practice/cases/[code]/file': 'clinic',
  '/practice/classes': 'own',
  '/practice/classes/[classId]': 'own',
  '/practice/drill/[drill]': 'own',
  '/practice/history': 'own',
  '/practice/run/[runId]/bench': 'own',
  '/practice/run/[runId]/commit': 'own',
  '/practice/run/[runId]/events': 'own',
  '/practice/run/[runId]/record': 'own',
  '/practice/run/[runId]/replay': 'own',
  '/practice/run/[runId]/safety': 'own',
  '/practice/run/[runId]/steps': 'own',
  '/practice/run/[runId]/story': 'own',
  '/practice/run/[runId]/weigh': 'own',
  '/settings': 'own',
  '/settings/backups': 'lead',
  '/settings/evidence': 'clinic',
  '/settings/rules': 'clinic',
  '/settings/people': 'lead',
  '/settings/trail': 'lead',
  '/settings/trail/file': 'lead',
  '/shell': 'anyone',
  '/sign-in': 'anyone',
  '/still-here': 'held',
  '/sw.js': 'anyone',
  '/tilt/[code]': 'anyone',
  '/today': 'own',
  '/today/keep': 'clinic',
  '/today/rows': 'clinic',
}

/** Everything a form asks for, by the name it is sent under. */
export const ACT_DOORS = {
  'sign-in': 'anyone',
  'second-factor': 'half',
  'first-lead': 'anyone',
  'accept-invitation': 'anyone',
  'sign-out': 'held',
  'sign-out-everywhere': 'held',
  lock: 'held',
  unlock: 'held',
  'choose-password': 'own',
  'choose-pin': 'own',
  'begin-factor': 'own',
  'confirm-factor': 'own',
  'remove-factor': 'own',
  'add-account': 'lead',
  'change-account': 'lead',
  'invite-again': 'lead',
  'reset-factor': 'lead',
  'end-sessions': 'lead',
  'erase-person': 'lead',
  'backup-now': 'lead',
  'restore-backup': 'lead',
  entrust: 'clinic',
  'start-person': 'clinic',
  'start-visit': 'clinic',
  'change-episode': 'clinic',
  'enter-series': 'clinic',
  'correct-person': 'clinic',
  'move-exam': 'clinic',
  'merge-people': 'clinic',
  'choose-for-clinic': 'lead',
  'override-figure': 'lead',
  'set-prior': 'lead',
  'save-rule': 'lead',
  'import-rules': 'lead',
  'try-rule': 'clinic',
  'start-practice': 'own',
  'commit-practice': 'own',
  'answer-drill': 'own',
  'save-case': 'clinic',
  'save-class': 'clinic',
} as const satisfies Readonly<Record<string, Door>>
export type ActName = keyof typeof ACT_DOORS

/** A door with what the address names. */
export interface Found {
  readonly door: Door
  /** Pattern of the route; '' for an address nobody knows. */
  readonly route: string
  readonly params: Readonly<Record<string, string>>
}

// What is named in full before what stands for anything.
const PATTERNS = Object.entries(DOORS)
  .map(([route, door]) => ({ route, door, parts: route.split('/').slice(1) }))
  .toSorted((a, b) => Number(a.route.includes('[')) - Number(b.route.includes('[')))

/** Which door an address is behind. Nobody's address is behind a door all the same: a stranger is not told what is there. */
export function doorOf(pathname: string): Found {
  const parts = pathname.replace(/\/$/, '').split('/').slice(1)
  const [first = '', act = ''] = parts
  if (pathname.startsWith('/_next/')) return { door: 'anyone', route: '/_next', params: {} }
  if (first === 'do' && parts.length === 2) {
    return { door: isAct(act) ? ACT_DOORS[act] : 'own', route: '/do/[act]', params: { act } }
  }
  for (const { route, door, parts: wanted } of PATTERNS) {
    if (wanted.length !== parts.length && !(route === '/' && parts.length === 0)) continue
    if (!wanted.every((part, i) => part.startsWith('[') || part === (parts[i] ?? ''))) continue
    const params = Object.fromEntries(wanted.flatMap((part, i) => (part.startsWith('[') ? [[part.slice(1, -1), decoded(parts[i] ?? '')]] : [])))
    return { door, route, params }
  }
  return { door: 'own', route: '', params: {} }
}

function isAct(name: string): name is ActName {
  return Object.hasOwn(ACT_DOORS, name)
}

function decoded(part: string): string {
  try {
    return decodeURIComponent(part)
  } catch {
    return part
  }
}

/** May this role go through? Whether an examination is entrusted to a student is asked by whoever calls. */
export function passes(door: Door, role: Role, entrusted: () => boolean): boolean {
  switch (door) {
    case 'anyone':
    case 'half':
    case 'held':
    case 'own':
      return true
    case 'clinic':
      return role !== 'student'
    case 'exam':
      return role !== 'student' || entrusted()
    case 'lead':
      return role === 'lead'
  }
}
