// Computes the stored findings of every examination anew from its events: npm run rebuild-findings.
import { dataFile, openDb } from '../db/open'
import { rebuildFindings } from '../db/queries/rebuild-findings'

console.log(`Findings of ${rebuildFindings(openDb(dataFile()))} examinations rebuilt.`)
