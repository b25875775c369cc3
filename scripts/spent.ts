/** What was spent while an answer was waited for: a virtual machine is held up by its neighbours at times. Linux only. */
import { existsSync, readFileSync } from 'node:fs'

/** Of all processors together, ms. */
export interface Spent {
  /** What a process worked. */
  readonly workedMs: number
  /** What the machine was kept from by others. */
  readonly stolenMs: number
}

const tickMs = 10

/** So far; nothing where the system does not tell. */
export function spentBy(pid: number): Spent {
  const own = `/proc/${pid}/stat`
  if (!existsSync(own)) return { workedMs: 0, stolenMs: 0 }
  // What stands before the last bracket is the name, with whatever is in it.
  const [, fields = ''] = /.*\) (.*)/s.exec(readFileSync(own, 'utf8')) ?? []
  const [user, system] = fields.split(' ').slice(11, 13).map(Number)
  const stolen = Number(/^cpu +(?:\d+ ){7}(\d+)/.exec(readFileSync('/proc/stat', 'utf8'))?.[1] ?? 0)
  return { workedMs: tickMs * (user! + system!), stolenMs: tickMs * stolen }
}
