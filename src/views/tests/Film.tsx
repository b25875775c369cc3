import { useMemo, useState } from 'react'
import type { SwatchTold } from '../../document/requests.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { readName, TypedRow } from '../../ui/fields.tsx'
import { MaterialRow } from '../../ui/MaterialField.tsx'
import { useBench } from '../../ui/bench/useBench.ts'
import { MediumField, usualShare } from '../stack/MediumField.tsx'
import { PaintsField } from '../stack/PaintsField.tsx'
import { Parts } from '../stack/Parts.tsx'

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
  const [mediumName, setMediumName] = useState('none')
  const { laid } = film
  const ofPaint = laid.paints.reduce((sum, { parts }) => sum + parts, 0) || 1
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
      <PaintsField
        paints={laid.paints}
        stock={bench}
        findMaterial={findMaterial}
        onPaints={(paints) => lay({ paints })}
      />
      <div className="flex flex-wrap items-end gap-3">
        <MediumField
          shown={mediumName}
          bring={bench.bring}
          className="min-w-40 grow"
          onMedium={({ id, name }) => {
            setMediumName(name)
            lay({ medium: id ? { mediumId: id, parts: laid.medium?.parts ?? usualShare } : null })
          }}
        />
        {laid.medium && (
          <Parts
            value={laid.medium.parts}
            ofPaint={ofPaint}
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
          <Parts
            value={laid.thinner.parts}
            ofPaint={ofPaint}
            onValue={(parts) => lay({ thinner: { ...laid.thinner!, parts } })}
          />
        )}
      </div>
    </fieldset>
  )
}
