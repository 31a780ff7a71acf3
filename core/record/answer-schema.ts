import * as yup from 'yup'
import { END_FEELS, LIMITS, PAIN_ORDERS } from './answer'
import { angle, byField, intensity, oneOf, places, qualities, recordOf, shape, slug, symptomId, words } from './shapes'

const simulated = yup.boolean().strict()
const picture = yup.boolean().strict()
const held = yup.number().strict().integer().min(0).max(900)
const newtons = yup.number().strict().integer().min(0).max(2000)
const watched = {
  lean: yup.boolean().strict(),
  held,
  newtons,
  endFeel: yup.string().strict().oneOf(END_FEELS),
  painOrder: yup.string().strict().oneOf(PAIN_ORDERS),
  simulated,
  picture,
}
const changed = { intensity, held, newtons, simulated, picture }
const cell = yup
  .string()
  .strict()
  .required()
  .matches(/^[a-z0-9+-]{1,30}$/, '${path} must be a short value')

/** The shape of every answer, by what was said. `schema-types.test.ts` holds each equal to its type. */
export const ANSWER_SHAPES = {
  nothing: shape({ said: oneOf('nothing'), end: angle, ...watched }),
  stretch: shape({ said: oneOf('stretch'), places, end: angle, ...watched }),
  familiar: shape({ said: oneOf('familiar'), symptom: symptomId, places, intensity: intensity.nullable().defined(), onset: angle, ...watched }),
  other: shape({ said: oneOf('other'), places, words: words(200).optional(), qualities, end: angle, ...watched }),
  eased: shape({ said: oneOf('eased'), part: slug.optional(), ...changed }),
  unchanged: shape({ said: oneOf('unchanged'), part: slug.optional(), ...changed }),
  returned: shape({ said: oneOf('returned'), lowered: angle, ...changed }),
  'stayed-away': shape({ said: oneOf('stayed-away'), lowered: angle, ...changed }),
  worse: shape({ said: oneOf('worse'), ...changed }),
  'nothing-to-relieve': shape({ said: oneOf('nothing-to-relieve'), ...changed }),
  observed: shape({ said: oneOf('observed'), choice: slug }),
  measured: shape({
    said: oneOf('measured'),
    trials: yup.array().strict().min(1).max(3).of(yup.number().strict().min(-180).max(600).defined()).required(),
    limitedBy: yup.string().strict().oneOf(LIMITS),
    symptom: symptomId.optional(),
    places: places.optional(),
    intensity,
    simulated,
    picture,
  }),
  grid: shape({
    said: oneOf('grid'),
    cells: recordOf(/^[a-z0-9-]+\.[a-z0-9-]+$/, cell, { min: 1, max: 200, what: 'one to 200 cells named “row.column”' }),
    simulated,
    picture,
  }),
}

/** Any answer. */
export const ANSWER = byField('said', ANSWER_SHAPES)
