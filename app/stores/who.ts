import { defineStore } from 'pinia'
import { newId } from '~/api/new-id'
import { sendWrite } from '~/api/sending'
import type { Person, Who } from '~~/core'

/** Letters of a name that is shown whole. */
const SHORT = 3

/** Who works here, and whose this device is. */
export const useWhoStore = defineStore('who', () => {
  const people = ref<Person[]>([])
  const mine = ref<string | null>(null)
  const loaded = ref(false)
  const nameOf = (id: string | null | undefined) => people.value.find(p => p.id === id)?.name
  const myName = computed(() => nameOf(mine.value))
  /** As much of it as the head of a page has room for. */
  const initials = computed(() => {
    const name = myName.value ?? ''
    if (name.length <= SHORT) return name
    return name
      .split(/\s+/)
      .map(word => [...word][0])
      .slice(0, SHORT)
      .join('')
  })

  const ask = useFromServer()
  /** Names are told where they are known; a page does without them. */
  async function load() {
    try {
      const who = await ask<Who>('/api/who')
      people.value = who.people
      mine.value = who.mine
      loaded.value = true
    } catch {
      loaded.value = false
    }
  }
  /** @throws the refusal of the server */
  async function say(person: string | null) {
    mine.value = (await sendWrite<{ mine: string | null }>('PUT', '/api/who', { person })).mine
  }
  /** Adds a name, or changes one. @returns its id @throws the refusal of the server */
  async function name(words: string, id = newId()) {
    const person = await sendWrite<Person>('PUT', `/api/people/${id}`, { name: words })
    people.value = [...people.value.filter(p => p.id !== id), person].sort((a, b) => a.name.localeCompare(b.name))
    return id
  }
  /** @throws the refusal of the server */
  async function remove(id: string) {
    await $fetch(`/api/people/${id}`, { method: 'DELETE', body: {}, retry: 0 })
    people.value = people.value.filter(p => p.id !== id)
    if (mine.value === id) mine.value = null
  }
  return { people, mine, loaded, nameOf, myName, initials, load, say, name, remove }
})
