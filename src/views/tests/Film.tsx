import { Plus } from 'lucide-react'
import { useMemo, useState } from 'react'
import { mostPaints } from '../../document/paints.ts'
import type { SwatchTold } from '../../document/requests.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { Chooser } from '../../ui/Chooser.tsx'
import { Labelled, NumberRow, readName, TypedRow } from '../../ui/fields.tsx'
import { MaterialRow } from '../../ui/MaterialField.tsx'
import { useBench, useChoice } from '../../ui/useBench.ts'
import { newPaint, PaintLine } from '../stack/PaintLine.tsx'

const noMedium = [{ id: '', name: 'none' }]
const mediumLookups = ['medium', 'batch'] as const

/** What is in a film that is drawn down: its name, paints, medium and thinner. */
export function Film({
  label,
  film,
  onFilm,
}: {
  readonly label: string
  readonly film: SwatchTold
  readonly onFilm: (film: SwatchTold) => void
}) {
  const bench = useBench({ mediums: [], shelf: [] })
  const findMaterial = useMemo(() => findInStudio(bench.shelf), [bench.shelf])
  const choice = useChoice(bench.bring)
  const [mediumName, setMediumName] = useState('none')
  const { laid } = film
  const lay = (change: Partial<SwatchTold['laid']>): void => onFilm({ ...film, laid: { ...laid, ...change } })
  return (
    <fieldset className="grid content-start gap-3">
      <legend className="font-read text-[1.15rem]">{label}</legend>
      <TypedRow
        label="Name"
        shown={film.name}
        read={(text) => readName(text, 'it')}
        onValue={(name) => onFilm({ ...film, name })}
      />
      <fieldset className="min-w-0">
        <legend className="text-[0.8rem] text-soft">Paint, in parts by volume</legend>
        {laid.paints.map((paint, at) => (
          <PaintLine
            key={at}
            paint={paint}
            findMaterial={findMaterial}
            stock={bench}
            onPaint={(changed) =>
              lay({ paints: laid.paints.map((one, index) => (index === at ? changed : one)) })
            }
            onRemove={() => lay({ paints: laid.paints.filter((_, index) => index !== at) })}
          />
        ))}
        <button
          type="button"
          className="mt-1 inline-flex min-h-9 items-center gap-1 text-[0.9rem] link disabled:text-soft"
          disabled={laid.paints.length >= mostPaints}
          onClick={() => lay({ paints: [...laid.paints, newPaint] })}
        >
          <Plus size={14} aria-hidden="true" /> another colour
        </button>
      </fieldset>
      <div className="flex flex-wrap items-end gap-3">
        <Labelled label="Medium" className="min-w-40 grow">
          {(id) => (
            <Chooser
              id={id}
              shown={mediumName}
              options={noMedium}
              lookups={mediumLookups}
              lately="medium"
              onChoose={(chosen) =>
                void choice.choose(chosen, () => {
                  setMediumName(chosen.name)
                  lay({
                    medium: chosen.id ? { mediumId: chosen.id, parts: laid.medium?.parts ?? 0.25 } : null,
                  })
                })
              }
            />
          )}
        </Labelled>
        {laid.medium && (
          <NumberRow
            label="parts of it"
            className="w-20"
            value={laid.medium.parts}
            low={0.001}
            high={1000}
            onValue={(parts) => lay({ medium: { ...laid.medium!, parts } })}
          />
        )}
        <MaterialRow
          role="thinner"
          label="Thinner"
          className="min-w-40 grow"
          value={laid.thinner?.material ?? ''}
          findMaterial={findMaterial}
          orNone
          bring={bench.bring}
          onValue={(material) =>
            lay({ thinner: material ? { material, parts: laid.thinner?.parts ?? 0.5 } : null })
          }
        />
        {laid.thinner && (
          <NumberRow
            label="parts of it"
            className="w-20"
            value={laid.thinner.parts}
            low={0.001}
            high={1000}
            onValue={(parts) => lay({ thinner: { ...laid.thinner!, parts } })}
          />
        )}
      </div>
    </fieldset>
  )
}
