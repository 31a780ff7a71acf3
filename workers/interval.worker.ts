import { expose } from 'comlink'
import { type Interval, type IntervalInput, intervalOf } from '../core/evidence/interval'

const api = { intervalOf: (input: IntervalInput): Interval => intervalOf(input) }

export type IntervalApi = typeof api

expose(api)
