import { expect } from 'chai'
import { describe, it } from 'mocha'
import { library } from '../../src/core/materials/library.ts'
import { nearness } from '../../src/core/materials/askedWords.ts'
import { findIn, indexed } from '../../src/core/materials/search.ts'

const shelf = library.map((material) => indexed(material, material.family))
const found = (asked: string): readonly string[] => findIn(shelf, asked).map(({ material }) => material.id)

describe('finding on the shelf by what a material does', () => {
  it('fast and pale finds no oil that yellows', () => {
    expect(found('slow, pale')).to.include('poppy').and.not.include('linseed_cold_pressed')
    expect(found('fast oil')).to.include('tung')
  })
  it('“no” asks for freedom from something, hidden carriers included; commas and order do not matter', () => {
    expect(found('wax no solvent')).to.include('beeswax').and.not.include('cold_wax_paste')
    expect(found('no lead, opaque')).to.not.include('pw1')
    expect(found('no solvent wax')).to.deep.equal(found('wax, no solvent'))
  })
  it('finds what its own field offers, and the same said in other words', () => {
    expect(found('fast, pale, no solvent')).to.include('walnut_sun_thickened')
    expect(found('fast pale oil without solvent')).to.deep.equal(found('fast, pale, oil, no solvent'))
    expect(found('quick solvent-free oils'))
      .to.include('walnut_sun_thickened')
      .and.not.include('gum_turpentine')
    expect(found('medium without wax')).to.not.include('oil_stick_binder')
    expect(found('siccative')).to.include('cobalt')
    expect(found('walnuts')).to.include('walnut')
    expect(found('odourless')).to.include('isoparaffin')
  })
  it('by what painters call it too, and by what stands inside a name', () => {
    expect(found('turps')).to.include('gum_turpentine')
    expect(found('turp')).to.include('gum_turpentine')
    expect(found('ocher')).to.include('py43')
    expect(found('dammar')).to.include('damar')
    expect(found('cremnitz')).to.deep.equal(['pw1'])
    expect(found('wal')).to.include('walnut')
  })
  it('a filler that drinks oil is not told as one that keeps paint lean; a balsam softens', () => {
    expect(found('keeps lean')).to.include('chalk_whiting').and.not.include('kaolin')
    expect(found('drinks oil')).to.include.members(['kaolin', 'diatomite'])
    expect(found('soft, sticky')).to.include('larch_balsam').and.not.include('damar')
  })
  it('a word is found where it begins one: fast is not lightfast, transparent not half transparent', () => {
    expect(found('lightfast')).to.include('pw4')
    expect(found('fast')).to.not.include('pw4')
    expect(found('transparent, fast, no cadmium')).to.include('pbr7_burnt_sienna').and.not.include('pr102')
    expect(found('half transparent')).to.include('pr102')
  })
  it('what is called so comes before what is only of its kind, and what is just that before all', () => {
    const names = ['Gum turpentine (distilled)', 'Linseed oil, water-mixable', 'Water']
    expect(names.map((name) => nearness(name, 'water'))).to.deep.equal([3, 2, 0])
    expect(['Walnut oil', 'Quick walnut'].map((name) => nearness(name, 'walnut'))).to.deep.equal([1, 2])
    expect(nearness('Walnut oil, sun thickened', 'sun-thickened walnut')).to.equal(2)
  })
  it('by pigment code and part of a name; nothing asked is everything', () => {
    expect(found('pb29')).to.deep.equal(['pb29', 'lapis'])
    expect(found('umber')).to.include.members(['pbr7_raw_umber', 'pbr7_burnt_umber'])
    expect(found('')).to.have.length(library.length)
    expect(found('unheard of')).to.deep.equal([])
  })
})
