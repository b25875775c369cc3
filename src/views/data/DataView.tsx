import { useState } from 'react'
import type { BackupsTold } from '../../studio/backups/backups.ts'
import { useDone } from '../../ui/done.ts'
import { useEarly } from '../../ui/early.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { BringIn } from './BringIn.tsx'
import { Elsewhere } from './Elsewhere.tsx'
import { Kept } from './Kept.tsx'
import { Lists } from './Lists.tsx'
import { PutBack } from './PutBack.tsx'
import { TakeOut } from './TakeOut.tsx'
import { answerOf } from './words.ts'

interface Props {
  readonly initial: BackupsTold
  /** Where everything is kept on this machine. */
  readonly folder: string
  /** "2026-11-28" */
  readonly today: string
}

/** Whether the work is safe, and how it gets out of the program and back. */
export function DataView({ initial, folder, today }: Props) {
  useEarly()
  useDone()
  const [told, setTold] = useState(initial)
  const [chosen, setChosen] = useState<string | null>(null)
  return (
    <>
      <h1 className="max-w-[60rem] text-[2.2rem] leading-tight">{answerOf(told, today)}</h1>
      <p className="mt-1 text-soft">
        Every change is on the disk before it is called saved. It is all in {folder} on this machine, and
        nowhere else unless you take it there.
      </p>
      <Kept told={told} today={today} chosen={chosen} onChoose={setChosen} onTold={setTold} />
      {chosen && <PutBack key={chosen} date={chosen} onClose={() => setChosen(null)} />}
      <div className="mt-8 grid gap-x-14 gap-y-8 lg:grid-cols-2">
        <Elsewhere told={told} onTold={setTold} />
        <TakeOut />
        <BringIn />
        <Lists />
      </div>
      <Toasts />
    </>
  )
}
