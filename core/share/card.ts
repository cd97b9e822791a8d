import { avoidableName } from '../pantry'
import { claimFor, needsOf, type Person } from '../people'
import { sayFacts, type Recipe } from '../recipe'
import type { Bake } from './bake'

const escape = (text: string) => text.replace(/[\\`*_{}[\]<>#|]/gu, '\\$&').replace(/\s+/gu, ' ').trim()
const heading = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

function needsLine(person: Person): string {
  const needs = needsOf(person).filter(need => !need.from).map(need => `${avoidableName(need.allergen)}${need.level === 'trace' ? ' (traces too)' : ''}${need.except?.length ? ` but not ${need.except.map(avoidableName).join(', ')}` : ''}`)
  return `${escape(person.name)}: ${[...person.diets, ...needs].join(', ') || 'avoids nothing'}`
}

function recipeLines(recipe: Recipe): string[] {
  return recipe.components.flatMap(({ name, lines, steps }) => [
    ...name ? [`### ${heading(escape(name))}`, ''] : [],
    ...lines.map(line => `- ${escape(line.text)}${line.optional && !/optional/iu.test(line.text) ? ' (optional)' : ''}`), ...lines.length ? [''] : [],
    ...steps.map((step, i) => `${i + 1}. ${escape(step)}`), ...steps.length ? [''] : [],
  ])
}

/**
 * The card of a bake as Markdown: what it is, what is in it, for whom it was checked, what may be there as a trace, what
 * was not checked. Before a plan is chosen it is the recipe as written, and says so. Never wider than the check.
 */
export function cardOf(bake: Bake, people: readonly Person[]): string {
  const table = people.filter(person => bake.people.includes(person.id))
  const recipe = bake.plan?.recipe ?? bake.recipe
  const claim = claimFor(recipe, table)
  const facts = sayFacts(recipe)
  const section = (title: string, items: readonly string[]) => items.length ? [`## ${title}`, '', ...items.map(item => `- ${escape(item)}`), ''] : []
  return [
    `# ${escape(bake.title)}`, '',
    bake.plan ? `Adapted: ${escape(bake.plan.title.toLowerCase())} plan, ${bake.plan.confidence}. ${escape(bake.plan.restsOn)}` : 'As written; no plan is chosen yet.', '',
    ...facts.length ? [escape(facts.join(' · ')), ''] : [],
    ...table.length ? ['## Checked for', '', ...table.map(person => `- ${needsLine(person)}`), ''] : [],
    claim ? escape(claim) : table.length ? 'No claim can be made for this table: see what is open below.' : 'Checked for nobody.', '',
    ...section('Packets to read before you bake', (bake.plan?.packets ?? []).map(p => `${p.name}: look for ${p.lookFor.join(', ')}`)),
    '## Recipe', '', ...recipeLines(recipe),
    ...section('Good to know', [...bake.plan?.notes ?? [], ...(bake.plan?.differs ?? []).map(text => `Different: ${text}`), ...bake.plan?.risks ?? []]),
    ...section('Cautions', bake.plan?.cautions ?? []),
    'Not checked: what the packets in your kitchen say, traces from your own tools, religious certification. If someone has an emergency plan, it belongs to the family: ______________________', '',
  ].join('\n')
}
