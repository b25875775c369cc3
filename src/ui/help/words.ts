/** What the interface means by its words, once; in the order a painter meets them. */
export const words = {
  'sound, watch, unsound':
    'Every layer holds over what lies under it; it may, and wants an eye; it will likely crack, wrinkle, stay soft or come off.',
  'touch dry': 'A clean finger laid on lightly: nothing comes off and nothing sticks.',
  firm: 'A fingernail pressed into the thickest spot leaves no mark.',
  'hard through': 'A thumb pressed and twisted leaves no print: the film is hard down to what lies under it.',
  'ready for a soft varnish':
    'Far enough for a removable varnish, once a swab with the varnish’s own solvent stays clean on the slowest, thickest spot.',
  cured: 'As hard as oil becomes in its first years: ready for any varnish.',
  gate: 'What a practice waits for before the next layer goes on: touch dry, or firm.',
  practice:
    'A school of painting with its own limits and gates. They stand on the Studio page, and every one can be changed.',
  'rules, advises, is only shown':
    'What a practice makes of each of the five ways of judging fat: it makes the verdict, it is noted, or it stands on the layer and no more.',
  mend: 'A change that takes away what was found and makes nothing else worse; each is tried on the whole picture before it is offered.',
  'taken on knowingly':
    'What was found and is left so on purpose, with its reason on record. It speaks again once what it rests on changes.',
  fat: 'How much oil a film has for what its powder just needs: 1 is just bound, a tube as it comes about 1.25, a glaze 2.5 to 5. Fat over lean means that the stair climbs from layer to layer.',
  lean: 'The other way round: little oil for what the powder needs.',
  bound:
    'The powder has just the binder it needs. Under it, a film is underbound: it dusts, and lifts with a varnish remover.',
  binder: 'What stays and holds the powder: oil, alkyd, resin, wax, egg, glue, acrylic.',
  medium:
    'What is mixed into paint to change how it handles and dries. How much of it there is counts it without its solvent and powder, of the mix without solvent.',
  pass: 'One of several goings-over in one sitting. They are one film: mixed by volume, with a fat and a lean end.',
  scumble:
    'Broken paint that lets what is under it show. It is judged as thick as it lies; how much it covers counts for amounts and colour.',
  'isolating coat':
    'A clear film that stops what is under it from drinking, over the whole picture or past every edge by 10 mm. It is judged as the fat film it is.',
  'oiling out':
    'A breath of oil rubbed on a dull place and wiped. Painted into within hours it joins that layer; left alone it is one of its own.',
  part: 'An area of the picture with layers of its own; each part is judged by itself.',
  thinner: 'Solvent or oil that only thins paint.',
  solvent: 'What leaves as a film dries, besides water.',
  tube: 'A paint of your own as it came: its pigments, its oil, and what you know better than the book. What you have calibrated counts for layers still to be painted.',
  heap: 'Paint squeezed out on the palette, of one tube or several mixed; medium and thinner are told for each.',
  'stain, sketch, body, glaze':
    'How a heap handles: half solvent or more; from 15 %; neither thin nor fat; fat enough to let the light through. The practice may move these bounds.',
  workable:
    'How long a mixed heap can be worked before it begins to set: about a seventh of the time to touch dry. Glass over it doubles that.',
  squeeze: 'What comes out of one tube at one press, once you have weighed a few of them.',
  batch:
    'A medium that was made, in its jar. Batches are numbered through the whole studio, so that a jar is known by its number alone.',
  filler: 'White or clear powder for body: chalk, marble, barium, silica.',
  alkyd: 'An oil made over with resin in a factory; it dries fast, as driers are in it already.',
  drier: 'Metal that hurries the drying of oil: cobalt works from the top, lead and manganese go through.',
  'iodine value':
    'How much a raw oil can take up as it dries: from about 130 an oil dries, under about 100 it does not. Of thickened oils it tells nothing.',
  'drying speed': 'Against raw linseed oil, which is 1: at 2 a film is touch dry in half the time.',
  drinking:
    'What an absorbent ground or layer takes out of the film over it. What is drunk is missing there: it sinks.',
  'wet in wet': 'Painted into what is still wet, within a day: both dry as one film.',
  movement:
    'Oil films shrink as they dry. Where an upper film hardens over one that goes on moving, it cracks.',
  '8 times in 10': 'Of ten such films, eight lie in the range; one is sooner and one later.',
  estimate:
    'From typical values or a model, not from your own measurement. A finger on the thickest spot outranks it.',
  sunken:
    'Dull where the ground or the colour took its oil. Oiled out where one paints today, it comes back.',
  value: 'How light a passage is, on a grey scale of ten steps even to the eye: 0 black to 10 white.',
  check:
    'A hand on a film, and whether it passed: smudge and touch tell of touch dry, fingernail and thumb twist of firm, thumb pressure of hard through, a swab of ready for a soft varnish.',
  'drawn down': 'A known amount of paint spread evenly over a known area, so that its thickness is known.',
  swatch:
    'A film drawn down on a card, with its paint, medium, ground and day. Swatches stand in the rack, under Tests.',
  trial:
    'A question, a film to try it on and a control beside it, with the rule for yes and no written before it begins. Where the control fails too, it shows nothing.',
  'what checks teach':
    'How many times the book’s time your studio, an oil or a powder takes, by all checks together. A check can be taken out and counted again.',
  place: 'Where pictures dry: an easel, a rack, a dark store, each with readings and a season of its own.',
  season:
    'What a room is like on days nobody has read: as it is set, by typical months, or as last year was.',
  'dew point': 'As cold as a surface has to be for the air’s water to settle on it.',
  'date at risk':
    'A day that is promised, and the layers do not all come so far by it, or the next has to go on within the week.',
  'safe for what':
    'What a picture bears today: shown, carried, wrapped, sent, stacked, rolled, framed, varnished.',
  'true volume': 'What the material itself takes up: crushed resin in a spoon is half air.',
  'sunken, matt, satin, glossy':
    'How a place catches the light. Sunken has lost its colour and looks chalky; two steps apart, or dull in the dark, nobody judges values there.',
  'at the easel':
    'Where the face is. The air there holds three to ten times what the room does on the whole.',
  'a varnish owed':
    'What was agreed of a picture that left without its varnish: how, when, by whom, who pays. It stands on Today until it is done.',
} as const satisfies Readonly<Record<string, string>>

/** A word, or several that are told in one: "sound, watch, unsound". */
export type Word = keyof typeof words

/** Everything a key does beyond what every page of a browser does. */
export const keys: readonly (readonly [key: string, does: string])[] = [
  ['Tab, Shift Tab', 'go on and back; the first stop of every page leads past the navigation'],
  ['Ctrl Z', 'takes the last thing back, where no field is being typed into'],
  ['Enter', 'chooses, in a list that is typed into; adds, in the new line of a recipe'],
  ['Arrow keys', 'move in an open list'],
  [
    'Left, Right',
    'on a layer of Horizon: move it by a day, with Shift by a week; Delete puts it back to as soon as it may be',
  ],
  ['?', 'opens help with the page, where no field is being typed into'],
  ['Escape', 'closes a list or a box; the focus goes back to what opened it'],
  [
    'Space, arrows, Space',
    'on a handle: takes a layer or a line up, moves it, lays it down; Escape puts it back',
  ],
]
