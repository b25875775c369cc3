// The usual list on the screen, and the counts in a file for scripts/test.mjs.
const { writeFileSync } = require('node:fs')
const { reporters } = require('mocha')

module.exports = class extends reporters.Dot {
  constructor(runner, options) {
    super(runner, options)
    runner.once(
      'end',
      () =>
        process.env.UNIT_REPORT &&
        writeFileSync(
          process.env.UNIT_REPORT,
          JSON.stringify({ passes: runner.stats.passes, failures: runner.stats.failures }),
        ),
    )
  }
}
