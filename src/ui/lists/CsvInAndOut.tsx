import { useRef, useState } from 'react'
import { send } from '../client.ts'
import { goAndSay } from '../done.ts'

interface CsvProps {
  /** Which list it is, as its address has it. */
  readonly list: 'shelf' | 'tubes' | 'recipes'
  /** "Your shelf as CSV". */
  readonly name: string
  /** Where to go once it is brought. */
  readonly page: string
  /** What is in it, and where that goes: "material", "onto your shelf". */
  readonly what: string
  readonly where: string
}

/** A whole list out as CSV, and one in: all of it, or every fault in it by line and column and nothing taken. */
export function CsvInAndOut({ list, name, page, what, where }: CsvProps) {
  const file = useRef<HTMLInputElement>(null)
  const [faults, setFaults] = useState<readonly string[]>([])
  const bring = async (chosen: File): Promise<void> => {
    const reply = await send(`POST /api/${list}.csv`, { csv: await chosen.text() })
    if (reply.ok) {
      const { count, event } = reply.value
      return goAndSay(page, `${count} ${count === 1 ? what : `${what}s`} came ${where}.`, event)
    }
    setFaults(reply.refusal.issues?.map(({ message }) => message) ?? [reply.refusal.message])
  }
  return (
    <>
      <a className="inline-flex min-h-9 items-center link" href={`/api/${list}.csv`} download>
        {name}
      </a>
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
