import { gravestOf } from '../../document/judging/assess.ts'
import type { Assessment } from '../../document/judging/assess.ts'
import type { LayerMend } from '../../document/mend/mend.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { chanceBy } from '../../core/cure/forecast.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { undatedBecause } from '../../core/plan/forward.ts'
import { chanceText, dayText } from '../../ui/format.ts'
import { VerdictMark, verdictColour, verdictWords } from '../../ui/Verdict.tsx'
import type { EaselDeeds } from './useEasel.ts'

interface Props {
  readonly picture: Picture
  readonly assessment: Assessment
  readonly mend: LayerMend | undefined
  readonly onMend: Pick<EaselDeeds, 'changeLayer' | 'takeOff'>
}

/** The first thing one reads: the verdict, its smallest mend, and when one may go on. */
export function EaselAnswer({ picture, assessment, mend, onMend }: Props) {
  const { verdict } = assessment
  if (picture.layers.length === 0)
    return (
      <>
        <h1 className="text-[2.2rem] leading-tight">What is on the easel?</h1>
        <p className="mt-1 max-w-[48rem] text-soft">
          Tap what is on the picture, and what you would like to do next. Every tap is answered at once;
          nothing is kept until you say so.
        </p>
      </>
    )
  const gravest = gravestOf(assessment)
  return (
    <div aria-live="polite" className="min-h-[8.5rem]">
      <h1 className="max-w-[62rem] text-[1.9rem] leading-tight">
        <span className={`mr-2 whitespace-nowrap ${verdictColour(verdict)}`}>
          <VerdictMark verdict={verdict} size={24} /> {verdictWords[verdict]}.
        </span>
        {gravest ? gravest.message : 'Every layer is sound over what lies under it.'}
      </h1>
      <p className="mt-1.5 flex flex-wrap items-center gap-x-5 text-[1.05rem]">
        {mend && <Mend mend={mend} onMend={onMend} />}
        <span className="text-soft">{nextText(picture, assessment)}</span>
      </p>
    </div>
  )
}

/** What takes the finding away, where it is a change of what is still to be painted. */
function Mend({
  mend: { says, does, layerId },
  onMend,
}: { readonly mend: LayerMend } & Pick<Props, 'onMend'>) {
  const act =
    does.is === 'edit'
      ? () => onMend.changeLayer(layerId, does.change)
      : does.is === 'remove'
        ? () => onMend.takeOff(layerId)
        : null
  return (
    <span>
      {says}
      {act && (
        <button type="button" className="button ml-3 min-h-11" onClick={act}>
          Do that
        </button>
      )}
    </span>
  )
}

/** When the next layer may go on; without one, how dry the top is. */
function nextText({ layers, today }: Picture, assessment: Assessment): string {
  const at = layers.findIndex(({ painted }) => painted === null)
  if (at < 0) {
    const [top, painted] = [assessment.layers.at(-1)!, dayOf(layers.at(-1)!.painted!.at)!]
    const chance = chanceBy(top.forecast, 'touch', Math.max(0, today - painted))
    return `Its surface is touch dry by now with a chance of ${chanceText(chance)}.`
  }
  const { name } = layers[at]!
  const { source, day } = assessment.layers[at]!.date
  if (source === 'unknown' || source === 'unsound') return `${name}: no date, ${undatedBecause[source]}.`
  return Math.floor(day) <= Math.floor(today)
    ? `${name} may go on today.`
    : `${name} may go on from about ${dayText(day)}.`
}
