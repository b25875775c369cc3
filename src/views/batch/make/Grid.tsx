import { useState } from 'react'
import { variationGrid } from '../../../core/batch/grid.ts'
import { parseNumber } from '../../../core/measure/parse.ts'
import type { Medium } from '../../../core/medium/medium.ts'
import type { MediumDocument } from '../../../document/recipe.ts'
import { send } from '../../../ui/client.ts'
import { goAndSay } from '../../../ui/done.ts'
import { ChoiceRow, NumberRow, TypedRow } from '../../../ui/fields.tsx'
import type { Reading } from '../../../ui/fields.tsx'
import { gramsText, shortName } from '../../../ui/format.ts'
import { say } from '../../../ui/messages.ts'

const readShares = (text: string): Reading<readonly number[]> => {
  const shares = text
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((one) => parseNumber(one.replace('%', '')))
  return shares.length === 0 || shares.length > 12 || shares.some((share) => share === null || share > 95)
    ? { problem: 'Write up to twelve percentages with spaces between: 2 4 6.' }
    : { value: shares.map((share) => share! / 100) }
}

/** Two materials varied in steps: a panel of trials, each cell a batch of its own that is found again. */
export function Grid({ medium, made }: { readonly medium: MediumDocument; readonly made: Medium }) {
  const materials = made.ingredients.map(({ material }) => material)
  const [across, setAcross] = useState(materials.at(-1)!.id)
  const [down, setDown] = useState(materials.at(-2)?.id ?? materials[0]!.id)
  const [acrossShares, setAcrossShares] = useState<readonly number[]>([0.02, 0.04, 0.06])
  const [downShares, setDownShares] = useState<readonly number[]>([0.1, 0.2, 0.3])
  const [cellG, setCellG] = useState(10)
  if (materials.length < 3)
    return (
      <section aria-label="A grid of trials">
        <h2 className="text-xl">A grid of trials</h2>
        <p className="text-soft">A grid varies two materials around a third: the recipe needs three.</p>
      </section>
    )
  const base = made.ingredients.map(({ material, massG }) => ({ material: material.id, grams: massG }))
  const cells =
    across === down
      ? null
      : variationGrid(
          base,
          { material: across, shares: acrossShares },
          { material: down, shares: downShares },
          cellG,
        )
  const lay = (): void =>
    void send('POST /api/batches/grid', {
      mediumId: medium.id,
      across: { material: across, shares: [...acrossShares] },
      down: { material: down, shares: [...downShares] },
      cellG,
    }).then((reply) =>
      reply.ok
        ? goAndSay('/batches', `${reply.value.cells} cells are laid out.`, reply.value.event)
        : say(reply.refusal.message),
    )
  const nameOf = (id: string): string => shortName(materials.find((one) => one.id === id)?.name ?? id)
  return (
    <section aria-label="A grid of trials">
      <h2 className="text-xl">A grid of trials</h2>
      <div className="mt-2 grid grid-cols-2 gap-4">
        <ChoiceRow label="Across: vary" value={across} onValue={setAcross} options={materials} />
        <TypedRow
          label="% of the cell by mass"
          isFigure
          shown={acrossShares.map((share) => Math.round(share * 1000) / 10).join(' ')}
          read={readShares}
          onValue={setAcrossShares}
        />
        <ChoiceRow label="Down: vary" value={down} onValue={setDown} options={materials} />
        <TypedRow
          label="% of each cell by mass"
          isFigure
          shown={downShares.map((share) => Math.round(share * 1000) / 10).join(' ')}
          read={readShares}
          onValue={setDownShares}
        />
        <NumberRow label="Each cell, g" value={cellG} low={0.1} high={1000} onValue={setCellG} />
      </div>
      {cells ? (
        <>
          <p className="mt-3">
            {cells.length} cells, {gramsText(cells.length * cellG)} in all.
          </p>
          <table className="mt-1 w-full text-[0.92rem]">
            <thead>
              <tr className="text-left text-[0.8rem] text-soft">
                <td />
                {cells[0]!.lines.map(({ material }) => (
                  <th key={material} scope="col" className="pr-2 font-normal">
                    {nameOf(material)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {cells.map(({ label, lines }) => (
                <tr key={label} className="border-t border-rule">
                  <th scope="row" className="py-0.5 text-left font-medium">
                    {label}
                  </th>
                  {lines.map(({ material, grams }) => (
                    <td key={material}>{gramsText(grams)}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
          <button type="button" className="button mt-3 min-h-11" onClick={lay}>
            Lay it out: one batch a cell
          </button>
        </>
      ) : (
        <p role="alert" className="mt-3">
          Those shares leave no room for the rest, or vary one thing twice. Take smaller ones, or two
          different materials.
        </p>
      )}
    </section>
  )
}
