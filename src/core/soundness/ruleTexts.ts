/** What a rule is called, why it holds and where that comes from, and what can still be done once a layer is on the picture. */
export interface RuleText {
  readonly title: string
  readonly reason: string
  readonly afterwards: string
}

const soluble =
  'It stays soluble: note it for whoever takes a varnish off, choose a varnish that the mildest solvent lifts, and keep it from warmth.'

/** By the rule's id. Apart from the rules, as it is read only where somebody asks. */
export const ruleTexts: Readonly<Record<string, RuleText>> = {
  'alkyd-limit': {
    title: 'Alkyd in the binder',
    reason:
      'Alkyd dries fast and stiff. Some schools take it in the first layer alone, some in any, some in none. Of the binder by volume; the practice’s own choice.',
    afterwards: 'Keep what follows as fast and as flexible, or wait until what lies under it is firm.',
  },
  bloom: {
    title: 'Bloom',
    reason:
      'A fresh varnish, and a surface of egg, wax or gum, takes on moisture near the dew point or above 75 % humidity, and clouds like breath on glass. Dew point by the usual formula; the bounds are practice.',
    afterwards:
      'Dry the room below 65 %, wait a week, then a soft cloth. What stays in the varnish is for a conservator.',
  },
  cissing: {
    title: 'Crawling',
    reason:
      'A dried film that is rich, waxy or glossy sheds what is brushed over it: it crawls into drops. Oil rubbed on and off again, or a wet scuff, lets it take hold; try a corner. Never scuffed: what holds lead, cadmium, chromium, cobalt, nickel or manganese.',
    afterwards: 'Rub it off while it is wet, give the place a tooth, and paint again.',
  },
  'cold-brittle': {
    title: 'Too cold to move',
    reason:
      'Acrylic and alkyd turn glassy below about 10 °C, stiff oil films a little higher: bent or knocked in the cold they crack. Literature on acrylics; for oil an estimate.',
    afterwards: 'Warm it a day at 18 °C first, then pack, key or roll.',
  },
  'drier-over-maximum': {
    title: 'Drier over its most',
    reason:
      'Driers add up, and so do those already in alkyd, boiled oil and oil cooked with lead. Past the most advised a film skins, wrinkles, darkens and turns brittle; and no drier brings thick paint firm any sooner. Suppliers’ advice.',
    afterwards:
      'Nothing takes the drier out again: keep it thin, warm and aired, and put nothing over it until a fingernail leaves no mark.',
  },
  'faster-above': {
    title: 'Faster above',
    reason:
      'One way of judging fat: days to touch dry by the book, each film by itself. A quick film over a slow one that is not firm closes it.',
    afterwards: 'Put nothing over it until a fingernail leaves no mark.',
  },
  'fat-over-lean': {
    title: 'Fat over lean',
    reason:
      'A lean film over a fat one stiffens first and cannot follow the fatter paint as it goes on moving. Fat is weighed as leanness (what the powder needs over the fat there is) together with oil content. Traditional rule.',
    afterwards:
      'It stays on the picture: let it harden before anything goes over it, make the next layer fatter, and look for fine cracks.',
  },
  'ground-age': {
    title: 'Ground put on too lately',
    reason:
      'A ground gives off water, or hardens, before it may be painted on: days for acrylic and glue, weeks for oil; twice as long below 15 °C or above 70 % humidity. Typical waiting times, estimates.',
    afterwards: 'Let both dry on in warm, dry air before the next layer, and look for blisters.',
  },
  'ground-on-support': {
    title: 'Ground on its support',
    reason:
      'Chalk or gypsum in glue is brittle: on a panel it lasts, on cloth that bends and swells it cracks and falls off. Every school agrees.',
    afterwards: 'The cloth can be stretched over a panel, or glued down on one, before it cracks.',
  },
  halo: {
    title: 'Halo of oil',
    reason:
      'Oil painted on a part of a thirsty waterborne picture runs past its own edge, 1 to 3 mm, and stays there as a dark rim. An isolating coat over the whole stops it, or one laid 10 mm past the edge (model).',
    afterwards:
      'It stays as a dark rim: isolate what is bare around it before more oil goes on, and paint past the edge.',
  },
  'less-oil-above': {
    title: 'Less oil above',
    reason:
      'One way of judging fat: oil and alkyd in the dried film, by volume, as the books have it. Between different powders it misleads, as a thirsty one needs more. A practice says whether it rules, advises or is only shown.',
    afterwards: 'Make the next layer richer, or let this one harden through first.',
  },
  'medium-changed': {
    title: 'Medium changed',
    reason:
      'Films of different kinds of medium swell, dry and shrink each in its own way; alkyd under oil under alkyd most of all. Counted are changes of its kind from the ground up, of layers with 5 % medium or more. A choice of schools, not a law.',
    afterwards: 'Stay with one kind from here on, and look at the seams where the kinds meet.',
  },
  'medium-limit': {
    title: 'Medium in the mix',
    reason:
      'Much medium makes a film that wrinkles, yellows and stays soft, and what is over it moves. Counted is the medium without its solvent and its powder, of the mix without solvent, by volume; a glaze may hold more. Advice, not measurement.',
    afterwards:
      'While it is wet it can be blotted. Dry: keep what follows thin and no leaner, and give it light, or it yellows.',
  },
  mismatch: {
    title: 'Mismatch of movement',
    reason:
      'Every oil film shrinks as it cures. Where the upper hardens over a lower that is still moving, it slips while it sets or is stretched later. The movement is followed for 1500 days by the cure model and set against what the upper film tolerates (model).',
    afterwards:
      'It stays on the picture: keep it flat and the room even, put nothing over it until what lies under has cured, and look for cracks.',
  },
  mould: {
    title: 'Mould',
    reason:
      'Egg, glue, casein and gum feed mould where it is damp and warm for weeks. Daily means of the room are counted where there are readings; else its set climate stands for them. Literature on stored pictures.',
    afterwards:
      'Air it, below 65 %, off the outer wall. Dry mould is brushed off outdoors with a mask; ask a conservator where it is on the paint.',
  },
  'oil-over-wet-waterborne': {
    title: 'Oil over wet waterborne paint',
    reason:
      'Acrylic, gum, glue and egg lose their water through their surface; oil closes it, and what is left of the water blisters or clouds the oil. Longer where it is thick, cold or damp. Typical waiting times, estimates.',
    afterwards: 'Let both dry on in warm, moving air, and look for blisters and dull patches.',
  },
  'oiled-out-not-reworked': {
    title: 'Oiled out, not painted into',
    reason:
      'Oil rubbed on a dull place is meant to be painted into within hours. Left alone it is a layer of its own: it yellows, it is the fattest there is, and over 3 µm it restarts the time to the varnish. 1 µm over a square metre is 1 ml.',
    afterwards:
      'Within two hours it can be wiped down to a breath. Later leave it, paint nothing lean over it, and count the varnish from it.',
  },
  'old-picture': {
    title: 'An old picture as ground',
    reason:
      'What was painted years ago is the fattest and hardest film there is: new paint does not bite into it, and crawls. Varnish is taken off first; then a wet scuff or oil rubbed on and off gives a hold. Old paint may hold lead: it is never sanded dry.',
    afterwards:
      'See that it holds: a strip of tape at an edge once it is firm. Ask a conservator where it comes away.',
  },
  'opaque-in-glaze': {
    title: 'Opaque paint in a glaze',
    reason:
      'A trace of white or other opaque paint scatters the light that a glaze should let through, and turns it chalky. Counted by mass, each pigment by how well it hides. It spoils the look and not the film.',
    afterwards: 'Wipe it while it is wet; dry, call it a scumble, or glaze over it with clean colour.',
  },
  overaged: {
    title: 'Too old to take hold of',
    reason:
      'Paint takes hold of a young film and of a matt one; an old glossy film is closed, and the next layer only lies on it. A wet scuff, or oil rubbed on and off, within two days before opens it. Ages are one conservator’s judgement.',
    afterwards:
      'See that it holds: a strip of tape at an edge, once it is firm. Ask a conservator where it comes away.',
  },
  passes: {
    title: 'Too many passes of one medium',
    reason:
      'A medium that bears only so many layers says so in its recipe. And many glazes in one place are one thick oil film: it wrinkles, yellows and moves as one. Painters’ limits; the thickness is one conservator’s judgement.',
    afterwards: 'Let all of it harden through before anything more; go on in body colour or another medium.',
  },
  policy: {
    title: 'Not in this room',
    reason:
      'What the room forbids is set on the Studio page; every material of a layer is held against it, its oil, its medium and its thinner too.',
    afterwards: 'What is dry on a picture gives off no vapour; keep dust and rags of it out of the room.',
  },
  remover: {
    title: 'Comes off with the varnish',
    reason:
      'A varnish remover takes what is underbound, and what resin, wax or egg holds: the colour goes onto the swab. Judged is what lies at the surface, its binder once the ground has drunk, its resin and wax of the organic binder. Seen on many pictures; the shares are estimates.',
    afterwards:
      'No solvent on it. Oil it out thinly and paint into that, or choose a varnish whose remover is milder than what it yields to; else none.',
  },
  'resin-and-wax-limit': {
    title: 'Resin and wax together',
    reason:
      'What a varnish remover attacks adds up: resin and wax have a limit on their sum, beside their own. Of the organic binder by mass.',
    afterwards: soluble,
  },
  'resin-limit': {
    title: 'Resin limit',
    reason:
      'Soft resin stays soluble: much of it makes the film brittle and lets a varnish remover into it. Limits are advice, not measurement; of the organic binder by mass.',
    afterwards: soluble,
  },
  'retarder-below': {
    title: 'Retarder in the paint',
    reason:
      'Clove oil keeps paint open by hindering its drying: in a layer that is painted over it stays soft for months. Spike and lavender oil leave slowly and soften what is under them. One conservator’s judgement.',
    afterwards: 'Give it warmth and light, and put nothing over it until a fingernail leaves no mark.',
  },
  'slack-canvas': {
    title: 'Slack canvas',
    reason:
      'Cloth, and glue more so, takes up and gives off water: within a week of much change a canvas sags and tightens, and its paint bends. Swings within seven days of readings. One conservator’s judgement.',
    afterwards: 'Do not key it out now: let it settle two days in a steady room.',
  },
  'slow-under-fast': {
    title: 'Slow under fast',
    reason:
      'A fast layer closes over a slow one that is not firm; the slow one then shrinks and drags it. Rule of thumb; it is unsound where the mismatch, which weighs the same by physics, says so too.',
    afterwards:
      'It stays on the picture: put nothing over it until a fingernail leaves no mark below, and look for cracks.',
  },
  'solvent-bite': {
    title: 'Solvent bites',
    reason:
      'Solvent in the next layer softens a film that is young, or holds resin and wax: colour lifts and edges creep. Strong solvents bite more. What a film takes is one conservator’s judgement (model).',
    afterwards: 'Do not brush it again: let it dry, and look whether colour has lifted.',
  },
  'solvent-leaving': {
    title: 'Solvent still leaving',
    reason:
      'Where paint was taken off with solvent, some of it is still in what is bared, and softens the next layer from below: two to twelve hours after a wipe, a day after a film was dissolved. Estimates.',
    afterwards: 'Leave it open to the air, and look whether the new paint has stayed soft there.',
  },
  'stiffer-above': {
    title: 'Stiffer above',
    reason:
      'One way of judging fat: how far the cured film stretches. A stiff film over one that gives more cracks first. An estimate from its oils, resin and zinc.',
    afterwards: 'Keep it from bending and from the cold; make what follows more flexible.',
  },
  'support-strain': {
    title: 'Support strain',
    reason:
      'The support moves with the weather and the hand; a stiff or thick film on it cracks. Strain is the support’s movement plus bending of the film’s own thickness, over what the cured film can stretch (model).',
    afterwards:
      'It stays on the picture: keep it from bending and from the cold; a panel behind the cloth takes most of the strain.',
  },
  'taking-off': {
    title: 'Taking paint off',
    reason:
      'Wet paint wipes off, soft paint scrapes off, paint that is young or rich in resin dissolves, firm paint takes a wet scuff. Each in its time; and what holds lead, cadmium, chromium, cobalt, nickel or manganese is never abraded.',
    afterwards: 'It is done: look at what is bared in raking light, and let it dry before it is painted on.',
  },
  'thick-under-thin': {
    title: 'Thick under thin',
    reason:
      'Thick paint goes on shrinking for months; a thin film over it is cracked by that, unless it gives like a glaze. Rule of thumb; judged at the thickest spot of the lower layer.',
    afterwards:
      'It stays on the picture: wait until the thick paint is firm to the fingernail before the next layer, and look for cracks.',
  },
  'thinner-above': {
    title: 'Thinner above',
    reason:
      'One way of judging fat: body-led painters build from thin to thick, so that nothing thin lies on what still moves. Dry µm.',
    afterwards: 'Let the thick layer below harden before anything more goes over it.',
  },
  'thinner-glaze': {
    title: 'Thinned, not glazed',
    reason:
      'Solvent spreads colour, but binds none: when it is gone a thinned film holds no more binder than paint from the tube, in a layer so thin that the next brush lifts it. A glaze takes its transparency from medium. A practice’s choice.',
    afterwards: 'Do not brush it again until it is firm; oil it out thinly before the next layer.',
  },
  'thinner-limit': {
    title: 'Thinner in the mix',
    reason:
      'Thinner makes paint thin and thirsty for a while, and bites what lies under it. Much of it belongs in a first layer; schools differ on how much, and some want none. Of the wet mix by volume.',
    afterwards: 'Let it air until the smell is gone, and oil it out before anything goes over it.',
  },
  'too-soon': {
    title: 'Painted too soon',
    reason:
      'Each practice waits for a state of the layer below; a thin layer need only be touch dry, and an emulsion or a wax paste need only have lost its water or its spirit. The chance that it is reached comes from the drying forecast and from touch tests, which outrank it.',
    afterwards:
      'It is done: let both harden now, and do a touch test at the thickest spot before the next layer.',
  },
  underbound: {
    title: 'Underbound',
    reason:
      'Powder needs binder. What the layer below drinks out of a thin wash is missing in it: below 0.9 of the need it dusts and lifts with a varnish remover; a top layer that has lost binder and is left below 1.05 sinks and goes dull (model).',
    afterwards:
      'Oil it out thinly with the oil it was painted in and paint into that, or give the next layer more medium. No solvent on it: it lifts.',
  },
  'unremovable-varnish': {
    title: 'Varnish that stays for good',
    reason:
      'A varnish is meant to come off again when it has yellowed or is dirty, without the painting. Oil, alkyd, egg and run copal harden into the paint; acrylic dispersion swells and smears. Every school of conservation agrees.',
    afterwards: 'It stays: write on the back what it is, and put nothing over it.',
  },
  'varnish-between': {
    title: 'Varnish inside the picture',
    reason:
      'A soluble film inside a picture softens whenever the varnish over it is taken off, and takes with it what lies on it. Every school agrees. Up to 3 µm of the paint’s own kind of resin is borne.',
    afterwards:
      'Take the paint off again where that can be done, then the varnish; else note it for a conservator: it cannot be cleaned there.',
  },
  'varnish-too-early': {
    title: 'Varnished too early',
    reason:
      'A varnish over paint that still moves cracks with it, dulls, or bites into it. A soft removable resin may go on once the slowest, thickest spot is hard and a swab comes away clean; damar, mastic and wax once it is cured. The slowest spot of any layer decides.',
    afterwards:
      'Leave it, and look for bloom and cracks; where it stays tacky ask a conservator before anything is taken off.',
  },
  'water-over-oil': {
    title: 'Water over oil',
    reason:
      'Water and waterborne binder do not hold on oil, however dry it is. Egg-oil emulsion is let into oil that is still wet, and oil made to mix with water takes some of it. Traditional rule; the shares are one conservator’s judgement.',
    afterwards: 'Take it off before anything goes over it: what is watery lifts with a damp cloth.',
  },
  'wax-limit': {
    title: 'Wax limit',
    reason:
      'Wax weakens the film and softens in warmth; on cloth it bears less, and over a layer rich in it only paint as waxy holds. Limits are advice, not measurement; of the organic binder by mass.',
    afterwards: soluble,
  },
  'will-not-harden': {
    title: 'Oil that never dries',
    reason:
      'Olive, coconut, rapeseed and high-oleic oils stay wet for good. A little keeps a film tacky; more, and nothing over it ever holds. Every school agrees; the shares are one conservator’s judgement.',
    afterwards:
      'Take it off while it can be: scrape it, then wipe with as little solvent as does it. Nothing painted over it will hold.',
  },
  wrinkling: {
    title: 'Wrinkling',
    reason:
      'Thick paint rich in oil closes over at the top while it is wet below; as it goes on taking oxygen the skin swells and folds. Surface driers and tung oil make it worse, heat-bodied oil better (model).',
    afterwards:
      'Leave the skin closed until it is firm; then scrape the folds flat, wet and gloved, and paint on in thin coats. Never abrade lead.',
  },
  yellowing: {
    title: 'Yellowing',
    reason:
      'Oil that holds no powder yellows, some oils more than others; on white, blue and violet it shows. Reckoned as the grade of the oil times the free oil in µm; some of it goes again in a few weeks of daylight. An order of magnitude, no measurement.',
    afterwards: 'Light: a few weeks of daylight, out of the sun, take some of it away. Never bleach it.',
  },
  zinc: {
    title: 'Zinc under oil',
    reason:
      'Zinc white makes soaps with oil: the film turns brittle within years and what lies over it lets go. On cloth it does so soonest. Seen in many modern pictures; the shares are one conservator’s judgement.',
    afterwards:
      'It cannot be undone: put no more oil over it than must be, keep the picture from bending, and note it for whoever looks after it.',
  },
}
