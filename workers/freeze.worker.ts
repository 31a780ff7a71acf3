import { expose } from 'comlink'
import type { Clinic } from '../core/evidence/knowledge'
import { signatureOf } from '../core/exchange/freeze'
import type { Exam } from '../core/record/exam'

const api = { signatureOf: (exam: Exam, clinic: Clinic): ReturnType<typeof signatureOf> => signatureOf(exam, clinic) }

export type FreezeApi = typeof api

expose(api)
