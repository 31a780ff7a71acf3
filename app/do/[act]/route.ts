import * as yup from 'yup'
import * as people from '@/app/people/acts'
import * as settings from '@/app/settings/acts'
import { startPerson } from '@/app/today/acts'
import type { Action } from '@/server/action'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** Everything a form asks for, by the name it is sent under. */
const ACTS: Readonly<Record<string, Action<unknown>>> = {
  'start-person': startPerson,
  'correct-person': people.correct,
  'move-exam': people.move,
  'merge-people': people.merge,
  'choose-for-clinic': settings.chooseForClinic,
  'override-figure': settings.overrideFigure,
  'set-prior': settings.setPrior,
  'save-rule': settings.saveRule,
  'import-rules': settings.importRules,
  'try-rule': settings.tryRule,
}

const SENT = yup
  .object({ args: yup.array().strict().max(6).required() })
  .noUnknown('fields nobody knows: ${unknown}')
  .strict()
  .required()

/** Do one thing: 200 with what came of it (null or a problem), 404 for an act nobody knows, 422 for arguments in another shape. */
export const POST = route<{ act: string }>({ as: 'json' }, async ({ params, body, who }) => {
  const act = Object.hasOwn(ACTS, params.act) ? ACTS[params.act] : undefined
  const refuse = (status: number, what: string) =>
    problemResponse(status, { what, kept: 'Nothing was written; what you typed is still here.', do: 'Reload the page and try again.' })
  if (!act) return refuse(404, 'There is nothing of this name to do.')
  if (!SENT.isValidSync(body, { strict: true })) return refuse(422, 'What was sent has another shape.')
  return Response.json({ came: await act(who, ...(body.args as readonly unknown[])) })
})
