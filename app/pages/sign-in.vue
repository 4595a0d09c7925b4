<script setup lang="ts">
import type { FormError } from '@nuxt/ui'
import { afterSignIn } from '~/api/after-sign-in'
import { refusalOf } from '~/api/sending'
import { forgetKept } from '~/files/keep-page'
useHead({ title: 'Sign in · Zealous Hush' })
useSeoMeta({ description: 'Sign in with the passphrase of this copy.' })
const route = useRoute()
const typed = reactive({ passphrase: '' })
const failure = ref('')
const busy = ref(false)

// Whoever is asked for the passphrase reads nothing that an earlier one left here.
onMounted(() => void forgetKept())
function missing(): FormError[] {
  failure.value = typed.passphrase ? '' : 'Passphrase: given nothing; accepted: the one of this prep room'
  return failure.value ? [{ name: 'passphrase', message: failure.value }] : []
}
async function signIn() {
  busy.value = true
  try {
    await $fetch('/api/sign-in', { method: 'POST', body: typed, retry: 0 })
    window.location.assign(afterSignIn(String(route.query.to ?? '/'), window.location.origin))
  } catch (error) {
    failure.value = refusalOf(error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="max-w-md mx-auto px-4 py-16">
    <h1 class="text-3xl">Zealous <span class="text-(--gap)">Hush</span></h1>
    <CheckedForm :state="typed" :check="missing" class="grid gap-3 mt-6" @submit="signIn">
      <label class="font-bold" for="passphrase">Passphrase of this prep room</label>
      <UInput
        id="passphrase"
        v-model="typed.passphrase"
        type="password"
        :ui="{ base: 'py-2' }"
        autocomplete="current-password"
        required
        :aria-invalid="failure !== ''"
        :aria-describedby="failure ? 'sign-in-fault' : undefined"
      />
      <p v-if="failure" id="sign-in-fault" class="fault" role="alert">
        {{ failure }}
      </p>
      <UButton type="submit" variant="solid" class="justify-self-start" :disabled="busy">Sign in</UButton>
      <p class="soft text-sm">Here to vote? <a class="plain-link" href="/join">Enter the code from the screen.</a></p>
    </CheckedForm>
  </div>
</template>
