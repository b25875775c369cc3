import type { OwnTube } from '../tube.ts'

/** A tube of which nothing is known but what stands on it. */
export const blankTube = (tube: Pick<OwnTube, 'id' | 'name' | 'pigments'> & Partial<OwnTube>): OwnTube => ({
  oil: 'linseed_alkali_refined',
  oilPercent: null,
  speed: null,
  transparency: null,
  sinkingTendency: null,
  lightfastness: null,
  hazards: [],
  streaks: [],
  dryingTests: [],
  squeezes: [],
  price: null,
  leftMl: null,
  openedOn: null,
  colour: null,
  photo: null,
  note: '',
  ...tube,
})
