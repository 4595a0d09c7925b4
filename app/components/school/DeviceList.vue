<script setup lang="ts">
/** Devices that people work with here, each with its way out, and what this one keeps. */
import { refusalOf } from '~/api/sending'
import { forgetKept } from '~/files/keep-page'
import type { ListedDevice } from '~~/core'

const who = useWhoStore()
const units = useUnitsStore()
const [{ data: session }, { data: devices, refresh }] = await Promise.all([
  useFetch<{ needed: boolean }>('/api/session'),
  useFetch<ListedDevice[]>('/api/devices', { key: 'devices' }),
])
const said = ref('')
const failure = ref('')
async function act(what: () => Promise<unknown>, told = '') {
  said.value = failure.value = ''
  try {
    await what()
    said.value = told
  } catch (error) {
    failure.value = refusalOf(error).message
  }
}
const forget = () => act(forgetKept, 'Forgotten.')
const leave = async () => {
  await $fetch('/api/sign-out', { method: 'POST', body: {}, retry: 0 })
  await forgetKept()
  window.location.assign('/sign-in')
}
const signOut = (device: ListedDevice) =>
  act(async () => {
    if (device.here && device.signedIn) return leave()
    await $fetch(`/api/devices/${device.id}`, { method: 'DELETE', body: {}, retry: 0 })
    if (device.here) who.mine = null
    await refresh()
  }, `${device.label} is off the list.`)
const wayOut = (device: ListedDevice) => (device.signedIn ? 'Sign out' : 'Take off the list')
const when = (iso: string) =>
  units.date(iso, { weekday: 'short', day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' })
</script>

<template>
  <section aria-labelledby="device" class="border-y rule py-4">
    <h2 id="device">Devices</h2>
    <p class="mb-3">
      This one keeps the pages that were opened last, with what stood in them, so that they open without the server; and
      marks until they are sent. Whoever has the device can read them.
    </p>
    <p class="flex flex-wrap gap-3 items-center">
      <UButton @click="forget">Forget the pages</UButton>
      <UButton v-if="session?.needed" variant="solid" @click="act(leave)">Sign out</UButton>
      <span role="status">{{ said }}</span>
    </p>
    <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
    <ul v-if="devices?.length" class="mt-3" aria-label="Devices">
      <li v-for="d in devices" :key="d.id" class="border-t rule py-2 flex flex-wrap gap-x-4 gap-y-1 items-center">
        <b>{{ who.nameOf(d.person) ?? 'nobody’s' }}</b>
        <span>{{ d.label }}</span>
        <UBadge v-if="d.here" variant="outline">this one</UBadge>
        <span class="soft figures">last seen {{ when(d.seenAt) }}</span>
        <UButton
          class="ml-auto"
          variant="link"
          :aria-label="`${wayOut(d)}: ${d.label}, ${who.nameOf(d.person) ?? 'nobody’s'}`"
          @click="signOut(d)"
          >{{ wayOut(d) }}</UButton
        >
      </li>
    </ul>
  </section>
</template>
