import { about, dayCount, listed, percent } from '../words.ts'
import type { Answers, Complaint, ComplaintId, Diagnosis, Question, RescueFacts } from './complaint.ts'

/** Eleven complaints: what to look at, what it probably is, what to do and what to leave (rules.md, Rescue). */

const question = (
  id: string,
  asks: string,
  how: string,
  answers: Readonly<Record<string, string>>,
): Question => ({
  id,
  asks,
  how,
  answers: Object.entries(answers).map(([answer, says]) => ({ id: answer, says })),
})

const isWet = question('wet', 'Is it still wet?', 'A clean finger on a spot you can spare, lightly.', {
  yes: 'It comes off on the finger',
  tacky: 'It is tacky',
  no: 'It is dry to the touch',
})

/** Wet by the finger, or where that is not said by the record. */
const stillWet = ({ wet }: Answers, facts: RescueFacts | null): boolean =>
  wet === undefined ? facts !== null && facts.isPainted && facts.touchChance < 0.5 : wet === 'yes'

const untilFirm = (facts: RescueFacts | null): string =>
  !facts
    ? 'until a fingernail leaves no mark at the thickest spot'
    : facts.firmInDays === null
      ? 'as long as it takes: by its forecast it may never be firm'
      : facts.firmInDays <= 0
        ? 'no longer: it is likely firm by now, which a fingernail at the thickest spot tells'
        : `about ${dayCount(facts.firmInDays)} more, until a fingernail leaves no mark at the thickest spot`

const grams = (g: number): string => `${about(g)} g`
const noAbrasion = (facts: RescueFacts | null): string =>
  facts?.isNeverAbraded
    ? 'No abrasion at all: there is lead, another such metal, wax or an old picture in it.'
    : 'Never sand it dry; wet and gloved only, and not at all where lead may be in it.'

