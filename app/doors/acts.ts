import * as yup from 'yup'
import { ROLES } from '@/db/queries/accounts'
import type { Asking, AtDoor } from '@/server/auth/asking'
import * as own from '@/server/auth/own-account'
import { whenFresh } from '@/server/auth/fresh'
import * as others from '@/server/auth/people-who-sign-in'
import * as door from '@/server/auth/sign-in'

/** What a form asks for at a door: who is there, and what was typed. */
export type DoorAct = (asking: Asking, ...args: readonly unknown[]) => Promise<AtDoor<unknown>> | AtDoor<unknown>

/** A text that was typed, of any letters; longer ones are no answer to anything. */
const TYPED = yup.string().strict().defined().max(200, 'Up to 200 letters.')
const typed = (value: unknown): string => TYPED.validateSync(value, { strict: true })

const ROLE = yup.string().oneOf(ROLES).required()
const CHANGE = yup.object({ role: ROLE, open: yup.boolean().required() }).noUnknown().strict().required()
const FIRST = yup.object({ code: TYPED, name: TYPED, login: TYPED, password: TYPED }).noUnknown().strict().required()

export const signIn: DoorAct = (asking, login, password) => door.signIn(asking, typed(login), typed(password))
export const secondFactor: DoorAct = (asking, code) => door.secondFactor(asking, typed(code))
export const firstLead: DoorAct = (asking, fields) => door.firstLead(asking, FIRST.validateSync(fields, { strict: true }))
export const acceptInvitation: DoorAct = (asking, code, password) => door.acceptInvitation(asking, typed(code), typed(password))
export const signOut: DoorAct = (asking) => door.signOut(asking, false)
export const signOutEverywhere: DoorAct = (asking) => door.signOut(asking, true)
export const lock: DoorAct = (asking) => door.lock(asking)
export const unlock: DoorAct = (asking, secret) => door.unlock(asking, typed(secret))
export const choosePassword: DoorAct = (asking, now, next) => own.choosePassword(asking, typed(now), typed(next))
export const choosePin: DoorAct = (asking, password, pin) => own.choosePin(asking, typed(password), typed(pin))
export const beginFactor: DoorAct = (asking) => own.beginFactor(asking)
export const confirmFactor: DoorAct = (asking, password, secret, code) => own.confirmFactor(asking, typed(password), typed(secret), typed(code))
export const confirmPassword: DoorAct = (asking, password) => own.confirmPassword(asking, typed(password))
export const removeFactor: DoorAct = (asking, password) => own.removeFactor(asking, typed(password))
export const addAccount: DoorAct = (asking, name, login, role) =>
  whenFresh(asking, () => others.addSomebody(asking, typed(name), typed(login), ROLE.validateSync(role, { strict: true })))
export const changeAccount: DoorAct = (asking, id, change) =>
  whenFresh(asking, () => others.changeSomebody(asking, typed(id), CHANGE.validateSync(change, { strict: true })))
export const inviteAgain: DoorAct = (asking, id) => whenFresh(asking, () => others.inviteAgain(asking, typed(id)))
export const resetFactor: DoorAct = (asking, id) => whenFresh(asking, () => others.resetFactor(asking, typed(id)))
export const endSessions: DoorAct = (asking, id) => whenFresh(asking, () => others.endSessions(asking, typed(id)))
