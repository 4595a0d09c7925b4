<script setup lang="ts">
/** The made-up scenario that a copy begins with: out of sight at once, and back again. */
import { refusalOf } from '~/api/sending'
import type { DemoState } from '~~/core'

const { data } = await useFetch<{ state: DemoState }>('/api/demo')
const asking = ref(false)
const failure = ref('')
async function set(here: boolean) {
  failure.value = ''
  asking.value = false
  try {
    data.value = await $fetch('/api/demo', { method: 'PUT', body: { here } })
  } catch (error) {
    failure.value = refusalOf(error).message
  }
}
</script>

<template>
  <section v-if="data && data.state !== 'none'" aria-labelledby="demo" class="border-b rule py-4">
    <h2 id="demo">The made-up school</h2>
    <template v-if="data.state === 'here'">
      <p class="mb-3">Its stagings, things, runs and running order came with the application, to try it with.</p>
      <UButton v-if="!asking" @click="asking = true">Take it out</UButton>
      <p v-else class="flex flex-wrap gap-3 items-center">
        <b>Take all of it out? What you made from it stays.</b>
        <UButton variant="solid" @click="set(false)">Take it out</UButton>
        <UButton @click="asking = false">Leave it</UButton>
      </p>
    </template>
    <p v-else class="flex flex-wrap gap-3 items-center" role="status">
      It is out of sight. <UButton @click="set(true)">Bring it back</UButton>
    </p>
    <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
  </section>
</template>
