<script setup lang="ts">
/** `markKeys`: what the keys of tape or sleeve do, in the region's words. */
const props = defineProps<{ markKeys: string }>()
defineEmits<{ close: [] }>()

const KEYS: [string, string][] = [
  ['a b c …', 'take that end in hand, or put it down'],
  ['1 2 3 …', 'land what is in hand there; with an empty hand, take up what is there'],
  ['A B D E F', 'join what is in hand in that connector of the tray'],
  ['C', 'cap the ends in hand'],
  ['H N G', props.markKeys],
  ['Backspace', 'take off: the ends in hand come loose'],
  ['Esc', 'put everything down'],
  ['Arrows', 'go to the next box on that side'],
  ['Tab', 'go through the ends in cable order'],
  ['Ctrl+Z, Ctrl+Shift+Z', 'undo, redo'],
]
</script>

<template>
  <section class="absolute right-4 bottom-20 z-20 w-md border-2 border-ink bg-paper p-4" aria-label="Keys">
    <div class="mb-2 flex items-center justify-between">
      <h2 class="font-bold">Keys</h2>
      <button type="button" class="btn px-3" @click="$emit('close')">Close</button>
    </div>
    <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
      <template v-for="[key, what] in KEYS" :key="key">
        <dt class="code">{{ key }}</dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
  </section>
</template>
