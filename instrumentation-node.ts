import { db } from './db'
import { environment } from './server/environment'
import { live } from './server/live'
import { log } from './server/log'
import { catchUpInPieces } from './server/projector'

// A wrong setting is said at start and not at the first request that needs it.
const { dataFolder, hosts } = environment()

// Opening at start brings the database up to date before the first request needs it.
db()
catchUpInPieces()
log().info({ data: dataFolder, hosts: [...hosts] }, 'started')

// An open live stream would keep the server from ending.
const endStreams = () => {
  for (const close of [...live.closers]) close()
}
process.once('SIGTERM', endStreams)
process.once('SIGINT', endStreams)
