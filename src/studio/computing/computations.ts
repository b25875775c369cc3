import type { ZodType } from 'zod'
import { airOverDay } from '../../core/air/vapour.ts'
import { oilOut } from '../../core/finish/oilOut.ts'
import { varnishDates } from '../../core/plan/varnishDates.ts'
import { valueBudget } from '../../core/values/budget.ts'
import {
  airRequest,
  cureRequest,
  filmRequest,
  ladderRequest,
  learnRequest,
  mediumRequest,
  mendRequest,
  mismatchRequest,
  oilOutRequest,
  paletteRequest,
  planRequest,
  soundnessRequest,
  valuesRequest,
  varnishRequest,
} from '../../document/compute.ts'
import { designRequest } from '../../document/design.ts'
import { computeFilm, ladderAnswer, mediumAnswer, paletteAnswer } from './compute.ts'
import { compute } from './computeTask.ts'

/** A computation for a program that has its body as text: the schema, and what is answered. Throws Invalid. */
export interface Computation {
  /** Throws ZodError where the body has not its form. */
  readonly run: (body: unknown) => unknown
}

const of = <Body>(request: ZodType<Body>, answer: (body: Body) => unknown): Computation => ({
  run: (body) => answer(request.parse(body)),
})

/** Every stateless computation by the name it has under /api/compute. */
export const computations: Readonly<Record<string, Computation>> = {
  air: of(airRequest, airOverDay),
  cure: of(cureRequest, (body) => compute({ what: 'cure', body })),
  design: of(designRequest, (body) => compute({ what: 'design', body })),
  film: of(filmRequest, computeFilm),
  ladder: of(ladderRequest, ladderAnswer),
  learn: of(learnRequest, (body) => compute({ what: 'learn', body })),
  medium: of(mediumRequest, mediumAnswer),
  mend: of(mendRequest, (body) => compute({ what: 'mend', body })),
  mismatch: of(mismatchRequest, (body) => compute({ what: 'mismatch', body })),
  'oil-out': of(oilOutRequest, oilOut),
  palette: of(paletteRequest, paletteAnswer),
  plan: of(planRequest, (body) => compute({ what: 'plan', body })),
  soundness: of(soundnessRequest, (body) => compute({ what: 'soundness', body })),
  values: of(valuesRequest, ({ start, transmittances, end }) => valueBudget(start, transmittances, end)),
  varnish: of(varnishRequest, varnishDates),
}