const complaintOfId: Readonly<Record<ComplaintId, Omit<Complaint, 'id'>>> = {
  'too-fat': {
    name: 'Too fat',
    alsoSaid: 'too oily, too much medium, slippery, greasy',
    questions: [
      isWet,
      question(
        'above',
        'Is something leaner to go over it?',
        'Look at the stair: does it fall above this layer?',
        {
          yes: 'Yes',
          no: 'No, it is the last',
        },
      ),
    ],
    diagnose: (answers, facts) => [
      {
        probably: facts
          ? `Too much medium in ${facts.name}: ${percent(facts.oilContent)} of it dries to oil.`
          : 'Too much medium for where it lies.',
        sure: 'likely',
        now: stillWet(answers, facts)
          ? [
              'Wipe it off with a dry cloth and paint it again; or scrape it together on the palette.',
              facts?.dryColourG
                ? `Knead ${grams(facts.dryColourG)} of its own dry colour into 10 ml of it: that makes it tube paint again. Mask, and a wet bench.`
                : 'Knead a little of its own dry colour into what is left. Mask, and a wet bench.',
            ]
          : [
              answers['above'] === 'no'
                ? 'Leave it: as the last layer it may be fat. Give it light, or it yellows.'
                : `Let it harden: wait ${untilFirm(facts)}.`,
              ...(answers['above'] === 'no'
                ? []
                : [
                    facts
                      ? `Or make the next layer fatter than this one: over ${percent(facts.oilContent)} oil in its dried film.`
                      : 'Or make the next layer fatter than this one.',
                  ]),
            ],
        leave: 'Never wash it with solvent: that thins nothing and opens the film.',
        conservator: null,
      },
    ],
  },
  'too-thin': {
    name: 'Too thin',
    alsoSaid: 'washed out, dusty, powdery, streaky, weak',
    questions: [
      question('dust', 'Does it dust?', 'A dry white cloth over a corner, lightly.', {
        yes: 'Colour comes off on the cloth',
        no: 'The cloth stays clean',
      }),
      question('ground', 'Does the ground drink?', 'A drop of water on a bare spot.', {
        yes: 'It sinks in at once',
        no: 'It stands',
      }),
    ],
    diagnose: ({ dust, ground }, facts) => {
      const starved = facts?.binderRatio != null && facts.binderRatio < 1.05
      return [
        {
          probably: `${ground === 'yes' ? 'The ground has drunk its oil' : 'Solvent has spread it too far'}${facts?.binderRatio == null ? '' : `: ${percent(facts.binderRatio)} of the binder its powder needs is left`}.`,
          sure: starved || dust === 'yes' ? 'likely' : 'possible',
          now: [
            facts?.oilToBindG
              ? `Another pass of the same colour with ${grams(facts.oilToBindG)} of medium or oil to 10 ml of paint: that brings it to what its powder needs.`
              : 'Another pass of the same colour, with a little medium and no thinner.',
            ...(ground === 'yes' ? ['Seal what is still bare first: an isolating coat, thin.'] : []),
          ],
          leave: 'No solvent on it, and no brushing back and forth: it lifts.',
          conservator:
            dust === 'yes' ? 'Loose powder has to be consolidated: ask, before anything goes over it.' : null,
        },
      ]
    },
  },
  'too-fast': {
    name: 'Too fast',
    alsoSaid: 'sets under the brush, skins over, drags',
    questions: [
      question('skin', 'Is there a skin over something soft?', 'Press with a thumb where it is thick.', {
        yes: 'The skin moves on what is below',
        no: 'It is the same through and through',
      }),
      question('folds', 'Has it folded?', 'Look along it against the light.', {
        yes: 'It is wrinkled',
        no: 'It is smooth',
      }),
    ],
    diagnose: ({ skin, folds }, facts) => [
      {
        probably: facts?.hasSurfaceDrier
          ? 'A drier that works from the top closes it.'
          : facts && facts.alkyd >= 0.2
            ? 'Alkyd sets it: that is what it is for.'
            : 'An umber, a drier, warmth or a thin lean coat sets it.',
        sure: facts?.hasSurfaceDrier || (facts && facts.alkyd >= 0.2) ? 'likely' : 'possible',
        now: [
          'Next time thinner coats, less drier or none, and a cooler room.',
          ...(skin === 'yes' ? [`Put nothing over it: wait ${untilFirm(facts)}.`] : []),
          ...(folds === 'yes' ? ['It has wrinkled already: look there.'] : []),
        ],
        leave: 'No more oil on the skin: it does not soften it again.',
        conservator: null,
      },
    ],
  },
  'too-dark': {
    name: 'Too dark',
    alsoSaid: 'darkened, heavy, muddy, glaze too strong',
    questions: [
      question('oilout', 'Does oil bring it back?', 'A breath of oil on one dark corner, wait ten minutes.', {
        yes: 'It comes back deep and clear',
        no: 'It stays as it is',
      }),
      question('glaze', 'Was it glazed?', 'When was colour last laid over it?', {
        today: 'Within a day',
        older: 'Longer ago',
        no: 'No glaze',
      }),
    ],
    diagnose: ({ oilout, glaze }) => {
      const sunken: Diagnosis = {
        probably: 'It has sunk: the surface scatters light, and darks look grey.',
        sure: 'likely',
        now: ['Oil out today’s area only, 15 ml on a square metre, wipe most of it off, and paint into it.'],
        leave: 'Never bleach it.',
        conservator: null,
      }
      const glazed: Diagnosis = {
        probably: 'The glaze takes more light than was meant.',
        sure: glaze === 'no' ? 'possible' : 'likely',
        now:
          glaze === 'today'
            ? ['Wipe the glaze off with a soft dry cloth while it is wet, thinner in the middle.']
            : [
                'Scumble thin light over it once it is firm, then glaze again, thinner.',
                'Reckon the light it needs underneath with the value budget on the palette page.',
              ],
        leave: 'Never bleach it, and no solvent on a glaze that is a day old or more.',
        conservator: null,
      }
      return oilout === 'yes' ? [sunken] : [glazed, { ...sunken, sure: 'possible' }]
    },
  },
  'gone-dull': {
    name: 'Gone dull',
    alsoSaid: 'sunken, matt, chalky, grey, lost its depth, dead darks',
    questions: [
      question('where', 'Where is it dull?', 'Hold it so that a window is mirrored in it.', {
        darks: 'In the darks and earths',
        patches: 'In patches, over different colours',
        all: 'All over',
      }),
      question('oilout', 'Does oil bring it back?', 'A breath of oil on one dull corner, wait ten minutes.', {
        yes: 'It comes back',
        no: 'It stays dull, or whitish',
      }),
      question('varnished', 'Is it varnished?', 'Look at the record, or at the edge.', {
        no: 'No',
        yes: 'Yes',
      }),
    ],
    diagnose: ({ where, oilout, varnished }, facts) => {
      if (varnished === 'yes' && oilout !== 'yes')
        return [
          {
            probably: 'The varnish has bloomed or gone flat, not the paint.',
            sure: 'likely',
            now: ['Dry the room below 65 % for a week, then a soft cloth.'],
            leave: 'No oil on a varnish.',
            conservator: 'A varnish that stays dull is taken off and renewed.',
          },
        ]
      const why =
        facts?.sinking?.why ??
        (where === 'patches'
          ? 'what lies under it drank in places'
          : where === 'all'
            ? 'the ground drinks, or there was much thinner'
            : 'thirsty colours sink first')
      return [
        {
          probably: `It has sunk: ${why}.`,
          sure: oilout === 'yes' || facts?.sinking ? 'likely' : 'possible',
          now: [
            'Oil out the area you paint today, 15 ml on a square metre of oil and spirit by halves (oil alone where no solvent is let in); wipe seven tenths off after ten minutes, and paint into it within hours.',
            facts?.oilToShineG
              ? `Next time stir ${grams(facts.oilToShineG)} of oil into 10 ml of that colour beforehand.`
              : 'Next time a few drops of oil in that colour beforehand, or seal the ground.',
            'Before the varnish even the sheen: what is oiled out over 3 µm starts its clock again.',
          ],
          leave: 'What you do not paint on today; never the whole for its own sake.',
          conservator: null,
        },
      ]
    },
  },
  lifted: {
    name: 'Lifted',
    alsoSaid: 'comes off on the cloth, colour on the swab, rubs off, picks up',
    questions: [
      question('with', 'What took it off?', 'Look at the swab or the brush.', {
        brush: 'The next layer’s brush',
        varnish: 'Varnish, or its solvent',
        water: 'Water, or a damp cloth',
        dry: 'A dry cloth',
      }),
      question('size', 'How much came off?', 'Measure it, and stop.', {
        spot: 'A spot',
        hand: 'More than a hand’s breadth',
      }),
    ],
    diagnose: ({ with: by, size }, facts) => {
      const soluble = facts !== null && facts.resin + facts.wax > 0.1
      return [
        {
          probably:
            by === 'water'
              ? 'Egg, glue or gum binds it, and water takes that.'
              : by === 'dry' || (facts?.binderRatio != null && facts.binderRatio < 0.9)
                ? 'It is underbound: its powder has too little binder.'
                : soluble
                  ? `Resin and wax hold it (${percent(facts.resin + facts.wax)} of its binder), and the solvent takes those.`
                  : 'It was not hard yet, or it is underbound.',
          sure: facts || by === 'water' || by === 'dry' ? 'likely' : 'possible',
          now: ['Stop, and let it harden a month.', 'Note which solvent it was: none of it there again.'],
          leave: 'No varnish remover there, and no test with a stronger solvent.',
          conservator:
            size === 'hand'
              ? 'Over a hand’s breadth: ask before going on.'
              : 'Ask where it was somebody else’s picture.',
        },
      ]
    },
  },
  wrinkled: {
    name: 'Wrinkled',
    alsoSaid: 'folded, puckered, skin, alligator',
    questions: [
      question('firm', 'Is it firm underneath?', 'A fingernail into a fold you can spare.', {
        yes: 'It leaves no mark',
        no: 'It is soft below',
      }),
      question('lead', 'Lead, or an old picture?', 'Look at the record and the tubes.', {
        yes: 'Yes, or I do not know',
        no: 'Neither',
      }),
    ],
    diagnose: ({ firm, lead }, facts) => [
      {
        probably: `A skin closed over wet paint${facts ? ` ${about(facts.thickestUm)} µm thick${facts.hasSurfaceDrier ? ', hurried by its drier' : ''}` : ''}, and folded as it went on taking up oxygen.`,
        sure: 'likely',
        now:
          firm === 'yes'
            ? [
                lead === 'no' && !facts?.isNeverAbraded
                  ? 'Scrape the folds flat, wet and gloved.'
                  : 'Leave the folds; paint thin over them, or live with them.',
                'Redo it in thin coats, each firm before the next.',
              ]
            : [`Keep the skin closed and wait ${untilFirm(facts)}.`],
        leave: noAbrasion(facts),
        conservator: lead === 'yes' ? 'Lead and old pictures: no abrasion, ask first.' : null,
      },
    ],
  },
  cracked: {
    name: 'Cracked',
    alsoSaid: 'split, net of lines, crazed, flaking, torn',
    questions: [
      question('deep', 'How deep does it go?', 'A magnifying glass along the crack.', {
        ground: 'Down to the ground, or it flakes',
        paint: 'Only the upper paint is open',
      }),
      question('shape', 'What does it look like?', 'Look at the whole.', {
        net: 'A fine net',
        wide: 'Wide gaps with soft edges',
        edges: 'Along the stretcher or the edges',
      }),
    ],
    diagnose: ({ deep, shape }, facts) => [
      {
        probably:
          shape === 'edges'
            ? 'The support moves: cloth over its stretcher bars, or knocks.'
            : shape === 'wide'
              ? 'A fast film over a slow one that went on moving.'
              : facts && facts.speaking.length > 0
                ? `What the rules say of it: ${listed(facts.speaking.map((title) => title.toLowerCase()))}.`
                : 'A brittle film, or fast paint over slow.',
        sure: facts && facts.speaking.length > 0 ? 'likely' : 'possible',
        now: [
          'Stop adding: nothing over it until it is known why.',
          'Photograph it with a ruler, and note the day.',
          ...(facts && facts.speaking.length > 0
            ? [
                `Look at ${facts.name} on its stack, and at what is said there of ${listed(facts.speaking.map((title) => title.toLowerCase()))}.`,
              ]
            : []),
        ],
        leave: 'Do not fill, press or bend it.',
        conservator:
          deep === 'ground'
            ? 'Through to the ground, or flaking: a conservator, at once; lay it flat.'
            : null,
      },
    ],
  },
  sticky: {
    name: 'Sticky after weeks',
    alsoSaid: 'tacky, never dries, stays soft, takes dust',
    questions: [
      question('what', 'What is in it?', 'Look at the tube, the medium, the drops.', {
        food: 'An oil that is not a painter’s, or I do not know',
        clove: 'Clove, spike or lavender oil',
        usual: 'Painter’s oil alone',
      }),
      question('room', 'Where did it stand?', 'Dark and cold slow it most.', {
        dark: 'In the dark, or in the cold',
        light: 'In light, above 18 °C',
      }),
    ],
    diagnose: ({ what, room }, facts) => {
      const never = (facts?.nonDrying ?? 0) >= 0.02 || (what === 'food' && facts === null)
      if (never)
        return [
          {
            probably: facts?.nonDryingNames.length
              ? `${percent(facts.nonDrying)} of its oil never dries (${listed(facts.nonDryingNames)}).`
              : 'An oil that never dries.',
            sure: facts ? 'likely' : 'possible',
            now: ['Take it off while it can be: scrape it, then wipe with as little solvent as does it.'],
            leave: 'Nothing over it: nothing will hold.',
            conservator: null,
          },
        ]
      const retarded = (facts?.clove ?? 0) >= 0.002 || what === 'clove'
      return [
        {
          probably: retarded
            ? `${facts?.clove ? `${percent(facts.clove)} clove oil` : 'Clove, spike or lavender oil'} keeps it open.`
            : room === 'light'
              ? `It is slow paint${facts ? `, ${about(facts.thickestUm)} µm at its thickest` : ''}: it only needs longer.`
              : 'Cold and dark: oil takes light and warmth to harden.',
          sure: retarded || room === 'dark' ? 'likely' : 'possible',
          now: [
            'Light, warmth up to 25 °C and a fan.',
            'Test it once a week at the thickest spot, and log it.',
            `Wait ${untilFirm(facts)}.`,
          ],
          leave: 'No drier rubbed on, no heat gun, no powder on it.',
          conservator: null,
        },
      ]
    },
  },
  bloomed: {
    name: 'Bloomed',
    alsoSaid: 'misty, bluish, whitish, breath, foggy, cloudy',
    questions: [
      question('wipes', 'Does it wipe off?', 'A soft dry cloth on a corner.', {
        yes: 'Yes, and it is clear below',
        no: 'No, it is in it',
      }),
      question('on', 'What is it on?', 'Look at the record.', {
        varnish: 'A varnish',
        egg: 'Egg, wax or gum',
        paint: 'Bare oil paint',
      }),
    ],
    diagnose: ({ wipes, on }) => [
      {
        probably: 'Moisture has settled on it, or in it while it was fresh.',
        sure: wipes === 'yes' ? 'likely' : 'possible',
        now: [
          'Dry the room below 65 %, away from an outer wall.',
          'A soft cloth, no pressure; wait a week and look again.',
        ],
        leave: 'No oil, no heat, no new varnish over it.',
        conservator:
          on === 'varnish' && wipes === 'no'
            ? 'In the varnish: it is taken off and renewed, by one who does that.'
            : null,
      },
    ],
  },
  'oil-creeping': {
    name: 'Oil creeping out',
    alsoSaid: 'halo, dark rim, greasy edge, oil stain',
    questions: [
      question('rim', 'Where is the oil?', 'Look along the edge of what was painted.', {
        rim: 'A rim on matt paint or bare ground beside it',
        on: 'Beads or a film on the paint itself',
      }),
      question('age', 'How old is it?', 'When was it painted?', {
        fresh: 'Hours to a day or two',
        dry: 'It has dried',
      }),
    ],
    diagnose: ({ rim, age }, facts) => [
      {
        probably:
          rim === 'on'
            ? 'More oil in that heap than its powder holds.'
            : 'A halo: the thirsty ground beside it drinks the oil.',
        sure: rim ? 'likely' : 'possible',
        now:
          age === 'dry'
            ? ['It stays. Paint past the edge, or isolate the rest so that all is alike.']
            : [
                'Blot it with soft paper, without rubbing.',
                'Dust chalk on the rim, leave it a day, and brush it off outdoors, with a mask.',
                facts && rim === 'on'
                  ? `Next time less oil: this one has ${facts.fatness === null || !Number.isFinite(facts.fatness) ? 'no powder to hold it' : `${about(facts.fatness)} times what its powder needs`}.`
                  : 'Next time isolate the whole, or 10 mm past the edge.',
              ],
        leave: 'No solvent: it drives the oil further.',
        conservator: null,
      },
    ],
  },
}

export const complaints: readonly Complaint[] = Object.entries(complaintOfId).map(([id, complaint]) => ({
  id: id as ComplaintId,
  ...complaint,
}))

/** Words as short as these say nothing of what is wrong. */
const wordsFrom = 4
/** So much of a word is enough to know it by. */
const stemLetters = 5

/** The complaints a painter's own words are nearest to, the nearest first; all of them where no word is known. */
export function complaintsFor(words: string): readonly Complaint[] {
  const asked = words.toLowerCase().match(/[a-z]+/g) ?? []
  const stems = asked.filter((word) => word.length >= wordsFrom).map((word) => word.slice(0, stemLetters))
  const known = complaints.map((complaint) => {
    const text = `${complaint.name} ${complaint.alsoSaid}`.toLowerCase()
    return { complaint, matches: stems.filter((stem) => text.includes(stem)).length }
  })
  const found = known.filter(({ matches }) => matches > 0).sort((a, b) => b.matches - a.matches)
  return found.length > 0 ? found.map(({ complaint }) => complaint) : complaints
}
