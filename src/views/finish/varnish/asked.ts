import { usualVarnishMlPerM2 } from '../../../core/plan/varnishDates.ts'
import type { LayerDocument } from '../../../document/layer.ts'

/** How a varnish is asked to go on. */
export interface VarnishAsked {
  readonly coats: number
  readonly mlPerM2: number
  /** What it is matted with, of the same resin; empty: with nothing. */
  readonly matt: string
  /** Of the mix by volume, 0..1. */
  readonly mattShare: number
  /** Whether it holds a light absorber; empty: not told. */
  readonly absorber: '' | 'yes' | 'no'
}

export const usualVarnish: VarnishAsked = {
  coats: 2,
  mlPerM2: usualVarnishMlPerM2,
  matt: '',
  mattShare: 0.3,
  absorber: '',
}

/** The layer that it makes. */
export const varnishLayer = (
  varnish: string,
  { coats, mlPerM2, matt, mattShare, absorber }: VarnishAsked,
): Partial<LayerDocument> => ({
  name: 'Varnish',
  event: { kind: 'varnish', coats, ...(absorber && { absorber: absorber === 'yes' }) },
  besides: matt
    ? [
        { material: varnish, parts: 1 - mattShare },
        { material: matt, parts: mattShare },
      ]
    : [{ material: varnish, parts: 1 }],
  wetThicknessUm: mlPerM2,
})
