<script setup lang="ts">
import StarterKit from '@tiptap/starter-kit'
import { EditorContent, useEditor } from '@tiptap/vue-3'
import { computed, useId, watch, watchEffect } from 'vue'

/** Text with a little form. What is kept of it is for the server to say. */
const props = defineProps<{ label: string; error?: string | undefined; note?: string | undefined }>()
const model = defineModel<string>({ required: true })
const id = useId()

const editor = useEditor({
  // Its style sheet would be an inline one, which the page's policy forbids; ours has what is needed of it.
  injectCSS: false,
  content: model.value,
  extensions: [
    StarterKit.configure({
      code: false,
      codeBlock: false,
      horizontalRule: false,
      strike: false,
      underline: false,
      heading: { levels: [3] },
    }),
  ],
  onUpdate: ({ editor: changed }) => (model.value = changed.isEmpty ? '' : changed.getHTML()),
})

watch(model, (html) => {
  if (editor.value && html !== (editor.value.isEmpty ? '' : editor.value.getHTML()))
    editor.value.commands.setContent(html, { emitUpdate: false })
})

watchEffect(() =>
  editor.value?.setOptions({
    editorProps: {
      attributes: {
        class: 'rich-entry',
        role: 'textbox',
        'aria-multiline': 'true',
        'aria-labelledby': id,
        dir: 'auto',
        ...(props.error ? { 'aria-invalid': 'true' } : {}),
        ...(props.error || props.note ? { 'aria-describedby': `${id}-said` } : {}),
      },
    },
  }),
)

const tools = computed(() => [
  {
    name: 'Bold',
    mark: 'B',
    isOn: editor.value?.isActive('bold'),
    run: () => editor.value?.chain().focus().toggleBold().run(),
  },
  {
    name: 'Italic',
    mark: 'I',
    isOn: editor.value?.isActive('italic'),
    run: () => editor.value?.chain().focus().toggleItalic().run(),
  },
  {
    name: 'Heading',
    mark: 'H',
    isOn: editor.value?.isActive('heading'),
    run: () => editor.value?.chain().focus().toggleHeading({ level: 3 }).run(),
  },
  {
    name: 'List',
    mark: '•',
    isOn: editor.value?.isActive('bulletList'),
    run: () => editor.value?.chain().focus().toggleBulletList().run(),
  },
])
</script>

<template>
  <div>
    <div class="mb-1 flex items-baseline justify-between gap-4">
      <span :id="id" class="font-medium">{{ props.label }}</span>
      <div role="toolbar" :aria-label="`Form of: ${props.label}`" class="flex gap-1">
        <button
          v-for="tool in tools"
          :key="tool.name"
          type="button"
          class="min-h-7 min-w-7 text-sm text-sea"
          :class="{ 'bg-sheet font-bold': tool.isOn }"
          :aria-label="tool.name"
          :aria-pressed="tool.isOn === true"
          @click="tool.run"
        >
          {{ tool.mark }}
        </button>
      </div>
    </div>
    <EditorContent v-if="editor" :editor="editor" />
    <p v-if="props.error" :id="`${id}-said`" class="mt-1 text-sm text-wrong" role="alert">{{ props.error }}</p>
    <p v-else-if="props.note" :id="`${id}-said`" class="mt-1 text-sm text-pencil">{{ props.note }}</p>
  </div>
</template>
