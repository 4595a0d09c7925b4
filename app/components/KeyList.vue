<script setup lang="ts">
const single = useSingleKeys()
const open = defineModel<boolean>('open', { required: true })
const keys = [
  ['1', 'Shelf'],
  ['2', 'Bench'],
  ['3', 'Running order'],
  ['4', 'Live'],
  ['5', 'Logbook'],
  ['Ctrl K', 'find anything'],
  ['u', 'switch SI and US units'],
  ['?', 'this list'],
  ['Tab, Enter', 'go to a number in the procedure and open it'],
  ['Esc', 'close what is open'],
  ['Ctrl S', 'save the staging'],
  ['space', 'play or stop the drawing'],
  ['← →', 'move along the time scrubber (when it has the focus)'],
  ['l', 'log a run of the open staging'],
]
</script>

<template>
  <UModal v-model:open="open" :title="$t('Keys')" :description="$t('Every key and what it does.')">
    <template #body>
      <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
        <template v-for="[key, what] in keys" :key="key">
          <dt>
            <kbd class="!text-sm">{{ key }}</kbd>
          </dt>
          <dd>{{ $t(what!) }}</dd>
        </template>
      </dl>
      <USwitch
        v-model="single"
        class="mt-4"
        :label="$t('Single keys act')"
        :description="$t('Off, only keys with Ctrl do anything outside Live.')"
      />
    </template>
  </UModal>
</template>
