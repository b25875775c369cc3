import { useMemo } from 'react'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Material } from '../../core/materials/material.ts'
import { paintPerPart } from '../../core/medium/basis.ts'
import { bases, basisNames, cappedShares } from '../../core/dosing/dose.ts'
import type { Basis, CappedShare } from '../../core/dosing/dose.ts'
import { bodies, sheens } from '../../core/medium/effects.ts'
import type { Body, Sheen } from '../../core/medium/effects.ts'
import { cappedNames } from '../../core/dosing/design/wish.ts'
import { parseRatio } from '../../core/measure/parse.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { Settings } from '../../document/studio.ts'
import { ChoiceRow, Labelled, NumberRow, TypedField, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about, shortName } from '../../ui/format.ts'
import { Chooser } from '../../ui/Chooser.tsx'
import type { Choosable } from '../../ui/Chooser.tsx'
import { useChoice } from '../../ui/useBench.ts'
import type { Bench } from '../../ui/useBench.ts'
import { MaterialRow } from '../../ui/MaterialField.tsx'
import { ingredientChoices } from '../../ui/materials.ts'
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
      <TypedRow
        className="col-span-2"
        label="oil at least, %"
        hint="Of the dried film by volume."
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
        hint="Raw linseed = 1."
        shown={asked.slowest === null ? '' : String(asked.slowest)}
        read={any(0.001, 50)}
        onValue={(slowest) => ask({ slowest })}
      />
      <TypedRow
        className="col-span-2"
        label="and at most as fast as"
        shown={asked.fastest === null ? '' : String(asked.fastest)}
        read={any(0.001, 50)}
        onValue={(fastest) => ask({ fastest })}
      />
      <TypedRow
        className="col-span-2"
        label="Costs at most, per ml"
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
            className="size-4 accent-[var(--ink)]"
            checked={asked.room}
            onChange={({ target }) => ask({ room: target.checked })}
          />
          only what this room allows
        </label>
      )}
    </div>
  )
}

/** What may go in: everything, less what the painter strikes out. */
export function ShelfChoice({
  usable,
  without,
  onWithout,
}: {
  readonly usable: readonly Material[]
  readonly without: readonly string[]
  readonly onWithout: (ids: readonly string[]) => void
}) {
  const groups = useMemo(() => {
    const options = ingredientChoices(usable)
    return [...new Set(options.map(({ group }) => group))].map((group) => ({
      group,
      options: options.filter((option) => option.group === group),
    }))
  }, [usable])
  return (
    <details className="mt-6 border-y border-rule">
      <summary className="min-h-11 py-2.5 hover:bg-wash">
        What may go in: {usable.length - without.filter((id) => usable.some((one) => one.id === id)).length}{' '}
        of {usable.length} on the shelf
      </summary>
      {groups.map(({ group, options }) => {
        const all = options.every(({ id }) => !without.includes(id))
        return (
          <fieldset key={group} className="border-t border-rule py-2">
            <legend className="float-left mr-4 w-36 text-soft">
              <label className="flex min-h-7 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-4 accent-[var(--ink)]"
                  checked={all}
                  onChange={() =>
                    onWithout(
                      all
                        ? [...without, ...options.map(({ id }) => id)]
                        : without.filter((id) => !options.some((one) => one.id === id)),
                    )
                  }
                />
                {group}
              </label>
            </legend>
            <div className="flex flex-wrap gap-x-5">
              {options.map(({ id, name }) => (
                <label key={id} className="flex min-h-7 items-center gap-2">
                  <input
                    type="checkbox"
                    className="size-4 accent-[var(--ink)]"
                    checked={!without.includes(id)}
                    onChange={({ target }) =>
                      onWithout(target.checked ? without.filter((one) => one !== id) : [...without, id])
                    }
                  />
                  {shortName(name)}
                </label>
              ))}
            </div>
          </fieldset>
        )
      })}
    </details>
  )
}
