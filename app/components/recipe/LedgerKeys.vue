<template>
  <UPopover :content="{ align: 'end' }">
    <UButton
      color="neutral"
      variant="ghost"
      icon="i-lucide-keyboard"
      class="keys"
      aria-label="Keys of this page"
    />
    <template #content>
      <dl class="keylist">
        <dt>↑ ↓</dt>
        <dd>from line to line</dd>
        <dt>Enter</dt>
        <dd>correct, and keep</dd>
        <dt>Tab</dt>
        <dd>keep, and correct the next</dd>
        <dt>Alt ↑ ↓</dt>
        <dd>move the line</dd>
        <dt>Ctrl Enter</dt>
        <dd>part it at the cursor</dd>
        <dt>Backspace</dt>
        <dd>at its start: join with the one above</dd>
        <dt>1 2 3</dt>
        <dd>on a line with choices: take that one</dd>
        <dt>+</dt>
        <dd>a new line below</dd>
        <dt>Delete</dt>
        <dd>take it out</dd>
        <dt>1 2 3, x</dt>
        <dd>on a finding: its corrections, no problem</dd>
        <dt>Ctrl Z</dt>
        <dd>one step back</dd>
      </dl>
    </template>
  </UPopover>
</template>

<style scoped>
.keys {
  margin-left: auto;
  min-width: 44px;
  min-height: 44px;
  align-self: center;
}
.keylist {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 6px 16px;
  padding: 14px 18px;
  font-size: 0.95rem;
}
.keylist dt {
  font-weight: 650;
}
@media (max-width: 760px) {
  .keys {
    display: none;
  }
}
</style>
