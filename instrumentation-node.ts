import { db } from './db'
import { live } from './server/live'

// Opening at start brings the database up to date before the first request needs it.
db()

// An open live stream would keep the server from ending.
const endStreams = () => {
  for (const close of [...live.closers]) close()
}
process.once('SIGTERM', endStreams)
process.once('SIGINT', endStreams)
