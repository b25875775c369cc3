import { permissionOf, stageActions } from '../../../core/finish/stages.ts'
import type { Assessment } from '../../../document/assess.ts'
import { packedOn } from '../../../document/packed.ts'
import type { Picture } from '../../../document/picture.ts'
import { upperFirst } from '../../../ui/format.ts'
import { VerdictMark } from '../../../ui/Verdict.tsx'

/** What a picture is safe for today, and what must be found first of all else. */
export function StageTable({
  picture,
  assessment,
}: {
  readonly picture: Picture
  readonly assessment: Assessment
}) {
  const packed = packedOn(picture, assessment, picture.today)
  if (packed.state === 'bare') return null
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
          {stageActions.map((action) => {
            const { may, says } = permissionOf(action, packed)
            return (
              <tr key={action} className="border-b border-rule align-baseline">
                <th scope="row" className="w-44 py-1.5 pr-4 font-normal">
                  {upperFirst(action)}
                </th>
                <td className="w-20 pr-4 whitespace-nowrap">
                  <VerdictMark verdict={may ? 'sound' : 'watch'} size={12} /> {may ? 'yes' : 'not yet'}
                </td>
                <td className="text-[0.95rem]">{says}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="pt-1 text-[0.82rem] text-soft">
        By its slowest, thickest spot, an estimate: the test named comes before the deed, and a conservator
        before both where it matters.
      </p>
    </section>
  )
}
