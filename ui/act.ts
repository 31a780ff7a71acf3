import { toldAtDoor } from './doors/door'

/**
 * Ask the server to do something and tell what came of it.
 *
 * @param name - as in `app/do`
 * @throws {Error} when the server cannot be reached or failed: what was typed is still in the form
 */
export async function act<T>(name: string, ...args: readonly unknown[]): Promise<T> {
  const response = await fetch(`/do/${name}`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ args }) })
  toldAtDoor(response)
  const body: unknown = await response.json()
  if (response.status >= 500) throw new Error('The server could not do this.')
  // A refusal of the edge is a problem like any other.
  if (!response.ok) return body as T
  if (typeof body !== 'object' || body === null || !('came' in body)) throw new Error('The server answered something else.')
  return body.came as T
}
