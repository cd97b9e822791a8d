import { saidOf, type Person } from '../people'
import { blocksOf, type Recipe } from '../recipe'
import type { Bake } from './bake'
import { cardFacts, restsOnRead, type CardFacts, type CardHouse } from './card-facts'

const plain = (text: string) =>
  text
    .replace(/[\\`*_{}[\]<>#|]/gu, '\\$&')
    .replace(/\s+/gu, ' ')
    .trim()
const heading = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

function recipeLines(recipe: Recipe): string[] {
  return blocksOf(recipe).flatMap(({ name, lines, steps }) => [
    ...(name ? [`### ${heading(plain(name))}`, ''] : []),
    ...lines.map(
      line =>
        `- ${plain(line.text)}${line.optional && !/optional/iu.test(line.text) ? ' (optional)' : ''}`,
    ),
    ...(lines.length ? [''] : []),
    ...steps.map((step, i) => `${i + 1}. ${plain(step)}`),
    ...(steps.length ? [''] : []),
  ])
}

const nothing: CardHouse = { packets: [], today: '' }
export const notCheckedText =
  'Not checked: traces from your own tools, religious certification, packets that are not ' +
  'named here. Your allergist, the packet in your hand and the food law of the place come ' +
  'first.'
export const emergencyText =
  'If someone has an emergency plan, it belongs to the family: ______________________'

/**
 * The card of a bake as Markdown: what it is, what is in it by its packets, for whom it was
 * checked, what may be there as a trace, what was not checked, how it keeps. Before a plan is
 * chosen it is the recipe as written, and says so. Never wider than the check.
 */
export function cardOf(bake: Bake, people: readonly Person[], house: CardHouse = nothing): string {
  const facts = cardFacts(bake, people, house)
  const section = (title: string, items: readonly string[]) =>
    items.length ? [`## ${title}`, '', ...items.map(item => `- ${plain(item)}`), ''] : []
  return [
    `# ${plain(facts.title)}`,
    '',
    plain(facts.says),
    '',
    ...(facts.facts ? [plain(facts.facts), ''] : []),
    ...section(
      'Checked for',
      facts.checkedFor.map(p => `${p.name}: ${p.needs}`),
    ),
    ...saidOf(facts.claims).flatMap(({ is, says }) => [
      is === 'not for' ? `**${plain(says)}**` : plain(says),
      '',
    ]),
    ...section('Contains', facts.contains),
    ...section('May contain', facts.mayContain),
    ...section('Not known', facts.unknown),
    ...section(
      'By their packets',
      facts.packets.map(p => `${p.name}, read on ${p.checkedOn}: ${p.statement}`),
    ),
    ...section('Packets not read', facts.notChecked),
    ...section(
      'Packets to read before you bake',
      facts.toRead.map(p => `${p.name}: look for ${p.lookFor.join(', ')}`),
    ),
    '## Recipe',
    '',
    ...recipeLines(facts.recipe),
    ...section('Good to know', [
      ...(bake.plan?.notes ?? []),
      ...(bake.plan?.differs ?? []).map(text => `Different: ${text}`),
      ...(bake.plan?.risks ?? []),
    ]),
    ...section('Keeping', [
      keepingLine(facts),
      `Frozen: ${facts.keeping.freeze}.`,
      ...facts.keeping.told.map(text => `The recipe: “${text}”`),
    ]),
    ...section('Cautions', facts.cautions),
    notCheckedText,
    '',
    emergencyText,
    '',
  ].join('\n')
}

const keepingLine = ({ keeping }: CardFacts): string =>
  `${keeping.says}, ${keeping.span}${keeping.useBy ? `: eat by ${keeping.useBy}` : ''}.`

const html = (text: string) =>
  text
    .replace(/&/gu, '&amp;')
    .replace(/</gu, '&lt;')
    .replace(/>/gu, '&gt;')
    .replace(/"/gu, '&quot;')

/** The card's own style sheet; a claim that rests on packets that were read has a whole line beside it. */
const cardStyle = (isRead: boolean) => `
body{font:17px/1.5 system-ui,sans-serif;max-width:42em;margin:2em auto;padding:0 1em;color:#1f2421}
h1{font-size:1.7em;margin:0}h2{font-size:1.05em;margin:1.2em 0 .3em}
ul,ol{margin:.2em 0;padding-left:1.3em}
.claim{border-left:4px ${isRead ? 'solid #33703f' : 'dashed #4f5f74'};padding-left:.8em}
.claim{font-weight:600}.not-for{font-weight:700;border-left:6px solid #98274a;padding-left:.8em}
.not-known,.nobody{border-left:4px dashed #4f5f74;padding-left:.8em}
.soft{color:#56605a}svg{width:9em;height:9em}
`

/**
 * The same card as one HTML file that needs nothing else: no script, nothing fetched. `code` is a
 * drawn code (SVG) of the card's text.
 */
export function cardHtml(
  bake: Bake,
  people: readonly Person[],
  house: CardHouse,
  code = '',
): string {
  const facts = cardFacts(bake, people, house)
  const list = (title: string, items: readonly string[]) =>
    items.length
      ? `<h2>${html(title)}</h2><ul>${items.map(item => `<li>${html(item)}</li>`).join('')}</ul>`
      : ''
  const parts = blocksOf(facts.recipe)
    .map(
      ({ name, lines, steps }) =>
        (name ? `<h3>${html(heading(name))}</h3>` : '') +
        (lines.length
          ? `<ul>${lines.map(line => `<li>${html(line.text)}</li>`).join('')}</ul>`
          : '') +
        (steps.length ? `<ol>${steps.map(step => `<li>${html(step)}</li>`).join('')}</ol>` : ''),
    )
    .join('')
  const keeping = keepingLine(facts)
  const checkedFor = facts.checkedFor.map(p => `${p.name}: ${p.needs}`)
  const packets = facts.packets.map(p => `${p.name}, read on ${p.checkedOn}: ${p.statement}`)
  const said = saidOf(facts.claims)
    .map(({ is, says }) => `<p class="${is.replace(' ', '-')}">${html(says)}</p>`)
    .join('')
  const subtitle = [facts.says, facts.facts].filter(Boolean).join(' · ')
  return `<!doctype html><html lang="en"><meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${html(facts.title)}</title>
<style>${cardStyle(restsOnRead(facts))}</style>
<h1>${html(facts.title)}</h1>
<p class="soft">${html(subtitle)}</p>
${list('Checked for', checkedFor)}${said}
${list('Contains', facts.contains)}${list('May contain', facts.mayContain)}
${list('Not known', facts.unknown)}${list('By their packets', packets)}
${list('Packets not read', facts.notChecked)}
<h2>Recipe</h2>${parts}${list('Keeping', [keeping])}${list('Cautions', facts.cautions)}
<p class="soft">${html(notCheckedText)}</p><p>${html(emergencyText)}</p>${code}</html>
`
}
