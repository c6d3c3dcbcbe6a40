<script setup lang="ts">
/** One page of keys, with the ways of the mouse and of the finger beside. `markKeys`: what the keys of tape or sleeve do. */
const props = defineProps<{ markKeys: string }>()
defineEmits<{ close: [] }>()

const WAYS: [what: string, key: string, hand: string][] = [
  ['Take an end in hand, or put it down', 'a b c …', 'tap it'],
  ['Take all ends that look the same', 'Alt+A …', 'tap it twice'],
  ['Land what is in hand', '1 2 3 …', 'tap the place, or drag the end there'],
  ['Take up what is under a screw', '1 2 3 …', 'tap it with an empty hand'],
  ['Join in a connector of the tray', 'Shift+A B D E F', 'tap the connector'],
  ['A pigtail from a connector or a screw', 'Shift+P', 'tap it, then pigtail'],
  ['Cap', 'Shift+C', 'tap cap, or drag there'],
  [props.markKeys, 'Shift+H N G', 'tap the tape or sleeve'],
  ['Take off: what is in hand comes loose', 'Backspace', 'tap take off'],
  ['Put everything down', 'Esc', 'tap put down'],
  ['Next box on that side', 'arrows', 'tap the box on the board'],
  ['Through the ends in cable order', 'Tab', ''],
  ['Undo, redo', 'Ctrl+Z, Ctrl+Shift+Z', 'tap Undo, Redo'],
]
</script>

<template>
  <section
    class="absolute right-4 bottom-20 z-20 max-h-[80%] w-2xl max-w-full overflow-auto border border-ink bg-paper p-4"
    aria-label="Keys"
    tabindex="0"
  >
    <div class="mb-2 flex items-center justify-between">
      <h2 class="font-bold">Keys, mouse and finger</h2>
      <button type="button" class="btn px-3" @click="$emit('close')">Close</button>
    </div>
    <table class="w-full text-left text-sm">
      <thead>
        <tr class="border-b border-ink">
          <th scope="col" class="py-1 pr-3">To</th>
          <th scope="col" class="pr-3">Key</th>
          <th scope="col">Mouse or finger</th>
        </tr>
      </thead>
      <tbody class="divide-y divide-line">
        <tr v-for="[what, key, hand] in WAYS" :key="what">
          <th scope="row" class="py-1 pr-3 font-normal first-letter:uppercase">{{ what }}</th>
          <td class="code pr-3 whitespace-nowrap">{{ key }}</td>
          <td>{{ hand }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
