import { filmOver } from '../../core/film/film.ts'
import { minutesADay } from '../../core/palette/openTime.ts'
import { whyDose, whyOpen } from '../../core/palette/why.ts'
import { dayCount, fatnessText } from '../../core/words.ts'
import { FilmWhy } from '../../ui/FilmWhy.tsx'
import { Why } from '../../ui/Why.tsx'
import { doseText } from './HeapRow.tsx'
import type { LaidHeap, LaidPalette } from './laidOut.ts'

interface FiguresProps {
  readonly laid: LaidHeap
  readonly palette: LaidPalette
}

/** The figures of a heap once more, where each can be asked why. */
export function Figures({ laid, palette }: FiguresProps) {
  const { heap, exact, real, medium, open } = laid
  const { conditioning } = palette
  const dose = doseText(medium)
  const fat = fatnessText(real.fatness)
  const workable = open.minutes === null ? null : dayCount(open.minutes / minutesADay)
  return (
    <dl className="flex flex-wrap gap-x-7 gap-y-2 md:col-span-2">
      {conditioning.medium.length > 0 && !heap.mixed && (
        <Figure name="medium">
          <Why
            label={`medium: ${dose}. Why?`}
            reason={whyDose({
              byMass: heap.unit !== 'ml',
              exact,
              measured: medium,
              dropMl: palette.drop?.ml,
              conditioning,
            })}
          >
            {dose}
          </Why>
        </Figure>
      )}
      <Figure name="fat over what the powder needs">
        <FilmWhy
          number="fatness"
          film={filmOver(real.mix, 0)}
          {...(conditioning.alkydWeight !== undefined && { alkydWeight: conditioning.alkydWeight })}
          label={`fat over what the powder needs: ${fat}. Why?`}
        >
          {fat}
        </FilmWhy>
      </Figure>
      {workable !== null && (
        <Figure name="workable, about">
          <Why label={`workable about ${workable}. Why?`} reason={whyOpen(real.mix.film, open)}>
            {workable}
          </Why>
        </Figure>
      )}
    </dl>
  )
}

const Figure = ({ name, children }: { readonly name: string; readonly children: React.ReactNode }) => (
  <div>
    <dt className="text-[0.8rem] text-soft">{name}</dt>
    <dd className="text-[1.05rem]">{children}</dd>
  </div>
)
