<script setup lang="ts">
/** Sound, screen and another device; and the way to begin anew. */
const alarm = inject(alarmKey)!
const awake = useAwake()
const carry = useCarry()
const putAway = usePutAway()
const screen = computed(() => {
  if (awake.on.value) return 'The screen stays on while this page is open.'
  return awake.can
    ? 'This device does not keep its screen on now; timers go on all the same.'
    : 'This browser cannot keep the screen on; timers go on all the same.'
})
const notices = {
  granted: 'Timers notify when this page is not in front.',
  denied: 'Notifications are switched off for this page.',
  default: '',
  never: 'This browser has no notifications.',
}
/** “Begin anew” was pressed, and is asked about. */
const started = ref(false)
</script>

<template>
  <details class="fold">
    <summary>Sound, screen, another device</summary>
    <div class="acts">
      <button
        type="button"
        class="knuckle ghost"
        :aria-pressed="!alarm.quiet.value"
        @click="alarm.setQuiet(!alarm.quiet.value)"
      >
        {{ alarm.quiet.value ? 'Silent' : 'It rings' }}
      </button>
      <button
        v-if="alarm.allowed.value === 'default'"
        type="button"
        class="knuckle ghost"
        @click="alarm.ask()"
      >
        Notify me when I am elsewhere
      </button>
    </div>
    <p class="soft">{{ screen }} {{ notices[alarm.allowed.value] }}</p>
    <div class="acts">
      <button type="button" class="knuckle ghost" @click="carry">
        File, to go on on another device
      </button>
    </div>
    <p class="soft">Drop it on the start page there. Timers keep their hour.</p>
    <div class="acts">
      <button v-if="!started" type="button" class="knuckle ghost" @click="started = true">
        Begin anew</button
      ><template v-else
        ><button type="button" class="knuckle ghost" @click="started = false">No, go on</button
        ><button type="button" class="knuckle ghost" @click="putAway">
          Yes, put this one away
        </button></template
      >
    </div>
  </details>
</template>
