import type { RestMonths } from '../../../core/plan/varnishMonths.ts'
import type { Assessment } from '../../../document/judging/assess.ts'
import type { Picture } from '../../../document/picture/picture.ts'
import { safeForOn } from '../../../document/finish/safeFor.ts'
import { dayText, upperFirst } from '../../../ui/format.ts'
import { VerdictMark } from '../../../ui/Verdict.tsx'

/** What a picture is safe for today, and what must be found first of all else. */
export function StageTable({
  picture,
  assessment,
}: {
  readonly picture: Picture
  readonly assessment: Assessment
}) {
  const all = safeForOn(picture, assessment, picture.today)
  if (all.length === 0) return null
  return (
    <section aria-label="Safe for what" className="mt-10">
      <h2 className="border-b border-ink pb-1 text-xl">Safe for what, today</h2>
      <table className="w-full max-w-[52rem] text-left">
        <thead className="sr-only">
          <tr>
            <th scope="col">What</th>
            <th scope="col">Whether</th>
            <th scope="col">How, or what it waits for</th>
          </tr>
        </thead>
        <tbody>
          {all.map(({ action, may, says, months }) => {
            return (
              <tr key={action} className="border-b border-rule align-baseline">
                <th scope="row" className="w-44 py-1.5 pr-4 font-normal">
                  {upperFirst(action)}
                </th>
                <td className="w-20 pr-4 whitespace-nowrap">
                  <VerdictMark verdict={may ? 'sound' : 'watch'} size={12} /> {may ? 'yes' : 'not yet'}
                </td>
                <td className="text-[0.95rem]">
                  {says}
                  {months && <span className="block text-[0.88rem] text-soft">{monthsText(months)}</span>}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="pt-1 text-[0.82rem] text-soft">
        By its slowest, thickest spot, an estimate: the test named comes before the deed, and a conservator
        before both where it matters. Months count from the day of its last film, so each one added begins
        them anew; half as long again where it is 500 µm or thicker anywhere.
      </p>
    </section>
  )
}

const monthsText = ({ least, better, earliest, advised }: RestMonths): string =>
  least === better
    ? `By the calendar from ${dayText(earliest)}, ${least} months after its last film`
    : `By the calendar from ${dayText(earliest)} at the earliest, better from ${dayText(advised)}: ${least} to ${better} months after its last film`
