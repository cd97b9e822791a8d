import type { Card, PlacedCard, Pour, ScaleReading } from '#core/make'
import type { Saying } from '~/stores/make'

/** The most that is weighed at a counter, in grams. */
const mostGrams = 20_000
/** A scale shows less than `empty` grams when nothing is on it, though more than `little` is wanted. */
const unused = { empty: 0.5, little: 3 }
/** Below so many grams a spoon is surer than a kitchen scale. */
const spoonful = 10

/** The weight in hand: what is typed goes before what the scale shows. */
function useWeightInHand(usesScale: Ref<boolean>) {
  const reading = ref<ScaleReading | null>(null)
  const typed = ref('')
  const wrong = ref('')
  /** Null: nobody says; undefined: what is typed is no weight, and `wrong` says so. */
  function inHand(): number | null | undefined {
    if (!typed.value.trim())
      return usesScale.value && reading.value ? Math.max(0, reading.value.grams) : null
    const n = readDecimal(typed.value)
    if (n !== null && n >= 0 && n <= mostGrams) return n
    wrong.value = `“${typed.value}” is no weight: grams from 0 to 20 000.`
    return undefined
  }
  function empty() {
    typed.value = ''
    wrong.value = ''
  }
  return { reading, typed, wrong, inHand, empty }
}

/** What a measuring card asks for. */
function measured(
  card: string,
  { wrong, inHand }: ReturnType<typeof useWeightInHand>,
  say: (...all: Saying[]) => void,
) {
  const grams = inHand()
  if (grams === undefined) return
  if (grams === null || grams <= 0) {
    wrong.value = 'How many grams? Type them, or go on without weighing.'
    return
  }
  say({ do: 'measured', card, grams }, { do: 'done', card })
}

interface Weighing {
  readonly placed: PlacedCard
  readonly weighPour: (card: string, grams: number) => Promise<Pour | null>
}

/** What the card in hand wants weighed, and whether a scale is used for it. */
function useWantedWeight(of: Weighing, scaled: Ref<boolean>) {
  const card = computed<Card>(() => of.placed.card)
  /** What is still to be weighed: all of it, or what topping up wants. */
  const target = computed(() => {
    const { wanted, got } = of.placed
    if (wanted === null || got === null) return wanted
    return Math.max(0, wanted - got)
  })
  const isMeasured = computed(() => card.value.kind === 'measure')
  const isWeighed = computed(() => card.value.kind === 'weigh' && target.value !== null)
  const usesScale = computed(() => scaled.value && (isWeighed.value || isMeasured.value))
  const isSmall = computed(
    () => target.value !== null && target.value < spoonful && Boolean(card.value.item?.spoons),
  )
  return { card, target, isMeasured, isWeighed, isSmall, usesScale }
}

/** What the card in hand wants weighed, and the weight in hand: typed, or on the scale. */
export function useWeighedCard(
  of: Weighing,
  scaled: Ref<boolean>,
  say: (...all: Saying[]) => void,
) {
  const wants = useWantedWeight(of, scaled)
  const { card, target } = wants
  const hand = useWeightInHand(wants.usesScale)
  const { reading, typed, wrong, inHand } = hand
  const pour = shallowRef<{ readonly of: Pour; readonly got: number } | null>(null)
  watch(
    () => card.value.id,
    () => {
      hand.empty()
      pour.value = null
    },
  )
  /** An empty scale says that it was weighed elsewhere. */
  const isElsewhere = (grams: number, wanted: number) =>
    !typed.value.trim() && grams < unused.empty && wanted > unused.little
  function weighed(grams: number, ...more: Saying[]) {
    const by = typed.value.trim() ? ('hand' as const) : ('scale' as const)
    const { id } = card.value
    say({ do: 'weighed', card: id, grams, by }, { do: 'done', card: id }, ...more)
  }
  /**
   * It is in: by what weight, if anybody says; what is far off is shown before it counts. Gives
   * whether it went in by its weight.
   */
  async function isIn(): Promise<boolean> {
    const grams = inHand()
    if (grams === undefined) return false
    wrong.value = ''
    const { id, item } = card.value
    const wanted = target.value
    if (grams === null || wanted === null || !item || isElsewhere(grams, wanted)) {
      say({ do: 'done', card: id })
      return false
    }
    const found = await of.weighPour(id, (of.placed.got ?? 0) + grams)
    if (found && !found.fine) {
      pour.value = { of: found, got: grams }
      return false
    }
    weighed(grams)
    return true
  }
  return {
    ...wants,
    reading,
    typed,
    wrong,
    pour,
    weighed,
    isIn,
    measured: () => measured(card.value.id, hand, say),
  }
}
