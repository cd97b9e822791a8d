/**
 * Every third recipe of each list is set aside; nobody looked at them while mending. All of `methods`
 * and the first of `wordy` were opened later, others written for them.
 */
const isAside = (at, name) => name !== 'methods' && at % 3 === 2 && !(name === 'wordy' && at < 9)

const operand = written => {
  const [, made, name, share] = /^(=?)([^*]+?)(?:\*(.+))?$/u.exec(written.trim())
  return {
    made: Boolean(made),
    name: name.replace(/^\(|\)$/gu, ''),
    aside: name.startsWith('('),
    share: share ?? 'all',
  }
}
/** One written action taken apart. */
function wanted(written) {
  const [verb, ...rest] = written.trim().split(/\s+/u)
  const words = rest.join(' ')
  const settings = [...words.matchAll(/@(\d+)/gu)].map(hit => Number(hit[1]))
  const into = /(?:^|\s)>(\p{L}+)/u.exec(words)?.[1] ?? null
  const phases = /(?:^|\s)t([\d+-]+)/u.exec(words)?.[1].split('+') ?? []
  const takes = words
    .replaceAll(/(?:^|\s)(?:@\d+|>\p{L}+|t\d[\d+-]*)/gu, '')
    .split(',')
    .map(one => one.trim())
    .filter(Boolean)
    .map(operand)
  return { verb, settings, into, phases, takes }
}
const wantedSteps = written => written.split(' / ').map(step => step.split(';').map(wanted))

const round = celsius => Math.round(celsius / 10) * 10
const minutes = ({ low, high }) => (low === high ? `${low}` : `${low}-${high}`)

function saidShare(share) {
  if (share.of === 'part') return share.fraction.toFixed(2)
  if (share.of === 'piece') return share.piece
  if (share.of === 'amount') return 'amt'
  return share.of
}
const fractions = { '1/2': '0.50', '1/3': '0.33', '2/3': '0.67', '1/4': '0.25', '3/4': '0.75' }

/** What a read action takes, as names to compare. */
function taken(action, lineOf) {
  return action.takes
    .filter(one => !one.readies)
    .map(({ thing, share }) => ({
      made: thing.is === 'made',
      aside: thing.is === 'aside',
      name:
        thing.is === 'aside'
          ? thing.words
          : (lineOf(thing.is === 'line' ? thing.line : thing.lines[0])?.name ?? ''),
      share: saidShare(share),
    }))
}
const meets = (want, has) =>
  want.made === has.made &&
  (want.aside
    ? has.aside && has.name.toLowerCase().includes(want.name.toLowerCase().slice(-5))
    : !has.aside && has.name.toLowerCase().startsWith(want.name.toLowerCase()))

/** The longest common row of verbs: pairs of places. */
function paired(a, b) {
  const best = Array.from({ length: a.length + 1 }, () => new Array(b.length + 1).fill(0))
  for (let i = a.length - 1; i >= 0; i--)
    for (let j = b.length - 1; j >= 0; j--)
      best[i][j] = a[i] === b[j] ? best[i + 1][j + 1] + 1 : Math.max(best[i + 1][j], best[i][j + 1])
  const pairs = []
  for (let i = 0, j = 0; i < a.length && j < b.length;)
    if (a[i] === b[j]) pairs.push([i++, j++])
    else if (best[i + 1][j] >= best[i][j + 1]) i++
    else j++
  return pairs
}

const nothing = () => ({ right: 0, of: 0 })
const whats = ['actions', 'operands', 'shares', 'settings', 'times', 'vessels']
const empty = () => Object.fromEntries(whats.map(what => [what, nothing()]))

/** Counts what is right, and tells each miss. */
class Tally {
  score = empty()
  wrong = []
  count(what, isRight, says) {
    this.score[what].of++
    if (isRight) this.score[what].right++
    else this.wrong.push(`${what}: ${says}`)
  }
}

