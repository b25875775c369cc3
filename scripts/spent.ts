/** What was spent while an answer was waited for: a virtual machine is held up by its neighbours at times. Linux only. */
import { existsSync, readFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'

export interface Spent {
  /** What a process worked, on all processors together, ms. */
  readonly workedMs: number
  /** How long the machine was kept from working by its neighbours, on the mean of its processors, ms. */
  readonly heldUpMs: number
}

const tickMs = 10

/** So far; nothing where the system does not tell. */
export function spentBy(pid: number): Spent {
  const own = `/proc/${pid}/stat`
  if (!existsSync(own)) return { workedMs: 0, heldUpMs: 0 }
  // What stands before the last bracket is the name, with whatever is in it.
  const [, fields = ''] = /.*\) (.*)/s.exec(readFileSync(own, 'utf8')) ?? []
  const [user, system] = fields.split(' ').slice(11, 13).map(Number)
  const stolen = Number(/^cpu +(?:\d+ ){7}(\d+)/.exec(readFileSync('/proc/stat', 'utf8'))?.[1] ?? 0)
  return { workedMs: tickMs * (user! + system!), heldUpMs: (tickMs * stolen) / availableParallelism() }
}
