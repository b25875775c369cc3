import { useState } from 'react'
import type { ComponentType, ReactNode } from 'react'
import type { Assessment } from '../../document/judging/assess.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { later, useLater } from '../../ui/useLater.ts'
import type { Ending } from './useSolve.ts'

/** Parts of a picture's page that it does not wait for. */

const legend = later(() => import('./Legend.tsx').then(({ Legend: Loaded }) => Loaded))

/** What the signs mean, in a place kept for it. */
export function Legend() {
  const Loaded = useLater(legend)
  return <div className="min-h-17 xl:min-h-12">{Loaded && <Loaded />}</div>
}

const table = later(() => import('./StackTable.tsx').then(({ StackTable }) => StackTable))

/** The drawing's table, for who would rather read it. */
export function AsTable(props: { readonly picture: Picture; readonly assessment: Assessment }) {
  const [isOpen, setOpen] = useState(false)
  const Table = useLater(table)
  return (
    <details className="mt-1" onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary className="inline-block min-h-6 text-[0.85rem] link">The same as a table</summary>
      {isOpen && Table && <Table {...props} />}
    </details>
  )
}

/** A part of the page that comes once it answers; until then its place is empty, or taken by what is as high. */
function onceAnswered<Props extends object>(
  bring: () => Promise<ComponentType<Props>>,
  place: ReactNode = null,
) {
  const part = later(bring)
  return function OnceAnswered(props: Props) {
    const Part = useLater(part)
    return Part ? <Part {...props} /> : place
  }
}

/** The handle of the living section. */
export const Handle = onceAnswered(
  () => import('./OnDay.tsx').then(({ OnDay }) => OnDay),
  <div className="h-[8.5rem]" />,
)
/** The picture by another school. */
export const Schools = onceAnswered(
  () => import('./schools/Schools.tsx').then(({ SchoolsBeside }) => SchoolsBeside),
  <div className="mt-5 min-h-[4.6rem]" />,
)
/** A painted layer against its plan. */
export const Compared = onceAnswered(() =>
  import('./event/Against.tsx').then(({ default: Against }) => Against),
)
/** What a layer wants of the painter's tubes. */
export const Wanted = onceAnswered(() => import('./TubeNeeds.tsx').then(({ TubeNeeds }) => TubeNeeds))
/** Soft habits of practice. */
export const Hints = onceAnswered(() => import('./Hints.tsx').then(({ HintList }) => HintList))
export const Caution = onceAnswered(() =>
  import('./PictureCautions.tsx').then((loaded) => loaded.PictureCautions),
)

const finish = later(() => import('./Finish.tsx').then(({ Finish }) => Finish))

/** When the picture is ready; told once it is played through, in a place kept for it. */
export function Ready(props: { readonly picture: Picture; readonly ending: Ending }) {
  const Finish = useLater(finish)
  if (props.picture.layers.length === 0) return null
  return (
    <div className="mt-5 min-h-[4.4rem] border-t border-rule pt-3">{Finish && <Finish {...props} />}</div>
  )
}
