<script setup lang="ts">
import type { LabelSetting } from '~/composables/labelCanvas'

/** How the photo is set before it is read: turned, straightened, cleaned, cut to the words. */
const setting = defineModel<LabelSetting>({ required: true })
const sides = [
  ['left', 'Cut off left'],
  ['right', 'Cut off right'],
  ['top', 'Cut off top'],
  ['bottom', 'Cut off bottom'],
] as const
const set = (change: Partial<LabelSetting>) => {
  setting.value = { ...setting.value, ...change }
}
const turnBy = (degrees: number) => set({ turn: (setting.value.turn + degrees) % 360 })
const number = (event: Event) => Number((event.target as HTMLInputElement).value)
const isChecked = (event: Event) => (event.target as HTMLInputElement).checked
const cutOff = (side: keyof LabelSetting['cut'], share: number) =>
  set({ cut: { ...setting.value.cut, [side]: share } })
</script>

<template>
  <div class="tools">
    <UButton
      type="button"
      color="neutral"
      variant="outline"
      icon="i-lucide-rotate-ccw"
      aria-label="Turn left"
      @click="turnBy(270)"
    />
    <UButton
      type="button"
      color="neutral"
      variant="outline"
      icon="i-lucide-rotate-cw"
      aria-label="Turn right"
      @click="turnBy(90)"
    />
    <label class="slide"
      >straighten
      <input
        :value="setting.tilt"
        type="range"
        min="-15"
        max="15"
        step="0.5"
        aria-label="Straighten, in degrees"
        @input="set({ tilt: number($event) })"
      />
      {{ setting.tilt }}°</label
    >
    <label class="check"
      ><input
        type="checkbox"
        :checked="setting.clean"
        @change="set({ clean: isChecked($event) })"
      />
      clean</label
    >
    <details class="cuts">
      <summary>cut to the words</summary>
      <label v-for="[side, says] in sides" :key="side" class="slide"
        >{{ side }}
        <input
          :value="setting.cut[side]"
          type="range"
          min="0"
          max="45"
          step="1"
          :aria-label="says"
          @input="cutOff(side, number($event))"
        />
        {{ setting.cut[side] }} %</label
      >
    </details>
  </div>
</template>

<style scoped>
.label {
  display: grid;
  gap: 10px;
}
.tools,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}
.slide,
.check {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.slide input {
  accent-color: var(--ginger);
  width: 130px;
}
.check input {
  width: 22px;
  height: 22px;
  accent-color: var(--ginger);
}
.cuts summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.cuts .slide {
  display: flex;
  justify-content: space-between;
}
.input {
  flex: 1;
  min-width: 120px;
}
</style>
