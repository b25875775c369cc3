import type { LayerMend } from '../../../document/mend/mend.ts'
import { gramsText, upperFirst } from '../../../ui/format.ts'
import { dayCount } from '../../../core/words.ts'
import { Popup } from '../../../ui/Popup.tsx'

/** What a mend costs: grams of medium, days, and the character of the paint. */
export function costText({ mediumG, isForTenMl, laterDays, character }: LayerMend): string {
  const grams =
    mediumG === null
      ? null
      : `${gramsText(Math.abs(mediumG))} ${mediumG > 0 ? 'more' : 'less'} medium${isForTenMl ? ' to 10 ml of paint' : ''}`
  const days =
    laterDays === 0
      ? null
      : `the last layer ${dayCount(Math.abs(laterDays))} ${laterDays > 0 ? 'later' : 'sooner'}`
  return upperFirst([character, grams, days].filter(Boolean).join('; '))
}

/** What a step leaves unsound on its layer. */
export const leftText = ({ leaves, isEased }: LayerMend): string =>
  leaves.length === 0
    ? isEased
      ? 'It is then only watched.'
      : ''
    : `A first step; it leaves ${leaves.length === 1 ? 'one thing' : `${leaves.length} things`} unsound there: ${leaves.join(' ')}`

/** The ways of mending one finding, each with what it costs and done in one tap; the cheapest stands in sight. */
export function Ways({
  mends,
  onMend,
}: {
  readonly mends: readonly LayerMend[]
  readonly onMend: (mend: LayerMend) => void
}) {
  const [first, ...others] = mends
  if (!first) return <span>Nothing simple mends it: change what it is made of, or where it goes.</span>
  return (
    <>
      <span>
        {first.says}.{' '}
        <button type="button" className="min-h-6 font-medium text-ink link" onClick={() => onMend(first)}>
          Do that
        </button>{' '}
        {leftText(first)}
      </span>
      {others.length > 0 && (
        <Popup
          button={others.length === 1 ? 'Another way' : `${others.length} other ways`}
          buttonClassName="min-h-6 link"
          label="Ways to mend it"
          className="max-h-[var(--radix-popover-content-available-height)] w-[34rem] overflow-y-auto"
        >
          {(close) => (
            <>
              <h3 className="text-lg">Ways to mend it</h3>
              <ul>
                {mends.map((mend) => (
                  <li
                    key={mend.says}
                    className="grid grid-cols-[1fr_auto] items-center gap-x-4 border-t border-rule py-2"
                  >
                    <p className="leading-snug">
                      {mend.says}.
                      <span className="block text-[0.9rem] text-soft">
                        {costText(mend)}. {leftText(mend)}
                      </span>
                    </p>
                    <button
                      type="button"
                      className="button min-h-11"
                      onClick={() => {
                        close()
                        onMend(mend)
                      }}
                    >
                      Do that
                    </button>
                  </li>
                ))}
              </ul>
              <p className="border-t border-rule pt-2 text-[0.85rem] text-soft">
                Each was tried on the whole picture, and makes nothing else worse.
              </p>
            </>
          )}
        </Popup>
      )}
    </>
  )
}
