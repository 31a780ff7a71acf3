import type { Role } from '../../db/queries/accounts'

/**
 * Who may use a route or procedure:
 * anyone: also a stranger; nothing of a patient is behind it, or a code of its own opens it.
 * half: whoever has given a password and owes the second factor.
 * held: whoever is signed in, also behind a locked screen.
 * own: whoever is signed in: what belongs to themselves, the library, practice.
 * clinic: practitioners and leads.
 * exam: the same, and a student to whom this examination is entrusted.
 * lead: leads.
 */
export type AccessLevel = 'anyone' | 'half' | 'held' | 'own' | 'clinic' | 'exam' | 'lead'

/** A page is read by people, data by the program itself; a file is part of the program. */
export interface RouteEntry {
  readonly kind: 'page' | 'data' | 'file'
  readonly access: AccessLevel
}

const page = <A extends AccessLevel>(access: A) => ({ kind: 'page', access }) as const
const data = <A extends AccessLevel>(access: A) => ({ kind: 'data', access }) as const
const file = <A extends AccessLevel>(access: A) => ({ kind: 'file', access }) as const

/** Every page, data route and file of the program, as the build names it. What does not stand here is answered with "not found" and reaches no code. */
export const ROUTES = {
  '/': page('own'),
  '/account': page('own'),
  '/aside': page('own'),
  '/audit': page('clinic'),
  '/audit/file': data('clinic'),
  '/audit/part': data('clinic'),
  '/audit/reliability': page('clinic'),
  '/bell/[code]': page('anyone'),
  '/check': page('clinic'),
  '/device-key': data('own'),
  '/devices/[code]': data('anyone'),
  '/do/[act]': data('anyone'),
  '/exam/[examId]/bench': page('exam'),
  '/exam/[examId]/events': data('exam'),
  '/exam/[examId]/file': data('exam'),
  '/exam/[examId]/letter': page('exam'),
  '/exam/[examId]/offered': data('clinic'),
  '/exam/[examId]/note': page('exam'),
  '/exam/[examId]/out/[file]': data('exam'),
  '/exam/[examId]/pair': data('exam'),
  '/exam/[examId]/recheck': page('exam'),
  '/exam/[examId]/record': data('exam'),
  '/exam/[examId]/safety': page('exam'),
  '/exam/[examId]/story': page('exam'),
  '/exam/[examId]/students': data('clinic'),
  '/exam/[examId]/summary': page('exam'),
  '/exam/[examId]/weigh': page('exam'),
  '/exchange': page('clinic'),
  '/exchange/archive': data('lead'),
  '/exchange/archive/progress': data('clinic'),
  '/exchange/import': data('clinic'),
  '/exchange/people': data('clinic'),
  '/first': page('anyone'),
  '/health': data('anyone'),
  '/icon.svg': file('anyone'),
  '/join': page('anyone'),
  '/library': page('own'),
  '/library/[test]': page('own'),
  '/live': data('held'),
  '/locked': page('held'),
  '/manifest.webmanifest': file('anyone'),
  '/people/rows': data('clinic'),
  '/person/[personId]': page('clinic'),
  '/person/[personId]/archive': data('clinic'),
  '/person/[personId]/export': data('clinic'),
  '/person/[personId]/figures': data('clinic'),
  '/practice': page('own'),
  '/practice/cases': page('clinic'),
  '/practice/cases/[code]': page('clinic'),
  '/practice/cases/[code]/file': data('clinic'),
  '/practice/classes': page('own'),
  '/practice/classes/[classId]': page('own'),
  '/practice/drill/[drill]': page('own'),
  '/practice/history': data('own'),
  '/practice/run/[runId]/bench': page('own'),
  '/practice/run/[runId]/body': data('own'),
  '/practice/run/[runId]/commit': page('own'),
  '/practice/run/[runId]/events': data('own'),
  '/practice/run/[runId]/record': data('own'),
  '/practice/run/[runId]/replay': page('own'),
  '/practice/run/[runId]/safety': page('own'),
  '/practice/run/[runId]/steps': data('own'),
  '/practice/run/[runId]/story': page('own'),
  '/practice/run/[runId]/weigh': page('own'),
  '/settings': page('own'),
  '/settings/backups': page('lead'),
  '/settings/backups/signatures': data('lead'),
  '/settings/evidence': page('clinic'),
  '/settings/people': page('lead'),
  '/settings/rules': page('clinic'),
  '/settings/trail': page('lead'),
  '/settings/trail/file': data('lead'),
  '/shell': page('anyone'),
  '/sign-in': page('anyone'),
  '/still-here': data('held'),
  '/sw.js': file('anyone'),
  '/tilt/[code]': page('anyone'),
  '/today': page('own'),
  '/today/keep': data('clinic'),
  '/today/rows': data('clinic'),
} as const satisfies Readonly<Record<string, RouteEntry>>
export type RouteName = keyof typeof ROUTES
type NamesOf<K extends RouteEntry['kind']> = { [R in RouteName]: (typeof ROUTES)[R]['kind'] extends K ? R : never }[RouteName]
export type PageName = NamesOf<'page'>
export type DataName = NamesOf<'data'>

