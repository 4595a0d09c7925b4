<script setup lang="ts">
/** What this device keeps of the records, and the way out for whoever leaves it to others. */
import { refusalOf } from '~/api/sending'
import { forgetKept } from '~/files/keep-page'

const { data: session } = await useFetch<{ needed: boolean }>('/api/session')
const forgotten = ref(false)
const failure = ref('')
async function forget() {
  await forgetKept()
  forgotten.value = true
}
async function signOut() {
  failure.value = ''
  try {
    await $fetch('/api/sign-out', { method: 'POST', body: {}, retry: 0 })
    await forgetKept()
    window.location.assign('/sign-in')
  } catch (error) {
    failure.value = refusalOf(error).message
  }
}
</script>

<template>
  <section aria-labelledby="device" class="border-b rule py-4">
    <h2 id="device">This device</h2>
    <p class="mb-3">
      It keeps the pages that were opened last, with what stood in them, so that they open without the server; and marks
      until they are sent. Whoever has the device can read them.
    </p>
    <p class="flex flex-wrap gap-3 items-center">
      <UButton @click="forget">Forget the pages</UButton>
      <UButton v-if="session?.needed" variant="solid" @click="signOut">Sign out</UButton>
      <span v-if="forgotten" role="status">Forgotten.</span>
    </p>
    <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
  </section>
</template>
