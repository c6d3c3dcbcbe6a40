<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import type { Classroom } from '@/shared/api/generated/http'

const props = defineProps<{ classes: readonly Classroom[]; open: number | null; adding: boolean }>()
const emit = defineEmits<{ open: [id: number]; add: [name: string]; invite: [name: string] }>()
const name = ref('')
const colleague = ref('')
const groups = computed(() =>
  [
    { title: say('people.classes'), items: props.classes.filter(({ archived }) => !archived) },
    { title: say('people.archived'), items: props.classes.filter(({ archived }) => archived) },
  ].filter(({ items }) => items.length > 0),
)

function add() {
  if (name.value.trim()) emit('add', name.value)
  name.value = ''
}
function invite() {
  if (colleague.value.trim()) emit('invite', colleague.value)
  colleague.value = ''
}
</script>

<template>
  <nav class="flex min-h-0 flex-col overflow-auto border-r border-line" :aria-label="say('people.classes')">
    <section v-for="group in groups" :key="group.title">
      <h2 class="px-4 pt-3 pb-1 text-sm text-soft">{{ group.title }}</h2>
      <button
        v-for="item in group.items"
        :key="item.id"
        type="button"
        class="flex min-h-12 w-full cursor-pointer items-center gap-3 border-l-3 px-4 text-left hover:text-violet"
        :class="item.id === open ? 'border-violet bg-wash font-bold' : 'border-transparent'"
        :aria-current="item.id === open"
        @click="$emit('open', item.id)"
      >
        <span class="grow">{{ item.name }}</span><span class="code">{{ item.trainees.length }}</span>
      </button>
    </section>
    <form class="p-4" @submit.prevent="add">
      <label class="block"
        ><span class="mb-1 block text-sm">{{ say('people.a-new-class') }}</span>
        <input
          v-model="name"
          class="field"
          maxlength="80"
          :placeholder="say('people.tuesday-evening-first-year')"
          :class="adding ? 'border-2 border-violet' : ''"
          data-test="new-class"
      /></label>
      <button type="submit" class="btn mt-2" :disabled="!name.trim()">{{ say('people.make-the-class') }}</button>
    </form>
    <form class="mt-auto border-t border-line p-4" @submit.prevent="invite">
      <label class="block"
        ><span class="mb-1 block text-sm">{{ say('people.another-instructor') }}</span>
        <input v-model="colleague" class="field" maxlength="60" :placeholder="say('shared.name')" data-test="invite"
      /></label>
      <button type="submit" class="btn mt-2" :disabled="!colleague.trim()">{{ say('people.invite') }}</button>
    </form>
  </nav>
</template>
