import { useMemo } from 'react'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Material } from '../../core/materials/material.ts'
import { paintPerPart } from '../../core/medium/basis.ts'
import { bases, basisNames, cappedShares } from '../../core/dosing/dose.ts'
import type { Basis, CappedShare } from '../../core/dosing/dose.ts'
import { bodies, sheens } from '../../core/medium/effects.ts'
import type { Body, Sheen } from '../../core/medium/effects.ts'
import { onlyIfAsked, usualSlowest } from '../../core/dosing/design/asked.ts'
import { cappedNames } from '../../core/dosing/design/wish.ts'
import { parseRatio } from '../../core/measure/parse.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import type { Settings } from '../../document/studio.ts'
import { ChoiceRow, Labelled, NumberRow, TypedField, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about } from '../../ui/format.ts'
import { Chooser } from '../../ui/Chooser.tsx'
import type { Choosable } from '../../ui/Chooser.tsx'
import { useChoice } from '../../ui/bench/useBench.ts'
import type { Bench } from '../../ui/bench/useBench.ts'
import { MaterialRow } from '../../ui/MaterialField.tsx'
import { ingredientChoices } from '../../ui/materials.ts'
import { isTaken, unasked } from './wishes.ts'
import type { Asked } from './wishes.ts'

const noRecipe: Choosable = { id: '', name: 'no recipe: as few materials as will do' }

const mediumsOnly = ['medium'] as const

export const ownMaterials = ['shelf_item'] as const

interface FormProps {
  readonly asked: Asked
  readonly ask: (change: Partial<Asked>) => void
  readonly settings: Settings
  readonly mediums: readonly MediumDocument[]
  readonly findMaterial: FindMaterial
  readonly bring: Bench['bring']
}

export function WishForm({ asked, ask, settings, mediums, findMaterial, bring }: FormProps) {
  const near = useChoice(bring)
  const ratio = (text: string): Reading<number> => {
    const parsed = parseRatio(text)
    if (!parsed.ok) return { problem: parsed.message }
    const share = parsed.value[0] / (parsed.value[0] + parsed.value[1])
    return share >= 0.01 && share <= 0.9 ? { value: share } : { problem: 'A dose is from 1:99 to 9:1.' }
  }
  const any =
    (low: number, high: number) =>
    (text: string): Reading<number | null> => {
      if (!text.trim()) return { value: null }
      const value = Number(text.replace(',', '.'))
      return value >= low && value <= high
        ? { value }
        : { problem: `From ${low} to ${high}, or empty for any.` }
    }
  const named = (names: readonly string[], empty: string) => [
    { id: '', name: empty },
    ...names.map((name) => ({ id: name, name })),
  ]
  return (
    <div className="grid grid-cols-6 gap-x-6 gap-y-3">
      <TypedRow
        label="Used at, medium : paint"
        hint="By volume."
        className="col-span-2"
        isFigure
        shown={`1:${about(paintPerPart(asked.dose), 3)}`}
        read={ratio}
        onValue={(dose) => ask({ dose })}
      />
      <MaterialRow
        role="pigment"
        label="in"
        className="col-span-4"
        value={asked.pigment}
        findMaterial={findMaterial}
        bring={bring}
        onValue={(pigment) => ask({ pigment })}
      />
      {(['resin', 'wax', 'solubles'] as const).map((what) => (
        <Labelled key={what} label={`${what === 'solubles' ? 'both' : what} at most, %`}>
          {(id) => (
            <TypedField
              id={id}
              isFigure
              shown={asked.most[what] === null ? '' : String(asked.most[what])}
              read={any(0, 100)}
              onValue={(value) => ask({ most: { ...asked.most, [what]: value } })}
            />
          )}
        </Labelled>
      ))}
      <ChoiceRow
        label="each counted"
        className="col-span-3"
        value={asked.of}
        onValue={(of) => ask({ of: of as Basis })}
        options={bases.map((basis) => ({ id: basis, name: basisNames[basis] }))}
      />
      <p className="col-span-6 -mt-2 text-[0.8rem] text-soft">
        The usual limits: resin {unasked.most.resin} %, wax on cloth {unasked.most.wax} %, both together{' '}
        {unasked.most.solubles} %, of the organic binder by mass.
      </p>
      <TypedRow
        className="col-span-2"
        label="oil at least, %"
        hint="Of the dried film by volume."
        isFigure
        shown={asked.most.oil === null ? '' : String(asked.most.oil)}
        read={any(0, 100)}
        onValue={(oil) => ask({ most: { ...asked.most, oil } })}
      />
      <ChoiceRow
        className="col-span-2"
        label="Solvent"
        value={asked.solvent}
        onValue={(solvent) => ask({ solvent: solvent as Asked['solvent'] })}
        options={[
          { id: 'any', name: 'any' },
          { id: 'some', name: 'at most' },
          { id: 'none', name: 'none' },
        ]}
      />
      {asked.solvent === 'some' && (
        <NumberRow
          className="col-span-2"
          label="of the medium by volume"
          value={asked.solventPercent}
          low={0}
          high={100}
          unit="%"
          onValue={(solventPercent) => ask({ solventPercent })}
        />
      )}
      <ChoiceRow
        className="col-span-2"
        label="Body"
        value={asked.body}
        onValue={(body) => ask({ body: body as Body | '' })}
        options={named(bodies, 'any')}
      />
      <ChoiceRow
        className="col-span-2"
        label="Sheen, alone"
        value={asked.sheen}
        onValue={(sheen) => ask({ sheen: sheen as Sheen | '' })}
        options={named(sheens, 'any')}
      />
      <TypedRow
        className="col-span-2"
        label="Dries at least as fast as"
        hint={`Raw linseed = 1. Left empty: ${usualSlowest}.`}
        isFigure
        shown={asked.slowest === null ? '' : String(asked.slowest)}
        read={any(0.001, 50)}
        onValue={(slowest) => ask({ slowest })}
      />
      <TypedRow
        className="col-span-2"
        label="and at most as fast as"
        isFigure
        shown={asked.fastest === null ? '' : String(asked.fastest)}
        read={any(0.001, 50)}
        onValue={(fastest) => ask({ fastest })}
      />
      <TypedRow
        className="col-span-2"
        label="Costs at most, per ml"
        isFigure
        shown={asked.cost === null ? '' : String(asked.cost)}
        read={any(0.0001, 1e6)}
        onValue={(cost) => ask({ cost })}
      />
      <ChoiceRow
        className="col-span-2"
        label="As much as may be of"
        value={asked.plenty}
        onValue={(plenty) => ask({ plenty: plenty as CappedShare | '' })}
        options={[
          { id: '', name: 'nothing' },
          ...cappedShares.map((what) => ({ id: what, name: cappedNames[what] })),
        ]}
      />
      <Labelled label="Nearest to" className="col-span-4">
        {(id) => (
          <Chooser
            id={id}
            shown={mediums.find((one) => one.id === asked.near)?.name ?? noRecipe.name}
            options={[noRecipe]}
            lookups={mediumsOnly}
            lately="medium"
            onChoose={(chosen) => void near.choose(chosen, () => ask({ near: chosen.id }))}
          />
        )}
      </Labelled>
      {settings.policies.length > 0 && (
        <label className="col-span-2 flex min-h-9 items-center gap-2 self-end">
          <input
            type="checkbox"
            className="size-4"
            checked={asked.room}
            onChange={({ target }) => ask({ room: target.checked })}
          />
          only what this room allows
        </label>
      )}
    </div>
  )
}

