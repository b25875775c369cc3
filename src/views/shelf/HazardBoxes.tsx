import { ownHazards } from '../../core/materials/own.ts'
import type { OwnHazard } from '../../core/materials/own.ts'

/** What can hurt in something the book does not know: the room's policy and every caution go by it. */
export const HazardBoxes = ({
  legend,
  chosen,
  onChosen,
}: {
  readonly legend: string
  readonly chosen: readonly OwnHazard[]
  readonly onChosen: (hazards: OwnHazard[]) => void
}) => (
  <fieldset className="sm:col-span-2">
    <legend className="text-[0.8rem] text-soft">{legend}</legend>
    <div className="flex flex-wrap gap-x-5">
      {ownHazards.map((hazard) => (
        <label key={hazard} className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            className="size-4"
            checked={chosen.includes(hazard)}
            onChange={({ target }) =>
              onChosen(ownHazards.filter((one) => (one === hazard ? target.checked : chosen.includes(one))))
            }
          />
          {hazard}
        </label>
      ))}
    </div>
  </fieldset>
)
