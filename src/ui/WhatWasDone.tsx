import { useState } from 'react'
import type { DoingsProps } from './doings/Doings.tsx'
import { later, useLater } from './useLater.ts'

const doings = later(() => import('./doings/Doings.tsx').then(({ Doings }) => Doings))

/** Everything that was done, where it is asked for. */
export function WhatWasDone(props: DoingsProps) {
  const [open, setOpen] = useState(false)
  const Doings = useLater(doings)
  return (
    <details
      className="mt-8 border-t border-ink pt-3"
      onToggle={({ currentTarget }) => setOpen(currentTarget.open)}
    >
      <summary className="min-h-11 cursor-pointer font-read text-xl">What was done</summary>
      {open && Doings && <Doings {...props} />}
    </details>
  )
}
