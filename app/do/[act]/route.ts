import * as yup from 'yup'
import { ACTS } from '@/app/do/acts'
import { type Asking, askingOf, type AtDoor, credentialsOf } from '@/server/auth/asking'
import { DEVICE_COOKIE_S, deviceCookieName } from '@/server/auth/known-device'
import { tokenOf, cookieName } from '@/server/identity'
import { problemResponse, route, refusedAccess } from '@/server/route'

export const dynamic = 'force-dynamic'

const SENT = yup
  .object({ args: yup.array().strict().max(6).required() })
  .noUnknown('fields nobody knows: ${unknown}')
  .strict()
  .required()

/**
 * Do one thing: 200 with what came of it (null or a problem), 404 for an act nobody knows, 422 for arguments in another shape. The door
 * of the act has let whoever asks in before.
 */
export const POST = route('/do/[act]', { as: 'json' }, async ({ params, body, visitor, request }) => {
  const act = Object.hasOwn(ACTS, params.act) ? ACTS[params.act as keyof typeof ACTS] : undefined
  const refuse = (status: number, what: string) =>
    problemResponse(status, { what, kept: 'Nothing was written; what you typed is still here.', do: 'Reload the page and try again.' })
  if (!act) return refuse(404, 'There is nothing of this name to do.')
  if (!SENT.isValidSync(body, { strict: true })) return refuse(422, 'What was sent has another shape.')
  const args = body.args as readonly unknown[]
  if ('by' in act) return visitor.kind === 'open' ? Response.json({ came: await act.by(visitor.who, ...args) }) : refusedAccess('sign-in')
  const asking = askingOf(request, visitor, Date.now())
  try {
    return answered(await act.atDoor(asking, ...args), asking, request)
  } catch (error) {
    if (!yup.ValidationError.isError(error)) throw error
    return refuse(422, error.errors[0] ?? 'What was sent has another shape.')
  }
})

/** Tells what came, and sets or ends the cookie. */
function answered({ came, cookie }: AtDoor<unknown>, { secure }: Asking, request: Request): Response {
  const response = Response.json({ came })
  if (!cookie) return response
  const rest = `Path=/; HttpOnly; SameSite=Lax${secure ? '; Secure' : ''}`
  if (cookie.token !== null) {
    response.headers.append('set-cookie', `${cookieName(secure)}=${cookie.token}; ${rest}`)
    if (cookie.device) response.headers.append('set-cookie', `${deviceCookieName(secure)}=${cookie.device}; ${rest}; Max-Age=${DEVICE_COOKIE_S}`)
    return response
  }
  if (tokenOf(credentialsOf(request)) !== null) {
    for (const name of secure ? [cookieName(true), cookieName(false)] : [cookieName(false)])
      response.headers.append('set-cookie', `${name}=; Max-Age=0; ${rest}`)
  }
  // Pages that were shown are forgotten, also those a step back; what was not delivered stays on the device.
  response.headers.set('clear-site-data', '"cache"')
  return response
}
