import { fatnessText } from '../../core/words.ts'
import { daysAtChance } from '../../core/cure/forecast.ts'
import type { Forecast } from '../../core/cure/forecast.ts'
import type { StateId } from '../../core/cure/states.ts'
import { undatedBecause } from '../../core/plan/forward.ts'
import type { StepDate } from '../../core/plan/forward.ts'
import type { Assessment } from '../../document/judging/assess.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { datesText, dayText, umText } from '../../ui/format.ts'
import { verdictWords } from '../../ui/Verdict.tsx'
import { rowsOf, stateText } from './rows.ts'
import type { LayerRow } from './rows.ts'

/** What the drawing shows, as a table: every area, its layers from the surface down. */
export function StackTable({
  picture,
  assessment,
}: {
  readonly picture: Picture
  readonly assessment: Assessment
}) {
  return (
    <div className="overflow-x-auto">
      {assessment.areas.map(({ area, verdict }) => (
        <table key={area.id} className="mt-3 w-full min-w-[44rem] table-fixed text-[0.92rem]">
          <caption className="text-left">
            <span className="font-read text-[1.1rem]">{area.name}</span>
            <span className="text-soft">, surface first: {verdictWords[verdict].toLowerCase()}</span>
          </caption>
          <colgroup>
            {columns.map(([title, , width]) => (
              <col key={title} className={width} />
            ))}
          </colgroup>
          <thead>
            <tr className="text-left text-soft">
              {columns.map(([title]) => (
                <th key={title} scope="col" className="py-1 pr-4 font-normal">
                  {title}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rowsOf(picture, assessment, area.id).map((row) => (
              <tr key={row.layer.id} className="border-t border-rule align-top">
                {columns.map(([title, text], at) =>
                  at === 0 ? (
                    <th key={title} scope="row" className="py-1 pr-4 text-left font-medium">
                      {text(row, picture.today)}
                    </th>
                  ) : (
                    <td key={title} className="py-1 pr-4">
                      {text(row, picture.today)}
                    </td>
                  ),
                )}
              </tr>
            ))}
          </tbody>
        </table>
      ))}
    </div>
  )
}

const dateWords: Readonly<Record<StepDate['source'], (day: string) => string>> = {
  painted: (day) => `painted ${day}`,
  planned: (day) => `planned ${day}`,
  forecast: (day) => `from ${day}`,
  unknown: () => `no date: ${undatedBecause.unknown}`,
  unsound: () => `no date: ${undatedBecause.unsound}`,
}

const rangeOf = (day: number, forecast: Forecast, state: StateId): string => {
  const [low, high] = [daysAtChance(forecast, state, 0.1), daysAtChance(forecast, state, 0.9)]
  return low === null || high === null ? 'may never be' : datesText(day + low, day + high)
}

const nowText = (row: LayerRow, today: number): string =>
  row.goneDay === null
    ? (stateText(row, today, today) ?? (row.layer.painted ? 'done' : 'not painted'))
    : `taken off ${dayText(row.goneDay)}`

/** As wide in every area, so that a column can be read down through all of them. */
const columns: readonly (readonly [
  title: string,
  text: (row: LayerRow, today: number) => string,
  width: string,
])[] = [
  ['Layer', ({ layer }) => layer.name, 'w-[13%]'],
  ['On the brush', ({ mixture, assessed }) => assessed.problem ?? mixture, 'w-[22%]'],
  ['Dry, thickest', ({ thickestUm, isRemoval }) => (isRemoval ? '–' : umText(thickestUm)), 'w-[9%]'],
  ['Fat over need', ({ fatness, isRemoval }) => (isRemoval ? '–' : fatnessText(fatness)), 'w-[7%]'],
  ['When', ({ assessed }) => dateWords[assessed.date.source](dayText(assessed.date.day)), 'w-[12%]'],
  [
    'Touch dry, 8 times in 10',
    ({ assessed, forecast, isRemoval }) => (isRemoval ? '–' : rangeOf(assessed.date.day, forecast, 'touch')),
    'w-[11%]',
  ],
  [
    'Firm, 8 times in 10',
    ({ assessed, forecast, isRemoval }) => (isRemoval ? '–' : rangeOf(assessed.date.day, forecast, 'firm')),
    'w-[11%]',
  ],
  ['Now', nowText, 'w-[7%]'],
  ['Found', ({ verdict }) => verdictWords[verdict].toLowerCase(), 'w-[8%]'],
]
