// One part of the generated people, in a process of its own.
import { runPart, type Task } from './part'

process.once('message', (task) => {
  process.send?.(runPart(task as Task), () => process.disconnect())
})
