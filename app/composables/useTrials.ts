import type { Plan } from '#core/swap'
import { beginTrial, type Trial } from '#core/trial'

/** One arm as it is tried: its name, why, and the plan that it is. */
export interface Tried {
  readonly says: string
  readonly because: string
  readonly plan: Plan
}
/** A trial that is to begin; without a `base` the plan in hand is what is compared with. */
export interface TrialWish {
  readonly question: string
  readonly tried: readonly Tried[]
  readonly tests: number
  readonly base?: Plan
  readonly rematchOf?: string
}

const lot = () => crypto.getRandomValues(new Uint32Array(1))[0]!

/** The trials of the bake that is open: begun, kept, repeated with the winner, thrown away. */
export function useTrials() {
  const current = useCurrentBake()
  const house = useHouseStore()
  const takeBack = useTakeBack()
  const trials = computed<readonly Trial[]>(() => current.bake?.trials ?? [])
  const keep = (trial: Trial) => {
    const isKnown = trials.value.some(t => t.id === trial.id)
    const all = isKnown
      ? trials.value.map(t => (t.id === trial.id ? trial : t))
      : [...trials.value, trial]
    return current.keepTrials({ trials: all })
  }
  async function begin({ question, tried, tests, base, rematchOf }: TrialWish) {
    const { bake } = current
    if (!bake) return null
    const trial = beginTrial({
      id: crypto.randomUUID(),
      begun: today(),
      seed: lot(),
      question,
      base: base ?? (await useCore().basePlan(current.handBase(bake))),
      tried,
      tests,
      rematchOf: rematchOf ?? null,
    })
    await keep(trial)
    return trial
  }
  /** The winner once more beside what it won against. */
  async function rematch(trial: Trial, winner: string): Promise<TrialWish | null> {
    const [first] = trial.arms
    const won = trial.arms.find(arm => arm.id === winner)
    const { bake } = current
    if (!bake || !first || !won) return null
    const base = await useCore().versionPlan(bake, first, current.table, current.knows())
    const plan = await useCore().versionPlan(bake, won, current.table, current.knows())
    return {
      question: `Once more: ${won.says}`,
      tried: [{ says: won.says, because: 'the winner, baked again', plan }],
      tests: trial.tests,
      base,
      rematchOf: trial.id,
    }
  }
  async function drop(trial: Trial) {
    const { bake } = current
    if (!bake) return
    const before = trials.value
    const aside = await house.putTrialAside(bake, trial)
    await current.keepTrials({ trials: before.filter(t => t.id !== trial.id) })
    takeBack('The trial is thrown away.', 'Bring it back', async () => {
      await current.keepTrials({ trials: before })
      await house.forget([aside])
    })
  }
  return { trials, keep, begin, rematch, drop }
}
