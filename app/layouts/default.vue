<script setup lang="ts">
import { writing } from '~/db/writing'

const current = useCurrentBake()
const house = useHouseStore()
const route = useRoute()
const filed = useFiledStore()
onMounted(async () => {
  await house.start()
  await filed.lookUp()
})
// Timers of whatever is being made call on every page.
const make = useMakeStore()
useBeat(
  moment => {
    make.now = moment
  },
  minutes => {
    void make.clockSet(minutes)
  },
)
const alarm = useAlarm(
  () => make.calls,
  () => make.now,
)
provide(alarmKey, alarm)
onMounted(() => make.lookUp())

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(?:INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
useEventListener('keydown', (event: KeyboardEvent) => {
  if (
    !(event.ctrlKey || event.metaKey) ||
    event.key.toLowerCase() !== 'z' ||
    isTyping(event.target)
  )
    return
  event.preventDefault()
  // At the counter a step back is one of the making, never of the recipe.
  if (route.path.startsWith('/make')) {
    if (!event.shiftKey) void make.back()
    return
  }
  void (event.shiftKey ? current.redo() : current.undo())
})
function useEventListener(name: 'keydown', act: (event: KeyboardEvent) => void) {
  onMounted(() => window.addEventListener(name, act))
  onBeforeUnmount(() => window.removeEventListener(name, act))
}
</script>

<template>
  <div
    class="shell"
    :class="{ counting: route.path.startsWith('/make') && make.going }"
    :data-writing="writing || undefined"
  >
    <a href="#work" class="skip">To the work</a>
    <header class="top no-print">
      <NuxtLink to="/" class="mark title" aria-label="Ingwer, start page">
        <img src="/icon.svg" alt="" width="30" height="30" /><span>Ingwer</span>
      </NuxtLink>
      <div id="bench" class="bench" />
      <nav class="quiets" aria-label="House">
        <NuxtLink to="/pantry" class="quiet">Pantry</NuxtLink>
        <NuxtLink to="/settings" class="quiet">House file</NuxtLink>
      </nav>
    </header>
    <StageRail />
    <main id="work" class="work" tabindex="-1">
      <p v-if="house.problem" class="trouble" role="alert">{{ house.problem }}</p>
      <VisitBar />
      <DiskBar />
      <UpdateBar />
      <SilentBar :alarm="alarm" />
      <CounterCall />
      <ApartBar />
      <HouseChanges class="no-print" />
      <UnbrokenPage><slot /></UnbrokenPage>
    </main>
  </div>
</template>

<style scoped>
.shell {
  display: grid;
  grid-template: auto 1fr / 132px minmax(0, 1fr);
  min-height: 100vh;
  max-width: 1340px;
  margin: 0 auto;
  padding: 0 28px 28px 0;
  column-gap: 8px;
}
.top {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  gap: 20px;
  min-height: 68px;
  padding-left: 18px;
}
.mark {
  display: flex;
  align-items: center;
  gap: 9px;
  font-weight: 700;
  font-size: 1.2rem;
  color: var(--ink);
  text-decoration: none;
  width: 122px;
  min-height: 44px;
}
.bench {
  flex: 1;
  min-width: 0;
}
.quiets {
  display: flex;
  gap: 18px;
}
.quiet {
  color: var(--soft);
  text-underline-offset: 3px;
  text-decoration: underline;
  min-height: 44px;
  display: inline-flex;
  align-items: center;
}
.work {
  min-width: 0;
  outline: none;
  padding-top: 4px;
}
.skip {
  position: absolute;
  left: -999px;
  top: 8px;
  background: var(--sheet);
  padding: 10px 16px;
  border-radius: 10px;
  z-index: 30;
}
.skip:focus {
  left: 12px;
}
.trouble {
  background: var(--beet-pale);
  color: var(--ink);
  border-radius: 14px;
  padding: 12px 16px;
  margin-bottom: 12px;
}

@media (max-width: 760px) {
  .shell {
    display: block;
    padding: 0 16px 150px;
  }
  .top {
    padding-left: 0;
    min-height: 58px;
    flex-wrap: wrap;
    row-gap: 0;
  }
  .mark {
    width: auto;
    flex: 1;
  }
  .bench {
    order: 3;
    flex-basis: 100%;
  }
  /* At the counter every line counts: the head is one row. */
  .counting .mark {
    flex: none;
  }
  .counting .mark span,
  .counting .quiets {
    display: none;
  }
  .counting .top {
    flex-wrap: nowrap;
    gap: 12px;
  }
  .counting .bench {
    order: 0;
    flex-basis: auto;
  }
}
@media print {
  .shell {
    display: block;
    padding: 0;
  }
}
</style>
