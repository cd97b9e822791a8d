import type { Measure } from '../../formula'
import type { Question, Sentence } from '../../swap'

/** What an arm of a trial may do otherwise, by what it needs of the engine. */
export type ArmRow =
  /** Another school for the same question. */
  | { readonly how: 'school'; readonly id: string; readonly group: string; readonly questions: readonly Question[]; readonly source: string }
  /** One amount, so that a measure moves. */
  | {
      readonly how: 'measure'
      readonly id: string
      readonly group: string
      readonly measure: Measure
      readonly up: boolean
      readonly says: string
      readonly not?: readonly string[]
      readonly source: string
    }
  /** One sentence more in the method, before the first step in which `before` is found; only where it does not stand there yet. */
  | ({ readonly how: 'method'; readonly id: string; readonly group: string; readonly families: readonly string[]; readonly says: string; readonly source: string } & Sentence)
  /** Whatever rests, each by itself, so many times as long. */
  | { readonly how: 'rest'; readonly id: string; readonly group: string; readonly times: number; readonly because: string; readonly source: string }
  /** The oven hotter or cooler. */
  | { readonly how: 'oven'; readonly id: string; readonly group: string; readonly by: number; readonly says: string; readonly source: string }

const crumb = ['creamed', 'muffin', 'quick-bread', 'brownie', 'pancake', 'sponge', 'other']
const dry = ['shortbread', 'streusel', 'pastry']
const cold = ['meringue', 'buttercream', 'mousse', 'glaze', 'no-bake']

export const armRows: readonly ArmRow[] = [
  { how: 'school', id: 'binder', group: 'what stands for the egg', questions: ['egg'], source: 'tables/egg-schools' },
  { how: 'measure', id: 'bind-more', group: 'dose of what binds', measure: 'bind', up: true, says: 'more to bind', not: cold, source: '[M] 1½ tolerances' },
  { how: 'measure', id: 'bind-less', group: 'dose of what binds', measure: 'bind', up: false, says: 'less to bind', not: cold, source: '[M] 1½ tolerances' },
  { how: 'school', id: 'fat', group: 'the fat', questions: ['butter', 'fat', 'hard-fat', 'oil'], source: 'tables/dairy-schools' },
  { how: 'measure', id: 'fat-more', group: 'how much fat', measure: 'fat', up: true, says: 'more fat', source: '[M] 1½ tolerances' },
  { how: 'measure', id: 'fat-less', group: 'how much fat', measure: 'fat', up: false, says: 'less fat', source: '[M] 1½ tolerances' },
  { how: 'measure', id: 'lift-more', group: 'lift', measure: 'lift', up: true, says: 'more lift', not: [...dry, ...cold], source: '[M] 1½ tolerances' },
  { how: 'measure', id: 'lift-less', group: 'lift', measure: 'lift', up: false, says: 'less lift', not: [...dry, ...cold], source: '[M] 1½ tolerances' },
  { how: 'measure', id: 'water-more', group: 'liquid', measure: 'water', up: true, says: 'more liquid', not: cold, source: '[M] 1½ tolerances' },
  { how: 'measure', id: 'water-less', group: 'liquid', measure: 'water', up: false, says: 'less liquid', not: cold, source: '[M] 1½ tolerances' },
  { how: 'measure', id: 'sugar-less', group: 'sugar', measure: 'sugar', up: false, says: 'less sugar', source: '[M] 1½ tolerances' },
  { how: 'measure', id: 'sugar-more', group: 'sugar', measure: 'sugar', up: true, says: 'more sugar', source: '[M] 1½ tolerances' },
  { how: 'school', id: 'flour', group: 'the flour', questions: ['flour'], source: 'tables/other-schools' },
  { how: 'school', id: 'milk', group: 'the milk', questions: ['milk', 'sour-milk', 'cream'], source: 'tables/dairy-schools' },
  { how: 'measure', id: 'gluten-more', group: 'hold', measure: 'gluten', up: true, says: 'more hold by a gum', not: [...dry, ...cold], source: '[M] 1½ tolerances' },
  { how: 'rest', id: 'rest-longer', group: 'rest', times: 2, because: 'what swells, firms up or takes up water has longer to do it', source: '[P]' },
  { how: 'rest', id: 'rest-shorter', group: 'rest', times: 0.5, because: 'whether it needs so long', source: '[P]' },
  {
    how: 'method',
    id: 'stand',
    group: 'method',
    families: crumb,
    says: 'the batter stands 15 minutes',
    step: 'Let the batter stand for 15 minutes before it goes into the tin.',
    before: /\b(?:tin|pan|mould|cases?|bake)\b/iu,
    unless: /\b(?:stand|rest)\b/iu,
    source: '[P] flours and gels take up water',
  },
  {
    how: 'method',
    id: 'chill',
    group: 'method',
    families: ['cookie', ...dry],
    says: 'the dough is chilled for an hour',
    step: 'Chill the dough for 1 hour.',
    before: /\b(?:roll|shape|cut|bake|press)\b/iu,
    unless: /\bchill/iu,
    source: '[P] firm fat spreads less',
  },
  {
    how: 'method',
    id: 'sift',
    group: 'method',
    families: crumb,
    says: 'the flour is sifted twice',
    step: 'Sift the flour once more before it goes in.',
    before: /\b(?:flour|fold|stir|whisk)\b/iu,
    unless: /\bsift/iu,
    source: '[P]',
  },
  { how: 'oven', id: 'cooler', group: 'oven', by: -20, says: 'an oven 20 °C cooler', source: '[P]' },
  { how: 'oven', id: 'hotter', group: 'oven', by: 20, says: 'an oven 20 °C hotter', source: '[P]' },
]
