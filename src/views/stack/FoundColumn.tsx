import type { FindMaterial } from '../../core/materials/find.ts'
import type { Assessment } from '../../document/judging/assess.ts'
import type { SolvedPicture } from '../../document/picture/solved.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { Findings } from './Findings.tsx'
import type { FindingDeeds } from './Findings.tsx'
import { nameOfArea } from './inPicture.ts'
import { Caution, Hints, Ready, Schools } from './laterParts.tsx'
import type { EditedPicture } from './usePicture.ts'
import type { Ending, MendsFound } from './useSolve.ts'

interface FoundProps {
  readonly picture: LoadedPicture
  readonly assessment: Assessment
  readonly solved: SolvedPicture
  readonly mends: MendsFound
  readonly ending: Ending
  readonly findMaterial: FindMaterial
  readonly edited: EditedPicture
  /** The layer looked at. */
  readonly selected: string | null
  readonly onShow: (layerId: string, areaId?: string) => void
  readonly deeds: FindingDeeds
}

/** All that is found in a picture, and what follows from it. */
export function FoundColumn({
  picture,
  assessment,
  solved,
  mends,
  ending,
  findMaterial,
  edited,
  selected,
  onShow,
  deeds,
}: FoundProps) {
  const { habitsOff } = picture.painting
  return (
    <section aria-label="Findings">
      {picture.layers.length > 0 && (
        <>
          <h2 className="mb-3 text-xl">What is found</h2>
          <Findings
            findings={assessment.findings}
            mends={mends}
            picture={picture}
            areaName={(id) => nameOfArea(assessment, id)}
            selected={selected}
            onSelect={onShow}
            deeds={deeds}
          />
          <Schools picture={picture} assessment={assessment} solved={solved} findMaterial={findMaterial} />
        </>
      )}
      <Hints
        hints={assessment.hints}
        picture={picture}
        onBack={() => edited.editPainting({ habitsOff: [] })}
        onOff={(habit) => edited.editPainting({ habitsOff: [...habitsOff, habit] })}
      />
      <Ready picture={picture} ending={ending} />
      <Caution picture={picture} />
    </section>
  )
}
