/**
 * Why each rule holds, in a painter's words, and where it comes from; by the rule's id. Apart from the rules, as it is read
 * only where somebody asks.
 */
export const ruleReasons: Readonly<Record<string, string>> = {
  cissing:
    'A dried film that is rich, waxy or glossy sheds what is brushed over it: it crawls into drops. Oil rubbed on and off again, or a wet scuff, lets it take hold; try a corner. Never scuffed: what holds lead, cadmium, chromium, cobalt, nickel or manganese.',
  'drier-over-maximum':
    'Driers add up, and so do those already in alkyd, boiled oil and oil cooked with lead. Past the most advised a film skins, wrinkles, darkens and turns brittle; and no drier brings thick paint firm any sooner. Suppliers’ advice.',
  'fat-over-lean':
    'A lean film over a fat one stiffens first and cannot follow the fatter paint as it goes on moving. Fat is weighed as leanness (what the powder needs over the fat there is) together with oil content. Traditional rule.',
  'ground-on-support':
    'Chalk or gypsum in glue is brittle: on a panel it lasts, on cloth that bends and swells it cracks and falls off. Every school agrees.',
  'ground-age':
    'A ground gives off water, or hardens, before it may be painted on: days for acrylic and glue, weeks for oil; twice as long below 15 °C or above 70 % humidity. Typical waiting times, estimates.',
  halo: 'Oil painted on a part of a thirsty waterborne picture runs past its own edge, 1 to 3 mm, and stays there as a dark rim. An isolating coat over the whole stops it, or one laid 10 mm past the edge (model).',
  'medium-limit':
    'Much medium makes a film that wrinkles, yellows and stays soft, and what is over it moves. Counted is the medium without its solvent and its powder, of the mix without solvent, by volume; a glaze may hold more. Advice, not measurement.',
  mismatch:
    'Every oil film shrinks as it cures. Where the upper hardens over a lower that is still moving, it slips while it sets or is stretched later. The movement is followed for 1500 days by the cure model and set against what the upper film tolerates (model).',
  'oil-over-wet-waterborne':
    'Acrylic, gum, glue and egg lose their water through their surface; oil closes it, and what is left of the water blisters or clouds the oil. Longer where it is thick, cold or damp. Typical waiting times, estimates.',
  'oiled-out-not-reworked':
    'Oil rubbed on a dull place is meant to be painted into within hours. Left alone it is a layer of its own: it yellows, it is the fattest there is, and over 3 µm it restarts the time to the varnish. 1 µm over a square metre is 1 ml.',
  'old-picture':
    'What was painted years ago is the fattest and hardest film there is: new paint does not bite into it, and crawls. Varnish is taken off first; then a wet scuff or oil rubbed on and off gives a hold. Old paint may hold lead: it is never sanded dry.',
  overaged:
    'Paint takes hold of a young film and of a matt one; an old glossy film is closed, and the next layer only lies on it. A wet scuff, or oil rubbed on and off, within two days before opens it. Ages are one conservator’s judgement.',
  policy:
    'What the room forbids is set on the Studio page; every material of a layer is held against it, its oil, its medium and its thinner too.',
  'resin-limit':
    'Soft resin stays soluble: much of it makes the film brittle and lets a varnish remover into it. Limits are advice, not measurement; of the organic binder by mass.',
  'wax-limit':
    'Wax weakens the film and softens in warmth; on cloth it bears less, and over a layer rich in it only paint as waxy holds. Limits are advice, not measurement; of the organic binder by mass.',
  'resin-and-wax-limit':
    'What a varnish remover attacks adds up: resin and wax have a limit on their sum, beside their own. Of the organic binder by mass.',
  'slow-under-fast':
    'A fast layer closes over a slow one that is not firm; the slow one then shrinks and drags it. Rule of thumb; it is unsound where the mismatch, which weighs the same by physics, says so too.',
  'solvent-bite':
    'Solvent in the next layer softens a film that is young, or holds resin and wax: colour lifts and edges creep. Strong solvents bite more. What a film takes is one conservator’s judgement (model).',
  'solvent-leaving':
    'Where paint was taken off with solvent, some of it is still in what is bared, and softens the next layer from below: two to twelve hours after a wipe, a day after a film was dissolved. Estimates.',
  'support-strain':
    'The support moves with the weather and the hand; a stiff or thick film on it cracks. Strain is the support’s movement plus bending of the film’s own thickness, over what the cured film can stretch (model).',
  'taking-off':
    'Wet paint wipes off, soft paint scrapes off, paint that is young or rich in resin dissolves, firm paint takes a wet scuff. Each in its time; and what holds lead, cadmium, chromium, cobalt, nickel or manganese is never abraded.',
  'thick-under-thin':
    'Thick paint goes on shrinking for months; a thin film over it is cracked by that, unless it gives like a glaze. Rule of thumb; judged at the thickest spot of the lower layer.',
  'too-soon':
    'Each practice waits for a state of the layer below; a thin layer need only be touch dry, and an emulsion or a wax paste need only have lost its water or its spirit. The chance that it is reached comes from the drying forecast and from touch tests, which outrank it.',
  underbound:
    'Powder needs binder. What the layer below drinks out of a thin wash is missing in it: below 0.9 of the need it dusts and lifts with a varnish remover; a top layer that has lost binder and is left below 1.05 sinks and goes dull (model).',
  'unremovable-varnish':
    'A varnish is meant to come off again when it has yellowed or is dirty, without the painting. Oil, alkyd, egg and run copal harden into the paint; acrylic dispersion swells and smears. Every school of conservation agrees.',
  'varnish-between':
    'A soluble film inside a picture softens whenever the varnish over it is taken off, and takes with it what lies on it. Every school agrees. Up to 3 µm of the paint’s own kind of resin is borne.',
  'varnish-too-early':
    'A varnish over paint that still moves cracks with it, dulls, or bites into it. A soft removable resin may go on once the slowest, thickest spot is hard and a swab comes away clean; damar, mastic and wax once it is cured. The slowest spot of any layer decides.',
  'water-over-oil':
    'Water and waterborne binder do not hold on oil, however dry it is. Egg-oil emulsion is let into oil that is still wet, and oil made to mix with water takes some of it. Traditional rule; the shares are one conservator’s judgement.',
  'will-not-harden':
    'Olive, coconut, rapeseed and high-oleic oils stay wet for good. A little keeps a film tacky; more, and nothing over it ever holds. Every school agrees; the shares are one conservator’s judgement.',
  wrinkling:
    'Thick paint rich in oil closes over at the top while it is wet below; as it goes on taking oxygen the skin swells and folds. Surface driers and tung oil make it worse, heat-bodied oil better (model).',
  zinc: 'Zinc white makes soaps with oil: the film turns brittle within years and what lies over it lets go. On cloth it does so soonest. Seen in many modern pictures; the shares are one conservator’s judgement.',
}
