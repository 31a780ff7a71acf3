import 'server-only'
import type { Metadata } from 'next'
import { cookies, headers } from 'next/headers'
import { notFound, redirect } from 'next/navigation'
import type { ReactNode } from 'react'
import { db } from '../../db'
import type { Db } from '../../db/open'
import { admit, type Visitor } from '../identity'
import type { Who } from '../who'
import { ADDRESS_HEADER, SECURE_HEADER } from './asking'
import { noteRead } from './openings'
import { type AccessOf, type PageName, type RouteName, type RouteParams } from './routes'

/** Levels at which nobody need be signed in: what they open reads no record. */
type Open = 'anyone' | 'half'

/** What whoever is let in to a route is given. The database comes with the permission, and from nowhere else. */
export type GrantedBy<R extends RouteName> = AccessOf<R> extends Open ? unknown : { readonly who: Who; readonly db: Db }

/** What a page is drawn with. */
export type PageContext<R extends PageName> = {
  readonly params: RouteParams<R>
  /** What the query says; of a name that stands twice, nothing. */
  readonly search: Readonly<Record<string, string | undefined>>
  readonly visitor: Visitor
  /** The other end of the connection. */
  readonly address: string
  readonly now: number
} & GrantedBy<R>

declare const GUARDED: unique symbol

interface PageProps {
  readonly params: Promise<Readonly<Record<string, string>>>
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>
}

/** A page, layout or metadata that asked for its access itself. Only this file makes one, and the contract of the routes accepts nothing else. */
export type GuardedPage<R extends PageName> = ((props: PageProps) => Promise<ReactNode>) & { readonly [GUARDED]: R }
export type GuardedLayout<R extends PageName> = ((props: LayoutProps) => Promise<ReactNode>) & { readonly [GUARDED]: R }
export type GuardedMetadata<R extends PageName> = ((props: PageProps) => Promise<Metadata>) & { readonly [GUARDED]: R }

interface LayoutProps {
  readonly params: Promise<Readonly<Record<string, string>>>
  readonly children: ReactNode
}

/**
 * A page: asks for the access its route has in the table before anything is read, and gives what is read by to the page alone.
 *
 * @param name - the route, as its folder is called
 * @param draw - draws it for whoever was let in
 */
export function page<const R extends PageName>(name: R, draw: (context: PageContext<R>) => Promise<ReactNode> | ReactNode): GuardedPage<R> {
  const Page = async ({ params, searchParams }: PageProps) => draw(await contextOf(name, (await given(params)) ?? {}, await searchParams, true))
  return Page as GuardedPage<R>
}

/**
 * A layout: asks like a page of the routes under it.
 *
 * @param name - one of these routes; all of them have its access
 */
export function layout<const R extends PageName>(
  name: R,
  draw: (context: PageContext<R> & { readonly children: ReactNode }) => Promise<ReactNode> | ReactNode,
): GuardedLayout<R> {
  const Layout = async ({ params, children }: LayoutProps) => draw({ ...(await contextOf(name, (await given(params)) ?? {}, {}, true)), children })
  return Layout as GuardedLayout<R>
}

/** Metadata of a page that is read from records. A browser keeps titles in its history, so they name nobody. */
export function pageMetadata<const R extends PageName>(name: R, make: (context: PageContext<R>) => Promise<Metadata> | Metadata): GuardedMetadata<R> {
  const Meta = async ({ params }: PageProps) => {
    const context = await admitted(name, (await given(params)) ?? {}, {}, false)
    return context === null ? {} : make(context)
  }
  return Meta as GuardedMetadata<R>
}

/** The framework gives no parameters where an address names nothing. */
function given(params: PageProps['params'] | undefined): PageProps['params'] | undefined {
  return params
}

type Search = Readonly<Record<string, string | string[] | undefined>>

async function contextOf<R extends PageName>(name: R, params: Readonly<Record<string, string>>, search: Search, reads: boolean): Promise<PageContext<R>> {
  const context = await admitted(name, params, search, reads)
  // The page itself says where to go; this is never reached.
  return context ?? notFound()
}

/** @returns null for metadata that is not to be told; a page goes where its visitor may */
async function admitted<R extends PageName>(name: R, params: Readonly<Record<string, string>>, search: Search, reads: boolean): Promise<PageContext<R> | null> {
  const [jar, sent] = [await cookies(), await headers()]
  const now = Date.now()
  const named = decodedParams(params)
  const admission = admit(name, named, { cookies: jar.toString(), secure: sent.get(SECURE_HEADER) === 'yes' }, now)
  if (!admission.ok) {
    if (!reads) return null
    if (admission.why === 'unlock') redirect('/locked')
    if (admission.why === 'not-yours') notFound()
    redirect('/sign-in')
  }
  const { visitor } = admission
  const address = sent.get(ADDRESS_HEADER) ?? 'not known'
  if (reads) noteRead(name, named, { visitor, address, now })
  const who = visitor.kind === 'open' || visitor.kind === 'locked' ? { who: visitor.who, db: db() } : {}
  const asked = Object.fromEntries(Object.entries(search).map(([key, value]) => [key, typeof value === 'string' ? value : undefined]))
  return { params: named, search: asked, visitor, address, now, ...who } as unknown as PageContext<R>
}

/** The framework gives pages their parameters as they stand in the address. */
function decodedParams(params: Readonly<Record<string, string>>): Readonly<Record<string, string>> {
  return Object.fromEntries(
    Object.entries(params).map(([key, value]) => {
      try {
        return [key, decodeURIComponent(value)]
      } catch {
        return [key, value]
      }
    }),
  )
}
