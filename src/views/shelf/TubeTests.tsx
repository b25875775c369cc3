import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import { useState } from 'react'
import { oilByStreaks } from '../../core/palette/calibrate.ts'
import type { Streak } from '../../core/palette/calibrate.ts'
import type { OwnTube } from '../../document/tube.ts'
import type { Settings } from '../../document/studio.ts'
import { NumberRow, ChoiceRow } from '../../ui/fields.tsx'
import { about, dateText } from '../../ui/format.ts'
import { RecordList } from './RecordList.tsx'
import type { Edit } from './TubeSheet.tsx'

interface TestsProps {
  readonly tube: OwnTube
  readonly settings: Settings
  readonly edit: Edit
}

/** The painter's own calibration of a tube: weighed streaks for its oil, drying tests for its speed. */
export const TubeTests = (props: TestsProps) => (
  <>
    <Streaks {...props} />
    <DryingTests {...props} />
  </>
)

const today = (): string => new Date().toLocaleDateString('sv')

const ways = [
  { id: 'washed', name: 'its oil washed out with spirit, the powder dried' },
  { id: 'dried', name: 'dried through' },
]
const wayWords: Readonly<Record<Streak['how'], string>> = { washed: 'washed out', dried: 'dried through' }

function Streaks({ tube: { streaks }, edit }: TestsProps) {
  const [how, setHow] = useState<Streak['how']>('washed')
  const [wetG, setWet] = useState<number | null>(null)
  const [leftG, setLeft] = useState<number | null>(null)
  const told = oilByStreaks(streaks)
  return (
    <fieldset className="sm:col-span-2">
      <legend className="text-[0.8rem] text-soft">
        How much oil is in it: a streak on glass, weighed, and weighed again
      </legend>
      <RecordList
        items={streaks}
        what="streak"
        words={(streak) =>
          `${dateText(streak.on)}: ${streak.wetG} g wet, ${streak.leftG} g ${wayWords[streak.how]}`
        }
        onItems={(next) => edit({ streaks: next })}
      />
      <div className="flex flex-wrap items-end gap-4">
        <ChoiceRow
          label="The second time"
          className="w-72 max-w-full"
          value={how}
          onValue={(chosen) => setHow(chosen as Streak['how'])}
          options={ways}
        />
        <NumberRow
          label="wet"
          className="w-24"
          value={wetG}
          low={0.05}
          high={1000}
          unit="g"
          onValue={setWet}
        />
        <NumberRow
          label="then"
          className="w-24"
          value={leftG}
          low={0.01}
          high={1000}
          unit="g"
          onValue={setLeft}
        />
        <button
          type="button"
          className="button"
          disabled={wetG === null || leftG === null}
          onClick={() => {
            edit({ streaks: [...streaks, { on: today(), how, wetG: wetG!, leftG: leftG! }] })
            setWet(null)
            setLeft(null)
          }}
        >
          <Plus size={15} aria-hidden="true" /> Take it down
        </button>
      </div>
      <p className="mt-1 text-[0.88rem]">
        {!told ? (
          <span className="text-soft">
            Washing out is the surer way: spirit, an open window, no flame. Only layers still to be painted
            follow it.
          </span>
        ) : 'problem' in told ? (
          <span role="alert" className="text-unsound">
            {told.problem}
          </span>
        ) : (
          <>
            About {about(told.percent)} % oil by mass
            {told.low < told.high && ` (between ${about(told.low)} and ${about(told.high)} %: an estimate)`}.
            Layers still to be painted are reckoned with it from now on; painted ones stay as they are.
          </>
        )}
      </p>
    </fieldset>
  )
}

function DryingTests({ tube: { dryingTests }, settings: { climate }, edit }: TestsProps) {
  const [thicknessUm, setThickness] = useState(60)
  const [touchDays, setDays] = useState<number | null>(null)
  return (
    <fieldset className="sm:col-span-2">
      <legend className="text-[0.8rem] text-soft">
        How fast it dries: a streak of known thickness, and the day a light finger came away clean
      </legend>
      <RecordList
        items={dryingTests}
        what="drying test"
        words={(test) =>
          `${dateText(test.on)}: ${test.thicknessUm} µm touch dry in ${about(test.touchDays, 3)} days at ${test.climate.temperatureC} °C`
        }
        onItems={(next) => edit({ dryingTests: next })}
      />
      <div className="flex flex-wrap items-end gap-4">
        <NumberRow
          label="thick"
          className="w-24"
          value={thicknessUm}
          low={5}
          high={5000}
          unit="µm"
          onValue={setThickness}
        />
        <NumberRow
          label="touch dry after"
          className="w-28"
          value={touchDays}
          low={0.05}
          high={2000}
          unit="days"
          onValue={setDays}
        />
        <button
          type="button"
          className="button"
          disabled={touchDays === null}
          onClick={() => {
            const test = { on: today(), thicknessUm, touchDays: touchDays!, climate }
            edit({ dryingTests: [...dryingTests, test] })
            setDays(null)
          }}
        >
          <Plus size={15} aria-hidden="true" /> It was dry
        </button>
      </div>
      <p className="mt-1 text-[0.88rem] text-soft">
        Two strips of tape beside the streak make it about 60 µm thick where they are thin, 150 µm where they
        are thick. The room counts as it is set now: {climate.temperatureC} °C, {climate.relativeHumidityPct}{' '}
        % humidity.
      </p>
    </fieldset>
  )
}
