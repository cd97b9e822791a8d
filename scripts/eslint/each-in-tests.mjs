/**
 * An assertion inside a loop over nothing is never made, and the test passes. So a test that
 * asserts in a loop goes over `each(list)`, which refuses an empty list, or over what is written
 * out on the spot. Lists of which some may be empty go through a `tally('…')`, which fails where
 * all of them were.
 */
const isEach = (node, scope) => {
  if (node.type !== 'CallExpression') return false
  if (node.callee.name === 'each') return true
  for (let at = scope; at; at = at.upper) {
    const made = at.set.get(node.callee.name)?.defs[0]?.node.init
    if (made) return made.callee?.name === 'tally'
  }
  return false
}

const isWrittenOut = node => {
  if (node.type === 'TSAsExpression' || node.type === 'TSSatisfiesExpression')
    return isWrittenOut(node.expression)
  if (node.type === 'ArrayExpression') return node.elements.some(e => e?.type !== 'SpreadElement')
  const { callee, arguments: [of] = [] } = node
  const isEntries = callee?.object?.name === 'Object' && of?.type === 'ObjectExpression'
  return Boolean(isEntries && of.properties.length)
}

const methodOf = call =>
  call.callee.type === 'MemberExpression' ? call.callee.property.name : null
const asserts = text => /\bexpect\s*(?:\(|\.)/u.test(text)

/** The `expect(…)` that a node stands in as what is looked at; null where there is none. */
function expectAround(node) {
  for (let at = node; at.parent; at = at.parent) {
    const { parent } = at
    const isLookedAt = parent.type === 'CallExpression' && parent.callee.name === 'expect'
    if (isLookedAt && parent.arguments[0] === at) return parent
    if (/Function/u.test(parent.type)) return null
  }
  return null
}

export default {
  meta: {
    type: 'problem',
    fixable: 'code',
    schema: [],
    messages: { bare: 'Nothing is asserted where the list is empty: go over each(…).' },
  },
  create(context) {
    const text = node => context.sourceCode.getText(node)
    const report = list => {
      if (isEach(list, context.sourceCode.getScope(list)) || isWrittenOut(list)) return
      context.report({
        node: list,
        messageId: 'bare',
        fix: fixer => fixer.replaceText(list, `each(${text(list)})`),
      })
    }
    return {
      ForOfStatement: node => {
        if (asserts(text(node.body))) report(node.right)
      },
      CallExpression: node => {
        const method = methodOf(node)
        if (method === 'forEach' && asserts(text(node))) report(node.callee.object)
        if (method === 'every' && expectAround(node)) report(node.callee.object)
      },
    }
  },
}
