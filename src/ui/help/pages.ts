/** What a painter comes to each page for: the question it answers, and how. */
const pages: readonly (readonly [path: RegExp, answer: string])[] = [
  [
    /^\/$/,
    'What is ready to be painted on, what to touch and how, and what is too early until when. Two taps keep what a finger found.',
  ],
  [/^\/paintings$/, 'Every picture with its verdict and its next step. Open one to see what it is made of.'],
  [
    /^\/paintings\/begin$/,
    'Tap what lies on the picture on your easel, from the ground up; the verdict follows each tap.',
  ],
  [
    /\/palette$/,
    'What to squeeze out and what to stir in for one layer, in drops, parts or knife-loads. “Mixed it” keeps what you mixed.',
  ],
  [
    /\/surface$/,
    'Where the picture is dull and why, and how little oil brings it back where you paint today.',
  ],
  [
    /\/finish$/,
    'When it is safe to hang, carry, pack and varnish, each with its test and its chance; and what goes to its owner.',
  ],
  [
    /\/record$/,
    'What was done, on which day and where. A size and a map here make amounts exact. Any day can be looked at again.',
  ],
  [
    /^\/paintings\/[^/]+$/,
    'Is each layer sound over what lies under it? The sentence on the right says so, with the smallest change that mends it; the stair must climb from the ground up. Tap a layer to change it.',
  ],
  [
    /^\/horizon$/,
    'All pictures along the calendar, and whether they make what is promised. Drag a layer to see what gives.',
  ],
  [/^\/mediums$/, 'Your mediums, and what each does. Say what one should do, and those that do it stay.'],
  [
    /^\/mediums\/design$/,
    'Say what a medium should be; it is made out of what you have, with what each wish costs.',
  ],
  [
    /^\/mediums\/begin$/,
    'Tap what went into the jar, once for each part; what it really is, and how much paint bears of it, follows each tap.',
  ],
  [/\/make$/, 'How much to make, in what jar; the amounts follow and the weighing begins.'],
  [
    /^\/mediums\/[^/]+$/,
    'What is really in it, as measured, mixed and dried, and how much of it paint can bear before a limit is met.',
  ],
  [/^\/batches$/, 'What was made, how much is left of it, and what will not keep.'],
  [
    /^\/batches\//,
    'The method, step by step, and the weighing: pour, and what is left to pour follows. An overpour is mended by making more of the rest.',
  ],
  [
    /^\/shelf/,
    'What each material is, does, costs and endangers, and how much is left. What you weighed yourself counts before the book.',
  ],
  [
    /^\/tests$/,
    'Whether your paint dries the way the book says in your room, by swatches and by your finger on pictures.',
  ],
  [/^\/rescue$/, 'What went wrong, and what to do now: with grams, days or wiping, and what each costs.'],
  [/^\/promise$/, 'What may honestly be promised, and the sentence to send.'],
  [
    /^\/varnish$/,
    'Which pictures left without their varnish, and what was agreed of each: how, when, by whom.',
  ],
  [/^\/used$/, 'What was used, on which pictures, and when.'],
  [/^\/room\/air$/, 'How much solvent is in the air over a day, and which windows keep it low.'],
  [/^\/room\/evening$/, 'What has to be put away tonight, rags first.'],
  [
    /^\/room\/inside$/,
    'What hides in mediums, tubes, varnishes and plans that some rooms forbid, and the nearest thing that passes.',
  ],
  [/^\/room$/, 'How warm and damp it was where pictures dry, and what the season will do to them.'],
  [/^\/studio\/data$/, 'Everything in one file, out and in; and the backups that are made by themselves.'],
  [
    /^\/studio\/practice/,
    'Made-up pictures to judge yourself before the program does. It keeps what you miss, and offers the like again.',
  ],
  [/^\/studio$/, 'The room, the days you work, how numbers are written, and the limits of every practice.'],
]

/** What this page is for; null where it says so itself. */
export const answerOn = (path: string): string | null => pages.find(([of]) => of.test(path))?.[1] ?? null
