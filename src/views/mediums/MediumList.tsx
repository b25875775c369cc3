import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import { useMemo, useState } from 'react'
import { classNames } from '../../core/materials/material.ts'
import { effectsOf, meets, sheens } from '../../core/medium/effects.ts'
import type { EffectWish, Sheen } from '../../core/medium/effects.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { library } from '../../core/materials/library.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { MediumEntry } from '../../studio/lists/mediumList.ts'
import type { ListPage } from '../../studio/listPage.ts'
import { read, send } from '../../ui/client.ts'
import { ChoiceRow, NumberRow } from '../../ui/fields.tsx'
import { percentText } from '../../ui/format.ts'
import { BeginLink, Empty } from '../../ui/lists/Empty.tsx'
import { CsvInAndOut } from '../../ui/lists/CsvInAndOut.tsx'
import { FindField, ListFoot } from '../../ui/lists/ListFoot.tsx'
import { usePages } from '../../ui/lists/usePages.ts'
import { RoomMark } from '../../ui/room/RoomMark.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { useDone } from '../../ui/done.ts'
import { answerOf } from './answer.ts'
import { effectsText } from './Checks.tsx'
import { classWords } from './Truths.tsx'

interface ListProps {
  readonly initial: ListPage<MediumEntry>
}

