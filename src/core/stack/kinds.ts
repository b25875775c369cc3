import type { RemovalWay } from './event.ts'

/** What a layer is for, where that is told; of another it is read off its mixture (rules.md, Terms). */
export const purposes = [
  'wash',
  'body',
  'glaze',
  'scumble',
  'impasto',
  'isolating',
  'oil-out',
  'temporary-varnish',
  'varnish',
] as const
export type Purpose = (typeof purposes)[number]

/** What a painter does to a picture (reckonings.md, Events of a picture, exactly). */
export const eventKinds = [
  'wash',
  'waterborne',
  'gouache',
  'isolating',
  'paint',
  'glaze',
  'scumble',
  'impasto',
  'emulsion',
  'wax',
  'oil-out',
  'temporary-varnish',
  'varnish',
  'wipe',
  'scrape',
  'dissolve',
  'sand-wet',
  'varnish-off',
] as const
export type EventKind = (typeof eventKinds)[number]

/** One a kind: what a painter calls it, and what it is. */
export interface KindRow {
  readonly name: string
  /** One sentence: when it is done, and what it does. */
  readonly says: string
  /** Of what lays a film; null: told by its mixture. */
  readonly purpose: Purpose | null
  /** What takes a film off. */
  readonly takesOff: RemovalWay | null
  /** Laid on as a rule so thick, wet, µm (= ml/m²). */
  readonly wetUm: number
}

const film = (name: string, wetUm: number, says: string, purpose: Purpose | null = null): KindRow => ({
  name,
  says,
  purpose,
  takesOff: null,
  wetUm,
})
const removal = (name: string, takesOff: RemovalWay, says: string): KindRow => ({
  name,
  says,
  purpose: null,
  takesOff,
  wetUm: 1,
})

export const kindTable: Readonly<Record<EventKind, KindRow>> = {
  wash: film('stain or wash', 15, 'Paint thinned with spirit, drunk by the ground.', 'wash'),
  waterborne: film(
    'waterborne underpainting',
    50,
    'Acrylic, casein, glue or egg: no fat, dry in days, brushes of its own.',
  ),
  gouache: film('gouache', 40, 'Gum-bound: water wets it up again, oil does not. Brushes of its own.'),
  isolating: film('isolating coat', 25, 'A clear film that stops suction; judged as fat.', 'isolating'),
  paint: film('paint', 70, 'Body colour, with or without medium.'),
  glaze: film('glaze', 20, 'Transparent paint in much medium.', 'glaze'),
  scumble: film('scumble', 25, 'Broken paint that lets what is under it show.', 'scumble'),
  impasto: film('impasto', 600, 'Thick paint; its ridge decides every wait.', 'impasto'),
  emulsion: film('emulsion', 40, 'Egg and oil: sets as water leaves, cures as oil.'),
  wax: film('wax paste', 100, 'Wax in paint: sets as spirit leaves, softens in warmth.'),
  'oil-out': film('oiling out', 15, 'A breath of oil on a dull place, wiped.', 'oil-out'),
  'temporary-varnish': film('temporary varnish', 12, 'A thin soluble film for a show.', 'temporary-varnish'),
  varnish: film('varnish', 30, 'The last coat: it ends the building.', 'varnish'),
  wipe: removal('wiped off', 'wipe', 'Takes wet paint off with a cloth, dry or with solvent.'),
  scrape: removal('scraped off', 'scrape', 'Takes paint off with the knife.'),
  dissolve: removal('dissolved', 'dissolve', 'Takes off what the solvent still softens.'),
  'sand-wet': removal('sanded wet', 'sand-wet', 'A tooth for what follows; never dry.'),
  'varnish-off': removal('varnish taken off', 'varnish-off', 'Takes the varnish off with a swab.'),
}

/** Of oil rubbed on a dull place, wiped off again as a rule, 0..1. */
export const usualWiped = 0.7

/** What is laid on without paint, so many ml on a square metre. */
const clearKinds: readonly EventKind[] = ['isolating', 'oil-out', 'temporary-varnish', 'varnish']
export const isClearKind = (kind: EventKind): boolean => clearKinds.includes(kind)

/** Whether an event of this kind takes a film off and lays none. */
export const isRemoval = (kind: EventKind): boolean => kindTable[kind].takesOff !== null

/** A varnish, to stay or for a time: it is not judged as an oil film (rules.md, What is not an oil film). */
export const isVarnish = (purpose: Purpose | null): boolean =>
  purpose === 'varnish' || purpose === 'temporary-varnish'
