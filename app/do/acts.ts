import * as doors from '@/app/doors/acts'
import { erase } from '@/app/people/erase'
import { entrust } from '@/app/people/entrust'
import * as reliability from '@/app/audit/reliability/acts'
import * as people from '@/app/people/acts'
import * as episodes from '@/app/person/acts'
import * as backups from '@/app/settings/backups/acts'
import * as settings from '@/app/settings/acts'
import * as practice from '@/app/practice/acts'
import { startPerson } from '@/app/today/acts'
import type { Action } from '@/server/action'
import type { ProcedureName } from '@/server/auth/routes'

/** What is done where: by somebody who is signed in, or at a door. */
export type Act = { readonly by: Action<unknown> } | { readonly atDoor: doors.DoorAct }

const by = (action: Action<unknown>): Act => ({ by: action })
const atDoor = (act: doors.DoorAct): Act => ({ atDoor: act })

/** Everything a form asks for, by the name it is sent under. Who may ask stands in `server/auth/routes.ts`. */
export const ACTS: Readonly<Record<ProcedureName, Act>> = {
  'sign-in': atDoor(doors.signIn),
  'second-factor': atDoor(doors.secondFactor),
  'first-lead': atDoor(doors.firstLead),
  'accept-invitation': atDoor(doors.acceptInvitation),
  'sign-out': atDoor(doors.signOut),
  'sign-out-everywhere': atDoor(doors.signOutEverywhere),
  lock: atDoor(doors.lock),
  unlock: atDoor(doors.unlock),
  'choose-password': atDoor(doors.choosePassword),
  'choose-pin': atDoor(doors.choosePin),
  'begin-factor': atDoor(doors.beginFactor),
  'confirm-factor': atDoor(doors.confirmFactor),
  'remove-factor': atDoor(doors.removeFactor),
  'confirm-password': atDoor(doors.confirmPassword),
  'add-account': atDoor(doors.addAccount),
  'change-account': atDoor(doors.changeAccount),
  'invite-again': atDoor(doors.inviteAgain),
  'reset-factor': atDoor(doors.resetFactor),
  'end-sessions': atDoor(doors.endSessions),
  'erase-person': atDoor(erase),
  'backup-now': atDoor(backups.backupNow),
  'restore-backup': atDoor(backups.restoreBackup),
  entrust: atDoor(entrust),
  'start-person': by(startPerson),
  'start-visit': by(episodes.startVisit),
  'change-episode': by(episodes.change),
  'enter-series': by(reliability.enter),
  'correct-person': by(people.correct),
  'move-exam': by(people.move),
  'merge-people': by(people.merge),
  'choose-for-clinic': by(settings.chooseForClinic),
  'override-figure': by(settings.overrideFigure),
  'set-prior': by(settings.setPrior),
  'save-rule': by(settings.saveRule),
  'import-rules': by(settings.importRules),
  'try-rule': by(settings.tryRule),
  'start-practice': by(practice.startPractice),
  'commit-practice': by(practice.commitPractice),
  'answer-drill': by(practice.answerDrill),
  'save-case': by(practice.saveCase),
  'save-class': by(practice.saveClass),
}
