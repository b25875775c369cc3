// What the compiler finds wrong in a file, as a lint rule: the typed rules have made its program already, and a second one
// would take longer than all they look for.
import ts from 'typescript'

export const compilerErrors = {
  meta: { type: 'problem', schema: [] },
  create({ filename, sourceCode, report }) {
    return {
      Program() {
        const { program } = sourceCode.parserServices
        for (const { start, messageText } of program.getSemanticDiagnostics(program.getSourceFile(filename)))
          report({
            loc: sourceCode.getLocFromIndex(start ?? 0),
            message: ts.flattenDiagnosticMessageText(messageText, '\n'),
          })
      },
    }
  },
}
