import type { ReactNode } from 'react'
import { restId } from '../../core/stack/area.ts'
import type { Assessment } from '../../document/judging/assess.ts'
import type { LivingPicture } from '../../document/dates/living.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { Drawing } from './Drawing.tsx'
import { Legend } from './Legend.tsx'

const nothing = (): undefined => undefined

/** The section, stair and drying of a picture that is looked at and not edited, with what its signs mean. */
export const StillDrawing = ({
  picture,
  assessment,
  day = picture.today,
  living = null,
  handle = null,
}: {
  readonly picture: Picture
  readonly assessment: Assessment
  /** The day the section is shown on. */
  readonly day?: number
  readonly living?: LivingPicture | null
  /** What stands under the axis of time. */
  readonly handle?: ReactNode
}) => (
  <div className="mt-4 overflow-x-auto">
    <Drawing
      picture={picture}
      assessment={assessment}
      area={restId}
      onArea={nothing}
      selected={null}
      onSelect={nothing}
      onOrder={nothing}
      day={day}
      living={living}
      handle={() => handle}
    />
    <Legend />
  </div>
)
