import { pastEdgeMm } from '../../core/stack/event.ts'
import { isClearKind, isRemoval, kindTable, usualWiped } from '../../core/stack/kinds.ts'
import type { EventKind } from '../../core/stack/kinds.ts'
import type { Brush } from '../brush.ts'
import type { PictureEvent } from '../event.ts'

/* How an event of each kind begins, without its schema: pages offer them. Everything can be changed. */

/** The oil of paint where none is chosen. */
export const usualOil = 'linseed_alkali_refined'

/** The mildest thinner, taken where none is chosen. */
export const spirit = 'mineral_spirit_dearomatised_low_flash'

/** What a kind asks for besides paint, medium and thickness, as it is done as a rule. */
export function eventOfKind(kind: EventKind): PictureEvent {
  switch (kind) {
    case 'scumble':
      return { kind, covered: 0.5 }
    case 'isolating':
      return { kind, pastEdgeMm: pastEdgeMm.enough }
    case 'oil-out':
      return { kind, wiped: usualWiped }
    case 'temporary-varnish':
    case 'varnish':
      return { kind, coats: 1 }
    case 'wipe':
      return { kind, takes: 1, solvent: null }
    case 'scrape':
      return { kind, takes: 1 }
    case 'dissolve':
      return { kind, takes: 1, solvent: spirit }
    case 'sand-wet':
      return { kind, takesUm: 5 }
    case 'varnish-off':
      return { kind, solvent: spirit }
    default:
      return { kind }
  }
}

type Paint = Brush['paints'][number]
/** One part of paint as from a tube. */
export const tube = (pigment: string, oil: string = usualOil): Paint => ({
  pigments: [{ pigment, share: 1 }],
  oil,
  grind: 1.25,
  parts: 1,
})

/** What is on the brush of a new event, but for where it goes: sensible for its kind, the medium left to the painter. */
type Start = Pick<
  Brush,
  'event' | 'paints' | 'medium' | 'thinner' | 'besides' | 'wetThicknessUm' | 'ridgeWetUm'
>

const paintsOf: Partial<Record<EventKind, readonly Paint[]>> = {
  wash: [tube('pbr7_burnt_umber')],
  paint: [tube('pw6_rutile')],
  glaze: [tube('pb29')],
  scumble: [tube('pw6_rutile')],
  impasto: [tube('pw6_rutile')],
  emulsion: [tube('pw6_rutile')],
  wax: [tube('py43')],
  waterborne: [tube('pbr7_raw_umber', 'acrylic_dispersion')],
  gouache: [tube('py43', 'gum_arabic_solution')],
}

const besidesOf: Partial<Record<EventKind, Start['besides']>> = {
  isolating: [{ material: usualOil, parts: 1 }],
  'oil-out': [{ material: usualOil, parts: 1 }],
  emulsion: [
    { material: 'egg_yolk', parts: 0.3 },
    { material: usualOil, parts: 0.15 },
  ],
  wax: [{ material: 'cold_wax_paste', parts: 0.3 }],
  varnish: [{ material: 'hydrocarbon_varnish_25', parts: 1 }],
  'temporary-varnish': [{ material: 'retouching_varnish_8', parts: 1 }],
}

/** Solvent to as much else, where a kind is thinned as a rule. */
const thinnedOf: Partial<Record<EventKind, number>> = {
  wash: 1,
  isolating: 1,
  'oil-out': 1,
}

/** A new event of this kind; `solventFree`: the room lets no solvent in. */
export function startOf(kind: EventKind, solventFree = false): Start {
  const thinned = solventFree ? undefined : thinnedOf[kind]
  return {
    event: eventOfKind(kind),
    paints: isRemoval(kind) ? [] : [...(paintsOf[kind] ?? [])],
    medium: null,
    thinner: thinned === undefined ? null : { material: spirit, parts: thinned },
    besides: [...(besidesOf[kind] ?? [])],
    wetThicknessUm: kindTable[kind].wetUm,
    ridgeWetUm: null,
  }
}

/** A layer made another kind: paint stays paint, with its own amounts; else it begins as that kind does. */
export function asKind(brush: Brush, kind: EventKind, solventFree = false): Partial<Brush> {
  const was = brush.event.kind
  const start = startOf(kind, solventFree)
  const isPaint = (one: EventKind): boolean => !isRemoval(one) && !isClearKind(one)
  if (!isPaint(was) || !isPaint(kind) || start.besides.length > 0) return start
  const wetThicknessUm =
    brush.wetThicknessUm === kindTable[was].wetUm ? start.wetThicknessUm : brush.wetThicknessUm
  return { event: start.event, wetThicknessUm }
}
