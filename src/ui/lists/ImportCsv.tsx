import { useRef, useState } from 'react'
import type { Reply } from '../client.ts'
import { goAndSay } from '../done.ts'

interface ImportProps {
  /** Where to go once it is brought. */
  readonly page: string
  /** What is in it, and where that goes: "material", "onto your shelf". */
  readonly what: string
  readonly where: string
  readonly send: (csv: string) => Promise<Reply<{ readonly count: number; readonly event: number }>>
}

/** Brings a whole CSV in, or says every fault in it by line and column and takes nothing. */
export function ImportCsv({ page, what, where, send }: ImportProps) {
  const file = useRef<HTMLInputElement>(null)
  const [faults, setFaults] = useState<readonly string[]>([])
  const bring = async (chosen: File): Promise<void> => {
    const reply = await send(await chosen.text())
    if (reply.ok) {
      const { count, event } = reply.value
      return goAndSay(page, `${count} ${count === 1 ? what : `${what}s`} came ${where}.`, event)
    }
    setFaults(reply.refusal.issues?.map(({ message }) => message) ?? [reply.refusal.message])
  }
  return (
    <>
      <input
        ref={file}
        type="file"
        accept=".csv,text/csv"
        aria-label={`CSV file to bring ${where}`}
        className="sr-only"
        tabIndex={-1}
        onChange={({ target }) => {
          const [chosen] = target.files ?? []
          if (chosen) void bring(chosen)
          target.value = ''
        }}
      />
      <button type="button" className="min-h-9 link" onClick={() => file.current?.click()}>
        Import a CSV
      </button>
      {faults.length > 0 && (
        <div role="alert" className="w-full border-l-[3px] border-unsound bg-sheet px-3 py-2">
          <p>Nothing was taken from the file. Put this right and bring it again:</p>
          <ul className="mt-1 list-disc pl-5">
            {faults.slice(0, 20).map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
          {faults.length > 20 && <p>and {faults.length - 20} more.</p>}
          <button type="button" className="mt-1 min-h-6 link" onClick={() => setFaults([])}>
            Close
          </button>
        </div>
      )}
    </>
  )
}
