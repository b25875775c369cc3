import { pourStateOf } from '../../core/batch/pouring.ts'
import type { Weighing } from '../../core/batch/pouring.ts'
import { weighedText, percentText } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'

/** What is poured now, large. */
export function Now({
  weighing,
  name,
  vessel,
  drops,
  byFeel,
}: {
  readonly weighing: Weighing
  readonly name: string
  /** What it is weighed into. */
  readonly vessel: string | null
  readonly drops: { readonly drops: number; readonly error: number } | null
  readonly byFeel: boolean
}) {
  const state = pourStateOf(weighing)
  return (
    <div aria-live="polite">
      <h2 className="text-[1.9rem] leading-tight">{name}</h2>
      {byFeel || weighing.grams === 0 ? (
        <p className="text-[1.4rem]">By feel: {weighedText(weighing.poured)} in</p>
      ) : (
        <p className="text-[2.2rem] leading-tight">
          {state === 'over' ? (
            <>{weighedText(-weighing.left)} too much</>
          ) : state === 'right' ? (
            'right'
          ) : (
            <>{weighedText(weighing.left)} to go</>
          )}
          <span className="block text-[1.05rem] text-soft">
            of {weighedText(weighing.grams)}
            {vessel && <> into {vessel}</>}
            {weighing.poured > 0 && <>; {weighedText(weighing.poured)} in</>}
            {drops && (
              <>
                ; that is {drops.drops} whole drops
                {Math.abs(drops.error) > 0.0005 && (
                  <>
                    , {percentText(Math.abs(drops.error))} {drops.error > 0 ? 'more' : 'less'} than exact
                  </>
                )}
              </>
            )}
          </span>
        </p>
      )}
    </div>
  )
}

const marks = { 'to pour': 'note', right: 'sound', over: 'watch' } as const

/** One thing of what goes in: how much of it is in. */
export function WeighingRow({
  weighing,
  name,
  vessel,
  selected,
  byFeel,
  onSelect,
}: {
  readonly weighing: Weighing
  readonly name: string
  readonly vessel: string | null
  readonly selected: boolean
  readonly byFeel: boolean
  readonly onSelect: () => void
}) {
  const state = pourStateOf(weighing)
  return (
    <li className="border-t border-rule">
      <button
        type="button"
        aria-pressed={selected}
        onClick={onSelect}
        className={`flex min-h-12 w-full items-center gap-3 px-1 text-left hover:bg-wash ${selected ? 'bg-wash' : ''}`}
      >
        {!byFeel && weighing.grams > 0 && <VerdictMark verdict={marks[state]} size={13} />}
        <span className="grow">
          {name}
          {vessel && <span className="block text-[0.85rem] text-soft">into {vessel}</span>}
        </span>
        <span className="shrink-0 text-right">
          {byFeel || weighing.grams === 0 ? (
            weighedText(weighing.poured)
          ) : (
            <>
              {weighedText(weighing.poured)}{' '}
              <span className="text-soft">of {weighedText(weighing.grams)}</span>
            </>
          )}
        </span>
      </button>
    </li>
  )
}
