import 'server-only'
import { cookies, headers } from 'next/headers'
import { redirect } from 'next/navigation'
import { ADDRESS_HEADER } from './doors/asking'
import { type Visitor, visitorOf } from './identity'
import type { Who } from './who'

/** Who asked for the page that is being drawn. The door has let them in; this tells the page whom to name. */
export async function pageVisitor(): Promise<Visitor> {
  const jar = await cookies()
  return visitorOf(jar.toString(), Date.now())
}

/** Whoever is signed in at this page; anybody else goes to sign in, also where a session ended between door and page. */
export async function pageWho(): Promise<Who> {
  const visitor = await pageVisitor()
  if (visitor.kind === 'open') return visitor.who
  redirect(visitor.kind === 'locked' ? '/locked' : '/sign-in')
}

/** The other end of the connection a page was asked over. */
export async function pageAddress(): Promise<string> {
  return (await headers()).get(ADDRESS_HEADER) ?? 'not known'
}
