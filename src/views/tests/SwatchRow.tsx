import ChevronDown from 'lucide-react/dist/esm/icons/chevron-down.mjs'
import ChevronRight from 'lucide-react/dist/esm/icons/chevron-right.mjs'
import type { Revised, Settings } from '../../document/studio.ts'
import type { RackSwatch } from '../../studio/lists/rack.ts'
import { dateText, umText } from '../../ui/format.ts'
import { later, useLater } from '../../ui/useLater.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { yellowingWatch } from '../../core/trial/colour.ts'
import { Card } from './Card.tsx'
import { Timeline } from './Timeline.tsx'
import { colourWords } from './words.ts'
import type { RackDesk } from './useRack.ts'

export interface SwatchProps {
  readonly entry: RackSwatch
  readonly today: number
  readonly settings: Revised<Settings>
  readonly after: RackDesk['after']
  readonly tapped: RackDesk['tapped']
}

const sheet = later(() => import('./SwatchSheet.tsx'))

/** One swatch on the rack; opened, what can be done with it. */
export function SwatchRow({
  isOpen,
  onOpen,
  ...props
}: SwatchProps & { readonly isOpen: boolean; readonly onOpen: (isOpen: boolean) => void }) {
  const { entry, today } = props
  const { swatch, film, holds, placeName, colour } = entry
  const SwatchSheet = useLater(sheet)?.SwatchSheet
  return (
    <li id={`swatch-${swatch.id}`} className="scroll-mt-4 border-b border-rule py-3">
      <div className="grid items-start gap-x-6 gap-y-2 sm:grid-cols-[auto_1fr] lg:grid-cols-[auto_15rem_1fr_auto]">
        <Card entry={entry} />
        <div className="min-w-0">
          <h3 className="font-read text-[1.2rem] leading-tight [overflow-wrap:anywhere]" translate="no">
            {swatch.name}
          </h3>
          <p className="text-[0.85rem] text-soft">
            {holds}, {umText(film?.dryUm ?? swatch.laid.wetThicknessUm)} dry · {dateText(swatch.laid.at)} ·{' '}
            {placeName}
          </p>
          {film && <p className="text-[0.95rem]">Likely {film.state} now.</p>}
          {colour.map((change) => (
            <p key={change.kept} className="text-[0.95rem]">
              <VerdictMark verdict={change.yellower > yellowingWatch ? 'watch' : 'sound'} size={12} />{' '}
              {colourWords(change)}
            </p>
          ))}
        </div>
        <div className="min-w-0 sm:col-span-2 lg:col-span-1">
          <Timeline entry={entry} today={today} />
        </div>
        <button
          type="button"
          className="button min-h-11 justify-self-start sm:col-span-2 lg:col-span-1"
          aria-expanded={isOpen}
          aria-label={isOpen ? `Close ${swatch.name}` : `Touch ${swatch.name}`}
          onClick={() => onOpen(!isOpen)}
        >
          {isOpen ? (
            <ChevronDown size={15} aria-hidden="true" />
          ) : (
            <ChevronRight size={15} aria-hidden="true" />
          )}
          {isOpen ? 'Close' : 'Touch'}
        </button>
      </div>
      {isOpen && SwatchSheet && <SwatchSheet {...props} />}
    </li>
  )
}