/** Every medium with what it dries to and what it does on the brush; chosen by what it should do. */
export function MediumList({ initial }: ListProps) {
  useDone()
  const [problem, setProblem] = useState<string | null>(null)
  const [wish, setWish] = useState<EffectWish>({})
  const [name, setName] = useState('')
  const wished = JSON.stringify(wish)
  const pages = usePages(initial, `${wished} ${name}`, (from) =>
    read('GET /api/mediums', { query: { find: name, wish: wished, from } }),
  )
  const { entries: fitting } = pages
  const ready = useMemo(
    () =>
      library
        .filter(({ family }) => family === 'ready_medium')
        .map((material) => ({ material, effects: effectsOf(alone(material)) })),
    [],
  )
  const asked = Object.values(wish).some((value) => value !== undefined && value !== false)
  const fittingReady = asked ? ready.filter(({ effects }) => meets(effects, wish)) : []
  const add = (): void => {
    const medium: MediumDocument = {
      id: crypto.randomUUID(),
      name: 'New medium',
      recipe: { lines: [] },
      note: '',
    }
    void send('PUT /api/mediums', { medium, seen: null }).then((reply) =>
      reply.ok ? window.location.assign(`/mediums/${medium.id}`) : setProblem(reply.refusal.message),
    )
  }
  return (
    <>
      <h1 className="max-w-[60rem] text-[2.2rem] leading-tight">{answerOf(initial)}</h1>
      <div className="flex flex-wrap items-center gap-5 pt-2 pb-3">
        <FindField label="Find by name" value={name} onValue={setName} />
        {initial.count > 1 && (
          <a className="link" href="/mediums/compare">
            Two side by side
          </a>
        )}
        <a className="link" href="/mediums/design">
          Design one
        </a>
        <button type="button" className="button min-h-11" onClick={add}>
          <Plus size={16} aria-hidden="true" /> New medium
        </button>
      </div>
      {problem && (
        <p role="alert" className="text-unsound">
          {problem}
        </p>
      )}
      <Picker wish={wish} onWish={setWish} />
      {initial.count === 0 && (
        <Empty says="No medium is written down yet. Each stands here with what it dries to, what it does on the brush, and how much of it paint bears.">
          <BeginLink to="/mediums/begin">Look into the jar you use</BeginLink>
        </Empty>
      )}
      {asked && (
        <p role="status" className="mt-3 text-soft">
          {fitting.length === 0
            ? 'None of your mediums does all of that.'
            : `${pages.count} of your ${initial.count} mediums ${pages.count === 1 ? 'does' : 'do'} that.`}
        </p>
      )}
      {name !== '' && fitting.length === 0 && <p className="mt-3 text-soft">No medium is called that.</p>}
      <ul className="mt-3">
        {fitting.map(({ id, name: title, made, room, problem: fault }) => (
          <li key={id} className="border-t border-rule">
            <a href={`/mediums/${id}`} className="grid gap-x-8 py-3 hover:bg-wash sm:grid-cols-[16rem_1fr]">
              <span
                className="font-read text-[1.25rem] leading-tight [overflow-wrap:anywhere]"
                translate="no"
              >
                {title}
              </span>
              <span>
                {room && (
                  <span className="block">
                    <RoomMark answer={room} />
                  </span>
                )}
                <span className="block">{made ? summary(made) : fault}</span>
                {made && <span className="block text-[0.88rem] text-soft">{effectsText(made.effects)}</span>}
              </span>
            </a>
          </li>
        ))}
      </ul>
      <ListFoot pages={pages} what="mediums" />
      <div className="mt-3 flex flex-wrap items-center gap-x-5">
        <CsvInAndOut
          list="recipes"
          name="Your recipes as CSV"
          page="/mediums"
          what="medium"
          where="onto your list"
        />
      </div>
      {fittingReady.length > 0 && (
        <section aria-label="Ready-made that do it" className="mt-5 border-t border-ink pt-3">
          <h2 className="text-xl">Ready-made that do it</h2>
          <ul>
            {fittingReady.map(({ material, effects }) => (
              <li
                key={material.id}
                className="grid gap-x-8 border-t border-rule py-2 sm:grid-cols-[16rem_1fr]"
              >
                <a className="link" href={`/shelf?at=${material.id}`}>
                  {material.name}
                </a>
                <span className="text-[0.88rem] text-soft">{effectsText(effects)}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <p className="mt-4 text-[0.85rem] text-soft">
        What a medium does on the brush is told from its make-up: an estimate. A dab on glass tells better.
      </p>
      <Toasts />
    </>
  )
}

function Picker({
  wish,
  onWish,
}: {
  readonly wish: EffectWish
  readonly onWish: (wish: EffectWish) => void
}) {
  const ticks = [
    ['holdsPeaks', 'hold peaks'],
    ['levels', 'level'],
    ['noDrips', 'not drip'],
  ] as const
  const hours = (value: number): number | undefined => (value > 0 ? value : undefined)
  return (
    <fieldset className="flex flex-wrap items-end gap-x-6 gap-y-2 border-t border-rule py-3">
      <legend className="sr-only">Choose a medium by what it should do</legend>
      <span className="self-center text-soft">It should</span>
      {ticks.map(([key, name]) => (
        <label key={key} className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            className="size-4"
            checked={wish[key] ?? false}
            onChange={({ target }) => onWish({ ...wish, [key]: target.checked })}
          />
          {name}
        </label>
      ))}
      <ChoiceRow
        label="dry to"
        className="w-28"
        value={wish.sheen ?? ''}
        onValue={(sheen) =>
          onWish(withOut({ ...wish, ...(sheen && { sheen: sheen as Sheen }) }, sheen ? null : 'sheen'))
        }
        options={[{ id: '', name: 'any sheen' }, ...sheens.map((sheen) => ({ id: sheen, name: sheen }))]}
      />
      <NumberRow
        label="blend for at least"
        className="w-32"
        value={wish.blendHours ?? 0}
        low={0}
        high={1000}
        unit="h"
        onValue={(value) =>
          onWish(hours(value) ? { ...wish, blendHours: value } : withOut(wish, 'blendHours'))
        }
      />
      <NumberRow
        label="be touch dry within"
        className="w-32"
        value={wish.touchWithinHours ?? 0}
        low={0}
        high={10000}
        unit="h"
        onValue={(value) =>
          onWish(hours(value) ? { ...wish, touchWithinHours: value } : withOut(wish, 'touchWithinHours'))
        }
      />
    </fieldset>
  )
}

const withOut = (wish: EffectWish, key: keyof EffectWish | null): EffectWish =>
  Object.fromEntries(Object.entries(wish).filter(([name]) => name !== key))

const alone = (material: (typeof library)[number]): Pick<Medium, 'ingredients' | 'volumeMl'> => ({
  ingredients: [{ material, massG: material.densityGPerMl.mid, volumeMl: 1 }],
  volumeMl: 1,
})

function summary({ dryByVolume: dry, leaves }: NonNullable<MediumEntry['made']>): string {
  const dried = classNames.filter((name) => dry[name] >= 0.005).sort((a, b) => dry[b] - dry[a])
  return `dries to ${dried.map((name) => `${percentText(dry[name])} ${classWords[name]}`).join(', ')} by volume${leaves > 0.005 ? `; ${percentText(leaves)} of the mix by volume is solvent or water` : '; no solvent'}`
}