/** What one action takes, against what it should. */
function operandsTold(tally, a, b, lineOf) {
  const left = taken(b, lineOf)
  for (const one of a.takes) {
    const at = left.findIndex(other => meets(one, other))
    const name = `${one.made ? '=' : ''}${one.name}`
    tally.count('operands', at >= 0, `${a.verb} lacks ${name} in “${b.text.trim()}”`)
    if (at < 0) continue
    const [other] = left.splice(at, 1)
    const share = fractions[one.share] ?? one.share
    if (one.made && share === 'all') continue
    const isRight = share === 'some' || share === other.share
    tally.count(
      'shares',
      isRight,
      `${name}: ${one.share} read as ${other.share} in “${b.text.trim()}”`,
    )
  }
  for (const other of left)
    tally.count(
      'operands',
      false,
      `${b.verb} has ${other.made ? '=' : ''}${other.name} too many in “${b.text.trim()}”`,
    )
}

/** Settings, times and vessel of one action; what neither has is not counted. */
function factsTold(tally, a, b) {
  const told = [
    ['settings', a.settings.map(round).join(' '), b.settings.map(s => round(s.celsius)).join(' ')],
    ['times', a.phases.join('+'), b.phases.map(minutes).join('+')],
    ['vessels', a.into ?? '', b.into?.noun ?? ''],
  ]
  for (const [what, want, has] of told)
    if (want || has) tally.count(what, want === has, `${want} read as ${has} in “${b.text.trim()}”`)
}

function stepTold(tally, should, has, lineOf) {
  const pairs = paired(
    should.map(a => a.verb),
    has.map(a => a.verb),
  )
  const line = `${should.map(a => a.verb).join(' ')} | ${has.map(a => a.verb).join(' ')}`
  should.forEach((a, i) =>
    tally.count(
      'actions',
      pairs.some(p => p[0] === i),
      `${a.verb} missing: ${line}`,
    ),
  )
  has.forEach((a, j) => {
    if (!pairs.some(p => p[1] === j)) tally.count('actions', false, `${a.verb} too many: ${line}`)
  })
  for (const [i, j] of pairs) {
    operandsTold(tally, should[i], has[j], lineOf)
    factsTold(tally, should[i], has[j])
  }
}

/**
 * How one method is read: actions (found in their order; one too many counts as wrong), what they
 * take, shares of it, settings, times and vessels. `wrong` tells each miss.
 */
function scoreMethod(recipe, written, { readMethod, linesOf }) {
  const lines = new Map(linesOf(recipe).map(line => [line.id, line]))
  const { actions } = readMethod(recipe)
  const steps = recipe.components.flatMap(c => c.steps.map((_, at) => ({ component: c.name, at })))
  const want = wantedSteps(written)
  const tally = new Tally()
  if (want.length !== steps.length)
    tally.wrong.push(`steps: ${want.length} are written, ${steps.length} read`)
  steps.forEach((step, k) => {
    const has = actions.filter(
      a => a.mode !== 'remark' && a.step.at === step.at && a.step.component === step.component,
    )
    stepTold(tally, want[k] ?? [], has, id => lines.get(id))
  })
  return tally
}

/** Both shares of all lists together. */
export function scoreActions(lists, written, core) {
  const both = {
    open: { methods: 0, scores: empty(), wrong: [] },
    aside: { methods: 0, scores: empty(), wrong: [] },
  }
  for (const [name, rows] of Object.entries(written))
    rows.forEach((row, at) => {
      const { recipe } = core.readRecipe(lists[name][at].text)
      const { score, wrong } = scoreMethod(recipe, row, core)
      const to = isAside(at, name) ? both.aside : both.open
      to.methods++
      for (const what of whats) {
        to.scores[what].right += score[what].right
        to.scores[what].of += score[what].of
      }
      to.wrong.push(...wrong.map(says => `${name} ${at} ${recipe.title}: ${says}`))
    })
  return both
}

/** Labels that name no line of their recipe, or another number of steps than it has. */
export function badLabels(lists, written, { readRecipe, linesOf }) {
  return Object.entries(written).flatMap(([name, rows]) =>
    rows.flatMap((row, at) => {
      const { recipe } = readRecipe(lists[name][at].text)
      const names = linesOf(recipe).map(line => line.name.toLowerCase())
      const steps = recipe.components.flatMap(c => c.steps)
      const want = wantedSteps(row)
      const unnamed = want
        .flat()
        .flatMap(a => a.takes)
        .filter(one => !one.aside && !names.some(line => line.startsWith(one.name.toLowerCase())))
      return [
        ...(want.length === steps.length
          ? []
          : [`${name} ${at}: ${want.length} steps, not ${steps.length}`]),
        ...unnamed.map(one => `${name} ${at}: ${one.name} is no line`),
      ]
    }),
  )
}
