import { db } from './db'
import { renewLists } from './db/queries/rebuild-findings'
import { environment } from './server/environment'
import { log } from './server/log'
import { catchUpInPieces } from './server/projector'

// Pages and routes rely on the gate before them: a server that was started without it would let everybody in.
if (!(globalThis as { dustLanternGate?: boolean }).dustLanternGate) {
  process.stderr.write('Dust Lantern is started with npm start (or npm run demo): its gate stands before the pages.\n')
  process.exit(1)
}

// Opening at start brings the database up to date before the first request needs it.
renewLists(db())
catchUpInPieces()
log().info({ data: environment().dataFolder }, 'started')
