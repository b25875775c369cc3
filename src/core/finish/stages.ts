import type { StateId } from '../cure/states.ts'
import { rankOf, stageOf } from './stageOf.ts'
import type { PackedPicture, Stage } from './stageOf.ts'

/** What may be done with a picture at each stage of its drying, and what may not (reckonings.md, Packing by stage). */
export const stageActions = [
  'show',
  'hang in the warm',
  'retouch',
  'carry',
  'wrap',
  'send',
  'stack',
  'roll',
  'frame under glass',
  'varnish softly',
  'varnish for good',
] as const
export type StageAction = (typeof stageActions)[number]

export interface Permission {
  readonly may: boolean
  readonly says: string
}

/** The state each action asks for, and what is said once it is there. */
const asks: Readonly<Record<StageAction, readonly [needs: StateId, then: string]>> = {
  show: ['touch', 'on the wall or easel, out of dust and reach'],
  'hang in the warm': ['firm', 'below 25 °C, and ten degrees below where its wax softens'],
  retouch: ['touch', 'over what a light finger finds dry'],
  carry: ['touch', 'upright in a spacer box, 20 mm before its face'],
  wrap: ['firm', 'round the frame only, up to two days; no bubble film, nothing on the paint'],
  send: ['firm', 'in a case with corner spacers, not below 10 °C with alkyd or acrylic'],
  stack: ['firm', 'with corner spacers'],
  roll: ['cured', 'paint outwards, at 18 °C or more, on a drum of 200 mm at least'],
  'frame under glass': ['firm', '6 mm from the glass with a vented back; cured, 3 mm will do'],
  'varnish softly': ['varnishSoft', 'a soft removable one, after a swab on the slowest, thickest spot'],
  'varnish for good': ['cured', 'any final varnish, its months passed'],
}
const rollUpToUm = 150
const rollFlexFrom = 0.9

/** Whether an action is allowed now, and how; or what it waits for. */
export function permissionOf(action: StageAction, picture: PackedPicture): Permission {
  const stage = stageOf(picture)
  const [needs, then] = asks[action]
  if (action === 'roll') {
    if (!picture.isFlexible) return { may: false, says: 'its support does not bend' }
    if (picture.thickestUm > rollUpToUm)
      return { may: false, says: `thicker than ${rollUpToUm} µm somewhere` }
    if (picture.flexPlain < rollFlexFrom) return { may: false, says: 'its paint is too stiff' }
  }
  return rankOf(stage) >= rankOf(needs)
    ? { may: true, says: then }
    : { may: false, says: waitsFor(needs, stage, picture) }
}

const tests: Readonly<Record<StateId, string>> = {
  touch: 'a light finger finds it dry everywhere',
  firm: 'a nail leaves no mark in its thickest spot',
  set: 'a hard thumb leaves no print',
  varnishSoft: 'a swab of the varnish’s solvent takes no colour',
  cured: 'its forecast says cured, and a swab takes no colour',
}

function waitsFor(needs: StateId, stage: Stage, { state }: PackedPicture): string {
  const less = stage === state ? '' : ' (thick or waxy: one stage less)'
  return `not until ${tests[needs]}${less}`
}