interface ShelfProps {
  readonly usable: readonly Material[]
  /** The painter's own lots. */
  readonly own: readonly ShelfItem[]
  readonly asked: Asked
  readonly ask: (change: Partial<Asked>) => void
}

/** What may go in: everything but what a design takes only when asked, less what the painter strikes out. */
export function ShelfChoice({ usable, own, asked, ask }: ShelfProps) {
  const groups = useMemo(() => {
    const options = ingredientChoices(usable)
    return [...new Set(options.map(({ group }) => group))].map((group) => ({
      group,
      materials: usable.filter(({ id }) => options.some((one) => one.group === group && one.id === id)),
    }))
  }, [usable])
  const take = (materials: readonly Material[], on: boolean): void => {
    const ids = materials.map(({ id }) => id)
    const others = (list: readonly string[]): readonly string[] => list.filter((id) => !ids.includes(id))
    const askedFor = materials.filter((one) => onlyIfAsked(one) !== null).map(({ id }) => id)
    ask(
      on
        ? { without: others(asked.without), asked: [...others(asked.asked), ...askedFor] }
        : { without: [...others(asked.without), ...ids], asked: others(asked.asked) },
    )
  }
  const taken = usable.filter((material) => isTaken(material, asked))
  const mine = usable.filter(({ id }) => own.some((item) => item.id === id))
  return (
    <details className="mt-6 border-y border-rule">
      <summary className="min-h-11 py-2.5 hover:bg-wash">
        What may go in: {taken.length} of {usable.length} materials
      </summary>
      <p className="flex flex-wrap gap-x-5 pb-2">
        {mine.length > 0 && (
          <button
            type="button"
            className="min-h-11 link"
            onClick={() =>
              ask({
                without: usable.filter((one) => !mine.includes(one)).map(({ id }) => id),
                asked: mine.filter((one) => onlyIfAsked(one) !== null).map(({ id }) => id),
              })
            }
          >
            Only what I have
          </button>
        )}
        <button type="button" className="min-h-11 link" onClick={() => ask({ without: [], asked: [] })}>
          The whole book, but for what is only taken when asked
        </button>
      </p>
      {groups.map(({ group, materials }) => {
        const usual = materials.filter((one) => onlyIfAsked(one) === null)
        const all = usual.length > 0 && usual.every((one) => isTaken(one, asked))
        return (
          <fieldset key={group} className="border-t border-rule py-2">
            <legend className="float-left mr-4 w-36 text-soft">
              <label className="flex min-h-7 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-4"
                  checked={all}
                  disabled={usual.length === 0}
                  onChange={() => take(usual, !all)}
                />
                {group}
              </label>
            </legend>
            <div className="flex flex-wrap gap-x-5">
              {materials.map((material) => {
                const because = onlyIfAsked(material)
                return (
                  <label key={material.id} className="flex min-h-7 items-center gap-2">
                    <input
                      type="checkbox"
                      className="size-4"
                      checked={isTaken(material, asked)}
                      onChange={({ target }) => take([material], target.checked)}
                    />
                    {material.name}
                    {because && <span className="text-soft">(only if asked: {because})</span>}
                  </label>
                )
              })}
            </div>
          </fieldset>
        )
      })}
    </details>
  )
}
