import { fork } from 'node:child_process'
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import type { PersonResult, Task } from './part'

/** People in as many processes as the machine has room for. */
export async function inParts(task: Task): Promise<readonly PersonResult[]> {
  const parts = Math.min(4, availableParallelism())
  const size = Math.ceil(task.to / parts)
  const tasks = Array.from({ length: parts }, (_, i) => ({ ...task, from: i * size, to: Math.min(task.to, (i + 1) * size) }))
  return (await Promise.all(tasks.map(inProcess))).flat()
}

/** A process of its own for each part: a thread would not read TypeScript. */
function inProcess(task: Task): Promise<readonly PersonResult[]> {
  return new Promise((resolve, reject) => {
    const part = fork(fileURLToPath(new URL('./part-process.ts', import.meta.url)), { execArgv: ['--import', 'tsx'], serialization: 'advanced' })
    part.once('message', (results) => resolve(results as readonly PersonResult[]))
    part.once('error', reject)
    part.send(task)
  })
}