/** The access level of a route, as a type: what a page or handler is given follows from it. */
export type AccessOf<R extends RouteName> = (typeof ROUTES)[R]['access']

type ParamOf<R extends string> = R extends `${string}[${infer P}]${infer Rest}` ? P | ParamOf<Rest> : never

/** What the address of a route names: '/exam/[examId]/bench' has `examId`. */
export type RouteParams<R extends string> = Readonly<Record<ParamOf<R>, string>>

/** Who may call a procedure, by the name it is called under. */
export const PROCEDURE_ACCESS = {
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
  'confirm-password': 'own',
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
} as const satisfies Readonly<Record<string, AccessLevel>>
export type ProcedureName = keyof typeof PROCEDURE_ACCESS

/** A route with what its address names. */
export interface MatchedRoute {
  readonly name: RouteName
  readonly kind: RouteEntry['kind']
  readonly access: AccessLevel
  readonly params: Readonly<Record<string, string>>
}

// Names without parameters come before those with one.
const PATTERNS = (Object.keys(ROUTES) as RouteName[])
  .map((name) => ({ name, parts: name.split('/').slice(1) }))
  .toSorted((a, b) => Number(a.name.includes('[')) - Number(b.name.includes('[')))

/**
 * The route that a path is served by; null for a path without one.
 *
 * @param path - in its normal form, as `readRequestPath` gives it
 */
export function matchRoute(path: string): MatchedRoute | null {
  const parts = path.split('/').slice(1)
  for (const { name, parts: wanted } of PATTERNS) {
    if (wanted.length !== parts.length) continue
    if (!wanted.every((part, i) => (part.startsWith('[') ? parts[i] !== '' : part === parts[i]))) continue
    const params = Object.fromEntries(wanted.flatMap((part, i) => (part.startsWith('[') ? [[part.slice(1, -1), decodeURIComponent(parts[i] ?? '')]] : [])))
    return { name, kind: ROUTES[name].kind, access: accessOf(name, params), params }
  }
  return null
}

/** The access level of a route; a procedure has its own. */
export function accessOf(name: RouteName, params: Readonly<Record<string, string | undefined>>): AccessLevel {
  if (name !== '/do/[act]') return ROUTES[name].access
  const { act = '' } = params
  return isProcedure(act) ? PROCEDURE_ACCESS[act] : 'own'
}

function isProcedure(name: string): name is ProcedureName {
  return Object.hasOwn(PROCEDURE_ACCESS, name)
}

/** Is this access level open to a role? Whether an examination is entrusted to a student is asked by the caller. */
export function permits(access: AccessLevel, role: Role, entrusted: () => boolean): boolean {
  switch (access) {
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
