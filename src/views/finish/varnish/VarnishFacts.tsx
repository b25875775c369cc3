import { cleaningSolvents, removerOf } from '../../../core/finish/removability.ts'
import { varnishFactsOf } from '../../../core/finish/varnishFacts.ts'
import type { Material } from '../../../core/materials/material.ts'
import { listed } from '../../../core/words.ts'
import { removableIn } from '../../../document/finish/removable.ts'
import { VerdictMark } from '../../../ui/Verdict.tsx'
import type { FinishProps } from '../FinishView.tsx'

interface FactsProps extends Pick<FinishProps, 'picture' | 'assessment'> {
  /** Undefined: it is none the studio knows. */
  readonly material: Material | undefined
}

/** What resin it is, what takes it off again, and whether it comes off without the paint. */
export function VarnishFacts({ material, picture, assessment }: FactsProps) {
  const facts = material && varnishFactsOf(material)
  const remover = material ? removerOf([material]) : null
  return (
    <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-6 gap-y-1 text-[0.95rem] [&_dt]:text-soft">
      <dt>Resin</dt>
      <dd>{facts ? facts.resin : 'not known here: ask whoever made it'}</dd>
      <dt>Comes off</dt>
      <dd>
        {remover
          ? `fresh with ${solventName(remover.fresh)}, aged with ${solventName(remover.aged)}`
          : 'never, without the painting'}
      </dd>
      <dt>Without the paint</dt>
      <dd>
        {material &&
          removableIn(material, picture, assessment).map(({ area, layer, verdict, yields }) => (
            <span key={area} className="block">
              <VerdictMark verdict={verdict} size={12} /> {area}:{' '}
              {verdict === 'sound'
                ? 'yes'
                : `${layer} gives to ${solventName(yields.rank)}, ${yields.because}`}
            </span>
          ))}
      </dd>
    </dl>
  )
}

const solventName = (rank: number): string =>
  listed(cleaningSolvents.filter((one) => one.rank === rank).map(({ name }) => name))
