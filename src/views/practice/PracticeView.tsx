import { useEffect, useRef, useState } from 'react'
import { dayOf, minuteAt } from '../../core/plan/calendar.ts'
import type { Exercise, PieceFile } from '../../document/pieces/piece.ts'
import { faultReasons } from '../../document/pieces/reasons.ts'
import { nextPiece, scoreOf } from '../../document/pieces/score.ts'
import type { KnownPiece, Score } from '../../document/pieces/score.ts'
import { shippedPieces, standing } from '../../document/pieces/shipped.ts'
import type { Picture } from '../../document/picture/picture.ts'
import type { Settings } from '../../document/studio.ts'
import { read, send } from '../../ui/client.ts'
import { useEarly } from '../../ui/early.ts'
import { say } from '../../ui/messages.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { Piece } from './Piece.tsx'
import type { PieceShown, Said } from './Piece.tsx'

interface Props {
  readonly initial: readonly Exercise[]
  /** A studio as usual, so that a piece is the same everywhere. */
  readonly settings: Settings
  /** Now, as a day of the core's calendar. */
  readonly today: number
}

/** Practice pieces: say what you see in a picture, then see what is in it; and how that goes. */
export function PracticeView({ initial, settings, today }: Props) {
  useEarly()
  const [exercises, setExercises] = useState(initial)
  const [known, setKnown] = useState<readonly KnownPiece[]>(() =>
    shippedPieces.map(({ id }) => ({ id, reasons: [] })),
  )
  const [shown, setShown] = useState<PieceShown>(() =>
    shippedShown(nextPiece(known, initial) ?? shippedPieces[0]!.id, settings, today),
  )
  useEffect(() => {
    void read('GET /api/pieces').then((reply) => {
      if (reply.ok) setKnown(reply.value.pieces)
    })
  }, [])
  const log = (said: Said): void => {
    const exercise = { id: crypto.randomUUID(), pieceId: shown.pieceId, title: shown.title, ...said }
    setExercises((all) => [...all, { ...exercise, at: minuteAt(new Date()) }])
    void send('POST /api/exercises', exercise).then((reply) => {
      if (!reply.ok) say(reply.refusal.message)
    })
  }
  const next = (): void => {
    const id = nextPiece(known, exercises)
    if (id) setShown(shippedShown(id, settings, today))
    window.scrollTo(0, 0)
  }
  return (
    <>
      <Piece key={shown.key} piece={shown} onSaid={log} onNext={next} />
      <div className="mt-10 grid gap-x-14 gap-y-8 border-t border-ink pt-4 lg:grid-cols-2">
        <HowItGoes score={scoreOf(exercises)} />
        <OwnPieces onPiece={(file) => setShown(fileShown(file, settings))} />
      </div>
      <Toasts />
    </>
  )
}

const pictureOf = (
  given: Pick<Picture, 'painting' | 'layers' | 'today'> & Partial<Picture>,
  settings: Settings,
): Picture => ({ touchTests: [], mediums: [], shelf: [], practices: [], settings, ...given })

/** A piece that comes with the program. */
function shippedShown(id: string, settings: Settings, today: number): PieceShown {
  const { title, story, painting, layers } = standing(
    shippedPieces.find((one) => one.id === id)!,
    today,
  )
  return {
    key: `${id} ${crypto.randomUUID()}`,
    pieceId: id,
    title,
    story,
    picture: pictureOf({ painting, layers, today }, settings),
  }
}

const fileShown = (file: PieceFile, settings: Settings): PieceShown => ({
  key: crypto.randomUUID(),
  pieceId: null,
  title: file.title,
  story: file.story,
  picture: pictureOf(
    {
      painting: file.painting,
      layers: file.layers,
      mediums: file.mediums,
      shelf: file.shelf,
      today: dayOf(file.at)!,
    },
    settings,
  ),
})

function HowItGoes({ score: { looked, right, reasons } }: { readonly score: Score }) {
  const nameOf = (id: string): string => faultReasons.find((one) => one.id === id)!.name
  return (
    <section aria-label="How it goes">
      <h2 className="text-[1.35rem]">How it goes</h2>
      {looked === 0 ? (
        <p className="mt-1 text-soft">Nothing was looked at yet. What you miss is kept count of here.</p>
      ) : (
        <>
          <p className="mt-1">
            {looked === 1 ? 'One piece' : `${looked} pieces`} looked at, {right} with the same verdict.
          </p>
          {reasons.length > 0 && (
            <table className="mt-2 w-full max-w-xl text-[0.95rem]">
              <thead>
                <tr className="text-left text-[0.8rem] text-soft">
                  <th scope="col" className="py-1 font-normal">
                    what was there, or said to be
                  </th>
                  <th scope="col" className="font-normal">
                    not seen, of how often it was there
                  </th>
                  <th scope="col" className="font-normal">
                    said, and not there
                  </th>
                </tr>
              </thead>
              <tbody>
                {reasons.map(({ reason, there, missed, imagined }) => (
                  <tr key={reason} className="border-t border-rule">
                    <th scope="row" className="py-1 text-left font-normal">
                      {nameOf(reason)}
                    </th>
                    <td>
                      {there === 0 ? 'never there' : missed === 0 ? 'always seen' : `${missed} of ${there}`}
                    </td>
                    <td>{imagined === 0 ? 'never' : imagined}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </>
      )}
    </section>
  )
}

const noPiece =
  'That is no practice piece. A piece is a file taken from the Record of a painting, under “as a practice piece”.'

/** Means to be a piece; whether it is one, the studio says. */
const isPiece = (written: unknown): written is PieceFile =>
  (written as Partial<PieceFile> | null)?.format === 'grelta.piece'

/** A piece of somebody's own, from a file. */
function OwnPieces({ onPiece }: { readonly onPiece: (piece: PieceFile) => void }) {
  const chooser = useRef<HTMLInputElement>(null)
  const [faults, setFaults] = useState<readonly string[]>([])
  const open = async (chosen: File): Promise<void> => {
    const text = await chosen.text()
    const written: unknown = ((): unknown => {
      try {
        return JSON.parse(text)
      } catch {
        return null
      }
    })()
    if (!isPiece(written)) return setFaults([noPiece])
    const reply = await send('POST /api/pieces', written)
    setFaults(
      reply.ok
        ? []
        : (reply.refusal.issues?.map(({ path, message }) => (path ? `${path}: ${message}` : message)) ?? [
            reply.refusal.message,
          ]),
    )
    if (!reply.ok) return
    onPiece(reply.value.piece)
    window.scrollTo(0, 0)
  }
  return (
    <section aria-label="Pieces of your own">
      <h2 className="text-[1.35rem]">For a class</h2>
      <p className="mt-1">
        Any painting can be given away as a practice piece: on its Record, under “as a practice piece”. It
        goes without owner, place and photographs. A piece that was given to you opens here, and is not kept.
      </p>
      <input
        ref={chooser}
        type="file"
        accept=".json,application/json"
        aria-label="Practice piece to open"
        className="sr-only"
        tabIndex={-1}
        onChange={({ target }) => {
          const [chosen] = target.files ?? []
          if (chosen) void open(chosen)
          target.value = ''
        }}
      />
      <button type="button" className="button mt-3 min-h-11" onClick={() => chooser.current?.click()}>
        Open a piece
      </button>
      {faults.length > 0 && (
        <ul role="alert" className="mt-2 border-l-[3px] border-unsound bg-sheet px-3 py-2">
          {faults.slice(0, 5).map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      )}
    </section>
  )
}
