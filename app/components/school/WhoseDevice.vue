<script setup lang="ts">
/** Whose this device is, and the names to choose from. */
import { refusalOf } from '~/api/sending'
import { namedSchema, type Person } from '~~/core'

const who = useWhoStore()
const failure = ref('')
const said = ref('')
const NOBODY = 'nobody'
const choices = computed(() => [
  ...who.people.map(p => ({ value: p.id, label: p.name })),
  { value: NOBODY, label: 'nobody’s in particular' },
])
async function act(what: () => Promise<unknown>, told = '') {
  failure.value = said.value = ''
  try {
    await what()
    said.value = told
    await refreshNuxtData('devices')
  } catch (error) {
    failure.value = refusalOf(error).message
  }
}
const mine = computed({
  get: () => who.mine ?? NOBODY,
  set: id =>
    void act(
      () => who.say(id === NOBODY ? null : id),
      id === NOBODY ? 'It is nobody’s.' : `What is made with it says “${who.nameOf(id)}” from now on.`,
    ),
})
const fresh = reactive({ name: '' })
/** The first who adds a name here says whose the device is. */
const add = () =>
  act(async () => {
    const { name } = namedSchema.parse(fresh)
    const id = await who.name(name)
    fresh.name = ''
    if (who.mine === null) await who.say(id)
  })
const changing = ref<Person>()
const change = () => {
  const { id, name } = changing.value!
  return act(async () => {
    await who.name(namedSchema.parse({ name }).name, id)
    changing.value = undefined
  })
}
/** Asked for a second time: nothing brings it back. */
const leaving = ref<Person>()
const remove = () => {
  const { id, name } = leaving.value!
  leaving.value = undefined
  return act(() => who.remove(id), `“${name}” is taken away; what was made stays.`)
}
</script>

<template>
  <section aria-labelledby="who" class="border-t rule py-4">
    <h2 id="who">Who</h2>
    <p class="mb-3">
      A name or initials, nothing more. Stagings, orders, shows and runs then say whose they are, and lists can be
      narrowed to your own. It is no lock: whoever has the device can change it.
    </p>
    <div class="flex flex-wrap gap-x-6 gap-y-3 items-end">
      <ChoiceField v-model="mine" class="w-64" label="This device is" :items="choices" />
      <UForm :state="fresh" :schema="namedSchema" class="flex gap-2 items-end" @submit="add">
        <UFormField name="name" label="Another name">
          <UInput v-model="fresh.name" maxlength="40" autocomplete="off" />
        </UFormField>
        <UButton type="submit">Add</UButton>
      </UForm>
    </div>
    <p role="status" class="mt-2 min-h-6">{{ said }}</p>
    <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
    <Folded v-if="who.people.length">
      <template #title>Names ({{ who.people.length }})</template>
      <ul class="pl-5">
        <li v-for="p in who.people" :key="p.id" class="flex items-center gap-2 py-0.5">
          <span class="min-w-32">{{ p.name }}</span>
          <UButton variant="link" :aria-label="`Change ${p.name}`" @click="changing = { ...p }">Change</UButton>
          <UButton variant="link" :aria-label="`Take ${p.name} away`" @click="leaving = p">Take away</UButton>
        </li>
      </ul>
    </Folded>
    <UModal
      :open="changing !== undefined"
      title="Change a name"
      description="What it stands on says the new one."
      @update:open="changing = undefined"
    >
      <template v-if="changing" #body>
        <UForm :state="changing" :schema="namedSchema" class="grid gap-3" @submit="change">
          <UFormField name="name" label="Name or initials">
            <UInput v-model="changing.name" maxlength="40" autocomplete="off" />
          </UFormField>
          <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
          <div class="flex gap-2 justify-end">
            <UButton @click="changing = undefined">Cancel</UButton>
            <UButton variant="solid" type="submit">Change it</UButton>
          </div>
        </UForm>
      </template>
    </UModal>
    <UModal
      :open="leaving !== undefined"
      :title="`Take “${leaving?.name}” away?`"
      description="Stagings, orders, shows and runs that say it stay, and say nobody’s name. It can’t be undone."
      @update:open="leaving = undefined"
    >
      <template #body>
        <div class="flex gap-2 justify-end">
          <UButton @click="leaving = undefined">Keep it</UButton>
          <UButton variant="solid" @click="remove">Take it away</UButton>
        </div>
      </template>
    </UModal>
  </section>
</template>
