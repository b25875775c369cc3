import { useRef, useState } from 'react'
import { valueWords, fieldWords } from '../../document/fieldWords.ts'
import type { Side } from '../../studio/carrying/merge.ts'
import type { Coming, Preview } from '../../studio/carrying/bringIn.ts'
import type { Written } from '../../studio/commit.ts'
import { answered } from '../../saving/server.ts'
import { send } from '../../ui/client.ts'
import type { Reply } from '../../ui/client.ts'
import { goAndSay } from '../../ui/done.ts'
import { JobLine } from '../../ui/job/JobLine.tsx'
import { useJob } from '../../ui/job/useJob.ts'
import { Named } from './Named.tsx'
import { counted } from './words.ts'

type Looked = Preview & { readonly file: string }

/** Brings a studio file in: first what it would do, then all of it or nothing. */
export function BringIn() {
  const job = useJob()
  const chooser = useRef<HTMLInputElement>(null)
  const [looked, setLooked] = useState<Looked | null>(null)
  const look = async (chosen: File): Promise<void> => {
    const begin = () =>
      answered(() => fetch('/api/import', { method: 'POST', body: chosen })) as Promise<
        Reply<{ readonly job: string }>
      >
    setLooked((await job.follow(`Looking through ${chosen.name}`, begin)) as Looked | null)
  }
  const drop = (): void => {
    if (looked) void send('DELETE /api/import/{id}', undefined!, { params: { id: looked.file } })
    setLooked(null)
  }
  const bring = async (but: Readonly<Record<string, Side>>): Promise<void> => {
    const params = { id: looked!.file }
    const written = (await job.follow('Bringing it in', () =>
      send('POST /api/import/{id}', { clashes: 'here', but }, { params }),
    )) as Written | null
    if (written) goAndSay('/studio/data', `${written.what}.`, written.event)
  }
  return (
    <section aria-label="Bring a studio in" className="grid content-start gap-2">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">Bring a studio in</h2>
      <p>
        A file that was taken out here or elsewhere. You see first what it would add and change; nothing that
        is here goes, and it is one step that can be taken back.
      </p>
      <input
        ref={chooser}
        type="file"
        accept=".zip,.json,application/zip,application/json"
        aria-label="Studio file to bring in"
        className="sr-only"
        tabIndex={-1}
        onChange={({ target }) => {
          const [chosen] = target.files ?? []
          if (chosen) void look(chosen)
          target.value = ''
        }}
      />
      {!looked && (
        <button
          type="button"
          className="button min-h-11 justify-self-start"
          disabled={job.working !== null}
          onClick={() => chooser.current?.click()}
        >
          Choose a file
        </button>
      )}
      <JobLine {...job} />
      {looked && <Look looked={looked} isBusy={job.working !== null} onBring={bring} onDrop={drop} />}
    </section>
  )
}

interface LookProps {
  readonly looked: Looked
  readonly isBusy: boolean
  readonly onBring: (but: Readonly<Record<string, Side>>) => Promise<void>
  readonly onDrop: () => void
}

const nameOf = ({ kind, id }: Coming): string => `${kind}/${id}`

function Look({ looked, isBusy, onBring, onDrop }: LookProps) {
  const [but, setBut] = useState<Readonly<Record<string, Side>>>({})
  const { counts } = looked
  const takenOver = Object.values(but).filter((side) => side === 'file').length
  const nothing = counts.new + counts.changed + takenOver === 0
  return (
    <div
      role="group"
      aria-label="What the file would do"
      className="grid gap-2 border-l-[3px] border-ink pl-4"
    >
      <p className="font-read text-[1.2rem]">{sentenceOf(looked)}</p>
      <Named
        title="New"
        rows={looked.new}
        of={counts.new}
        after={(one) => (one.wasHere ? 'was taken away here' : '')}
      />
      <Named
        title="Changed in the file"
        rows={looked.changed}
        of={counts.changed}
        after={(one) => one.fields.map(fieldWords).join(', ')}
      />
      {looked.clashing.length > 0 && (
        <>
          <h3 className="text-[1.05rem]">Changed on both sides: which is to stand?</h3>
          <button
            type="button"
            className="min-h-11 justify-self-start link"
            onClick={() => setBut(Object.fromEntries(looked.clashing.map((one) => [nameOf(one), 'file'])))}
          >
            Take the file’s for all of them
          </button>
          <ul className="grid gap-2">
            {looked.clashing.map((one) => (
              <Clash
                key={nameOf(one)}
                one={one}
                side={but[nameOf(one)] ?? 'here'}
                onSide={(side) => setBut({ ...but, [nameOf(one)]: side })}
              />
            ))}
          </ul>
        </>
      )}
      <div className="flex flex-wrap gap-x-5 gap-y-2">
        {!nothing && (
          <button
            type="button"
            className="button button-ink min-h-11"
            disabled={isBusy}
            onClick={() => void onBring(but)}
          >
            Bring it in
          </button>
        )}
        <button type="button" className="min-h-11 link" disabled={isBusy} onClick={onDrop}>
          Leave it
        </button>
      </div>
    </div>
  )
}

function sentenceOf({ counts, photographs }: Looked): string {
  const { new: added, changed, clashing, same } = counts
  if (added + changed + clashing === 0) return 'Everything in this file is here already.'
  const parts = [
    added > 0 && `brings ${counted(added, 'new thing')}`,
    changed > 0 && `changes ${changed}`,
    clashing > 0 && `leaves ${clashing} for you to say`,
  ].filter(Boolean)
  const told = `It ${parts.join(', ')}; ${counted(same, 'thing')} ${same === 1 ? 'is' : 'are'} the same.`
  return photographs > 0 ? `${told} ${counted(photographs, 'photograph')} come with it.` : told
}

function Clash({
  one,
  side,
  onSide,
}: {
  readonly one: Coming
  readonly side: Side
  readonly onSide: (side: Side) => void
}) {
  const radio = (value: Side, label: string) => (
    <label className="flex min-h-11 items-center gap-2">
      <input
        type="radio"
        className="size-4"
        name={nameOf(one)}
        checked={side === value}
        onChange={() => onSide(value)}
      />
      {label}
    </label>
  )
  return (
    <li className="border-t border-rule pt-1">
      <fieldset>
        <legend className="font-medium">
          {one.title} <span className="text-soft">({one.word})</span>
        </legend>
        <dl className="text-[0.92rem]">
          {one.clashes.map(({ field, here, file }) => (
            <div key={field}>
              <dt className="inline text-soft">{fieldWords(field)}: </dt>
              <dd className="inline">
                here {valueWords(here)}; in the file {valueWords(file)}
              </dd>
            </div>
          ))}
        </dl>
        <div className="flex flex-wrap gap-x-6">
          {radio('here', 'as it is here')}
          {radio('file', 'as it is in the file')}
        </div>
      </fieldset>
    </li>
  )
}
