import { kindOf } from './material.ts'
import type { Material } from './material.ts'

/** Other names and spellings painters use, by kind; each is found by any of its words. */
const spellings: readonly (readonly [kind: RegExp, words: string])[] = [
  [/turpentine/, 'turps terpentine spirits of turpentine'],
  [
    /^mineral_spirit|white_spirit|isoparaffin/,
    'white spirit mineral spirits petroleum spirit oms low odour odourless odorless thinner',
  ],
  [/^linseed/, 'flax flaxseed lin'],
  [/stand_oil/, 'standoil polymerised bodied'],
  [/sun_thickened|blown/, 'sun oil thickened'],
  [/^poppy/, 'poppyseed'],
  [/^damar/, 'dammar'],
  [/^mastic/, 'mastix'],
  [/^larch/, 'venice venetian'],
  [/beeswax/, 'bees wax'],
  [/chalk/, 'whiting champagne spanish white calcium carbonate calcite'],
  [/^marble/, 'calcite calcium carbonate'],
  [/^silica_fumed$/, 'pyrogenic'],
  [/^alkyd/, 'alkide'],
  [/^(cobalt|lead|zirconium|calcium|co_zr_ca)$|^manganese|^pb_mn|^iron_ligand/, 'siccative dryer drier'],
  [/clove/, 'cloves'],
  [/^egg/, 'egg tempera'],
  [/^xylene/, 'xylol'],
  [/^hydrogenated_hydrocarbon/, 'synthetic resin varnish'],
  [/^hide_glue/, 'rabbit skin glue size'],
  [/_varnish_|^wax_varnish|^retouching/, 'retouch final varnish'],
  [/^pw1$/, 'flake cremnitz kremnitz lead white ceruse'],
  [/^pw4$/, 'zinc chinese white'],
  [/^pw6/, 'titan'],
  [/^pbk9$/, 'ivory bone black'],
  [/^pbk6$|^pbk7$/, 'lamp carbon soot black'],
  [/^pbk11$/, 'mars iron black'],
  [/^pbr7/, 'umbra umber sienna siena earth'],
  [/^py42/, 'mars yellow'],
  [/^py43/, 'ochre ocher oker'],
  [/^pr101/, 'mars english venetian indian red'],
  [/^pr102/, 'ocher red earth'],
  [/^py3[57]|^pr108|^po20/, 'cad cadmium'],
  [/^pb27$/, 'prussian berlin iron blue'],
  [/^lapis$/, 'lazuli natural ultramarine'],
  [/^pb29$|^pv15$/, 'ultramarin french ultramarine'],
  [/^pb28$|^pb35$|^pb36$/, 'cobalt cerulean coeruleum'],
  [/^pb15|^pg7$|^pg36$/, 'phthalo phtalo thalo'],
  [/^pr83$/, 'alizarin alizarine madder crimson'],
  [/^pr106$/, 'vermilion vermillion cinnabar'],
  [/^pg23$/, 'terre verte green earth'],
  [/^pg18$/, 'viridian'],
  [/^py41$/, 'naples'],
]

/** What else a material is called, small letters; empty where nothing is known. */
export const spellingsOf = (material: Pick<Material, 'id' | 'kind'>): string => {
  const kind = kindOf(material)
  return spellings
    .filter(([of]) => of.test(kind))
    .map(([, words]) => words)
    .join(' ')
}
